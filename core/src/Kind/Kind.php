<?php

declare(strict_types=1);

namespace Transmuta\Kind;

use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** What a mass is, as its makers call it: one row of `core/data/method/kinds.csv`. Signs, ends, cooling and keeping hang on it. */
final readonly class Kind
{
    /** What is stirred together and is of no other kind. */
    public const MIXTURE = 'mixture';

    /**
     * @param string $key such as `short-pastry`
     * @param string $structure what holds it
     * @param string $sign how a cook sees that it is done
     * @param string $ends heat and time it ends at, in words
     * @param bool $isStrained whether it is strained as it is made: egg that has caught
     */
    private function __construct(
        public string $key,
        public string $name,
        public string $structure,
        public string $sign,
        public string $ends,
        public string $cooling,
        public string $keeping,
        public string $freezing,
        public bool $isStrained,
    ) {}

    /** @throws BrokenTable if there is none of that key */
    public static function of(string $key): self
    {
        return self::all()[$key] ?? throw BrokenTable::missing("method/kinds.csv: $key");
    }

    /** @return array<string, self> by key */
    public static function all(): array
    {
        return Kept::once(self::class, static function (): array {
            $all = [];
            foreach (Table::of('method/kinds') as $row) {
                $all[$row['kind']] = new self($row['kind'], $row['name'], $row['structure'], $row['sign'], $row['ends'], $row['cooling'], $row['keeping'], $row['freezing'], $row['strained'] === 'yes');
            }

            return $all;
        });
    }
}
