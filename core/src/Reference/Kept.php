<?php

declare(strict_types=1);

namespace Transmuta\Reference;

/**
 * What is made of the tables, made once and kept as long as they are the same: the one place of the core where anything stays from call to call. Where
 * other tables are read ({@see Table::readFrom}) all of it is made anew, so that a test or a comparison may change a row and see what changes with it.
 */
final class Kept
{
    /** @var array<string, mixed> */
    private static array $made = [];

    /**
     * @template T
     *
     * @param string $name whose it is: the name of the class, and of what of its own
     * @param callable(): T $make
     *
     * @return T
     */
    public static function once(string $name, callable $make): mixed
    {
        if (!\array_key_exists($name, self::$made)) {
            self::$made[$name] = $make();
        }
        /** @var T $kept */
        $kept = self::$made[$name];

        return $kept;
    }

    public static function forget(): void
    {
        self::$made = [];
    }
}
