<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 40: a filling without its yolk is paler. */
final class ColourLostWithYolk implements Rule
{
    public static function name(): string
    {
        return 'colour-lost-with-yolk';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $lines = array_map(static fn(\Transmuta\Shelf\Ingredient $in): string => $in->id, array_column($layer->state->model->portions, 'ingredient'));
            $starchy = array_intersect(['cornflour', 'tapioca-starch', 'custard-powder', 'silken-tofu'], $lines) !== [];
            if ($dish->formula->family === \Transmuta\Formula\Family::Curd && $starchy && $layer->state->of100('protein.egg') === 0.0 && !\in_array('turmeric', $lines, true)) {
                yield new Warning(self::name(), Severity::Note, \sprintf('%s is paler without yolk: about %.1f g turmeric brings its yellow back, cooked with the starch.', $layer->layer->name, max(0.1, $layer->state->mass * 0.0006)), $n, ['action' => 'add', 'ingredient' => 'turmeric', 'grams' => round(max(0.1, $layer->state->mass * 0.0006), 1)]);
            }
        }
    }
}
