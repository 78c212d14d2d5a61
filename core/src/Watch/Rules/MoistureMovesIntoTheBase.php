<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 34: moisture moves into a crumb overnight. */
final class MoistureMovesIntoTheBase implements Rule
{
    public static function name(): string
    {
        return 'moisture-into-base';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $above = $dish->layers[$n + 1] ?? null;
            if ($layer->baseWords !== null && $above !== null && $above->aw - $layer->aw > 0.12 && $layer->state->fat < 30.0 && !self::isSealed($layer)) {
                yield new Warning(self::name(), Severity::Note, \sprintf('%s at water activity %.2f under %s at %.2f: it softens overnight. Brush it with melted cocoa butter or chocolate first, or fill it on the day.', $layer->layer->name, $layer->aw, mb_strtolower($above->layer->name), $above->aw), $n, ['action' => 'add', 'ingredient' => Remedies::of(self::name()), 'grams' => round(Figure::BaseCoat->number() * $layer->state->mass, 1)]);
            }
        }
    }

    private static function isSealed(LayerReading $layer): bool
    {
        foreach ($layer->state->model->portions as $i => $portion) {
            if ($portion->ingredient->id === Remedies::of(self::name()) && $layer->state->share[$i] >= 50 * Figure::BaseCoat->number()) {
                return true;
            }
        }

        return false;
    }
}
