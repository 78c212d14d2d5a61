<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Formula\TreatmentKind;
use Transmuta\Formula\TreatmentStep;
use Transmuta\Property\Care;
use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Structure\Base;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 30: raw or lightly heated egg, raw flour in an unbaked layer. */
final class RawEggOrFlour implements Rule
{
    public static function name(): string
    {
        return 'raw-egg-or-flour';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                if ($portion->heated || $layer->state->grams[$i] <= 0.0) {
                    continue;
                }
                if (Care::isRawEgg($portion->ingredient)) {
                    $instead = Remedies::all(self::name())[$portion->ingredient->class] ?? null;
                    yield new Warning(self::name(), Severity::Stop, \sprintf('%s: the %s stays raw. Use pasteurised egg, and keep it from pregnant, young, old or ill guests; follow your local code.', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n, $instead === null ? null : ['action' => 'swap', 'ingredient' => $portion->ingredient->id, 'for' => $instead]);
                } elseif (Care::isRawFlour($portion->ingredient)) {
                    yield new Warning(self::name(), Severity::Stop, \sprintf('%s: the flour is never cooked. Raw flour is not safe to eat: bake or boil it in its dough or mass, or buy flour sold heat-treated. Toasting dry flour at home proves nothing; follow your local code.', $layer->layer->name), $n, Base::isDry($layer->state) ? ['action' => 'treat', 'ingredient' => '', 'for' => $layer->layer->treatment->heatedBy(TreatmentStep::of(TreatmentKind::Bake, Figure::RawBaseOven->number()))->words()] : ['action' => 'boil-apart', 'ingredient' => $portion->ingredient->id]);
                }
            }
        }
    }
}
