<?php

// Puts what run.php and long.php found into docs/atlas.md; exits 1 under the thresholds. `php report.php FOLDER [long]`.

declare(strict_types=1);

use Transmuta\Tests\Atlas\Laws;

require \dirname(__DIR__, 3) . '/vendor/autoload.php';

const ALL = 0.98;
const EACH = 0.95;
const WHOLE = [1, 2, 7, 8, 9, 16, 17];

/** @return list<array<string, mixed>> */
$rows = static function (string $pattern): array {
    $all = [];
    foreach (glob($pattern) ?: [] as $file) {
        foreach (file($file) ?: [] as $line) {
            $all[] = json_decode($line, true, 512, JSON_THROW_ON_ERROR);
        }
    }

    return $all;
};
$folder = (string) ($argv[1] ?? '');
$dishes = $rows("$folder/[0-9]*.jsonl");
if ($dishes === []) {
    fwrite(STDERR, "The atlas is empty: run.php wrote nothing into $folder.\n");
    exit(1);
}

/**
 * @param list<array<string, mixed>> $rows
 *
 * @return array<string|int, array{0: int, 1: int}> checks and broken ones by key
 */
$count = static function (array $rows, callable $key): array {
    $by = [];
    foreach ($rows as $row) {
        foreach ($row['checks'] as $check) {
            $k = $key($row, $check);
            $by[$k] ??= [0, 0];
            ++$by[$k][0];
            $by[$k][1] += $check[2] ? 0 : 1;
        }
    }
    ksort($by);

    return $by;
};
$share = static fn(array $c): string => sprintf('%.2f %%', 100 * (1 - $c[1] / max(1, $c[0])));
$table = static function (string $head, array $by, callable $name) use ($share): string {
    $out = "| $head | checks | broken | held |\n|---|---:|---:|---:|\n";
    foreach ($by as $key => $c) {
        $out .= sprintf("| %s | %d | %d | %s |\n", $name($key), $c[0], $c[1], $share($c));
    }

    return $out;
};
$laws = $count($dishes, static fn(array $r, array $c): int => $c[1]);
$total = [array_sum(array_column($laws, 0)), array_sum(array_column($laws, 1))];
$worst = [];
foreach ($dishes as $row) {
    foreach ($row['checks'] as [$route, $law, $holds, $detail]) {
        if (!$holds) {
            $worst[] = ['at' => [in_array($law, WHOLE, true) ? 0 : 1, $route, $row['standing'] === 'met' ? 0 : 1], 'line' => sprintf('| %s | %s | %d, %s | %s | %s |', $row['dish'], $row['diet'], $route + 1, $row['standing'], Laws::names()[$law], str_replace('|', '/', mb_strimwidth($detail, 0, 150, '…')))];
        }
    }
}
usort($worst, static fn(array $a, array $b): int => $a['at'] <=> $b['at']);
$standing = [];
foreach ($dishes as $row) {
    $standing[$row['diet']][$row['standing']] = ($standing[$row['diet']][$row['standing']] ?? 0) + 1;
}
ksort($standing);
$ms = array_column($dishes, 'ms');
sort($ms);

$text = "# The atlas\n\n" . sprintf(
    "%d dishes of our own invention (`core/data/atlas/*.dish`), each asked for %d diets and pairs: %d answers. The laws (`core/tests/Atlas/Laws.php`) read the finished recipe and know nothing of the engine's verdict but whether a route is called met. Written by `bin/atlas`; the first three routes of each answer are held against them.\n\n",
    count(array_unique(array_column($dishes, 'dish'))),
    count($standing),
    count($dishes),
);
$text .= sprintf("**%s of %d checks hold** (wanted: %g %%, each law %g %%, laws 1, 2, 7, 8, 9, 16 and 17 whole on routes that are called met, or met if packets say so).\n\n", $share($total), $total[0], 100 * ALL, 100 * EACH);
$text .= "## By law\n\n" . $table('law', $laws, static fn(int $law): string => "$law " . Laws::names()[$law]);
$text .= "\n## By diet\n\n" . $table('diet', $count($dishes, static fn(array $r): string => $r['diet']), static fn(string $d): string => $d);
$text .= "\n## By family\n\n" . $table('family', $count($dishes, static fn(array $r): string => $r['family']), static fn(string $f): string => $f);
$text .= "\n## How the first route stands\n\n| diet | met | met, if | met, but | out of reach |\n|---|---:|---:|---:|---:|\n";
foreach ($standing as $diet => $n) {
    $text .= sprintf("| %s | %d | %d | %d | %d |\n", $diet, $n['met'] ?? 0, $n['met_if'] ?? 0, $n['met_but'] ?? 0, ($n['blocked'] ?? 0) + ($n['missed'] ?? 0) + ($n['crash'] ?? 0));
}
$text .= "\n## The worst twenty\n\n| dish | diet | route | law | what was seen |\n|---|---|---|---|---|\n" . implode("\n", array_column(array_slice($worst, 0, 20), 'line')) . "\n";
$long = ($argv[2] ?? '') === 'long' ? $rows("$folder/long-*.jsonl") : [];
$bad = $total[0] > 0 && $total[1] > (1 - ALL) * $total[0];
foreach ($laws as $c) {
    $bad = $bad || $c[1] > (1 - EACH) * $c[0];
}
$whole = array_filter($dishes, static fn(array $r): bool => array_filter($r['checks'], static fn(array $c): bool => !$c[2] && in_array($c[1], WHOLE, true) && $c[0] === 0 && in_array($r['standing'], ['met', 'met_if'], true)) !== []);
$bad = $bad || $whole !== [];
if ($long !== []) {
    $by = $count($long, static fn(array $r, array $c): int => $c[1]);
    $all = [array_sum(array_column($by, 0)), array_sum(array_column($by, 1))];
    $text .= sprintf("\n## On %d random dishes\n\nDrawn from the classes of the whole shelf (`core/tests/Atlas/RandomDishes.php`): %s of %d checks hold.\n\n", count($long), $share($all), $all[0]) . $table('law', $by, static fn(int $law): string => "$law " . Laws::names()[$law]);
    foreach ($by as $law => $c) {
        $bad = $bad || $c[1] > (in_array($law, Laws::WHOLE, true) ? 0 : (1 - EACH) * $c[0]);
    }
    foreach ($long as $row) {
        foreach ($row['checks'] as $c) {
            if (!$c[2] && in_array($c[1], Laws::WHOLE, true)) {
                printf("  not whole: %s (%s): %s: %s\n", $row['dish'], $row['standing'], Laws::names()[$c[1]], $c[3]);
            }
        }
    }
} elseif (preg_match('/\n## On \d+ random dishes\n.*$/s', (string) @file_get_contents(\dirname(__DIR__, 3) . '/docs/atlas.md'), $kept) === 1) {
    $text .= $kept[0];
}
// What bin/sheets found stays until it looks again.
if (!str_contains($text, "\n## Sheets\n") && preg_match('/\n## Sheets\n.*?(?=\n## |\z)/s', (string) @file_get_contents(\dirname(__DIR__, 3) . '/docs/atlas.md'), $sheets) === 1) {
    $text .= $sheets[0];
}
file_put_contents(\dirname(__DIR__, 3) . '/docs/atlas.md', $text);
printf("atlas: %s of %d checks hold; %d answers, %.0f ms in the middle, %.0f ms at 95 %%\n", $share($total), $total[0], count($dishes), $ms[intdiv(count($ms), 2)], $ms[(int) (0.95 * count($ms))]);
foreach ($laws as $law => $c) {
    printf("  %2d %-26s %s of %d\n", $law, Laws::names()[$law], $share($c), $c[0]);
}
foreach (array_slice($whole, 0, 12) as $row) {
    foreach ($row['checks'] as $c) {
        if (!$c[2] && in_array($c[1], WHOLE, true) && $c[0] === 0) {
            printf("  not whole: %s, %s: %s: %s\n", $row['dish'], $row['diet'], Laws::names()[$c[1]], $c[3]);
        }
    }
}
exit($bad ? 1 : 0);
