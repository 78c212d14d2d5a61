<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Formula\Confidence;
use Transmuta\Formula\Line;
use Transmuta\Formula\Nonsense;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Shelf;

/** Reads one ingredient line to grams, with the trace of how. */
final readonly class LineReader
{
    private const FORMS = ['melted', 'sifted', 'packed', 'chopped', 'ground', 'puree', 'flakes', 'mashed', 'loose', 'grated'];
    private const VAGUE = 'squeeze|splash|drizzle|glug|dollop|grating|sprinkle|sprinkling';

    private Sizes $sizes;

    public function __construct(private Shelf $shelf, private Units $units, private Matcher $matcher)
    {
        $this->sizes = new Sizes($units);
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

    /** The id a name surely means; null where it means nothing or only may. */
    public function ingredientNamed(string $name): ?string
    {
        $found = $this->ingredient($name);

        return $found['confidence'] === Confidence::Guess ? null : $found['id'];
    }

    public function read(string $text, UnitSystem $system, int $number = 0): Line
    {
        // A capital T is a tablespoon where a small one is a teaspoon.
        $plain = preg_replace('/^([\d\s\/.,-]+)T\.?(?=\s)/u', '$1 tbsp', Numbers::plain($text)) ?? $text;
        $plain = mb_strtolower($plain);
        $plain = preg_replace('/^(?:[-*•·]|\d+[.)]\s)\s*/u', '', $plain) ?? $plain;
        if (mb_strlen($plain) > 400) {
            return Line::notUnderstood($text, 'The line is longer than 400 characters; give each ingredient a line of its own.', [], $number);
        }
        if (preg_match('/^-\s*\d/', $plain) === 1 || preg_match('/^-\d/', mb_strtolower(Numbers::plain(ltrim($text)))) === 1) {
            return Line::notUnderstood($text, 'A mass cannot be negative; write the amount without a minus sign.', [], $number);
        }
        $plain = preg_replace('/^(?:a\s+)?few\s+(?:strands?|threads?)\s+(?:of\s+)?/u', '1 pinch ', $plain) ?? $plain;
        $plain = preg_replace('/^(?:the\s+)?seeds\s+(?:of|from)\s+/u', '', $plain) ?? $plain;
        if (preg_match('/^an?\s+(?:good\s+|small\s+)?(?:' . self::VAGUE . ')\b/u', $plain) === 1) {
            return $this->withoutAmount($text, $plain, $system, $number);
        }
        $plain = preg_replace('/^(?:about|approx\.?|around|ca\.?|scant|generous|heaped|level)\s+/u', '', $plain) ?? $plain;

        try {
            return $this->fruitParts($text, $plain, $system, $number)
                ?? $this->amountFirst($text, $plain, $system, $number)
                ?? $this->amountLast($text, $plain, $system, $number)
                ?? $this->withoutAmount($text, $plain, $system, $number);
        } catch (Nonsense $nonsense) {
            return Line::notUnderstood($text, 'That amount cannot be right: ' . $nonsense->mend . '.', [], $number);
        }
    }

    /** "juice of 1½ lemons", "zest of one orange", "2 lemons, juice only". */
    private function fruitParts(string $text, string $plain, UnitSystem $system, int $number): ?Line
    {
        $both = preg_match('/^(?:the\s+)?(?:(?:finely\s+)?(?:grated\s+)?(?:zest|rind)\s+(?:and|&)\s+juice|juice\s+(?:and|&)\s+(?:(?:finely\s+)?(?:grated\s+)?)?(?:zest|rind))\s+(?:of|from)\s+(.+)$/u', $plain, $two);
        if ($both === 1) {
            $plain = 'juice of ' . $two[1];
        }
        if (!preg_match('/^(?:the\s+)?(?:finely\s+)?(?:grated\s+)?(?:freshly\s+)?(?:squeezed\s+)?(?:strained\s+)?(juice|zest|rind|pulp)\s+(?:of|from)\s+(.+)$/u', $plain, $m)) {
            if (!preg_match('/^(.+?)s?,\s*(?:the\s+)?(juice|zest|rind|pulp)(?:d|ed| only)?$/u', $plain, $n)) {
                return null;
            }
            $m = [$plain, $n[2], $n[1]];
        }
        $part = $m[1] === 'rind' ? 'zest' : $m[1];
        $count = Numbers::take($m[2]) ?? ['value' => 1.0, 'range' => false, 'rest' => $m[2]];
        $fruit = trim(preg_replace('/\b(large|medium|small|big|unwaxed|ripe|fresh|of|the)\b/u', '', $count['rest']) ?? '');
        $fruit = Matcher::words(preg_replace('/,.*$/u', '', $fruit) ?? $fruit);
        $found = $this->matcher->find(implode(' ', $fruit) . ' ' . $part);
        $in = $found['id'] === null ? null : $this->shelf->find($found['id']);
        if ($in === null || !isset($in->units['fruit'])) {
            return Line::notUnderstood($text, \sprintf('How much %s that fruit gives is not on the shelf; weigh it and write grams.', $part), $found['suggestions'], $number);
        }
        $grams = $count['value'] * $in->units['fruit'];
        $trace = \sprintf('%s × %s g %s a fruit = %s g%s', Numbers::words($count['value']), Numbers::words($in->units['fruit']), $part, Numbers::words($grams), $both === 1 ? '; write the zest as a line of its own' : '');

        return Line::of($in->id, round($grams, 2), $text, $trace, Confidence::Likely, [], false, $number);
    }

    private function amountFirst(string $text, string $plain, UnitSystem $system, int $number): ?Line
    {
        $taken = Numbers::take($plain);
        // "85 % chocolate, 120 g": the strength comes first, the amount later.
        if ($taken === null || preg_match('/^\s*%/', $taken['rest']) === 1) {
            return null;
        }
        $rest = preg_replace('/^(?:level|heaped|heaping|rounded|scant|generous|good)\s+/u', '', ltrim($taken['rest'])) ?? $taken['rest'];
        $packed = $this->sizes->packed($taken['value'], $rest, $system);
        if ($packed !== null) {
            return $this->weighed($text, $packed['rest'], $packed['amount'], $packed['kind'], $packed['words'], $taken['range'], $number);
        }
        $unit = $this->units->take($rest, $system);
        if ($unit !== null) {
            $amount = $taken['value'] * $unit['value'];
            $words = \sprintf('%s %s', Numbers::words($taken['value']), $unit['unit']);
            $rest = $unit['rest'];
            while (preg_match('/^(\+|plus|and|minus|less)\s+(?=\d|[a-z])(.*)$/u', $rest, $m)
                && ($more = Numbers::take($m[2])) !== null
                && ($next = $this->units->take($more['rest'], $system)) !== null
                && $next['kind'] === $unit['kind']) {
                $less = \in_array($m[1], ['minus', 'less'], true);
                $amount += ($less ? -1 : 1) * $more['value'] * $next['value'];
                $words .= \sprintf(' %s %s %s', $less ? '−' : '+', Numbers::words($more['value']), $next['unit']);
                $rest = $next['rest'];
            }
            $stated = $unit['kind'] === 'volume' ? $this->sizes->stated($rest, $system) : null;
            if ($stated !== null && $stated['kind'] === 'mass') {
                return $this->weighed($text, $stated['rest'], $stated['amount'], 'mass', $stated['words'], false, $number);
            }
            $rest = preg_replace('#^/\s*[\d./\s]+\s*[a-z.]+\s#u', '', $rest) ?? $rest;

            return $this->weighed($text, $rest, $amount, $unit['kind'], $words, $taken['range'], $number);
        }
        if (preg_match('/^[a-z]+/u', $rest) !== 1) {
            return Line::notUnderstood($text, 'No ingredient could be read after the amount; write its name in English.', [], $number);
        }

        return $this->counted($text, $rest, $taken['value'], $taken['range'], $system, $number);
    }

    /** "Butter 115 g", "sugar: 200 g". */
    private function amountLast(string $text, string $plain, UnitSystem $system, int $number): ?Line
    {
        if (!preg_match('#^((?:\d+\s*%\s*)?[\p{L}][^\d]*?)[\s:,(-]*((?:\d|\b(?:a|an|one)\s).*)$#u', $plain, $m)) {
            return null;
        }
        $taken = Numbers::take($m[2]);
        $unit = $taken === null ? null : $this->units->take($taken['rest'], $system);
        if ($taken === null || $unit === null) {
            return null;
        }

        return $this->weighed($text, rtrim($m[1], ' -:,('), $taken['value'] * $unit['value'], $unit['kind'], \sprintf('%s %s', Numbers::words($taken['value']), $unit['unit']), $taken['range'], $number);
    }

    private function withoutAmount(string $text, string $plain, UnitSystem $system, int $number): Line
    {
        if (preg_match('/^(?:the\s+)?(yolk|white)s?\s+(?:of|from)\s+(.+?)\s*eggs?$/u', $plain, $m)) {
            return $this->read(\sprintf('%s egg %ss', $m[2], $m[1]), $system, $number)->saying($text);
        }
        // "a squeeze of lemon, about 1 tsp": what is said after counts.
        if (preg_match('/^(?:a\s+)?(?:good\s+|small\s+)?(?:' . self::VAGUE . ')\s+(?:of\s+)?(.+?),?\s*\(?(?:about|approx\.?|around|ca\.?)\s+(.+?)\)?$/u', $plain, $m)) {
            return $this->read($m[2] . ' ' . $m[1], $system, $number)->saying($text);
        }
        if (preg_match('/^(?:' . self::VAGUE . ')\b/u', $plain) !== 1 && $this->units->take($plain, $system) !== null
            || preg_match('/^(pinch|knob|dash|squirt|stick|handful)\s+of\s+/u', $plain)) {
            return $this->read('1 ' . $plain, $system, $number)->saying($text);
        }
        $found = $this->matcher->find($plain);

        return Line::notUnderstood(
            $text,
            $found['id'] === null
                ? 'Neither an amount nor a known ingredient could be read; write it like "120 g lemon juice".'
                : 'No amount was given; write one before the name, such as "50 g".',
            $found['id'] === null ? $found['suggestions'] : [$found['id']],
            $number,
        );
    }

    private function weighed(string $text, string $rest, float $amount, string $kind, string $words, bool $range, int $number): Line
    {
        $found = $this->ingredient($rest);
        if ($found['id'] === null) {
            return Line::notUnderstood($text, 'No ingredient on the shelf answers to that name.', $found['suggestions'], $number);
        }
        $in = $this->shelf->get($found['id']);
        $confidence = $range ? self::lower($found['confidence'], Confidence::Likely) : $found['confidence'];
        if ($kind === 'mass') {
            $trace = str_contains($words, ' gram') && !str_contains($words, '×') ? \sprintf('%s g, weighed', Numbers::words($amount)) : \sprintf('%s = %s g', $words, Numbers::words($amount));

            return Line::of($in->id, round($amount, 3), $text, $trace . ($range ? ', middle of the range' : ''), $confidence, Preparation::of($rest), false, $number);
        }
        $spoon = str_contains($words, 'pinch') && isset($in->units['pinch']) ? $in->units['pinch'] : null;
        if ($spoon !== null) {
            $count = (float) $words;

            return Line::of($in->id, $count * $spoon, $text, \sprintf('%s × %s g a pinch = %s g', Numbers::words($count), Numbers::words($spoon), Numbers::words($count * $spoon)), Confidence::Likely, Preparation::of($rest), false, $number);
        }
        $form = self::form($rest);
        $density = $in->density($form);
        if ($density === null) {
            return Line::notUnderstood($text, \sprintf('The shelf has no bulk density for %s; weigh it and write grams.', $in->name), [$in->id], $number);
        }
        $grams = $amount * $density;
        $trace = \sprintf('%s → %s mL × %s g/mL = %s g', $words, Numbers::words($amount), rtrim(rtrim(number_format($density, 3, '.', ''), '0'), '.'), Numbers::words($grams));

        return Line::of($in->id, round($grams, 2), $text, $trace . ($range ? ', middle of the range' : ''), $confidence, Preparation::of($rest), false, $number);
    }

    private function counted(string $text, string $rest, float $count, bool $range, UnitSystem $system, int $number): Line
    {
        $rest = preg_replace('/^(?:x|of)\s+/u', '', $rest) ?? $rest;
        if (preg_match('/\b(?:eggs?|yolks?|whites?)\s+(?:plus|and|\+)\s+(?:\d+|one|two|an?)\s+(?:egg\s+)?(?:yolk|white|egg)/u', $rest)) {
            return Line::notUnderstood($text, 'Two things on one line: write the eggs and the yolks or whites each on a line of their own.', [], $number);
        }
        $stated = $this->sizes->stated($rest, $system);
        if ($stated !== null && preg_match('/^(' . Sizes::COUNTED . ')\b/u', $rest, $m)) {
            $times = $stated['each'] || preg_match('/^(?:' . Sizes::CONTAINERS . ')$/u', $m[1]) === 1 ? $count : 1.0;
            $words = $times === 1.0 ? $stated['words'] : \sprintf('%s × %s', Numbers::words($times), $stated['words']);

            return $this->weighed($text, preg_replace('/^(?:' . Sizes::COUNTED . ')\b\.?\s*(?:of\s+)?/u', '', $stated['rest']) ?? $stated['rest'], $times * $stated['amount'], $stated['kind'], $words, $range, $number);
        }
        $egg = Eggs::line($this->shelf, $text, $rest, $count, $range, $system, $number);
        if ($egg !== null) {
            return $egg;
        }
        $unit = 'each';
        if (preg_match('/^(?:(?:large|small|medium|heaped|level|whole|good|big)\s+)*(' . Sizes::COUNTED . ')\b\.?\s*(?:\([^)]*\)\s*)?(?:of\s+)?(.*)$/u', $rest, $m)) {
            $unit = Sizes::singular($m[1]);
            $rest = $m[2];
        }
        // A can of pumpkin is its purée; a sheet of gelatin is a leaf of it.
        $found = $this->ingredient(match ($unit) {
            'leaf', 'sheet' => preg_match('/\b(?:leaf|leaves)\b/u', $rest) === 1 ? $rest : $rest . ' leaf',
            default => $rest,
        });
        if ($found['id'] === null) {
            $found = $this->ingredient($rest);
        }
        if ($unit === 'can' && $found['id'] !== null && !isset($this->shelf->get($found['id'])->units['can'])) {
            $pureed = $this->ingredient($rest . ' puree');
            $found = $pureed['id'] !== null && isset($this->shelf->get($pureed['id'])->units['can']) ? ['confidence' => Confidence::Likely] + $pureed : $found;
        }
        $in = $found['id'] === null ? null : $this->shelf->find($found['id']);
        if ($in === null) {
            return Line::notUnderstood($text, 'The unit or the ingredient is not known; use a unit such as g, ml, cup or tbsp and a name from the shelf.', $found['suggestions'], $number);
        }
        $regional = $unit . ':' . $system->value;
        if (isset($in->units['leaf']) && ($unit === 'sheet' || ($unit === 'each' && preg_match('/\b(?:leaf|leaves|sheets?)\b/u', $rest) === 1))) {
            $unit = 'leaf';
        }
        $weight = $in->units[$regional] ?? $in->units[$unit] ?? ($unit === 'each' ? ($in->units['fruit'] ?? null) : null);
        if ($weight === null && preg_match('/^([\p{L}]+)\s+of\s+/u', $rest, $m)) {
            return Line::notUnderstood($text, \sprintf('The unit "%s" is not known; use g, ml, cup, tbsp, tsp, oz or a count.', $m[1]), [$in->id], $number);
        }
        if ($weight === null) {
            return Line::notUnderstood($text, \sprintf('The shelf does not know what one %s of %s weighs; weigh it and write grams.', $unit === 'each' ? 'piece' : $unit, $in->name), [$in->id], $number);
        }
        $grams = $count * $weight;

        return Line::of(
            $in->id,
            round($grams, 2),
            $text,
            \sprintf('%s × %s g each = %s g%s', Numbers::words($count), Numbers::words($weight), Numbers::words($grams), $range ? ', middle of the range' : ''),
            self::lower($found['confidence'], $unit === 'each' || $range ? Confidence::Likely : $found['confidence']),
            Preparation::of($rest),
            false,
            $number,
        );
    }

    /** @return array{id: ?string, confidence: Confidence, suggestions: list<string>} */
    private function ingredient(string $phrase): array
    {
        $phrase = preg_replace('/^(?:of|the)\s+/u', '', ltrim($phrase)) ?? $phrase;
        $phrase = preg_replace('/\s+(?:mixed|blended|dissolved|whisked|slaked|loosened|plus extra|to taste|for (?:the|dusting|serving|greasing)|to serve)\b.*$/u', '', $phrase) ?? $phrase;
        if (preg_match('/^(almond|hazelnut)s?\b.*\bground\b/u', $phrase, $m)) {
            $phrase = 'ground ' . $m[1] . 's';
        }
        $percent = preg_match('/(\d{2})\s*%/u', $phrase, $m) ? (int) $m[1] : null;
        $head = preg_replace('/\s*(?:\(.*?\)|,.*$|;.*$)/u', '', $phrase) ?? $phrase;
        $found = $this->matcher->find(trim($head) !== '' ? $head : $phrase);
        if ($found['confidence'] !== Confidence::Sure) {
            $whole = $this->matcher->find(str_replace(['(', ')', ','], ' ', $phrase));
            if ($whole['id'] !== null && ($found['id'] === null || $whole['confidence'] === Confidence::Sure)) {
                $found = $whole;
            }
        }
        if (\in_array($found['id'], ['chocolate-55', 'chocolate-70'], true) && $percent !== null) {
            $found['id'] = $percent >= 63 ? 'chocolate-70' : 'chocolate-55';
            $found['confidence'] = abs($percent - ($percent >= 63 ? 70 : 55)) <= 3 ? Confidence::Sure : Confidence::Likely;
        }
        if ($found['id'] === 'gelatin-leaf-gold' && str_contains($phrase, 'silver')) {
            $found['id'] = 'gelatin-leaf-silver';
        }

        return $found;
    }

    private static function form(string $rest): string
    {
        foreach (self::FORMS as $form) {
            if (str_contains(str_replace('purée', 'puree', $rest), $form)) {
                return $form;
            }
        }

        return '';
    }

    private static function lower(Confidence $a, Confidence $b): Confidence
    {
        $order = [Confidence::Sure->value => 0, Confidence::Likely->value => 1, Confidence::Guess->value => 2];

        return $order[$a->value] >= $order[$b->value] ? $a : $b;
    }
}
