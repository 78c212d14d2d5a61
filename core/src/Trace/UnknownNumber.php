<?php

declare(strict_types=1);

namespace Transmuta\Trace;

use Transmuta\Fault\Failure;

final class UnknownNumber extends \OutOfBoundsException implements Failure
{
    public static function path(string $path): self
    {
        return new self(\sprintf('No number of the reading is called "%s"; ask for one such as portion.kcal, us.calories or layers.0.set.', $path));
    }
}
