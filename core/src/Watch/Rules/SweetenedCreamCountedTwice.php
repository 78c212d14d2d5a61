<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 14: cream that is sweetened already, with sugar beside it. */
final class SweetenedCreamCountedTwice implements Rule
{
    public static function name(): string
    {
        return 'sweetened-cream-twice';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $sweet = null;
            $sugar = false;
            foreach ($layer->state->model->portions as $i => $portion) {
                $in = $portion->ingredient;
                if ($in->does('foam-overrun') > 0.0 && $in->addedSugars() > 4.0 && $layer->state->grams[$i] > 0.0) {
                    $sweet = [$in, $layer->state->grams[$i] * $in->addedSugars() / 100];
                }
                $sugar = $sugar || ($in->group === 'sugar' && $layer->state->grams[$i] > 0.0);
            }
            if ($sweet !== null && $sugar) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: the %s is sweetened already and brings %.0f g sugar of its own. It is counted here; take that much off the sugar or take plain cream, if that is what the recipe meant.', $layer->layer->name, mb_strtolower($sweet[0]->name), $sweet[1]), $n, $sweet[0]->comesFrom('dairy') ? ['action' => 'swap', 'ingredient' => $sweet[0]->id, 'for' => Remedies::of(self::name())] : null);
            }
        }
    }
}
