<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

use Transmuta\Formula\Line;
use Transmuta\Intake\HeatWords;
use Transmuta\Shelf\Ingredient;

/**
 * What is done to a layer, from the words of the steps that speak of it and from what it holds. Only what is said is taken: "whip to stiff
 * peaks", "bake at 160 °C", "stir until it coats a spoon"; where nothing is said, nothing is.
 */
final class TreatmentGuess
{
    /** Classes that thicken when they boil, that are beaten to hold air, that must be melted, and that only sweeten or season. */
    private const STARCHES = ['starch', 'custard-powder', 'pudding-mix', 'wheat-flour', 'gf-flour', 'pulse-flour'];
    private const CREAMS = ['whipping-cream', 'plant-whipping-cream', 'pouring-cream', 'plant-pouring-cream', 'cultured-cream', 'rich-cream', 'soft-cheese', 'plant-cheese', 'nut-cream', 'sweet-topping', 'sweet-protein'];
    private const MILKS = ['milk', 'plant-milk', 'milk-powder', 'condensed-milk', 'evaporated-milk', 'plant-condensed', 'coconut-milk'];
    private const MELTED = ['gelatin', 'gel-agent', 'cocoa-butter', 'marshmallow', 'milk-caramel', 'brittle-caramel', 'coconut-fat'];
    private const BESIDE = ['vanilla', 'extract'];
    /** Minutes; "boil for 4 hours" is a tin of milk in its water. */
    private const LONGEST_BOIL = 120;

    /**
     * @param list<string> $steps of this layer, in order
     * @param list<Line> $lines of this layer
     * @param list<Ingredient> $of what each of them is
     * @param string $whole the whole method, where an oven's heat may stand in another step
     *
     * @return array{string, string}|null the treatment in the words of the text form, and the words it is taken from
     */
    public static function of(array $steps, array $lines, array $of, string $whole): ?array
    {
        $hasEgg = self::any($of, static fn(Ingredient $in): bool => $in->group === 'egg' && $in->composition->of100('water') > 30.0);
        $hasStarch = self::any($of, static fn(Ingredient $in): bool => $in->isFlour() || \in_array($in->class, self::STARCHES, true));
        // Cream whipped on its own and folded in is said on its line.
        $isFolded = array_filter($lines, static fn(Line $line): bool => $line->has('whipped')) !== [];
        // A curd that was bought is no crumb.
        $isCrumb = self::any($of, static fn(Ingredient $in): bool => ($in->group === 'base' && !str_starts_with($in->class, 'ready-')) || $in->class === 'oats') && !$hasEgg;
        $found = [];
        foreach ($steps as $step) {
            foreach (preg_split('/(?<=[.;!])\s+|,\s*then\s+|\s+and\s+then\s+|,\s*(?=(?:churn|freeze|bake)\b)/u', mb_strtolower($step)) ?: [] as $said) {
                $one = self::one($said, $hasEgg, $hasStarch, $isCrumb, $whole, $of);
                if ($one !== null && $one['kind'] === 'whip' && $isFolded && preg_match('/\bfold\w*\b/u', $said) === 1) {
                    continue;
                }
                if ($one !== null && ($found === [] || $found[\count($found) - 1]['kind'] !== $one['kind'])) {
                    $found[] = $one;
                }
            }
        }
        // "1/2 cup heavy cream, whipped": a layer of nothing but cream, said on its line.
        if ($found === [] && $isFolded && array_filter($of, static fn(Ingredient $in, int $i): bool => !$lines[$i]->has('whipped') && !\in_array($in->group, ['sugar', 'sweetener'], true) && !\in_array($in->class, self::BESIDE, true) && $in->composition->of100('salt') < 50.0, ARRAY_FILTER_USE_BOTH) === []) {
            $found[] = ['kind' => 'whip', 'words' => 'whip', 'said' => 'whipped'];
        }
        // What is cooked to thicken is not boiled as well; what is baked was cooked only if it was said to thicken first.
        $kinds = array_column($found, 'kind');
        $kept = [];
        foreach ($found as $at => $one) {
            $isLater = \in_array($one['kind'], \array_slice($kinds, 0, $at), true);
            $isPast = ($one['kind'] === 'melt' && array_intersect($kinds, ['cook', 'boil', 'bake', 'whip']) !== []) || ($one['kind'] === 'boil' && \in_array('cook', $kinds, true) && !$hasStarch) || ($one['kind'] === 'cook' && \in_array('boil', $kinds, true) && $hasStarch);
            if (!$isLater && !$isPast) {
                $kept[] = $one;
            }
        }
        // Whipping stands before the oven and the freezer, whatever order the sentences had.
        usort($kept, static fn(array $a, array $b): int => self::place($a['kind']) <=> self::place($b['kind']));
        if ($kept === []) {
            return null;
        }

        return [implode('; ', array_unique(explode('; ', implode('; ', array_column($kept, 'words'))))), implode('”, “', array_map(static fn(array $one): string => $one['said'], $kept))];
    }

    /**
     * How far a layer is boiled down: "reduced to half", "reduce by a third".
     *
     * @param list<string> $steps
     *
     * @return array{float, string}|null share of its mass that leaves as steam, and the words
     */
    public static function reduced(array $steps): ?array
    {
        if (preg_match('/\breduc\w*\s+(?:it\s+|down\s+)?(to|by)\s+(?:about\s+)?(?:its\s+)?(half|a\s+third|one[\s-]third|two[\s-]thirds|a\s+quarter|three[\s-]quarters)/iu', implode(' ', $steps), $m) !== 1) {
            return null;
        }
        $share = match (preg_replace('/[\s-]+/', ' ', mb_strtolower($m[2]))) {
            'half' => 0.5,
            'a third', 'one third' => 1 / 3,
            'two thirds' => 2 / 3,
            'a quarter' => 0.25,
            default => 0.75,
        };

        return [mb_strtolower($m[1]) === 'by' ? $share : 1.0 - $share, $m[0]];
    }

    /**
     * @param list<Ingredient> $of
     * @param callable(Ingredient): bool $is
     */
    private static function any(array $of, callable $is): bool
    {
        return array_filter($of, $is) !== [];
    }

    private static function place(string $kind): int
    {
        return ['melt' => 0, 'cook' => 1, 'boil' => 1, 'whip' => 2, 'bake' => 3, 'freeze' => 4][$kind] ?? 0;
    }

    /**
     * @param list<Ingredient> $of
     *
     * @return array{kind: string, words: string, said: string}|null
     */
    private static function one(string $said, bool $hasEgg, bool $hasStarch, bool $isCrumb, string $whole, array $of): ?array
    {
        $quote = static fn(string $pattern): string => preg_match('/.{0,18}(?:' . $pattern . ').{0,22}/u', $said, $m) === 1 ? trim($m[0]) : '';
        $said = HeatWords::inMinutes($said);
        // "Heat all to 83": degrees of a mass, said without the word.
        $celsius = HeatWords::heat($said) ?? (preg_match('/\b(?:heat|cook|bring)\b[^.;]{0,30}\bto\s+([6-9]\d)\b(?!\s*(?:g|kg|ml|min|mins|minutes?|s|sec\w*|%)\b)/u', $said, $to) === 1 ? (float) $to[1] : null);
        $minutes = preg_match('/(\d+)(?:\s*(?:-|–|to)\s*(\d+))?\s*(mins?|minutes?|hours?|hrs?|h)\b/u', $said, $t) === 1 ? ($t[2] !== '' ? ((int) $t[1] + (int) $t[2]) / 2 : (int) $t[1]) * (str_starts_with($t[3], 'h') ? 60 : 1) : null;
        $time = $minutes === null ? '' : \sprintf(' %g min', min($minutes, 600));
        if (preg_match('/\b(?:freeze|churn|ice[\s-]cream\s+maker)\b/u', $said) === 1 && preg_match('/\b(?:over\s*night|until\s+(?:firm|frozen|solid|hard|set)|hours?|hrs|churn|ice)\b/u', $said) === 1 && !preg_match('/\bor\s+freeze|can\s+be\s+frozen|freezes?\s+well|freeze\s+for\s+up\s+to\b/u', $said)) {
            return ['kind' => 'freeze', 'words' => 'freeze -18 C', 'said' => $quote('freeze|churn')];
        }
        // "Cook 20 min at 170 °C" is an oven's heat, and no pan's.
        $said = (string) preg_replace('/\bcook(?:ed)?\b(?=[^.;]{0,30}\b(?:1[4-9]\d|2[0-4]\d)\s*(?:°|º|c\b|degrees))/u', 'bake', $said);
        if (preg_match('/\b(?:bake|baked|roast|in\s+the\s+(?:preheated\s+)?oven|steam)\b/u', $said) === 1 && preg_match('/\bno[\s-]bake|un-?baked|baking\s+(?:sheet|tray|paper|parchment|beans)\b/u', preg_replace('/(?<!no[\s-])\b(?:then\s+)?bake\b.*/u', '', $said) ?? $said) !== 1) {
            // The heat of this sentence, or the one the oven was set to further up.
            $in = $celsius !== null ? $said : mb_strtolower($whole);
            $kind = HeatWords::oven(HeatWords::stated($in));
            $oven = $kind[0] ?? HeatWords::heat($in) ?? 160.0;
            if ($oven >= 80.0 && $oven <= 260.0) {
                return ['kind' => 'bake', 'words' => 'bake ' . ($kind === null ? \sprintf('%d C', round($oven)) : $kind[1]->words(round($oven))) . $time, 'said' => $quote('bake|roast|oven|steam')];
            }
        }
        if (!$isCrumb && preg_match('/\bpeaks?\b|\b(?:whip|whipped|whisk|beat)\b.{0,60}\b(?:until|till|to)\b.{0,30}\b(?:stiff|thick|pale|fluffy|light|airy|doubled|tripled|volume|mousse|ribbon|firm|glossy)|\bwhip(?:ped|ping)?\b(?!\s*(?:ing)?\s*cream\s+(?:cheese)?\s*(?:,|into|in\s+a\s+pan|and\s+(?:milk|sugar)\s+to))|\baerate\b/u', $said) === 1
            && self::any($of, static fn(Ingredient $in): bool => $in->does('foam-overrun') > 0.0 || \in_array($in->group, ['egg', 'protein'], true) || \in_array($in->class, self::CREAMS, true))
            // "Top with whipped cream" speaks of the top, not of what is under it.
            && (preg_match('/\b(?:top|topped|garnish|decorate|finish|serve|dollop)\b[^.;]*\bwhipped\s+(?:\w+\s+)?cream/u', $said) !== 1 || \count($of) <= 3) && preg_match('/\bwhipp(?:ed|ing)\s+cream\s+(?:to\s+serve|on\s+the\s+side)|serve\s+with\s+whipped/u', $said) !== 1) {
            // Yolks whisked over steam to a heat are cooked by it.
            if ($hasEgg && $celsius !== null && $celsius >= 60.0 && $celsius <= 95.0) {
                return ['kind' => 'cook', 'words' => \sprintf('cook to %d C stirred; whip', round($celsius)), 'said' => $quote('\d+\s*°?\s*[cf]\b')];
            }

            return ['kind' => 'whip', 'words' => 'whip', 'said' => $quote('peaks?|whip\w*|whisk|beat|aerate')];
        }
        $thickens = preg_match('/\b(?:thicken(?:s|ed)?|until\s+thick|coats?\s+the\s+back|coating|napp[eé]|curd|custard)\b|\b(?:spoon)\b/u', $said) === 1;
        if ($hasStarch && preg_match('/\b(?:boil|boiling|boils|simmer|bubbl\w+|thicken\w*|until\s+thick)\b/u', $said) === 1 && preg_match('/\bboil(?:ing|ed)?\s+water\b|pan\s+of\s+(?:barely\s+|gently\s+)?(?:simmering|boiling)/u', $said) !== 1) {
            return ['kind' => 'boil', 'words' => \sprintf('boil %s min stirred', $minutes !== null && $minutes <= self::LONGEST_BOIL ? \sprintf('%g', $minutes) : '2'), 'said' => $quote('boil\w*|simmer|bubbl\w*|thick\w*')];
        }
        if ($hasEgg && !$isCrumb && (($celsius !== null && $celsius >= 60.0 && $celsius <= 95.0) || ($thickens && preg_match('/\b(?:cook|stir|heat|whisk|simmer|bain|double\s+boiler|return|low|gentl\w+|medium)\b/u', $said) === 1))) {
            return ['kind' => 'cook', 'words' => \sprintf('cook to %d C stirred', round($celsius !== null && $celsius >= 60.0 && $celsius <= 95.0 ? $celsius : 82.0)), 'said' => $quote('thick\w*|coats?|curd|custard|\d+\s*°?\s*[cf]\b|spoon')];
        }
        // Rice cooked in its milk for so long is boiled.
        if (self::any($of, static fn(Ingredient $in): bool => $in->class === 'pudding-grain') && $minutes !== null && $minutes >= 8.0 && preg_match('/\bcook/u', $said) === 1) {
            return ['kind' => 'boil', 'words' => \sprintf('boil %g min stirred', min($minutes, self::LONGEST_BOIL)), 'said' => $quote('cook\w*')];
        }
        if (!$isCrumb && preg_match('/\bmake\s+an?\s+(?:dry\s+|wet\s+)?caramel\b|\bcaramelise\s+(?:the\s+)?sugar|\b(?:bring|brought|come)\b.{0,40}\b(?:to\s+(?:the|a)\s+)?(?:rolling\s+|gentle\s+|full\s+)?boil\b|\b(?:boil|simmer|bubble|cook)\b.{0,50}\bto\s+(?:an?\s+)?(?:deep|dark|light|pale|golden|amber|rich)?\s*(?:amber|caramel|gold)|\b(?:boil|simmer|bubble)\b.{0,70}\b(?:for|until|\d+\s*min)/u', $said) === 1 && preg_match('/\bpan\s+of\s+(?:simmering|boiling)|simmering\s+water/u', $said) !== 1) {
            $set = self::any($of, static fn(Ingredient $in): bool => $in->class === 'gelatin' || \in_array($in->class, [...self::CREAMS, ...self::MILKS], true)) && !self::any($of, static fn(Ingredient $in): bool => $in->group === 'fruit' || $in->class === 'gel-agent') && $minutes === null;

            return $set ? ['kind' => 'melt', 'words' => 'melt', 'said' => $quote('boil|simmer')] : ['kind' => 'boil', 'words' => \sprintf('boil %s min stirred', $minutes !== null && $minutes <= self::LONGEST_BOIL ? \sprintf('%g', $minutes) : '2'), 'said' => $quote('boil|simmer')];
        }
        if (!$isCrumb && preg_match('/\b(?:melt|melted|dissolve[sd]?|warm(?:ed)?|heat|scald|simmering|steaming|pour\s+(?:the\s+)?hot)\b/u', $said) === 1 && self::any($of, static fn(Ingredient $in): bool => $in->group === 'chocolate' || \in_array($in->class, self::MELTED, true))) {
            return ['kind' => 'melt', 'words' => 'melt', 'said' => $quote('melt\w*|dissolve\w*|warm\w*|heat|scald|simmering|steaming|hot')];
        }
        // A heat that is stated is that heat, whether or not anything in it sets by it.
        if (!$isCrumb && $celsius !== null && $celsius >= 60.0 && $celsius <= 95.0 && preg_match('/\b(?:cook|heat|warm|bring|stir|pasteuri[sz]e)\b.{0,60}\b(?:to|until|till|reaches|at)\b/u', $said) === 1) {
            return ['kind' => 'cook', 'words' => \sprintf('cook to %d C stirred', round($celsius)), 'said' => $quote('\d+\s*°?\s*[cf]\b')];
        }

        return null;
    }
}
