<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Shelf\ImpossiblePanel;
use Transmuta\Shelf\PacketPanel;

/**
 * A studio's own ingredients as comma-separated text: one packet a row, panels as printed. The first row names the columns; `name` is
 * needed, a column that is missing is not on the packet.
 */
final class IngredientCsv
{
    public const COLUMNS = ['name', 'like', 'serving_g', 'carbohydrate_with_fibre', ...PacketPanel::FIELDS, 'price_minor_per_kg', 'allergens', 'may_contain', 'declared', 'sulphites', 'also_called', 'source'];

    private const MOST_ROWS = 2000;

    /** @param iterable<array<string, mixed>> $packets as {@see read} gives them in `packet` */
    public static function write(iterable $packets): string
    {
        $rows = [self::COLUMNS];
        foreach ($packets as $packet) {
            $rows[] = array_map(static function (string $column) use ($packet): string {
                $value = $packet[$column] ?? null;

                return match (true) {
                    \is_array($value) => implode('; ', array_filter($value, is_string(...))),
                    \is_bool($value) => $value ? 'yes' : '',
                    \is_scalar($value) => (string) $value,
                    default => '',
                };
            }, self::COLUMNS);
        }

        return Csv::write($rows);
    }

    /** A column in words, for whoever says which of theirs it is. */
    public static function words(string $column): string
    {
        return PacketPanel::WORDS[$column] ?? match ($column) {
            'name' => 'name',
            'like' => 'is like (an ingredient of the shelf)',
            'serving_g' => 'grams of a serving, where the panel is of one',
            'carbohydrate_with_fibre' => 'whether carbohydrate counts the fibre (yes)',
            'price_minor_per_kg' => 'price in minor units a kg',
            'allergens' => 'allergens, a semicolon between',
            'may_contain' => 'may contain',
            'declared' => 'its list of ingredients, as printed',
            'sulphites' => 'sulphites, mg of SO₂ a kg',
            'also_called' => 'also called',
            default => 'where it is from',
        };
    }

    /**
     * @param array<array-key, mixed> $called ours by theirs, where a table names its columns otherwise; '' leaves one out
     *
     * @return list<array{row: int, packet: ?array<string, mixed>, reasons: array<string, string>}> reasons by column where a row is refused
     *
     * @throws \Transmuta\Intake\Unreadable if there is no row of column names with `name` in it, or far too many rows
     */
    public static function read(string $text, array $called = []): array
    {
        $table = Csv::read($text, eitherMark: true);
        $head = array_map(static function (string $theirs) use ($called): string {
            $ours = $called[$theirs] ?? $theirs;

            return \is_string($ours) ? $ours : $theirs;
        }, $table->current() ?? []);
        $twice = array_filter(array_count_values($head), static fn(int $times, string $column): bool => $times > 1 && \in_array($column, self::COLUMNS, true), \ARRAY_FILTER_USE_BOTH);
        if ($twice !== []) {
            throw \Transmuta\Intake\Unreadable::line(1, \sprintf('Two columns are taken for “%s”.', (string) array_key_first($twice)), 'Say of one of them that it is left out.');
        }
        if (!\in_array('name', $head, true)) {
            throw \Transmuta\Intake\Unreadable::line(1, 'The first row does not name the columns.', 'Start with a row such as "' . implode(',', \array_slice(self::COLUMNS, 0, 6)) . ',…"; an export shows all of them.');
        }
        $rows = [];
        for ($table->next(); $table->valid(); $table->next()) {
            [$number, $cells] = [$table->key(), $table->current()];
            if ($number > self::MOST_ROWS + 1) {
                throw \Transmuta\Intake\Unreadable::line(1, 'There are more than ' . self::MOST_ROWS . ' rows.', 'Import them in several files.');
            }
            $row = array_combine($head, array_pad(\array_slice($cells, 0, \count($head)), \count($head), ''));
            $rows[] = ['row' => $number, ...self::packet($row)];
        }

        return $rows;
    }

    /**
     * @param array<string, string> $row
     *
     * @return array{packet: ?array<string, mixed>, reasons: array<string, string>}
     */
    private static function packet(array $row): array
    {
        $reasons = [];
        $number = static function (string $column) use ($row, &$reasons): ?float {
            $cell = str_replace(',', '.', $row[$column] ?? '');
            if ($cell === '') {
                return null;
            }
            if (!is_numeric($cell)) {
                $reasons[$column] = \sprintf('"%s" is not a number: leave it empty where the packet does not say.', $row[$column]);

                return null;
            }

            return (float) $cell;
        };
        $list = static fn(string $column): array => preg_split('/\s*;\s*/', $row[$column] ?? '', -1, \PREG_SPLIT_NO_EMPTY) ?: [];
        $packet = [
            'name' => $row['name'],
            'like' => ($row['like'] ?? '') === '' ? null : $row['like'],
            'serving_g' => $number('serving_g'),
            'carbohydrate_with_fibre' => \in_array(mb_strtolower($row['carbohydrate_with_fibre'] ?? ''), ['yes', '1', 'true', 'us'], true),
            'price_minor_per_kg' => $number('price_minor_per_kg'),
            'allergens' => ($row['allergens'] ?? '') === '' ? null : $list('allergens'),
            'may_contain' => ($row['may_contain'] ?? '') === '' ? null : $list('may_contain'),
            'declared' => ($row['declared'] ?? '') === '' ? null : $row['declared'],
            'sulphites' => $number('sulphites'),
            'also_called' => $list('also_called'),
            'source' => ($row['source'] ?? '') === '' ? 'packet' : $row['source'],
        ];
        foreach (PacketPanel::FIELDS as $field) {
            $packet[$field] = $number($field);
        }
        if ($packet['name'] === '') {
            $reasons['name'] = 'Every row needs a name.';
        }
        if ($reasons === []) {
            try {
                PacketPanel::of(array_intersect_key($packet, array_flip(PacketPanel::FIELDS)), $packet['serving_g'], $packet['carbohydrate_with_fibre']);
            } catch (ImpossiblePanel $impossible) {
                $reasons = $impossible->reasons;
            }
        }

        return ['packet' => $reasons === [] ? $packet : null, 'reasons' => $reasons];
    }
}
