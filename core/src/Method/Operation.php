<?php

declare(strict_types=1);

namespace Transmuta\Method;

use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** What can be done to a mass: one row of `core/data/method/operations.csv`. */
final readonly class Operation
{
    /** What it is done to stays as warm as it was. */
    public const SAME = 'same';

    /**
     * @param string $key, such as `cook_to`
     * @param ?string $kind kind of step the book of the process plans it as; null for what changes nothing of the mass (the oven is set, a bowl is changed)
     * @param string $heats what heats it: `none`, `cold`, `mass`, `boil`, `sugar`, `oven`, `steam`, `fat`, `freezer`, `surface`
     * @param string $sign how a cook sees that it is done
     * @param string $between how it looks before that, which is no fault yet; '' where nothing is to be said
     * @param list<array{by: string, share: ?float, note: string}> $ways other means to do it with the share of the time they take; null: it cannot be done so
     * @param string $brings what it brings the mass to where nobody says how hot: `boil`, `hot`, `warm`, `cold`, or {@see AS_IT_IS}
     * @param array{float, float, ?float}|null $wait min at least, at best and at the most that it is left alone; null where it is not
     */
    private function __construct(
        public string $key,
        public ?string $kind,
        public string $name,
        public string $heats,
        public string $station,
        public string $sign,
        public ?array $wait,
        public string $between = '',
        public array $ways = [],
        public string $brings = self::SAME,
    ) {}

    /** @throws BrokenTable if there is none of that key */
    public static function of(string $id): self
    {
        return self::all()[$id] ?? throw BrokenTable::missing("operations.csv: $id");
    }

    /** @return array<string, self> by key */
    public static function all(): array
    {
        return Kept::once(self::class, static function (): array {
            $all = [];
            foreach (Table::of('method/operations') as $row) {
                $wait = (float) $row['wait_best'] > 0.0 ? [(float) $row['wait_least'], (float) $row['wait_best'], $row['wait_most'] === '' ? null : (float) $row['wait_most']] : null;
                $all[$row['op']] = new self($row['op'], $row['kind'] === '' ? null : $row['kind'], $row['name'], $row['heats'], $row['station'], $row['sign'], $wait, $row['sign_between'], self::waysOf($row['variants']), $row['brings']);
            }

            return $all;
        });
    }

    /**
     * Reads "by hand 2|hand mixer 1.2|microwave no|fan −20 K".
     *
     * @return list<array{by: string, share: ?float, note: string}>
     */
    private static function waysOf(string $cell): array
    {
        $ways = [];
        foreach ($cell === '' ? [] : explode('|', $cell) as $way) {
            if (preg_match('/^(?<by>.+?)\s+(?<share>\d+(?:\.\d+)?)(?:\s+\((?<note>.+)\))?$/u', $way, $m) === 1) {
                $ways[] = ['by' => $m['by'], 'share' => (float) $m['share'], 'note' => $m['note'] ?? ''];
            } elseif (preg_match('/^(?<by>.+?)\s+(?:no|none)$/u', $way, $m) === 1) {
                $ways[] = ['by' => $m['by'], 'share' => null, 'note' => ''];
            } else {
                $ways[] = ['by' => $way, 'share' => 1.0, 'note' => ''];
            }
        }

        return $ways;
    }

    /** Whether it heats the whole of what is in the pan, the oven or the steam. */
    public function isHot(): bool
    {
        return \in_array($this->heats, ['mass', 'boil', 'sugar', 'oven', 'steam', 'fat'], true);
    }

    /** Whether it is only said, and nothing of the mass is changed by it. */
    public function isBare(): bool
    {
        return $this->kind === null;
    }
}
