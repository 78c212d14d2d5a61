<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Formula\Nonsense;

/** A typed text with one layer's `treat:` or `tin:` line set, everything else left as it was typed. */
final class TextHeadings
{
    /**
     * @param int $layer from 0, among the layers that hold a line
     * @param 'treat'|'tin' $heading
     * @param string $value in the words of the text form; empty takes the line out
     *
     * @throws Nonsense if the text has no such layer
     */
    public static function set(string $text, int $layer, string $heading, string $value): string
    {
        $rows = explode("\n", $text);
        $starts = self::layers($rows);
        if (!isset($starts[$layer])) {
            throw Nonsense::of('layer', (string) ($layer + 1), \sprintf('the text has %d', \count($starts)));
        }
        $end = $starts[$layer + 1] ?? \count($rows);
        for ($n = $starts[$layer] + 1; $n < $end; ++$n) {
            if ((TextFormula::heading(trim($rows[$n]))[0] ?? '') === $heading) {
                array_splice($rows, $n, 1, $value === '' ? [] : ["$heading: $value"]);

                return implode("\n", $rows);
            }
        }
        if ($value !== '') {
            $at = $starts[$layer] + 1;
            while ($starts[$layer] < 0 && $at < $end && (trim($rows[$at]) === '' || TextFormula::heading(trim($rows[$at])) !== null)) {
                ++$at;
            }
            array_splice($rows, $at, 0, ["$heading: $value"]);
        }

        return implode("\n", $rows);
    }

    /**
     * Rows at which the layers that hold a line begin: their heading, or −1 where lines stand before any.
     *
     * @param list<string> $rows
     *
     * @return list<int>
     */
    private static function layers(array $rows): array
    {
        $starts = [];
        $open = -1;
        $isFilled = false;
        foreach ($rows as $n => $row) {
            $row = trim($row);
            $key = $row === '' || str_starts_with($row, '#') ? ['', ''] : TextFormula::heading($row);
            if ($key !== null && $key[0] === 'method') {
                break;
            }
            if ($key !== null && $key[0] === 'layer') {
                $starts = $isFilled ? [...$starts, $open] : $starts;
                [$open, $isFilled] = [$n, false];
            } elseif ($key === null) {
                $isFilled = true;
            }
        }

        return $isFilled ? [...$starts, $open] : $starts;
    }
}
