<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Fault\Nonsense;
use Transmuta\Quantity\UnitSystem;

/** Takes amounts off the front of a text: "2 x 400 g tins", "1½ cups", "a heaped tbsp", "3 large", "a squeeze". */
final readonly class QuantityReader
{
    private const FLUFF = 'about|approx\.?|approximately|around|roughly|circa|ca\.?|c\.(?=\s*\d)|just|nearly|almost|at least|up to|a total of|total of|another|an extra|an additional|some|the|of|from|net|weight|or so|say|~|additional|extra';
    private const SIZES = 'extra[\s-]large|x-large|xl|large|medium|small|jumbo|king[\s-]size|big|little|size\s+[sml]|[sml](?=\))';

    public function __construct(private Units $units, public Containers $containers, private Vocabulary $vocabulary) {}

    /**
     * The amount a text begins with.
     *
     * @return array{quantity: Quantity, rest: string}|null
     */
    public function take(string $text, UnitSystem $system): ?array
    {
        $rest = preg_replace('/^(?:(?:' . self::FLUFF . ')(?:\s+|(?=\d)))+/u', '', ltrim($text)) ?? $text;
        [$factor, $said, $rest] = $this->factor($rest);
        $number = Numbers::take($rest);
        if ($number === null || preg_match('/^\s*(?:%|-?\s*(?:x\s*)?\d*\s*(?:inch|")(?!\w)\s*(?!piece))/u', $number['rest']) === 1 && preg_match('/^\s*-?\s*(?:inch|")\s*(?:piece|knob|length|stick)/u', $number['rest']) !== 1) {
            return $factor === null ? null : $this->one($rest, $factor, $said, $system);
        }
        $count = $number['value'];
        $rest = ltrim($number['rest']);
        $rest = preg_replace('/^(?:(?:or so|odd)\s+|-\s*(?=(?:oz|ounce|g|gram|ml|lb|pound|kg|cup|pint|quart|fl)\b))/u', '', $rest) ?? $rest;
        if ($factor === null) {
            [$factor, $said, $rest] = $this->factor($rest);
        }
        // A piece by its length: "2 cm piece of ginger", "1-inch knob".
        if (preg_match('/^-?\s*(cm|mm|inch(?:es)?|in\b|")\s*(?:long\s+|thick\s+)?(?:(?:piece|pieces|knob|knobs|length|lengths|chunk|thumb)s?\b\s*)(?:of\s+)?(.*)$/u', $rest, $m) === 1) {
            $cm = $count * match (true) {
                $m[1] === 'cm' => 1.0,
                $m[1] === 'mm' => 0.1,
                default => 2.54,
            };

            return ['quantity' => new Quantity('count', $cm, \sprintf('%s cm', Numbers::words($cm)), $number['range'], 'cm', false, true, '', 1.0, null, 'cm'), 'rest' => $m[2]];
        }
        // "2 x 400 g tins", "2 400-g tins", "one 8 oz package of".
        if (preg_match('/^(?:(x|of)\s*)?(\d+(?:[.,]\d+)?(?:\s+\d+\/\d+)?|\d+\/\d+)\s*-?\s*(.*)$/u', $rest, $m) === 1 && ($m[1] !== '' || $number['value'] >= 0.25)) {
            $size = Numbers::take($m[2]);
            $unit = $this->units->take($m[3], $system);
            if ($size !== null && $unit !== null) {
                $held = preg_match('/^[\s-]*(' . $this->containers->pattern . ')\b\.?\s*(.*)$/u', $unit['rest'], $c) === 1 ? $c : null;
                if ($m[1] === 'x' || $held !== null) {
                    $words = \sprintf('%s × %s %s', Numbers::words($count), Numbers::words($size['value']), $unit['unit']);

                    return ['quantity' => new Quantity(self::kind($unit['kind']), $count * $size['value'] * $unit['value'], $words, $number['range'], $held === null ? '' : (string) $this->containers->named($held[1]), false, false, '', $count, $unit['unit']), 'rest' => $held === null ? $unit['rest'] : self::of($held[2])];
                }
            }
            if ($m[1] === 'x' && $size !== null) {
                // "2 x 3 eggs" is nothing a cook writes: leave it be.
                return null;
            }
        }
        $rest = preg_replace('/^x\s+/u', '', $rest) ?? $rest;
        $unit = $this->unit($rest, $system);
        if ($unit !== null) {
            $quantity = new Quantity(self::kind($unit['kind']), $count * $unit['value'] * ($factor ?? 1.0), \sprintf('%s %s%s', Numbers::words($count), $said === '' ? '' : $said . ' ', $unit['unit']), $number['range'], '', false, false, '', 1.0, $unit['unit']);
            $rest = $unit['rest'];
            // "250 g punnet of": the container says nothing more.
            if ($unit['kind'] !== 'count' && preg_match('/^-?(' . $this->containers->pattern . ')\b\.?\s*(?:of\s+)?(.+)$/u', $rest, $m) === 1 && $this->containers->holds((string) $this->containers->named($m[1]))) {
                $rest = $m[2];
                $quantity = $quantity->in((string) $this->containers->named($m[1]));
            }

            return ['quantity' => $this->more($quantity, $unit['kind'], $rest, $system, $rest), 'rest' => self::of($rest)];
        }
        [$size, $rest] = $this->size($rest);
        if (preg_match('/^(?:(?:full|whole|standard|regular|level|heaped|heaping)\s+)?(' . $this->containers->pattern . ')\b\.?\s*(.*)$/u', $rest, $m) === 1) {
            $container = (string) $this->containers->named($m[1]);
            $hand = $this->containers->byHand($container);
            // What kitchens count by hand is a unit only before a thing: "a squeeze of lemon", not "2 pieces".
            if ($hand === null || $m[2] !== '') {
                return ['quantity' => new Quantity('count', $count * ($factor ?? 1.0), \sprintf('%s %s', Numbers::words($count), $container), $number['range'], $container, false, false, $size, 1.0, null), 'rest' => self::of($m[2])];
            }
        }

        return ['quantity' => new Quantity('count', $count, Numbers::words($count), $number['range'], '', false, false, $size), 'rest' => self::of($rest)];
    }

    /**
     * An amount in words without a number: "pinch of", "heaped tbsp", "knob of".
     *
     * @return array{quantity: Quantity, rest: string}|null
     */
    public function bare(string $text, UnitSystem $system): ?array
    {
        [$factor, $said, $rest] = $this->factor(ltrim($text));

        return $this->one($rest, $factor ?? 1.0, $said, $system);
    }

    /** @return array{quantity: Quantity, rest: string}|null */
    private function one(string $rest, float $factor, string $said, UnitSystem $system): ?array
    {
        $unit = $this->unit($rest, $system);
        if ($unit !== null && \strlen($rest) - \strlen($unit['rest']) > 2) {
            return ['quantity' => new Quantity(self::kind($unit['kind']), $unit['value'] * $factor, \sprintf('1 %s%s', $said === '' ? '' : $said . ' ', $unit['unit']), false, '', false, false, '', 1.0, $unit['unit']), 'rest' => self::of($unit['rest'])];
        }
        if (preg_match('/^(' . $this->containers->pattern . ')\b\.?\s+(?:of\s+)?(.*)$/u', $rest, $m) === 1) {
            return ['quantity' => new Quantity('count', $factor, \sprintf('1 %s', $m[1]), false, (string) $this->containers->named($m[1])), 'rest' => self::of($m[2])];
        }

        return null;
    }

    /**
     * A bracket that is an amount and nothing else: "about 250 g", "400 g each", "9 oz / 250 g drained weight".
     */
    public function bracket(string $text, UnitSystem $system): ?Quantity
    {
        $plain = trim(preg_replace('/\b(?:net|gross|total|in total|altogether|drained|undrained|prepared|unprepared|peeled|flesh|weight|weighed|wt|each|apiece|per\s+\w+|packed|worth|or so|size|tub|of|when|once|after|before|shelled|unshelled|stoned|pitted)\b\.?/u', ' ', $text) ?? $text);
        $plain = rtrim(ltrim($plain, ' ,;'), ' ,.;');
        $each = preg_match('/\b(?:each|apiece|per\s+\w+)\b/u', $text) === 1;
        $best = null;
        foreach (preg_split('#\s*(?:(?<=[a-z.\s])/|;|,|\bor\b|=)\s*(?=[\d.~]|about)#u', $plain) ?: [] as $part) {
            $taken = $this->take($part, $system);
            if ($taken === null || trim($taken['rest'], ' .-') !== '' && preg_match('/^-?(?:' . $this->containers->pattern . ')s?$/u', trim($taken['rest'], ' .-')) !== 1) {
                return $best;
            }
            $quantity = $taken['quantity'];
            if ($best === null || ($best->kind !== 'mass' && $quantity->kind === 'mass') || ($best->kind === 'count' && $quantity->kind === 'volume') || ($quantity->kind === 'mass' && $quantity->unit === 'gram')) {
                $best = $quantity;
            }
        }

        return $best === null ? null : new Quantity($best->kind, $best->value, $best->words . ' as stated', $best->isRange, $best->container, $each, false, $best->size, 1.0, $best->unit, null, preg_match('/\b(?:flesh|prepared|peeled|stoned|pitted|drained|net|shelled)\b/u', $text) === 1);
    }

    /** "+ 1 tbsp", "plus 2 tsp", "minus 1 tbsp" of the same thing, and "/ 9 oz" of the same amount. */
    private function more(Quantity $quantity, string $kind, string $from, UnitSystem $system, string &$rest): Quantity
    {
        $rest = $from;
        while ((preg_match('/^(\+|plus|and|&|minus|less)\s*(?=\d|[a-z])(.*)$/u', $rest, $m) === 1 || preg_match('/^()(?=\d)(.*)$/u', $rest, $m) === 1)
            && ($more = Numbers::take($m[2])) !== null
            && ($next = $this->unit(ltrim($more['rest']), $system)) !== null
            && $next['kind'] === $kind) {
            $less = \in_array($m[1], ['minus', 'less'], true);
            $quantity = new Quantity($quantity->kind, $quantity->value + ($less ? -1 : 1) * $more['value'] * $next['value'], \sprintf('%s %s %s %s', $quantity->words, $less ? '−' : '+', Numbers::words($more['value']), $next['unit']), $quantity->isRange, '', false, false, '', 1.0, $quantity->unit);
            $rest = $next['rest'];
        }
        // "250 g / 9 oz", "9oz/250g", "1 cup or 240 ml": one amount said twice, the weight in grams counts.
        while (preg_match('#^(?:/|\|)\s*(.*)$#u', $rest, $m) === 1 || preg_match('#^or\s+(?=\d)(.*)$#u', $rest, $m) === 1) {
            $other = Numbers::take($m[1]);
            $unit = $other === null ? null : $this->unit(ltrim($other['rest']), $system);
            if ($other === null || $unit === null) {
                break;
            }
            $said = new Quantity(self::kind($unit['kind']), $other['value'] * $unit['value'], \sprintf('%s %s', Numbers::words($other['value']), $unit['unit']), $quantity->isRange || $other['range'], '', false, false, '', 1.0, $unit['unit']);
            $quantity = $said->kind === 'mass' && ($quantity->kind !== 'mass' || $said->unit === 'gram') || ($said->kind === 'volume' && $quantity->kind === 'volume' && $said->unit === 'millilitre') ? $said : $quantity;
            $rest = $unit['rest'];
        }

        return $quantity;
    }

    /** @return array{unit: string, kind: string, value: float, rest: string}|null */
    private function unit(string $text, UnitSystem $system): ?array
    {
        $unit = $this->units->take($text, $system);

        return $unit === null ? null : ['rest' => ltrim($unit['rest'])] + $unit;
    }

    /** @return array{?float, string, string} factor, its word, what follows */
    private function factor(string $text): array
    {
        $words = array_map(static fn(int|string $word): string => preg_quote((string) $word, '/'), array_keys($this->vocabulary->measures()));
        if (preg_match('/^(?:an?\s+|one\s+)?(?:very\s+)?(' . implode('|', $words) . ')\s+(?=(?:\d|a\b|half\b|quarter\b|cup|cups|tbsp|tablespoon|tsp|teaspoon|dessertspoon|dsp|pinch|handful|knob|squeeze|splash|drizzle|glug|dash|c\b|T\b))(.*)$/u', $text, $m) === 1) {
            $isOne = preg_match('/^\d|^a\b|^half\b|^quarter\b/u', $m[2]) !== 1 && preg_match('/^(?:an?|one)\s/u', $text) === 1;

            return [$this->vocabulary->measures()[$m[1]], $m[1], $isOne ? $m[2] : $m[2]];
        }

        return [null, '', $text];
    }

    /** @return array{string, string} */
    private function size(string $text): array
    {
        $size = '';
        while (preg_match('/^(' . self::SIZES . '|very\s+ripe|ripe|fresh|free[\s-]range|organic|whole|good|nice|heaped|heaping|rounded|level)\b[\s,]*(?:sized?\b\s*)?(.*)$/u', $text, $m) === 1 && $m[2] !== '') {
            $size = preg_match('/^(?:' . self::SIZES . ')$/u', $m[1]) === 1 && $size === '' ? $m[1] : $size;
            $text = $m[2];
        }

        return [$size, $text];
    }

    /** @return 'mass'|'volume'|'count' */
    private static function kind(string $kind): string
    {
        return match ($kind) {
            'mass' => 'mass',
            'volume' => 'volume',
            default => throw Nonsense::of('unit', $kind, 'units are masses or volumes'),
        };
    }

    private static function of(string $rest): string
    {
        return preg_replace('/^(?:of\s+(?:the\s+)?|x\s+)/u', '', ltrim($rest)) ?? $rest;
    }
}
