<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Fault\Failure;

final class UnknownIngredient extends \OutOfBoundsException implements Failure
{
    public static function id(string $id): self
    {
        return new self(\sprintf('The shelf has no ingredient "%s".', $id));
    }
}
