<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Intake\Unreadable;

/** A formula as a table, a row a line: `title,portions,layer,ingredient,grams,text`. A cell a spreadsheet would compute has an apostrophe before it. */
final class FormulaCsv
{
    private const HEAD = ['title', 'portions', 'layer', 'ingredient', 'grams', 'text'];

    private const MOST_ROWS = 2000;

    public static function write(Formula $formula): string
    {
        $rows = [self::HEAD];
        foreach ($formula->layers as $layer) {
            foreach ($layer->lines as $line) {
                $rows[] = [$formula->title, (string) $formula->portions, $layer->name, $line->ingredient ?? '', $line->ingredient === null ? '' : (string) round($line->grams, 3), $line->text];
            }
        }

        return Csv::write($rows);
    }

    /** Told by its first line. */
    public static function is(string $text): bool
    {
        return preg_match('/^(?:\x{FEFF})?\s*"?title"?\s*[,;]\s*"?portions"?\s*[,;]\s*"?layer"?\s*[,;]/iu', substr($text, 0, 200)) === 1;
    }

    /**
     * The data of our JSON form.
     *
     * @return array<string, mixed>
     *
     * @throws Unreadable naming the line
     */
    public static function data(string $text): array
    {
        $head = null;
        $title = '';
        $portions = 1.0;
        $layers = [];
        foreach (Csv::read($text, eitherMark: true) as $n => $cells) {
            if ($head === null) {
                $head = $cells;
                if (array_diff(['title', 'portions', 'layer', 'ingredient', 'grams'], $head) !== []) {
                    throw Unreadable::json('line 1: the columns are title, portions, layer, ingredient, grams and text');
                }
                continue;
            }
            if ($n > self::MOST_ROWS) {
                throw Unreadable::json('a table takes at most ' . self::MOST_ROWS . ' rows');
            }
            if (\count($cells) !== \count($head)) {
                throw Unreadable::json(\sprintf('line %d: it has %d cells, and the first line names %d', $n, \count($cells), \count($head)));
            }
            $row = array_combine($head, $cells);
            $title = $title === '' ? $row['title'] : $title;
            if ($row['portions'] !== '') {
                if (!is_numeric($row['portions']) || (float) $row['portions'] < 1.0) {
                    throw Unreadable::json("line $n: portions \"$row[portions]\" is no number of them");
                }
                $portions = (float) $row['portions'];
            }
            $layers[$row['layer']][] = self::line($row, $n);
        }
        if ($layers === []) {
            throw Unreadable::json('the table has no line below its first');
        }

        return ['title' => $title === '' ? 'Untitled dish' : $title, 'portions' => $portions, 'layers' => array_map(static fn(string $name, array $lines): array => ['name' => $name === '' ? Layer::UNNAMED : $name, 'lines' => $lines], array_map(strval(...), array_keys($layers)), array_values($layers))];
    }

    /**
     * @param array<string, string> $row
     *
     * @return array<string, mixed>|string
     */
    private static function line(array $row, int $n): array|string
    {
        $text = $row['text'] ?? '';
        if ($row['ingredient'] === '') {
            return $text === '' ? throw Unreadable::json("line $n: it names neither an ingredient nor a text") : $text;
        }
        if (!is_numeric($row['grams']) || (float) $row['grams'] < 0.0) {
            throw Unreadable::json("line $n: grams \"$row[grams]\" is no number");
        }
        // By its id it is known; by any other name it is read as a line is.
        return preg_match('/^[a-z0-9-]+$/', $row['ingredient']) === 1 ? ['ingredient' => $row['ingredient'], 'grams' => (float) $row['grams'], 'text' => $text === '' ? "$row[grams] g $row[ingredient]" : $text] : "$row[grams] g $row[ingredient]";
    }
}
