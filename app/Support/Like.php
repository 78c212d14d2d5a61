<?php

declare(strict_types=1);

namespace App\Support;

/** Patterns of the store out of what somebody types, in which a sign of the store is only a sign. */
final class Like
{
    public static function holding(string $text): string
    {
        return '%' . addcslashes($text, '%_\\') . '%';
    }
}
