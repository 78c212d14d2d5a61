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
     * @throws Nonsense if the text has no such layer, or another row of it would be read otherwise
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
        $at = $from + 1;
        $instead = 0;
        for ($n = $from + 1; $n < $end; ++$n) {
            if ($rows[$n]->kind === RowKind::Key && $rows[$n]->key === $heading) {
                [$at, $instead] = [$n, 1];
                break;
            }
        }
        // Lines before any heading: the row goes right above the first of them.
        while ($instead === 0 && $from < 0 && $at < $end && $rows[$at]->kind !== RowKind::Line) {
            ++$at;
        }
        array_splice($written, $at, $instead, $value === '' ? [] : ["$heading: $value"]);
        // What was not asked for stays what it was, every row of it; a text where it would not is left as it was typed.
        array_splice($rows, $at, $instead);
        $after = (new Rows($lines))->of($written, $system);
        array_splice($after, $at, $value === '' ? 0 : 1);
        $told = static fn(Row $row): array => [$row->text, $row->kind, $row->key, $row->value];
        if (array_map($told, $rows) !== array_map($told, $after)) {
            throw Nonsense::of($heading, $value, 'in this text it would make other rows something else: keep the dish, and set it on the Bench');
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
