<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Diet\Standing;
use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 43: a claim that is close, and what is missing. */
final class ClaimOutOfReach implements Rule
{
    public static function name(): string
    {
        return 'claim-near';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->claims as $claim) {
            if ($claim->standing !== Standing::NotMet || !\in_array($claim->name, ['high protein', 'low fat', 'low sugars'], true)) {
                continue;
            }
            $limit = ['high protein' => 20.0, 'low fat' => 3.0, 'low sugars' => 5.0][$claim->name];
            $near = $claim->name === 'high protein' ? $claim->value > 0.85 * $limit : $claim->value < 1.3 * $limit;
            if ($near) {
                yield new Warning(self::name(), Severity::Note, \sprintf('"%s" is close and not met: %.1f %s, and it takes %g. Do not claim it.', ucfirst($claim->name), $claim->value, $claim->unit, $limit));
            }
        }
    }
}
