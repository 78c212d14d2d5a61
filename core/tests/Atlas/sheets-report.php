<?php

// Puts what sheets.php found into docs/atlas.md, under "Sheets"; exits 1 under the thresholds. `php sheets-report.php FOLDER`.

declare(strict_types=1);

use Transmuta\Tests\Atlas\Sheets;

require \dirname(__DIR__, 3) . '/vendor/autoload.php';

/** Share of the sheets that each rule must hold for; what is not named is told and held to nothing yet. */
const WANTED = [2 => 0.95, 3 => 1.0, 4 => 0.98, 8 => 1.0];

$rows = [];
foreach (glob(($argv[1] ?? '') . '/sheets-*.jsonl') ?: [] as $file) {
    foreach (file($file) ?: [] as $line) {
        $rows[] = json_decode($line, true, 512, JSON_THROW_ON_ERROR);
    }
}
if ($rows === []) {
    fwrite(STDERR, "No sheets: sheets.php wrote nothing.\n");
    exit(1);
}
$changed = array_values(array_filter($rows, static fn(array $row): bool => $row['checks'] !== []));
$new = array_column($changed, 'new');
sort($new);
$by = [];
foreach ($changed as $row) {
    foreach ($row['checks'] as [$rule, $holds]) {
        $by[$rule] ??= [0, 0];
        ++$by[$rule][0];
        $by[$rule][1] += $holds ? 0 : 1;
    }
}
ksort($by);
$broken = static fn(array $row): int => count(array_filter($row['checks'], static fn(array $check): bool => !$check[1]));
$clean = count(array_filter($changed, static fn(array $row): bool => $broken($row) === 0));
$text = sprintf("\n## Sheets\n\nThe first route of %d answers on the atlas and on 200 random dishes, as the sheet that is weighed, by rules of their own (`core/tests/Atlas/Sheets.php`); written by `bin/sheets`. %d are changed dishes, %d stay as they are, %d are refused. New things: %d in the middle, %d at 95 %%. **%.0f %% of the changed sheets break no rule.**\n\n| rule | sheets | broken | held |\n|---|---:|---:|---:|\n", count($rows), count($changed), count(array_filter($rows, static fn(array $row): bool => $row['checks'] === [] && $row['standing'] !== 'refused')), count(array_filter($rows, static fn(array $row): bool => $row['standing'] === 'refused')), $new[intdiv(count($new), 2)], $new[(int) (0.95 * count($new))], 100 * $clean / count($changed));
$isBad = false;
foreach ($by as $rule => [$all, $bad]) {
    $text .= sprintf("| %s | %d | %d | %.1f %% |\n", Sheets::RULES[$rule], $all, $bad, 100 * (1 - $bad / $all));
    $isBad = $isBad || $bad > (1 - (WANTED[$rule] ?? 0.0)) * $all;
}
usort($changed, static fn(array $a, array $b): int => [$broken($b), $b['new']] <=> [$broken($a), $a['new']]);
$text .= "\n### The twenty worst sheets\n\n";
foreach (array_slice($changed, 0, 20) as $row) {
    $text .= sprintf("- **%s, %s** (%s): %s  \n  %s  \n  _%s_\n", $row['dish'], $row['diet'], $row['standing'], $row['name'], $row['sheet'], implode('; ', array_map(static fn(array $check): string => Sheets::RULES[$check[0]] . ': ' . $check[2], array_filter($row['checks'], static fn(array $check): bool => !$check[1]))));
}
$path = \dirname(__DIR__, 3) . '/docs/atlas.md';
$was = (string) @file_get_contents($path);
$was = (string) preg_replace('/\n## Sheets\n.*?(?=\n## |\z)/s', '', $was);
file_put_contents($path, rtrim($was) . "\n" . $text);
$ms = array_column($rows, 'ms');
sort($ms);
printf("sheets: %.0f %% of %d break no rule; new things %d in the middle; answers %.0f ms in the middle, %.0f ms at 95 %%\n", 100 * $clean / count($changed), count($changed), $new[intdiv(count($new), 2)], $ms[intdiv(count($ms), 2)], $ms[(int) (0.95 * count($ms))]);
foreach ($by as $rule => [$all, $bad]) {
    printf("  %2d %-56s %.1f %% of %d\n", $rule, Sheets::RULES[$rule], 100 * (1 - $bad / $all), $all);
}
exit($isBad ? 1 : 0);
