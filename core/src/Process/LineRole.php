<?php

declare(strict_types=1);

namespace Transmuta\Process;

use Transmuta\Property\LayerReading;
use Transmuta\Property\Portion;
use Transmuta\Shelf\FatState;

/** What a line is for in the making: each line has one place. */
enum LineRole: string
{
    case Fired = 'fired';
    case Gelatin = 'gelatin';
    case Foam = 'foam';
    case Calcium = 'calcium';
    case Pectin = 'pectin';
    case Binder = 'binder';
    case Fat = 'fat';
    case Sharp = 'sharp';
    case Cool = 'cool';
    case Sugar = 'sugar';
    case Liquid = 'liquid';
    case Rest = 'rest';

    public static function of(Portion $portion, LayerReading $layer): self
    {
        $in = $portion->ingredient;
        $bakes = $layer->layer->treatment->bakes();
        $binds = $in->functions !== [] && ($in->isAgent() || ($in->group === 'starch' && !$bakes));

        return match (true) {
            $portion->fired => self::Fired,
            $in->does('gelatin-bloom') > 0.0 => self::Gelatin,
            $portion->whipped && $in->does('foam-overrun') > 0.0 => self::Foam,
            $in->does('calcium') > 0.0 => self::Calcium,
            $portion->boiled && $binds && ($in->does('lm-pectin') > 0.0 || $in->does('hm-pectin') > 0.0) && $in->composition->of100('water') < 50.0 => self::Pectin,
            $portion->boiled && $binds => self::Binder,
            $in->group === 'chocolate' || ($in->fatState === FatState::Continuous && $in->composition->family('fat.') > 60.0) => self::Fat,
            \in_array($in->group, ['fruit', 'acid'], true) => self::Sharp,
            $in->group === 'sugar' || $in->group === 'sweetener' => self::Sugar,
            $in->group !== 'egg' && (\in_array($in->fatState, [FatState::Cheese, FatState::RichCream], true) || ($in->ph !== null && $in->ph < 5.2)) => self::Cool,
            $in->composition->of100('water') > 50.0 && $in->group !== 'egg' => self::Liquid,
            default => self::Rest,
        };
    }

    /**
     * The places of the lines that are weighed, by what they are for. Sugar of a layer that is nothing but foam, or foam and what is baked apart, is whipped with it.
     *
     * @return array<string, list<int>> a list for every role
     */
    public static function places(LayerReading $layer): array
    {
        $places = array_fill_keys(array_column(self::cases(), 'value'), []);
        foreach ($layer->state->model->portions as $i => $portion) {
            if ($layer->layer->understood()[$i]->grams > 0.0) {
                $places[self::of($portion, $layer)->value][] = $i;
            }
        }
        if ($places['foam'] !== [] && array_diff(array_keys(array_filter($places)), ['fired', 'foam', 'sugar']) === []) {
            $places['foam'] = [...$places['foam'], ...$places['sugar']];
            $places['sugar'] = [];
        }

        return $places;
    }
}
