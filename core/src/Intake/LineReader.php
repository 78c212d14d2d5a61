<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Confidence;
use Transmuta\Formula\Line;
use Transmuta\Intake\Language\PageLanguage;
use Transmuta\Intake\Production\Part;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/**
 * Reads one ingredient line to grams, with the trace of how. A line may hold several: {@see lines} gives them all. The way: productions
 * part it, the amounts are taken out of each part, what is left is the name, and the weigher brings both together.
 */
final class LineReader
{
    public const LONGEST = 400;

    private ?LineTools $tools = null;

    /** @param string $leaf the bloom a leaf of gelatin is taken to be of where no line says */
    public function __construct(private readonly Shelf $shelf, private readonly Reference $reference, private readonly Matcher $matcher, private readonly string $leaf = 'gold') {}

    private function tools(): LineTools
    {
        return $this->tools ??= new LineTools($this->shelf, new Units($this->reference), $this->matcher, $this->leaf);
    }

    /**
     * The id itself, once the shelf is known to hold it.
     *
     * @throws \Transmuta\Shelf\UnknownIngredient if it does not
     */
    public function known(string $id): string
    {
        return $this->shelf->get($id)->id;
    }

    /**
     * @param list<Line> $lines understood ones
     *
     * @return list<Ingredient>
     */
    public function ingredients(array $lines): array
    {
        return array_map(fn(Line $line): Ingredient => $this->shelf->get((string) $line->ingredient), $lines);
    }

    /** The id a name surely means; null where it means nothing or only may. */
    public function ingredientNamed(string $name): ?string
    {
        $found = $this->matcher->find($name);

        return $found->confidence === Confidence::Guess ? null : $found->id;
    }

    /**
     * Ids a name may mean, likeliest first.
     *
     * @return list<string>
     */
    public function candidates(string $name, UnitSystem $system = UnitSystem::Metric): array
    {
        $found = $this->matcher->find($name, $system);

        return array_values(array_unique([...($found->id === null ? [] : [$found->id]), ...$found->suggestions]));
    }

    /** A name that is read back as just this ingredient. */
    public function nameOf(string $id, UnitSystem $system): string
    {
        return $this->matcher->nameOf($id, $system);
    }

    /**
     * The language of a page, where it is another than English and known.
     *
     * @param list<string> $rows
     */
    public function language(array $rows): ?PageLanguage
    {
        return PageLanguage::of($rows, fn(string $id): string => $this->nameOf($id, UnitSystem::Metric));
    }

    /** The first of what a line holds. */
    public function read(string $text, UnitSystem $system, int $number = 0): Line
    {
        return $this->lines($text, $system, $number)[0];
    }

    /**
     * @param ?string $as what it is read as, where that is not what is written: "flour 250 g" for "flour 250"
     *
     * @return non-empty-list<Line> everything the line holds, each under the words it was written in
     */
    public function lines(string $text, UnitSystem $system, int $number = 0, ?string $as = null): array
    {
        $plain = $this->cleaned($as ?? $text);
        if (mb_strlen($plain) > self::LONGEST) {
            return [Line::notUnderstood($text, 'The line is longer than 400 characters; give each ingredient a line of its own.', [], $number)];
        }
        if (preg_match('/^-\s*\d/', $plain) === 1 || preg_match('/^-\d/', mb_strtolower(Numbers::plain(ltrim($text)))) === 1) {
            return [Line::notUnderstood($text, 'A mass cannot be negative; write the amount without a minus sign.', [], $number)];
        }
        try {
            // "2 cups moon sugar → caster sugar": what a cook has said it is; the words stay as they were.
            if (preg_match('/^(.*?)\s*(?:->|=>|→)\s*(.+)$/u', $plain, $said) === 1) {
                return [$this->told($text, $said[1], $said[2], $system, $number)];
            }
            $lines = [];
            foreach ($this->parts(new Part($this->masked($plain)), $system, 0) as $part) {
                $lines[] = $this->one($text, $part, $system, $number);
            }

            return $lines === [] ? [Line::notUnderstood($text, 'Nothing could be read here; write it like "120 g lemon juice".', [], $number)] : $lines;
        } catch (Nonsense $nonsense) {
            return [Line::notUnderstood($text, 'That amount cannot be right: ' . $nonsense->mend . '.', [], $number)];
        }
    }

    /** A line whose reader was told what it is: the name after the arrow, with its own amount or that before it. */
    private function told(string $text, string $words, string $is, UnitSystem $system, int $number): Line
    {
        $is = $this->masked($is);
        $own = $this->split($is, $system);
        $read = $own['quantity'] === null ? $this->split($this->masked($words), $system) : $own;
        if ($read['quantity'] === null) {
            return $this->withoutAmount($text, $own['phrase'], $system, $number);
        }

        return $this->tools()->weigher->weigh($text, $read['quantity'], $read['brackets'], $own['phrase'], $system, $number);
    }

    /** @return list<Part> */
    private function parts(Part $line, UnitSystem $system, int $depth): array
    {
        if ($depth > 6) {
            return [$line];
        }
        foreach ($this->tools()->productions as $production) {
            $parts = $production->parts($line, $system);
            if ($parts !== null && !(\count($parts) === 1 && $parts[0]->text === $line->text)) {
                return array_merge(...array_map(fn(Part $part): array => $this->parts($part, $system, $depth + 1), $parts));
            }
        }

        return [$line];
    }

    /** Bullets, emphasis, entities, footnote marks and asides (`core/data/intake/phrases.csv`) gone; a capital T is a tablespoon where a small one is a teaspoon. */
    private function cleaned(string $text): string
    {
        $text = html_entity_decode(strip_tags($text), \ENT_QUOTES | \ENT_HTML5);
        $text = preg_replace('/^\s*(?:\[[ x]?\]|[☐☑✓✔▢□•·▪◦*\-–—>]+|\(?\d{1,2}\)|\d{1,2}\.(?=\s))\s*(?=\S)/u', '', $text) ?? $text;
        $plain = preg_replace('/(^|[\d\/½¼¾⅓⅔]\s?)T\.?(?=\s)/u', '$1 tbsp', str_replace(['**', '__', '*', '†', '‡'], '', $text)) ?? $text;
        $plain = mb_strtolower(Numbers::plain($plain));
        foreach ($this->tools()->phrases as $pattern => $becomes) {
            $plain = preg_replace($pattern, $becomes, $plain) ?? $plain;
        }

        return rtrim(trim($plain), ' .;,');
    }

    /** Names with "and" or "of" in them, or that begin like a container ("stem ginger"), are one word to everything that parts a line. */
    private function masked(string $plain): string
    {
        foreach ($this->matcher->joinedNames($this->tools()->quantities->containers) as $name) {
            if (str_contains($plain, $name)) {
                $plain = preg_replace('/(?<![\w])' . preg_quote($name, '/') . '(?![\w])/u', str_replace(' ', '_', $name), $plain) ?? $plain;
            }
        }

        return $plain;
    }

    private function one(string $text, Part $part, UnitSystem $system, int $number): Line
    {
        $read = $this->split($part->text, $system);
        if ($part->estimate !== null) {
            // The same thing again, without the amount it had before.
            $quantity = new Quantity('mass', $part->estimate, \sprintf('%s grams', Numbers::words($part->estimate)), unit: 'gram');

            $of = FruitParts::of($read['phrase']);

            return $this->tools()->weigher->weigh($text, $quantity, [], $of === null || $of['fruit'] === '' ? $read['phrase'] : $of['fruit'] . ' ' . $of['part'], $system, $number, 'an estimate: ' . $part->note);
        }
        if ($read['quantity'] === null) {
            return $this->withoutAmount($text, $read['phrase'], $system, $number);
        }
        $line = $this->tools()->weigher->weigh($text, $read['quantity'], $read['brackets'], $read['phrase'], $system, $number);
        if ($part->isUsual && $line->ingredient !== null) {
            $line = $line->atMost(Confidence::Likely);
        }

        return $part->note === '' || $line->ingredient === null ? $line : $line->traced($line->trace . '; ' . $part->note);
    }

    /**
     * The amount a part states, the amounts in its brackets, and what is left: the name.
     *
     * @return array{quantity: ?Quantity, brackets: list<Quantity>, phrase: string}
     */
    private function split(string $plain, UnitSystem $system): array
    {
        $brackets = [];
        $bare = preg_replace_callback('/[(\[]([^()\[\]]*)[)\]]/u', function (array $m) use (&$brackets, $system): string {
            $said = $this->tools()->quantities->bracket($m[1], $system);
            if ($said === null) {
                return preg_match('/^\s*(?:about|approx\.?|from|around)?\s*\d/u', $m[1]) === 1 && preg_match('/%|percent|bloom/u', $m[1]) !== 1 ? ' ' : $m[0];
            }
            $brackets[] = $said;

            return ' ';
        }, $plain) ?? $plain;
        $bare = trim(preg_replace('/\s+/u', ' ', $bare) ?? $bare);
        $isStrength = preg_match('/^\d+(?:\.\d+)?\s*%/u', $bare) === 1;
        $first = $isStrength ? null : $this->tools()->quantities->take($bare, $system);
        if ($first === null && !$isStrength) {
            $first = $this->tools()->quantities->bare(preg_replace('/^(?:(?:an?|one)\s+)?(?:(?:good|small|large|big|generous|tiny|little)\s+)?/u', '', $bare) ?? $bare, $system);
        }
        if ($first !== null && preg_match('/[a-z]/u', $first['rest']) === 1) {
            [$phrase, $said] = $this->saidAfter($first['rest'], $system);

            return ['quantity' => $first['quantity'], 'brackets' => [...$brackets, ...$said], 'phrase' => $phrase];
        }
        $later = $this->later($bare, $system);
        if ($later !== null) {
            return ['quantity' => $later['quantity'], 'brackets' => $brackets, 'phrase' => $later['phrase']];
        }
        if ($brackets !== []) {
            return ['quantity' => array_shift($brackets), 'brackets' => $brackets, 'phrase' => $bare];
        }

        return ['quantity' => null, 'brackets' => [], 'phrase' => $bare];
    }

    /**
     * "a squeeze of lemon, about 1 tsp"; "2 limes, 60 ml juice": an amount said again after a comma.
     *
     * @return array{string, list<Quantity>}
     */
    private function saidAfter(string $phrase, UnitSystem $system): array
    {
        if (preg_match('/^(.+?)\s*[,-]\s+(?:about|approx\.?|around|ca\.?|weighing|total)\s+(.+)$/u', $phrase, $m) === 1) {
            $said = $this->tools()->quantities->bracket($m[2], $system);
            if ($said !== null) {
                return [$m[1], [$said]];
            }
        }
        if (preg_match('/^(.+?)\s*,\s*(\d[^,]*?)\s+each\b(.*)$/u', $phrase, $m) === 1) {
            $said = $this->tools()->quantities->bracket($m[2] . ' each', $system);
            if ($said !== null) {
                return [$m[1] . $m[3], [$said]];
            }
        }

        // "1 tin milk powder 200 g": what the packet holds, without a comma.
        if (preg_match('/^(.*[a-z])\s+(\d[\d.]*\s*(?:g|kg|ml|cl|l|oz|lbs?))$/u', $phrase, $m) === 1) {
            $said = $this->tools()->quantities->bracket($m[2], $system);
            if ($said !== null) {
                return [$m[1], [$said]];
            }
        }

        return [$phrase, []];
    }

    /**
     * An amount after the name: "Butter 115 g, softened", "eggs – 3", "juice of 2 lemons", "Sugar: 1 cup + 2 tbsp".
     *
     * @return array{quantity: Quantity, phrase: string}|null
     */
    private function later(string $plain, UnitSystem $system): ?array
    {
        if (preg_match_all('/(?<![\w%.\/])(?:\d|(?:an?|half|one|two|three|four|five|six|eight|ten|twelve|quarter|pinch|dash|scant|heaped)\b)/u', $plain, $found, \PREG_OFFSET_CAPTURE) === false) {
            return null;
        }
        foreach ($found[0] as [$word, $offset]) {
            $before = rtrim(substr($plain, 0, $offset));
            $taken = $this->tools()->quantities->take(substr($plain, $offset), $system);
            if ($taken === null || preg_match('/[a-z]/u', $before) !== 1) {
                continue;
            }
            $rest = trim($taken['rest']);
            $isCount = $taken['quantity']->kind === 'count' && $taken['quantity']->container === '';
            $isOf = preg_match('/\b(?:of|from)(?:\s+(?:about|the))?$/u', $before) === 1 || preg_match('/\b(?:juice|zest|rind|pulp)$/u', $before) === 1;
            if (preg_match('/^[a-z]/u', $word) === 1 && !$isOf && preg_match('/[,:(-]$/u', $before) !== 1 && !($taken['quantity']->container !== '' || $taken['quantity']->kind !== 'count')) {
                continue;
            }
            if ($isCount && !$isOf && $rest !== '' && preg_match('/^(?:,|;|-|\(|large|medium|small|extra|jumbo|whole|ripe|each|pcs?\b|pieces?\b|nos?\b|units?\b)/u', $rest) !== 1 && preg_match('/[,:-]$/u', $before) !== 1) {
                continue;
            }
            $before = preg_replace('/\s+x$/u', '', rtrim($before, ' -:,(=')) ?? $before;
            $rest = preg_replace('/^(?:pcs?|pieces?|nos?|units?|each)\b\.?/u', '', $rest) ?? $rest;

            return ['quantity' => $taken['quantity'], 'phrase' => trim($before . ($isOf || $rest === '' || preg_match('/^[,(;]/u', $rest) === 1 ? ' ' : ', ') . $rest, ' ,')];
        }

        return null;
    }

    private function withoutAmount(string $text, string $phrase, UnitSystem $system, int $number): Line
    {
        $purpose = preg_match('/\b(to taste|for\s+(?:dusting|sprinkling|rolling|sifting|greasing|the\s+(?:tin|pan|dish|mould|mold)|brushing|oiling|lining)|to\s+(?:dust|grease))\b/u', $phrase, $m) === 1 ? $m[1] : (preg_match('/^(?:a\s+)?(?:dusting|sprinkling)\b/u', $phrase) === 1 ? 'for dusting' : null);
        $found = $this->matcher->find($phrase, $system);
        if ($purpose !== null && $found->id !== null) {
            $grams = match (true) {
                $purpose === 'to taste' => isset($this->shelf->get($found->id)->units['pinch']) ? Figure::LineToTastePinches->number() * $this->shelf->get($found->id)->units['pinch'] : Figure::LineToTaste->number(),
                preg_match('/greas|tin|pan|dish|mould|mold|brush|oil|lin/u', $purpose) === 1 => Figure::LineGreasing->number(),
                default => Figure::LineDusting->number(),
            };

            return Line::of($found->id, $grams, $text, \sprintf('%s g, an estimate: %s', Numbers::words($grams), $purpose), $found->confidence->atMost(Confidence::Likely), [], false, $number)->doubting($found->doubt, $found->suggestions);
        }

        return Line::notUnderstood(
            $text,
            preg_match('/[a-z]/u', $phrase) !== 1 ? 'No ingredient could be read after the amount; write its name in English.' : ($found->id === null
                ? 'Neither an amount nor a known ingredient could be read; write it like "120 g lemon juice".'
                : 'No amount was given; write one before the name, such as "50 g".'),
            array_values(array_unique([...($found->id === null ? [] : [$found->id]), ...$found->suggestions])),
            $number,
        );
    }
}
