<?php

declare(strict_types=1);

namespace Transmuta\Tests\Shelf;

use Transmuta\Provenance\Mark;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Standards;
use Transmuta\Tests\Kit;

/** The rows cooks' lines name most often, counted over every labelled line and every demo dish, and what stands behind the composition of each. */
final class MostUsed
{
    public const COUNT = 120;

    /** @return list<string> ids, the most used first; equal counts by id */
    public static function ids(): array
    {
        $shelf = Kit::shelf();
        $uses = [];
        foreach (glob(\dirname(__DIR__) . '/Intake/*.csv') ?: [] as $file) {
            $handle = fopen($file, 'r');
            if ($handle === false) {
                continue;
            }
            $head = array_map(strval(...), fgetcsv($handle, escape: '') ?: []);
            while (($cells = fgetcsv($handle, escape: '')) !== false) {
                $row = \count($cells) === \count($head) ? array_combine($head, array_map(strval(...), $cells)) : [];
                foreach (preg_split('/[;+ |]+/', ($row['ingredient'] ?? '') . ' ' . ($row['id'] ?? '')) ?: [] as $id) {
                    $uses[$id] = ($uses[$id] ?? 0) + 1;
                }
            }
            fclose($handle);
        }
        foreach (glob(\dirname(__DIR__, 2) . '/data/demo/*.txt') ?: [] as $file) {
            foreach (Kit::engine()->parse((string) file_get_contents($file))->layers as $layer) {
                foreach ($layer->lines as $line) {
                    $uses[$line->ingredient] = ($uses[$line->ingredient] ?? 0) + 1;
                }
            }
        }
        $uses = array_intersect_key($uses, $shelf->all());
        $ids = array_keys($uses);
        usort($ids, static fn(string $a, string $b): int => [$uses[$b], $a] <=> [$uses[$a], $b]);

        return \array_slice($ids, 0, self::COUNT);
    }

    /**
     * What stands behind a row, the strongest first: its greatest part but water published, some part published, a legal definition that
     * bounds it, a measured row it is held against, or memory alone.
     *
     * @param array<string, mixed> $pairs
     *
     * @return 'published'|'in part'|'bounded'|'beside'|'recalled'
     */
    public static function behind(Ingredient $in, array $pairs): string
    {
        $parts = array_diff_key(array_filter($in->composition->parts, static fn(float $g): bool => $g >= 1.0), ['saturates' => 1, 'particles' => 1, 'insoluble' => 1]);
        $solid = \count($parts) > 1 ? array_diff_key($parts, ['water' => 1]) : $parts;
        arsort($solid); // the greatest first
        $is = static fn(string $part): bool => $in->provenanceOf($part)->mark === Mark::Published;
        $published = array_filter(array_keys($parts), $is);

        return match (true) {
            $solid !== [] && $is((string) array_key_first($solid)) => 'published',
            $published !== [] => 'in part',
            Standards::of($in->id) !== [] => 'bounded',
            isset($pairs[$in->id]) => 'beside',
            default => 'recalled',
        };
    }

    /** @return array<string, list<string>> ids by what stands behind them */
    public static function sorted(): array
    {
        $by = ['published' => [], 'in part' => [], 'bounded' => [], 'beside' => [], 'recalled' => []];
        $pairs = Ifct::pairs();
        foreach (self::ids() as $id) {
            $by[self::behind(Kit::shelf()->get($id), $pairs)][] = $id;
        }

        return $by;
    }
}
