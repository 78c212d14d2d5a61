<?php

declare(strict_types=1);

namespace Transmuta\Kind;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** One step of how a mass of a kind is made where nobody wrote it: a row of `core/data/method/drafts.csv`. */
final readonly class Draft
{
    /**
     * @param string $operation a key of `operations.csv`
     * @param list<string> $takes classes of the lines that go in here
     * @param bool $takesRest whether all that has not gone in goes in here
     * @param list<string> $holds only where the layer holds one of these classes; empty: always
     * @param list<string> $lacks only where the layer holds none of these classes
     * @param list<string> $when only where all of these hold, words of `columns.csv`
     * @param string $text what is done, `{lines}` for what goes in and `{oven}` for the oven
     * @param string $bare what is said where nothing is left to go in; '': nothing is done then
     * @param ?float $celsius of the mass, of a still oven for what is baked
     * @param array{float, float, float}|null $wait min at least, at best, at the most; null: as the models say
     * @param float $attended min nobody leaves it
     * @param string $thread `b` beside the rest, `join` where both meet, '' else
     * @param ?string $thing what its result is, of `holding.csv`
     */
    private function __construct(
        public string $operation,
        public array $takes,
        public bool $takesRest,
        public array $holds,
        public array $lacks,
        public array $when,
        public string $text,
        public string $bare,
        public ?float $celsius,
        public ?array $wait,
        public float $attended,
        public string $sign,
        public string $thread,
        public ?string $thing,
    ) {}

    /** @return list<self> in order; none for a kind that is drafted by what its lines do */
    public static function of(Kind $kind): array
    {
        return self::all()[$kind->key] ?? [];
    }

    /** @return array<string, list<self>> by the key of the kind */
    public static function all(): array
    {
        return Kept::once(self::class, static function (): array {
            $list = static fn(string $cell): array => $cell === '' ? [] : explode(' ', $cell);
            $all = [];
            foreach (Table::of('method/drafts') as $row) {
                $all[$row['kind']][(int) $row['seq']] = new self(
                    $row['op'],
                    $list($row['takes']),
                    $row['rest'] === 'yes',
                    $list($row['holds']),
                    $list($row['lacks']),
                    $list($row['when']),
                    $row['text'],
                    $row['bare'],
                    $row['celsius'] === '' ? null : (float) $row['celsius'],
                    $row['best'] === '' ? null : [(float) $row['least'], (float) $row['best'], (float) $row['most']],
                    (float) $row['attended'],
                    $row['sign'],
                    $row['thread'],
                    $row['thing'] === '' ? null : $row['thing'],
                );
            }
            foreach ($all as $kind => $rows) {
                ksort($rows);
                $all[$kind] = array_values($rows);
            }

            return $all;
        });
    }
}
