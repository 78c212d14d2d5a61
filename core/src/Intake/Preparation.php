<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Formula\Form;

/** Sub-steps a line's own words ask for. */
final class Preparation
{
    /** @return list<string> */
    public static function of(string $rest): array
    {
        return array_values(array_filter(array_column(Form::SAID, 'value'), static fn(string $word): bool => preg_match('/\b' . $word . '\b/u', $rest) === 1));
    }
}
