<?php

declare(strict_types=1);

namespace Transmuta\Process\Shopping;

use Transmuta\Fault\Nonsense;
use Transmuta\Shelf\Shelf;

/** A supplier's list as a table of text: `ingredient,article,pack_g,price` or `price_minor`, a row a pack; commas or semicolons between. */
final readonly class PriceList
{
    private const MOST_ROWS = 5000;

    private const MOST_BYTES = 2_000_000;

    /** @param list<Article> $articles */
    private function __construct(public array $articles) {}

    /**
     * @throws Nonsense naming the line, if the table or a row of it cannot be meant
     */
    public static function read(string $text, string $supplier, Shelf $shelf): self
    {
        if (\strlen($text) > self::MOST_BYTES || !mb_check_encoding($text, 'UTF-8')) {
            throw Nonsense::of('text', mb_substr(mb_scrub($text), 0, 20), 'give a table of text in UTF-8, at most 2 MB');
        }
        $lines = preg_split('/\R/', (string) preg_replace('/^\x{FEFF}/u', '', $text)) ?: [];
        $mark = substr_count($lines[0] ?? '', ';') > substr_count($lines[0] ?? '', ',') ? ';' : ',';
        $head = array_map(static fn(?string $cell): string => mb_strtolower(trim((string) $cell)), str_getcsv($lines[0] ?? '', $mark, '"', ''));
        $isMinor = \in_array('price_minor', $head, true);
        foreach (['ingredient', 'pack_g', $isMinor ? 'price_minor' : 'price'] as $column) {
            if (!\in_array($column, $head, true)) {
                throw Nonsense::of('line 1', $lines[0] ?? '', "name the columns ingredient, article, pack_g and price: $column is not there");
            }
        }
        $names = [];
        foreach ($shelf->all() as $in) {
            $names[mb_strtolower($in->name)] ??= $in->id;
        }
        $articles = [];
        foreach (\array_slice($lines, 1, null, true) as $n => $line) {
            if (trim($line) === '') {
                continue;
            }
            if (\count($articles) >= self::MOST_ROWS) {
                throw Nonsense::of('line ' . ($n + 1), $line, 'keep a list under ' . self::MOST_ROWS . ' rows');
            }
            $cells = array_map(static fn(?string $cell): string => trim((string) $cell), str_getcsv($line, $mark, '"', ''));
            if (\count($cells) !== \count($head)) {
                throw Nonsense::of('line ' . ($n + 1), mb_substr($line, 0, 40), \sprintf('it has %d cells, and the first line names %d', \count($cells), \count($head)));
            }
            $articles[] = self::article(array_combine($head, $cells), $n + 1, $supplier, $isMinor, $shelf, $names);
        }
        if ($articles === []) {
            throw Nonsense::of('text', '', 'a list has at least one row below its first line');
        }

        return new self($articles);
    }

    /**
     * @param array<string, string> $row
     * @param array<string, string> $names ids by name
     */
    private static function article(array $row, int $n, string $supplier, bool $isMinor, Shelf $shelf, array $names): Article
    {
        $said = ltrim($row['ingredient'] ?? '', "'");
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
        $name = ltrim($row['article'] ?? '', "'");

        return new Article($supplier, $id, $name === '' ? $said : mb_substr($name, 0, 120), $grams, (int) round($minor));
    }

    private static function figure(string $cell): ?float
    {
        // 1,250.00 and 1.250,00 would be guesses: a thousand is written 1250.
        $cell = preg_match('/^\d+,\d{1,2}$/', $cell) === 1 ? str_replace(',', '.', $cell) : $cell;

        return preg_match('/^\d+(\.\d+)?$/', $cell) === 1 ? (float) $cell : null;
    }
}
