<?php

declare(strict_types=1);

namespace Transmuta\Reference;

/** Energy factors of Regulation (EU) No 1169/2011, Annex XIV (`core/data/reference/energy.csv`): the one home of them. */
final class Energy
{
    /**
     * @param string $part carbohydrate, polyols, erythritol, fat, protein, alcohol, organic_acid or fibre
     *
     * @return float kJ per g
     *
     * @throws BrokenTable if the law names no such part
     */
    public static function kj(string $part): float
    {
        $factors = Kept::once(self::class . ' factors', static function (): array {
            $made = [];
            foreach (Table::of('reference/energy') as $row) {
                $made[$row['part']] = (float) $row['kj_g'];
            }

            return $made;
        });

        return $factors[$part] ?? throw BrokenTable::cell('reference/energy', $part, 'part', $part, 'a part that carries energy by Annex XIV');
    }

    /**
     * @param array<string, float> $grams by part, erythritol apart from the other polyols
     *
     * @return float kJ
     */
    public static function of(array $grams): float
    {
        $kj = 0.0;
        foreach ($grams as $part => $weighed) {
            $kj += self::kj($part) * $weighed;
        }

        return $kj;
    }

    /** Share 0…1 of the energy that protein carries; 0 of what carries none. */
    public static function ofProtein(float $grams, float $kj): float
    {
        return $kj > 0.0 ? $grams * self::kj('protein') / $kj : 0.0;
    }
}
