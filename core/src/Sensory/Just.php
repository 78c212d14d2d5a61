<?php

declare(strict_types=1);

namespace Transmuta\Sensory;

/** How a taste is judged where it is not measured: just about right, or to which side it is off. */
enum Just: string
{
    case TooLittle = 'too little';
    case Right = 'right';
    case TooMuch = 'too much';

    /** −1 too little, 0 right, 1 too much. */
    public function side(): int
    {
        return match ($this) {
            self::TooLittle => -1,
            self::Right => 0,
            self::TooMuch => 1,
        };
    }
}
