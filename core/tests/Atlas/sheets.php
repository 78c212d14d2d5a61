<?php

// One part of the sheets: dishes k, k+n, … of the atlas and of 200 random dishes, each through five diets; one JSON line a sheet. bin/sheets calls it.

declare(strict_types=1);

use Transmuta\Diet\Diet;
use Transmuta\Engine;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Shelf\IngredientList;
use Transmuta\Tests\Atlas\RandomDishes;
use Transmuta\Tests\Atlas\Sheets;

require \dirname(__DIR__, 3) . '/vendor/autoload.php';

[$k, $n, $fresh] = [(int) ($argv[1] ?? 0), (int) ($argv[2] ?? 1), (int) ($argv[3] ?? 200)];
$engine = Engine::over(IngredientList::shipped());
$dishes = [];
foreach (glob(__DIR__ . '/../../data/atlas/*.dish') ?: [] as $file) {
    $dishes[basename($file, '.dish')] = $engine->parse((string) file_get_contents($file));
}
$random = new RandomDishes(IngredientList::shipped(), 20261202);
for ($i = 0; $i < $fresh; ++$i) {
    $dishes["random $i"] = $random->next()[0];
}
$at = 0;
foreach ($dishes as $name => $formula) {
    if ($at++ % $n !== $k) {
        continue;
    }
    foreach ([Diet::Vegan, Diet::Eggless, Diet::GlutenFree, Diet::Keto, Diet::HighProtein] as $diet) {
        $start = hrtime(true);
        $answer = $engine->answer($formula, Brief::of([$diet]));
        $ms = (hrtime(true) - $start) / 1e6;
        $route = $answer->routes[0] ?? null;
        $isChanged = $route !== null && $route->id !== 'as-it-is';
        echo json_encode([
            'dish' => $name, 'diet' => $diet->value, 'ms' => $ms, 'isRandom' => str_starts_with((string) $name, 'random '),
            'standing' => $route === null ? 'refused' : $route->standing->value, 'name' => $route->name ?? $answer->blocked[0]->reason ?? '',
            'new' => $isChanged ? count($route->toBuy) : null,
            'checks' => $isChanged ? Sheets::judge($engine, $formula, $route, [$diet]) : [],
            'sheet' => $isChanged ? Sheets::printed($formula, $route->formula()) : '',
        ], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE), "\n";
    }
}
