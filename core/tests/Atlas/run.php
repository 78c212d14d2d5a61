<?php

// One part of the atlas: dishes k, k+n, … of the folder, each through its diets; one JSON line a dish and diet. bin/atlas calls it.

declare(strict_types=1);

use Transmuta\Diet\Diet;
use Transmuta\Engine;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Shelf\IngredientList;
use Transmuta\Tests\Atlas\Laws;

require \dirname(__DIR__, 3) . '/vendor/autoload.php';

[$k, $n, $pairs] = [(int) ($argv[1] ?? 0), (int) ($argv[2] ?? 1), ($argv[3] ?? '') === 'pairs'];
$only = $argv[4] ?? '';
// The tables of another folder: an earlier state to compare with.
if (($argv[5] ?? '') !== '') {
    Transmuta\Reference\Table::readFrom($argv[5]);
}
$briefs = [['vegan'], ['eggless'], ['gluten-free'], ['keto'], ['high-protein']];
if ($pairs) {
    array_push($briefs, ['vegan', 'gluten-free'], ['gluten-free', 'eggless'], ['vegan', 'nut-free'], ['keto', 'eggless'], ['dairy-free'], ['soy-free', 'vegan']);
}
$engine = Engine::over(IngredientList::shipped());
$files = glob(__DIR__ . '/../../data/atlas/*.dish') ?: [];
foreach ($files as $at => $file) {
    if ($at % $n !== $k || ($only !== '' && !str_contains($file, $only))) {
        continue;
    }
    $formula = $engine->parse((string) file_get_contents($file));
    $was = $engine->read($formula);
    foreach ($briefs as $words) {
        $brief = Brief::of(array_map(Diet::from(...), $words));
        $checks = $names = $told = [];
        $start = hrtime(true);
        try {
            $answer = $engine->answer($formula, $brief);
            foreach (array_slice($answer->routes, 0, 3) as $r => $route) {
                foreach (Laws::check($was, $route->result, $brief, $route->standing->holds(), $route->standing->value) as $check) {
                    $checks[] = [$r, ...$check];
                }
                $names[] = $route->name;
                $checks[] = [$r, 14, trim($route->name) !== '' && !str_contains($route->name, 'More '), $route->name];
            }
            foreach ($answer->routes as $route) {
                $told[] = hash('xxh64', json_encode([$route->name, $route->standing->value, round($route->fit, 3), array_map(static fn($layer): array => array_map(static fn($line): array => [$line->ingredient, round($line->grams, 4), $line->prep], $layer->lines), $route->result->formula->layers)], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE));
            }
            $hashes = array_map(static fn($route): string => $route->hash(), $answer->routes);
            $checks[] = [0, 14, count($hashes) === count(array_unique($hashes)) && count(array_unique(array_column($answer->routes, 'name'))) === count($answer->routes), implode(' | ', $names)];
            // Or an honest no: what is hardly the dish any more is no recipe of it.
            $isHonest = (($answer->blocked[0]->unit ?? '') === 'structure' && $answer->blocked[0]->because !== []) || ($answer->blocked[0]->unit ?? '') === 'of 100' && $answer->blocked[0]->number < 35.0 && $answer->blocked[0]->because !== [];
            $checks[] = [0, 13, $answer->routes !== [] || $isHonest, 'blocked: ' . ($answer->blocked[0]->reason ?? '')];
            if ($answer->routes === []) {
                $checks[] = [0, 10, preg_match('/\d/', $answer->blocked[0]->reason ?? '') === 1 && ($answer->proposals !== [] || $answer->blocked[0]->nearest !== ''), $answer->blocked[0]->reason ?? 'no reason'];
            }
            $standing = $answer->routes === [] ? 'blocked' : $answer->routes[0]->standing->value;
            $why = $answer->routes === [] ? '' : implode('; ', $answer->routes[0]->settlement->words());
        } catch (Throwable $thrown) {
            $checks[] = [0, 8, false, $thrown::class . ': ' . $thrown->getMessage()];
            [$standing, $why] = ['crash', $thrown->getMessage()];
        }
        echo json_encode(['dish' => basename($file, '.dish'), 'family' => $formula->family->value, 'diet' => implode('+', $words), 'standing' => $standing, 'why' => $why, 'route' => $names[0] ?? '', 'ms' => (hrtime(true) - $start) / 1e6, 'checks' => $checks, 'routes' => $told, 'key' => basename($file, '.dish') . ', ' . implode('+', $words), 'reading' => hash('xxh64', serialize([$was->portion, array_map(static fn($layer): array => [$layer->set->ge, $layer->se, $layer->ph, $layer->aw], $was->layers)]))], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE), "\n";
    }
}
