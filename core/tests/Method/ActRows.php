<?php

declare(strict_types=1);

namespace Transmuta\Tests\Method;

use Transmuta\Formula\Formula;
use Transmuta\Method\Act;
use Transmuta\Method\Method;
use Transmuta\Method\Part;

/** A method as rows a person can read and check by hand: place, operation, ingredients with their share, and behind `<` the acts it goes on from. */
final class ActRows
{
    /**
     * @param bool $inWords with the maker's own words behind `|`
     *
     * @return list<string>
     */
    public static function of(Formula $formula, Method $method, bool $inWords = false): array
    {
        return array_map(static fn(int $n, Act $act): string => trim((string) preg_replace('/ +/', ' ', \sprintf(
            '%d %s %s < %s%s',
            $n,
            $act->operation->key,
            implode(' ', array_map(static fn(Part $part): string => $formula->layers[$part->layer]->understood()[$part->line]->ingredient . ':' . round($part->share, 2), $act->parts)),
            implode(' ', $act->from),
            $inWords ? " | $act->words" : '',
        ))), array_keys($method->acts), $method->acts);
    }

    /** @return list<string> rows as they are kept beside a page */
    public static function kept(string $file): array
    {
        return array_map(trim(...), file(substr($file, 0, -4) . '.acts') ?: []);
    }
}
