<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, cautions: honey is not for infants. */
final class HoneyAndInfants implements Rule
{
    public static function name(): string
    {
        return 'honey-and-infants';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $portion) {
                if ($portion->ingredient->comesFrom('honey')) {
                    $sweet = static fn(string $id): float => $models->shelf->get($id)->composition->family('sugar.');
                    $instead = Remedies::of(self::name());
                    $cure = $portion->ingredient->class === 'honey' && $portion->ingredient->composition->of100('water') > 5.0 ? ['action' => 'swap', 'ingredient' => $portion->ingredient->id, 'for' => $instead, 'grams' => round($sweet($portion->ingredient->id) / $sweet($instead), 2)] : null;
                    yield new Warning(self::name(), Severity::Note, \sprintf('%s holds honey: not for children under one year. Maple syrup sweetens in its place.', $layer->layer->name), $n, $cure);
                }
            }
        }
    }
}
