<?php

declare(strict_types=1);

namespace Transmuta\Process\Shopping;

use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/**
 * What a kitchen buys whole and takes a part of: eggs for their yolks, lemons for their juice (`core/data/process/usable.csv`, from memory). Parts of
 * one come together: the eggs whose yolks are used give their whites as well.
 */
final class Wholes
{
    private const KEY = 'whole:';

    /** @param array<string, array{as: string, isPart: bool, share: float}> $of by ingredient */
    private function __construct(private readonly array $of) {}

    public static function standard(): self
    {
        return Kept::once(self::class, self::read(...));
    }

    private static function read(): self
    {
        $of = [];
        foreach (Table::of('process/usable') as $row) {
            $share = (float) $row['usable_percent'] / 100;
            if ($share <= 0.0 || $share > 1.0) {
                throw BrokenTable::missing("process/usable.csv: {$row['ingredient']}");
            }
            $of[$row['ingredient']] = ['as' => $row['bought_as'], 'isPart' => $row['part'] === 'yes', 'share' => $share];
        }

        return new self($of);
    }

    /** What stands for a whole in a price list and among what is bought; null where a word names none. */
    public function key(string $word): ?string
    {
        return \in_array(mb_strtolower($word), array_column($this->of, 'as'), true) ? self::KEY . mb_strtolower($word) : null;
    }

    /** Of which whole an ingredient is taken; null where it is bought as it is. */
    public function wholeOf(string $ingredient): ?string
    {
        return isset($this->of[$ingredient]) ? self::KEY . $this->of[$ingredient]['as'] : null;
    }

    public static function name(string $key): string
    {
        return ucfirst(substr($key, \strlen(self::KEY)));
    }

    /**
     * g of the whole that bring all of these.
     *
     * @param array<string, float> $wanted g by ingredient, all of one whole
     */
    public function grams(array $wanted): float
    {
        $alone = $together = 0.0;
        foreach ($wanted as $ingredient => $grams) {
            $needs = $grams / $this->of[$ingredient]['share'];
            $this->of[$ingredient]['isPart'] ? $together = max($together, $needs) : $alone += $needs;
        }

        return $alone + $together;
    }
}
