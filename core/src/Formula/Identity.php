<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/**
 * What tells layers, lines and steps apart whatever they are called and wherever they stand: ids given once, from outside (the core makes
 * none), and carried through every change. Nothing has an id twice.
 */
final class Identity
{
    /** A ULID: Crockford's base 32. */
    public const PATTERN = '/^[0-7][0-9A-HJKMNP-TV-Z]{25}$/';

    /** The id as it is kept; '' for what is none. */
    public static function clean(string $id): string
    {
        return preg_match(self::PATTERN, $id) === 1 ? $id : '';
    }

    /**
     * Names told apart: the second of one is "name (2)".
     *
     * @param list<string> $names
     *
     * @return list<string>
     */
    public static function apart(array $names): array
    {
        $taken = [];
        foreach ($names as $name) {
            for ($n = 2, $key = $name; isset($taken[$key]); ++$n) {
                $key = "$name ($n)";
            }
            $taken[$key] = true;
        }

        return array_map(strval(...), array_keys($taken));
    }

    /**
     * The formula with an id for everything that has none, or has one that stood before.
     *
     * @param callable(): string $new
     */
    public static function complete(Formula $formula, callable $new): Formula
    {
        $seen = [];
        $id = static function (string $had) use (&$seen, $new): string {
            $id = $had === '' || isset($seen[$had]) ? $new() : $had;
            $seen[$id] = true;

            return $id;
        };
        $layers = array_map(
            static fn(Layer $layer): Layer => $layer->identified($id($layer->id))->with(array_map(static fn(Line $line): Line => $line->identified($id($line->id)), $layer->lines)),
            $formula->layers,
        );

        return $formula->with($layers)->withMethod(array_map(static fn(Step $step): Step => new Step($step->text, $id($step->id)), $formula->method));
    }
}
