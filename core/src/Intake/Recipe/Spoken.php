<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

use Transmuta\Formula\Family;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Intake\Numbers;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Nature;
use Transmuta\Shelf\Tastes;

/** What a recipe's words say of the dish as a whole: its family, whose measures it was written with, how cold it is eaten. */
final class Spoken
{
    /**
     * @param list<Layer> $layers
     * @param list<list<Ingredient>> $of what the understood lines of each layer are
     *
     * @return array{Family, string}|null
     */
    public static function family(string $title, array $layers, array $of): ?array
    {
        $words = mb_strtolower($title . ' | ' . implode(' | ', array_map(static fn(Layer $layer): string => $layer->name, $layers)));
        $title = mb_strtolower($title);
        foreach ([
            'cheesecake' => Family::Cheesecake, 'curd|meringue pie|lemon bar|key lime|lime pie' => Family::Curd, 'mousse|parfait|semifreddo|souffl|fool|whip' => Family::Mousse,
            'custard|br[uû]l[eé]e|flan|caramel cream|cr[eè]me caramel|pudding|blancmange|pot de cr[eè]me|pots de cr[eè]me|kheer|firni|phirni|trifle|pumpkin pie|clafoutis|egg tart|custard tart|budino|basundi' => Family::Custard,
            'panna cotta|posset|bavarois|cream|slice|tiramis|shrikhand|syllabub' => Family::Cream,
        ] as $pattern => $family) {
            if (preg_match('/\b(?:' . $pattern . ')/u', $title, $m) === 1) {
                return [$family, \sprintf('the name says “%s”', $m[0])];
            }
        }
        foreach (['cheesecake' => Family::Cheesecake, 'curd' => Family::Curd, 'mousse' => Family::Mousse, 'custard|pudding' => Family::Custard] as $pattern => $family) {
            if (preg_match('/\b(?:' . $pattern . ')\b/u', $words, $m) === 1) {
                return [$family, \sprintf('a heading says “%s”', $m[0])];
            }
        }
        $grams = $all = 0.0;
        foreach ($layers as $n => $layer) {
            foreach (array_values($layer->understood()) as $i => $line) {
                $all += $line->grams;
                $grams += ($of[$n][$i] ?? null)?->is(Nature::CheesecakeBody) === true ? $line->grams : 0.0;
            }
        }

        return $all > 0.0 && $grams / $all > 0.3 ? [Family::Cheesecake, 'nearly a third of it or more is fresh cheese'] : null;
    }

    /** @return array{UnitSystem, string}|null */
    public static function measures(string $text): ?array
    {
        $text = mb_strtolower($text);
        $votes = $words = [];
        foreach ([
            'us' => '/°\s?f\b|\b\d{3}\s?f\b|\bheavy (?:whipping )?cream|\bconfectioners|\bpowdered sugar|\bcornstarch|\ball[- ]purpose|\bstick(?:s)? (?:of )?(?:unsalted |salted )?butter|\bgraham|\bhalf[- ]and[- ]half|\bgelatin\b|\bsemisweet|\bpackages?\b|\binch(?:es)?\b|\bunsweetened applesauce/u',
            'uk' => '/\bdouble cream|\bsingle cream|\bcaster|\bicing sugar|\bgas mark|\bdigestive|\bplain flour|\bcornflour|\bfan\b|\bsachets?\b|\btreacle|\bsoft cheese|\bpunnet|\bfl oz\b|\bsponge fingers/u',
            'au' => '/\bthickened cream|\bcopha|\bpouring cream|\bpure cream|(?<!bain[ -])\bmarie|\btim\b|\bplain sweet biscuits|\bdollop|\bcooking chocolate|\b20 ?ml tablespoon/u',
            'in' => '/\bmaida|\bkhoya|\bmawa|\bpaneer|\bdahi|\bmalai|\belaichi|\bgms?\b|\bcurd \(|\bhung curd|\bjaggery|\bbesan|\bsooji|\bghee|\bchenna|\bchhena/u',
        ] as $country => $pattern) {
            preg_match_all($pattern, $text, $m);
            $words[$country] = array_values(array_unique(array_map(trim(...), $m[0])));
            // A word only one country has says as much as two that several share.
            $votes[$country] = \count($words[$country]) * ($country === 'au' ? 2 : 1);
        }
        // Cups and inches without a gram or a millilitre are an American's.
        if (preg_match('/\d[\s½¼¾⅓⅔\/\d]*\s*cups?\b|[½¼¾⅓⅔]\s*cups?\b/u', $text, $cups) === 1 && preg_match('/\d\s*(?:g|gm|gms|grams?|kg|ml|cl|l|litres?)\b/u', $text) !== 1) {
            foreach ([$cups[0], preg_match('/\b\d{1,2}(?:-|\s)?(?:inch|in\.|")/u', $text, $inch) === 1 ? $inch[0] : null, preg_match('/\b\d+\s*(?:-\s*)?(?:oz|ounces?)\b/u', $text, $oz) === 1 ? $oz[0] : null] as $word) {
                if ($word !== null) {
                    ++$votes['us'];
                    $words['us'][] = $word;
                }
            }
        }
        arsort($votes);
        $best = array_key_first($votes);
        if ($votes[$best] < 2 || $votes[$best] === (array_values($votes)[1] ?? 0)) {
            return null;
        }

        return [UnitSystem::from($best), 'it says ' . implode(', ', array_map(static fn(string $w): string => '“' . trim($w) . '”', \array_slice($words[$best] ?? [], 0, 3)))];
    }

    /** @return array{int, string}|null how many small vessels or cuts it is parted into, and the words */
    public static function vessels(string $method): ?array
    {
        if (preg_match('/\b(?:cuts?|slices?|portion)\s+(?:it\s+)?into\s+(\d{1,2})\b(?!\s*(?:x|cm|mm|inch|"))/iu', $method, $m) === 1 && (int) $m[1] > 1) {
            return [(int) $m[1], $m[0]];
        }
        if (preg_match('/\b(?:into|between|among|in|over|to|fill)\s+(\d{1,2}|two|three|four|five|six|seven|eight|nine|ten|twelve)\s+(?:[\p{L}-]+\s+){0,3}?(?:cups?|glass(?:es)?|pots?|ramekins?|mou?lds?|jars?|bowls|dishes|verrines?|katoris?|kulhads?|matkas?|coupes?|tumblers?)\b/iu', $method, $m) !== 1) {
            return null;
        }
        $count = (int) (Numbers::take(mb_strtolower($m[1]))['value'] ?? 0);

        return $count > 1 ? [$count, $m[0]] : null;
    }

    /** @return array{float, string}|null °C it is eaten at, and the words */
    public static function serving(string $method): ?array
    {
        $plain = mb_strtolower($method);
        $last = implode(' ', \array_slice(preg_split('/(?<=[.!])\s+|\R/u', trim($plain)) ?: [], -6));
        if (preg_match('/\bserve[^.]{0,60}?(-?\d+)\s*°?\s*c\b/u', $plain, $m) === 1 && (float) $m[1] >= -25.0 && (float) $m[1] <= 80.0) {
            return [(float) $m[1], trim($m[0])];
        }
        foreach ([
            [-12.0, '/\b(?:serve|eat)[^.]{0,30}(?:from\s+(?:the\s+)?freez\w+|frozen)|\bremove\s+from\s+the\s+freezer[^.]{0,60}before\s+serv\w+/u'],
            [20.0, '/\bserve[^.]{0,40}\bat\s+room\s+temp\w*|\b(?:bring|come)\s+to\s+room\s+temp\w*[^.]{0,30}serv\w*/u'],
            [50.0, '/\bserve\s+(?:it\s+|immediately\s+|at\s+once\s+)?(?:hot|warm)\b|\bserve[^.]{0,20}\b(?:while\s+)?(?:still\s+)?(?:warm|hot)\b/u'],
            [6.0, '/\b(?:keep|store|thaw|defrost|transfer|move)\w*[^.]{0,40}\b(?:fridge|refrigerator)\b|\b(?:chill|refrigerat|fridge|cold)\w*[^.]{0,80}(?:hour|hrs?\b|\d\s?h\b|overnight|until|serv)|\bserve\s+(?:well\s+)?(?:chilled|cold)/u'],
        ] as [$celsius, $pattern]) {
            if (preg_match($pattern, $last, $m) === 1) {
                return [$celsius, trim(mb_strimwidth($m[0], 0, 60, '…'))];
            }
        }

        return preg_match('/\bfreez/u', $last) === 1 && preg_match('/\bfreeze[^.]{0,40}(?:overnight|hours|until\s+(?:firm|solid|frozen))/u', $last, $m) === 1 ? [-12.0, trim($m[0])] : null;
    }

    /**
     * The layer each step speaks of: by the heading it stands under, the layer's name, or its ingredients. A step that names none is of the
     * layer before it; one that names several, of each.
     *
     * @param list<array{text: string, heading: string}> $steps
     * @param list<Layer> $layers
     * @param list<list<Ingredient>> $of what the understood lines of each layer are
     *
     * @return array<int, list<string>> steps by place of the layer
     */
    public static function steps(array $steps, array $layers, array $of): array
    {
        $found = array_fill(0, \count($layers), []);
        if (\count($layers) === 1) {
            $found[0] = array_column($steps, 'text');

            return $found;
        }
        $names = array_map(static fn(Layer $layer): array => self::words($layer->name), $layers);
        $nouns = array_map(static fn(Layer $layer, array $in): array => array_map(self::nouns(...), array_values($layer->understood()), $in), $layers, $of);
        // What is said before anything is named is said of what there is most of.
        $masses = array_map(static fn(Layer $layer): float => array_sum(array_map(static fn(Line $line): float => $line->grams, $layer->lines)), $layers);
        arsort($masses);
        $last = (int) array_key_first($masses);
        foreach ($steps as $step) {
            $heading = self::words($step['heading']);
            foreach (preg_split('/(?<=[.;!])\s+/u', $step['text']) ?: [] as $sentence) {
                // "Pour over the base" speaks of what is poured.
                $said = self::words(preg_replace('/\b(?:over|onto|into|on|in|to|with|around|inside)\s+(?:top\s+of\s+)?(?:the|your|each|a)\s+(?:\w+\s+){0,2}?(?:base|bases|crust|shell|shells|case|cases|tin|pan|pie|tart|cake|glass|glasses|layer|filling|pastry|sponge|jelly|dish|mould|mold)\b/iu', ' ', $sentence) ?? $sentence);
                $scores = [];
                foreach ($layers as $n => $layer) {
                    $own = 0.0;
                    if ($heading !== [] && array_intersect($heading, $names[$n]) !== []) {
                        $own += 6.0;
                    }
                    $own += 4.0 * \count(array_intersect($names[$n], $said));
                    foreach ($nouns[$n] as $words) {
                        $named = array_intersect($words, $said);
                        if ($named !== []) {
                            $own += 1.0 / max(1, min(array_map(static fn(string $word): int => \count(array_filter($nouns, static fn(array $lines): bool => \in_array($word, array_merge(...$lines, ...[[]]), true))), $named)));
                        }
                    }
                    $scores[$n] = $own;
                }
                arsort($scores);
                $best = (int) array_key_first($scores);
                $last = $scores[$best] > 0.4 ? $best : $last;
                $found[$last][] = $sentence;
            }
        }

        return $found;
    }

    /**
     * The words a method calls an ingredient by: what it is of, the last word of what it is called and of what was typed, and what a whole class is called.
     *
     * @return list<string>
     */
    private static function nouns(Line $line, Ingredient $in): array
    {
        $last = static function (string $name): array {
            $words = self::words((string) preg_replace('/\([^)]*\)|,.*$|\d+\s*%.*$/u', '', $name));

            return $words === [] ? [] : [$words[\count($words) - 1]];
        };

        return array_values(array_unique([
            ...array_merge(...array_map(self::words(...), Tastes::of($in)), ...[[]]),
            ...$last($in->called()[0] ?? $in->name),
            ...$last($line->text),
            ...match (true) {
                $in->group === 'base' => ['biscuit'],
                $in->group === 'chocolate' => ['chocolate'],
                $in->class === 'gelatin' => ['gelatin'],
                \in_array($in->class, ['soft-cheese', 'curd-cheese', 'plant-cheese'], true) => ['cheese'],
                default => [],
            },
        ]));
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        $plain = preg_replace('/\p{Mn}+/u', '', \Normalizer::normalize(mb_strtolower($text), \Normalizer::FORM_D) ?: $text) ?? $text;
        $words = preg_split('/[^a-z]+/', $plain, -1, \PREG_SPLIT_NO_EMPTY) ?: [];
        $words = array_map(static fn(string $w): string => match (true) {
            \in_array($w, ['crust', 'base', 'bottom', 'cookies', 'cookie', 'biscuits', 'crackers', 'cracker', 'crumbs', 'crumb', 'wafers'], true) => $w === 'crust' || $w === 'base' || $w === 'bottom' ? 'base' : 'biscuit',
            $w === 'gelatine' => 'gelatin',
            \strlen($w) > 4 && str_ends_with($w, 'ies') => substr($w, 0, -3) . 'y',
            \strlen($w) > 3 && str_ends_with($w, 's') && !str_ends_with($w, 'ss') => substr($w, 0, -1),
            default => $w,
        }, $words);

        return array_values(array_unique(array_diff($words, ['the', 'for', 'and', 'of', 'a', 'to', 'layer', 'mixture', 'mix', 'with', 'in', 'until'])));
    }
}
