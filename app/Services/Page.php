<?php

declare(strict_types=1);

namespace App\Services;

/** A page of rows out of one row more than it holds, which says whether others follow. */
final class Page
{
    /**
     * @template T
     *
     * @param list<T> $rows at most one more than the page holds
     * @param callable(T): int $cursor
     *
     * @return array{list<T>, ?int} the page, and what to go on after; null at the end
     */
    public static function of(array $rows, int $size, callable $cursor): array
    {
        $page = \array_slice($rows, 0, $size);

        return [$page, \count($rows) > $size ? $cursor($page[$size - 1]) : null];
    }
}
