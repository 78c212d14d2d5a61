<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Handbook F 18: xylitol is dangerous to dogs. */
final class XylitolAndPets implements Rule
{
    public static function name(): string
    {
        return 'xylitol-and-pets';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            if ($layer->state->of100('polyol.xylitol') > 0.0) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s holds xylitol: a small amount can kill a dog. Label it and keep it away from pets, or sweeten with maltitol.', $layer->layer->name), $n, ['action' => 'swap', 'ingredient' => 'xylitol', 'for' => 'maltitol', 'grams' => round((float) $reader->reference->sweeteners['xylitol']['relative_sweetness'] / (float) $reader->reference->sweeteners['maltitol']['relative_sweetness'], 2)]);
            }
        }
    }
}
