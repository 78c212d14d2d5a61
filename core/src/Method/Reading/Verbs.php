<?php

declare(strict_types=1);

namespace Transmuta\Method\Reading;

use Transmuta\Method\Operation;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** Which operation a verb means, by what it is done to and what else the clause says (`core/data/method/verbs.csv`): the first row that fits. */
final class Verbs
{
    /**
     * The verb a clause begins with.
     *
     * @param list<string> $words of the clause, in small letters
     *
     * @return ?array{verb: string, length: int} null where it begins with none
     */
    public static function at(array $words, int $from = 0): ?array
    {
        $all = self::table();
        for ($length = 3; $length >= 1; --$length) {
            $verb = implode(' ', \array_slice($words, $from, $length));
            if (isset($all[$verb]) && $from + $length <= \count($words)) {
                return ['verb' => $verb, 'length' => $length];
            }
        }

        return null;
    }

    /**
     * @param list<string> $objects what goes in or is worked on, words of `objects.csv`
     *
     * @return array{operation: Operation, goesOn: 'yes'|'in'|''} `goesOn`: whether it works on what is there already; `in` where the clause says "in" or "into"
     */
    public static function operation(string $verb, array $objects, string $clause, string $next = ''): array
    {
        foreach (self::table()[$verb] ?? [] as $row) {
            if (($row['of'] === '' || self::holds($row['of'], $objects)) && self::isSaid($row['says'], $clause, $next)) {
                return ['operation' => Operation::of($row['op']), 'goesOn' => match ($row['goes_on']) {
                    'yes', 'in' => $row['goes_on'],
                    default => '',
                }];
            }
        }

        return ['operation' => Operation::of('combine'), 'goesOn' => ''];
    }

    /** @param string $says a pattern of the clause; behind `then:` of the clause that follows */
    private static function isSaid(string $says, string $clause, string $next): bool
    {
        return $says === '' || (str_starts_with($says, 'then:') ? preg_match('~' . substr($says, 5) . '~iu', $next) : preg_match("~$says~iu", $clause)) === 1;
    }

    /**
     * @param string $of words joined by "+" must all be there, those parted by a space are alternatives
     * @param list<string> $objects
     */
    private static function holds(string $of, array $objects): bool
    {
        foreach (explode(' ', $of) as $way) {
            if (array_diff(explode('+', $way), $objects) === []) {
                return true;
            }
        }

        return false;
    }

    /** @return array<string, list<array<string, string>>> rows by verb */
    private static function table(): array
    {
        return Kept::once(self::class, static function (): array {
            $all = [];
            foreach (Table::of('method/verbs') as $row) {
                $all[$row['verb']][] = $row;
            }

            return $all;
        });
    }
}
