<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Fault\Failure;

final class ImpossibleComposition extends \DomainException implements Failure
{
    public static function negative(string $part, float $grams): self
    {
        return new self(\sprintf('%s is %s g per 100 g; a part cannot be negative.', $part, $grams));
    }

    public static function over(float $sum): self
    {
        return new self(\sprintf('The parts sum to %.1f g per 100 g; more than 103 cannot be right. Check the packet.', $sum));
    }
}
