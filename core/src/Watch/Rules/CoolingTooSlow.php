<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Heat\Cooling;
use Transmuta\Property\Reader;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Handbook F 32: a hot layer too deep to cool in time (FDA Food Code 2022, 3-501.14: 57 to 21 °C within 2 h, to 5 °C within 6 h in all). */
final class CoolingTooSlow implements Rule
{
    private const MOST_TINS = 6;

    public static function name(): string
    {
        return 'cooling-too-slow';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->stack->coolings as $n => $cooling) {
            $danger = $cooling->dangerHours;
            if ($danger !== null && $danger > 2.0) {
                $cure = $this->shallower($dish, $reader, $n);
                yield new Warning(self::name(), Severity::Stop, \sprintf('%s: %.0f mm deep, its middle takes about %.1f h from 57 to 21 °C in a still fridge; the Food Code allows 2 h. Cool it shallower or in an ice bath first (a computed time, not a proof: use a probe).', $dish->layers[$n]->layer->name, $cooling->heightMm, $danger), $n, $cure);
            }
        }
    }

    /**
     * As many of the same vessel as make the layer shallow enough.
     *
     * @return ?array{action: string, ingredient: string, for: string}
     */
    private function shallower(DishReading $dish, Reader $reader, int $n): ?array
    {
        $layer = $dish->layers[$n];
        $tin = $layer->layer->tin;
        for ($times = 2; $tin !== null && $times <= self::MOST_TINS; ++$times) {
            $cooling = Cooling::of([['thermal' => $layer->thermal, 'height' => $dish->stack->heights[$n] / $times]], $tin, Cooling::startOf($layer->layer->treatment), $reader->reference);
            if ($cooling->dangerHours !== null && $cooling->dangerHours <= 2.0) {
                return ['action' => 'tin', 'ingredient' => '', 'for' => $tin->times($tin->count * $times)->words()];
            }
        }

        return null;
    }
}
