<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rules 27 and 28: what only the packet can answer, for diets the dish would otherwise meet. */
final class PacketQuestionsOpen implements Rule
{
    public static function name(): string
    {
        return 'packet-questions-open';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ([\Transmuta\Diet\Diet::Vegan] as $diet) {
            $verdict = $dish->diets[$diet->value];
            if ($verdict->standing() === \Transmuta\Diet\Standing::Unproven) {
                foreach ($verdict->unproven as $question) {
                    yield new Warning(self::name(), Severity::Attention, \sprintf('%s is unproven until the packet answers: %s', ucfirst($diet->value), $question));
                }
            }
        }
    }
}
