<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Portion;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Shelf\Nature;
use Transmuta\Watch\Rule;

/** Practice, watch rule 26: coconut fat sets anything in the cold and fails above 24 °C. */
final class CoconutSoftensWarm implements Rule
{
    public static function name(): string
    {
        return 'coconut-softens-warm';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            if ($layer->state->of100('fat.coconut') > 4.0 && ($layer->set->mechanisms['fat'] ?? 0.0) > 0.15 * $layer->set->ge && $layer->baseWords === null) {
                $oil = array_filter($layer->state->model->portions, static fn(Portion $p): bool => $p->ingredient->is(Nature::CoconutHardFat));
                $serveAt = $dish->formula->serveAt;
                $factor = $models->fat->solidShare('coconut', $serveAt) / max(0.01, $models->fat->solidShare('cocoa', $serveAt) * $models->reference->set['fat.cocoa']);
                yield new Warning(self::name(), Severity::Note, \sprintf('%s: its coconut fat softens by 24 °C; at 20 °C the layer is "%s". Serve it from the fridge, or set it with cocoa butter, which holds to 28 °C.', $layer->layer->name, \Transmuta\Property\Setting\Ladder::word($layer->setWarm->ge)), $n, $oil === [] ? null : ['action' => 'swap', 'ingredient' => reset($oil)->ingredient->id, 'for' => Remedies::of(self::name()), 'grams' => round($factor, 2)]);
            }
        }
    }
}
