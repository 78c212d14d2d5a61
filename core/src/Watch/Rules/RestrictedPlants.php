<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Shelf\Nature;
use Transmuta\Watch\Rule;

/** Practice, watch rule 47: nutmeg, bitter almond, raw elderberry, tonka; konjac in jelly mini-cups. */
final class RestrictedPlants implements Rule
{
    public static function name(): string
    {
        return 'restricted-plants';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                $grams = $layer->state->grams[$i] / $dish->formula->portions;
                $text = match (true) {
                    $portion->ingredient->is(Nature::Tonka) => \sprintf('tonka brings coumarin: banned in US food, at most 5 mg/kg in EU desserts (about 0.2 g of a bean in a kilo). %.2f g a portion', $grams),
                    $portion->ingredient->is(Nature::Nutmeg) => $grams > 1.0 ? \sprintf('%.1f g nutmeg a portion is a poisonous dose in reach; a dish takes a pinch', $grams) : null,
                    $portion->ingredient->is(Nature::RawElderberry) => $portion->heated ? null : 'raw elderberries make people ill. Cook them through',
                    $portion->ingredient->is(Nature::ChokingGel) => 'konjac is barred from jelly mini-cups in the EU: they choke. Not in bite-size cups, not for small children',
                    default => null,
                };
                if ($text !== null && $grams > 0.0) {
                    yield new Warning(self::name(), Severity::Stop, \sprintf('%s: %s. Follow your local rules.', $layer->layer->name, $text), $n);
                }
            }
        }
    }
}
