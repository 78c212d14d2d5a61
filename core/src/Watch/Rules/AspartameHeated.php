<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 19: aspartame loses its sweetness when it is cooked. */
final class AspartameHeated implements Rule
{
    public static function name(): string
    {
        return 'aspartame-heated';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $portion) {
                if ($portion->ingredient->composition->of100('active.aspartame') > 0.0) {
                    yield new Warning(self::name(), $portion->heated ? Severity::Stop : Severity::Note, $portion->heated
                        ? \sprintf('%s: aspartame is heated here and loses its sweetness. Stir it in cold, or use sucralose or stevia; either way it is a source of phenylalanine, and not for people with phenylketonuria.', $layer->layer->name)
                        : \sprintf('%s contains aspartame: a source of phenylalanine; the label must say so, and it is not for people with phenylketonuria.', $layer->layer->name), $n, $portion->heated ? ['action' => 'swap', 'ingredient' => $portion->ingredient->id, 'for' => Remedies::of(self::name()), 'grams' => 0.35] : null);
                }
            }
        }
    }
}
