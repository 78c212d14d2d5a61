<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Layer;
use Transmuta\Intake\Recipe\Paragraphs;
use Transmuta\Intake\Recipe\Row;
use Transmuta\Intake\Recipe\RowKind;
use Transmuta\Intake\Recipe\Rows;
use Transmuta\Intake\Recipe\Sheets;
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
        $written = Paragraphs::parted(preg_split('/\R/u', $text) ?: [$text]);
        $language = $lines->language($written);
        $rows = (new Rows($lines))->of(Sheets::asLines($language?->rows($written) ?? $written), $system);
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
        while ($instead === 0 && $from < 0 && $at < $end && !\in_array($rows[$at]->kind, [RowKind::Line, RowKind::Lines], true)) {
            ++$at;
        }
        array_splice($written, $at, $instead, $value === '' ? [] : ["$heading: $value"]);
        // What was not asked for stays what it was, every row of it; a text where it would not is left as it was typed.
        array_splice($rows, $at, $instead);
        /** @var list<string> $written */
        $after = (new Rows($lines))->of(Sheets::asLines($language?->rows($written) ?? $written), $system);
        array_splice($after, $at, $value === '' ? 0 : 1);
        $told = static fn(Row $row): array => [$row->text, $row->kind, $row->key, $row->value];
        if (array_map($told, $rows) !== array_map($told, $after)) {
            throw Nonsense::of($heading, $value, 'in this text it would make other rows something else: keep the dish, and set it on the Bench');
        }

        return implode("\n", $written);
    }

    /**
     * The text with a heading above each layer that only its method told: what was set of one can be written under it.
     *
     * @param list<Layer> $layers as they were parted
     *
     * @throws Nonsense if lines of several layers stand in one row
     */
    public static function written(string $text, array $layers): string
    {
        $rows = Paragraphs::parted(preg_split('/\R/u', $text) ?: [$text]);
        $of = [];
        foreach ($layers as $n => $layer) {
            foreach ($layer->lines as $line) {
                if (($of[$line->number] ?? $n) !== $n) {
                    throw Nonsense::of('layer', $layer->name, 'write the ingredients one under another first');
                }
                $of[$line->number] = $n;
            }
        }
        $first = $of === [] ? 0 : min(array_keys($of));
        $made = \array_slice($rows, 0, max(0, $first - 1));
        foreach ($layers as $n => $layer) {
            $made[] = "layer: $layer->name";
            foreach (array_keys($of, $n, true) as $number) {
                $made[] = $rows[$number - 1] ?? '';
            }
        }
        foreach ($rows as $at => $row) {
            if ($at + 1 >= $first && !isset($of[$at + 1])) {
                $made[] = $row;
            }
        }

        return implode("\n", $made);
    }

    /** The text with one heading above its list: it stays one layer, whatever its method says. */
    public static function whole(string $text, int $first): string
    {
        $rows = Paragraphs::parted(preg_split('/\R/u', $text) ?: [$text]);
        array_splice($rows, max(0, $first - 1), 0, ['layer: All in one']);

        return implode("\n", $rows);
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
            if (\in_array($row->kind, [RowKind::Line, RowKind::Lines], true) || ($row->kind === RowKind::Layer && $row->value !== '')) {
                $isFilled = true;
            }
        }

        return $isFilled ? [...$starts, $open] : $starts;
    }
}
