<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Formula\Family;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Loss;
use Transmuta\Formula\Nonsense;
use Transmuta\Formula\Tin;
use Transmuta\Formula\Treatment;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Measured;

/**
 * Reads the plain text form: `key: value` headings, `layer:` blocks of ingredient lines, `method:` at the end. Headings as
 * kitchens write them ("For the crust:") open a layer too. Ingredient lines never fail; headings that cannot be right do.
 */
final readonly class TextFormula
{
    public const MOST_LINES = 400;

    public function __construct(private LineReader $lines) {}

    /** @throws Unreadable if a heading cannot be right, the text is too long or holds no line */
    public function read(string $text, ?UnitSystem $assumed = null): Formula
    {
        $rows = preg_split('/\R/u', str_replace("\u{FEFF}", '', $text));
        if ($rows === false) {
            throw Unreadable::line(1, 'The text is not valid UTF-8.', 'Save it as UTF-8 and try again.');
        }
        if (\count($rows) > self::MOST_LINES) {
            throw Unreadable::tooLong(\count($rows), self::MOST_LINES);
        }
        $head = ['title' => 'Untitled dish', 'family' => Family::Other, 'measures' => $assumed ?? UnitSystem::Metric, 'portions' => 1, 'serve' => 5.0, 'measured' => []];
        $layers = $method = [];
        $open = ['name' => 'Dish', 'lines' => [], 'treat' => Treatment::none(), 'tin' => null, 'loss' => null];
        $inMethod = false;
        foreach ($rows as $index => $row) {
            $number = $index + 1;
            $row = trim($row);
            if ($row === '' || str_starts_with($row, '#')) {
                continue;
            }
            if ($inMethod && !preg_match('/^layer\s*:/i', $row)) {
                $method[] = $row;
                continue;
            }
            try {
                $key = self::heading($row);
                if ($key === null) {
                    array_push($open['lines'], ...$this->lines->lines($row, $head['measures'], $number));
                    continue;
                }
                [$word, $value] = $key;
                match ($word) {
                    'title' => $head['title'] = mb_substr($value, 0, 160),
                    'family' => $head['family'] = Family::tryFrom(mb_strtolower($value)) ?? throw Nonsense::of('family', $value, 'use curd, cream, mousse, cheesecake, custard or other'),
                    'measures' => $head['measures'] = UnitSystem::tryFrom(mb_strtolower($value)) ?? throw Nonsense::of('measures', $value, 'use us, metric, au, uk, in or ca'),
                    'portions' => $head['portions'] = preg_match('/^\d{1,5}$/', $value) ? (int) $value : throw Nonsense::of('portions', $value, 'give a whole number from 1 to 10000'),
                    'serve at' => $head['serve'] = self::celsius($value) ?? throw Nonsense::of('serve at', $value, 'write it like "6 C" or "43 F"'),
                    'measured' => $head['measured'][] = $this->measured($value),
                    'treat' => $open['treat'] = TreatmentGrammar::parse($value),
                    'tin' => $open['tin'] = Tin::parse($value),
                    'loss' => $open['loss'] = Loss::parse($value),
                    'method' => $inMethod = true,
                    default => [
                        $layers = self::close($layers, $open),
                        $open = ['name' => $value === '' ? 'Layer' : mb_substr($value, 0, 80), 'lines' => [], 'treat' => Treatment::none(), 'tin' => null, 'loss' => null],
                        $inMethod = false,
                    ],
                };
            } catch (Nonsense $nonsense) {
                throw Unreadable::line($number, \sprintf('"%s" cannot be read as %s.', mb_strimwidth($row, 0, 80, '…'), $nonsense->field), ucfirst($nonsense->mend) . '.');
            }
        }
        $layers = self::close($layers, $open);
        if ($layers === []) {
            throw Unreadable::noLines();
        }
        try {
            return Formula::of($head['title'], $layers, $head['family'], $head['measures'], $head['portions'], $head['serve'], $method, $head['measured']);
        } catch (Nonsense $nonsense) {
            throw Unreadable::line(1, $nonsense->getMessage(), ucfirst($nonsense->mend) . '.');
        }
    }

    /** Reads "passion-fruit juice brix 14.5 acid 2.8". */
    private function measured(string $value): Measured
    {
        $plain = mb_strtolower(Numbers::plain($value));
        $number = static fn(string $word): ?float => preg_match('/\b' . $word . '\s*(\d+(?:\.\d+)?)/u', $plain, $m) === 1 ? (float) $m[1] : null;
        $name = trim(preg_replace('/\b(?:brix|acid)\b.*$/u', '', $plain) ?? $plain, ' ,:');
        $id = $this->lines->ingredientNamed($name) ?? throw Nonsense::of('measured', $value, 'name a fruit of the shelf first, such as "measured: passion-fruit juice brix 14.5 acid 2.8"');

        return Measured::of($id, $number('brix'), $number('acid'));
    }

    /**
     * @return array{0: string, 1: string}|null the heading's word and value; null for an ingredient line
     */
    public static function heading(string $row): ?array
    {
        if (preg_match('/^(title|family|measures|measured|portions|serve at|layer|treat|tin|loss|method)\s*:\s*(.*)$/iu', $row, $m)) {
            return [mb_strtolower($m[1]), trim($m[2])];
        }
        if (preg_match('/^(?:for\s+the\s+)?([\p{L}][\p{L}\s-]{1,60}?)\s*:$/iu', $row, $m) || preg_match('/^for\s+the\s+([\p{L}][\p{L}\s-]{1,60})$/iu', $row, $m)) {
            return ['layer', mb_convert_case($m[1], \MB_CASE_TITLE_SIMPLE)];
        }

        return null;
    }

    /** °C from "82 C", "180 F" or "gas mark 4"; null where no temperature is written. */
    public static function celsius(string $text): ?float
    {
        $plain = mb_strtolower(Numbers::plain($text));
        if (preg_match('/(-?\d+(?:\.\d+)?)\s*(?:°\s*)?(c|f)\b/u', $plain, $m)) {
            return $m[2] === 'f' ? round(((float) $m[1] - 32) / 1.8, 1) : (float) $m[1];
        }
        if (preg_match('/gas\s*(?:mark\s*)?(\d)/u', $plain, $m)) {
            return 121.0 + 14.0 * (float) $m[1];
        }

        return preg_match('/^\s*(-?\d+(?:\.\d+)?)\s*$/u', $plain, $m) ? (float) $m[1] : null;
    }

    /**
     * @param list<Layer> $layers
     * @param array{name: string, lines: list<Line>, treat: Treatment, tin: ?Tin, loss: ?Loss} $open
     *
     * @return list<Layer>
     */
    private static function close(array $layers, array $open): array
    {
        if ($open['lines'] !== []) {
            $layers[] = new Layer($open['name'], $open['lines'], $open['treat'], $open['tin'], $open['loss']);
        }

        return $layers;
    }
}
