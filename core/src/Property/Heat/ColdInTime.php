<?php

declare(strict_types=1);

namespace Transmuta\Property\Heat;

use Transmuta\Formula\Tin;
use Transmuta\Property\DishReading;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;

/** Whether each hot layer of a dish cools in time, as deep as it stands: FDA Food Code 2022, 3-501.14, 57 to 21 °C within 2 h, to 5 °C within 6 h in all. */
final readonly class ColdInTime
{
    private const MOST_TINS = 6;

    /**
     * @param int $layer its place in the dish
     * @param float $hours it takes from 57 to 21 °C
     * @param ?Tin $shallower as many of the same vessel as make it shallow enough; null where that many do not
     */
    private function __construct(public int $layer, public Cooling $cooling, public float $hours, public ?Tin $shallower) {}

    /** @return list<self> each layer that does not */
    public static function failing(DishReading $dish, Reference $reference): array
    {
        $all = [];
        foreach ($dish->stack->coolings as $n => $cooling) {
            if ($cooling->dangerHours !== null && !self::isInTime($cooling)) {
                $all[] = new self($n, $cooling, $cooling->dangerHours, self::shallower($dish, $reference, $n));
            }
        }

        return $all;
    }

    private static function isInTime(Cooling $cooling): bool
    {
        return $cooling->dangerHours !== null && $cooling->dangerHours <= Figure::FoodCodeWarmWithin->number() && ($cooling->coldHours === null || $cooling->coldHours <= Figure::FoodCodeColdWithin->number());
    }

    private static function shallower(DishReading $dish, Reference $reference, int $n): ?Tin
    {
        $layer = $dish->layers[$n];
        $tin = $layer->layer->tin;
        for ($times = 2; $tin !== null && $times <= self::MOST_TINS; ++$times) {
            $cooling = Cooling::of([['thermal' => $layer->thermal, 'height' => $dish->stack->heights[$n] / $times]], $tin, Cooling::startOf($layer->layer->treatment), $reference);
            if (self::isInTime($cooling)) {
                return $tin->times($tin->count * $times);
            }
        }

        return null;
    }
}
