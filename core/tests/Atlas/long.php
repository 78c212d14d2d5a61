<?php

// The laws on many random dishes: `php long.php SEED HOW-MANY`, one JSON line a dish. bin/atlas --long calls it.

declare(strict_types=1);

use Transmuta\Engine;
use Transmuta\Shelf\IngredientList;
use Transmuta\Tests\Atlas\Laws;
use Transmuta\Tests\Atlas\RandomDishes;

require \dirname(__DIR__, 3) . '/vendor/autoload.php';

$engine = Engine::over(IngredientList::shipped());
$dishes = new RandomDishes(IngredientList::shipped(), (int) ($argv[1] ?? 1));
for ($n = 0; $n < (int) ($argv[2] ?? 100); ++$n) {
    [$formula, $brief, $words] = $dishes->next();
    $checks = [];
    $standing = 'blocked';
    $start = hrtime(true);
    try {
        $was = $engine->read($formula);
        $answer = $engine->answer($formula, $brief);
        $standing = $answer->routes === [] ? 'blocked' : $answer->routes[0]->standing->value;
        foreach (array_slice($answer->routes, 0, 3) as $r => $route) {
            foreach (Laws::check($was, $route->result, $brief, $route->standing->holds(), $route->standing->value) as $check) {
                $checks[] = [$r, ...$check];
            }
        }
        if ($answer->routes === []) {
            $checks[] = [0, 10, $answer->blocked !== [] && $answer->blocked[0]->number > 0.0 && $answer->blocked[0]->nearest !== '', $answer->blocked[0]->reason ?? 'no reason'];
        }
    } catch (Throwable $thrown) {
        $checks[] = [0, 8, false, $thrown::class . ': ' . $thrown->getMessage()];
        $standing = 'crash';
    }
    echo json_encode(['dish' => $words, 'standing' => $standing, 'ms' => (hrtime(true) - $start) / 1e6, 'checks' => $checks], JSON_THROW_ON_ERROR | JSON_INVALID_UTF8_SUBSTITUTE), "\n";
}
