<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Fault\Nonsense;
use Transmuta\Process\Shopping\Article;
use Transmuta\Process\Shopping\Wholes;
use Transmuta\Shelf\Shelf;

/** A supplier's list as a table of text: `ingredient,article,pack_g,price` or `price_minor`, a row a pack; commas or semicolons between. */
final class PriceListCsv
{
    private const MOST_ROWS = 5000;

    private const MOST_BYTES = 2_000_000;

    /** Letters of a row that are shown again. */
    private const SHOWN = 40;

    /**
     * @return non-empty-list<Article>
     *
     * @throws Nonsense naming the line, if the table or a row of it cannot be meant
     */
    public static function read(string $text, string $supplier, Shelf $shelf): array
    {
        if (\strlen($text) > self::MOST_BYTES || !mb_check_encoding($text, 'UTF-8')) {
            throw Nonsense::of('text', mb_substr(mb_scrub($text), 0, 20), 'give a table of text in UTF-8, at most 2 MB');
        }
        $table = Csv::read($text, eitherMark: true);
        $head = $table->current() ?? [];
        $isMinor = \in_array('price_minor', $head, true);
        foreach (['ingredient', 'pack_g', $isMinor ? 'price_minor' : 'price'] as $column) {
            if (!\in_array($column, $head, true)) {
                throw Nonsense::of('line 1', mb_substr(implode(',', $head), 0, self::SHOWN), "name the columns ingredient, article, pack_g and price: $column is not there");
            }
        }
        $names = [];
        foreach ($shelf->all() as $in) {
            $names[mb_strtolower($in->name)] ??= $in->id;
        }
        $articles = [];
        for ($table->next(); $table->valid(); $table->next()) {
            [$n, $cells] = [$table->key(), $table->current()];
            if (\count($articles) >= self::MOST_ROWS) {
                throw Nonsense::of("line $n", implode(',', $cells), 'keep a list under ' . self::MOST_ROWS . ' rows');
            }
            if (\count($cells) !== \count($head)) {
                throw Nonsense::of("line $n", mb_substr(implode(',', $cells), 0, self::SHOWN), \sprintf('it has %d cells, and the first line names %d', \count($cells), \count($head)));
            }
            $articles[] = self::article(array_combine($head, $cells), $n, $supplier, $isMinor, $shelf, $names);
        }
        if ($articles === []) {
            throw Nonsense::of('text', '', 'a list has at least one row below its first line');
        }

        return $articles;
    }

    /**
     * @param array<string, string> $row
     * @param array<string, string> $names ids by name
     */
    private static function article(array $row, int $n, string $supplier, bool $isMinor, Shelf $shelf, array $names): Article
    {
        $said = $row['ingredient'] ?? '';
        $id = Wholes::standard()->key($said) ?? $shelf->find($said)->id ?? $names[mb_strtolower($said)] ?? throw Nonsense::of("line $n, ingredient", $said, 'name it as the shelf does, by its id there, or as it is bought whole, such as lemons or eggs in shell');
        $grams = self::figure($row['pack_g'] ?? '');
        if ($grams === null || $grams <= 0.0 || $grams > 1e6) {
            throw Nonsense::of("line $n, pack_g", $row['pack_g'] ?? '', 'say how many grams are in a pack, up to 1,000,000');
        }
        $price = self::figure($row[$isMinor ? 'price_minor' : 'price'] ?? '');
        $minor = $price === null ? null : ($isMinor ? $price : $price * 100);
        if ($minor === null || $minor < 0.0 || $minor > 1e8 || abs($minor - round($minor)) > 1e-6) {
            throw Nonsense::of("line $n, " . ($isMinor ? 'price_minor' : 'price'), $row[$isMinor ? 'price_minor' : 'price'] ?? '', $isMinor ? 'give a whole number' : 'give a price with at most two decimals');
        }
        $name = $row['article'] ?? '';

        return new Article($supplier, $id, $name === '' ? $said : mb_substr($name, 0, 120), $grams, (int) round($minor));
    }

    private static function figure(string $cell): ?float
    {
        // 1,250.00 and 1.250,00 would be guesses: a thousand is written 1250.
        $cell = preg_match('/^\d+,\d{1,2}$/', $cell) === 1 ? str_replace(',', '.', $cell) : $cell;

        return preg_match('/^\d+(\.\d+)?$/', $cell) === 1 ? (float) $cell : null;
    }
}
