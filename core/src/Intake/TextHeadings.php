<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Fault\Nonsense;
use Transmuta\Intake\Recipe\Row;
use Transmuta\Intake\Recipe\RowKind;
use Transmuta\Intake\Recipe\Rows;
use Transmuta\Quantity\UnitSystem;

/** A typed text with one layer's `treat:` or `tin:` line set, everything else left as it was typed. */
final class TextHeadings
{
    /**
     * @param int $layer from 0, among the layers that hold a line
     * @param 'treat'|'tin'|'loss' $heading
     * @param string $value in the words of the text form; empty takes the line out
     *
     * @throws Nonsense if the text has no such layer
     */
    public static function set(string $text, int $layer, string $heading, string $value, LineReader $lines, UnitSystem $system): string
    {
        $written = preg_split('/\R/u', $text) ?: [$text];
        $rows = (new Rows($lines))->of($written, $system);
        $starts = self::layers($rows);
        if (!isset($starts[$layer])) {
            throw Nonsense::of('layer', (string) ($layer + 1), \sprintf('the text has %d', \count($starts)));
        }
        $from = $starts[$layer];
        $end = $starts[$layer + 1] ?? \count($rows);
        for ($n = $from + 1; $n < $end; ++$n) {
            if ($rows[$n]->kind === RowKind::Key && $rows[$n]->key === $heading) {
                array_splice($written, $n, 1, $value === '' ? [] : ["$heading: $value"]);

                return implode("\n", $written);
            }
        }
        if ($value !== '') {
            $at = $from + 1;
            // Lines before any heading: the row goes right above the first of them.
            while ($from < 0 && $at < $end && $rows[$at]->kind !== RowKind::Line) {
                ++$at;
            }
            array_splice($written, $at, 0, ["$heading: $value"]);
        }

        return implode("\n", $written);
    }

    /**
     * Rows at which the layers that hold a line begin: their heading, or −1 where lines stand before any.
     *
     * @param list<Row> $rows
     *
     * @return list<int>
     */
    private static function layers(array $rows): array
    {
        $starts = [];
        $open = -1;
        $isFilled = false;
        foreach ($rows as $n => $row) {
            if ($row->kind === RowKind::Layer) {
                $starts = $isFilled ? [...$starts, $open] : $starts;
                [$open, $isFilled] = [$n, false];
            }
            if ($row->kind === RowKind::Line || ($row->kind === RowKind::Layer && $row->value !== '')) {
                $isFilled = true;
            }
        }

        return $isFilled ? [...$starts, $open] : $starts;
    }
}
