<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/**
 * What the law or a codex asks of what is sold under a name (`core/data/shelf/standards.csv`): the bound is data with its source, and the
 * value we hold must lie within it.
 */
final class Standards
{
    /** @return list<array{fact: string, rule: 'min'|'max', value: float, source: string}> */
    public static function of(string $ingredient): array
    {
        return self::all()[$ingredient] ?? [];
    }

    /** @return array<string, list<array{fact: string, rule: 'min'|'max', value: float, source: string}>> */
    public static function all(): array
    {
        $bounds = Kept::once(self::class . ' bounds', static function (): array {
            $made = [];
            foreach (Table::of('shelf/standards') as $row) {
                $made[$row['ingredient']][] = ['fact' => $row['fact'], 'rule' => $row['rule'] === 'max' ? 'max' : 'min', 'value' => (float) $row['value'], 'source' => $row['source']];
            }

            return $made;
        });

        return $bounds;
    }

    /**
     * The figure a standard speaks of, g per 100 g (alcohol in % by volume).
     *
     * @throws \InvalidArgumentException for a fact no standard knows
     */
    public static function value(string $fact, Ingredient $in): float
    {
        $c = $in->composition;
        $water = $c->of100('water');
        $milk = $c->of100('protein.casein') + $c->of100('protein.whey') + $c->of100('sugar.lactose') + $c->of100('ash');

        return match ($fact) {
            'fat' => $c->family('fat.'),
            'milk fat' => $c->of100('fat.milk'),
            'cocoa fat' => $c->of100('fat.cocoa'),
            'water' => $water,
            'solids' => 100.0 - $water,
            'milk solids not fat' => $milk,
            'milk solids' => $milk + $c->of100('fat.milk'),
            'fat in dry matter' => 100.0 * $c->family('fat.') / max(1e-9, 100.0 - $water),
            'water in the fat-free' => 100.0 * $water / max(1e-9, 100.0 - $c->family('fat.')),
            'protein' => $c->family('protein.'),
            'sugars' => $c->family('sugar.'),
            'sucrose', 'glucose', 'fructose', 'lactose' => $c->of100("sugar.$fact"),
            'lactose in dry matter' => 100.0 * $c->of100('sugar.lactose') / max(1e-9, 100.0 - $water),
            'fructose and glucose' => $c->of100('sugar.fructose') + $c->of100('sugar.glucose'),
            'glucose in dry matter' => 100.0 * $c->of100('sugar.glucose') / max(1e-9, 100.0 - $water),
            'polyols in dry matter' => 100.0 * $c->family('polyol.') / max(1e-9, 100.0 - $water),
            'acids' => $c->family('acid.'),
            'acids in dry matter' => 100.0 * $c->family('acid.') / max(1e-9, 100.0 - $water),
            'salt' => $c->of100('salt'),
            'salt in dry matter' => 100.0 * $c->of100('salt') / max(1e-9, 100.0 - $water),
            'saturates' => $c->of100('saturates'),
            'fibre' => $c->of100('fibre'),
            // What a refractometer sees of the juice pressed from a fruit: fat, starch and insoluble fibre stay behind.
            'soluble solids of its juice' => 100.0 * (1.0 - $water / max(1e-9, 100.0 - $c->family('fat.') - $c->of100('starch') - $c->of100('insoluble'))),
            'alcohol by volume' => $c->of100('alcohol') * ($in->density() ?? 1.0) / 0.789,
            default => throw new \InvalidArgumentException("No standard speaks of \"$fact\"."),
        };
    }

    /** @return list<string> what an ingredient does not keep, in words */
    public static function broken(Ingredient $in): array
    {
        $broken = [];
        foreach (self::of($in->id) as $bound) {
            $value = self::value($bound['fact'], $in);
            if ($bound['rule'] === 'min' ? $value < $bound['value'] - 0.005 : $value > $bound['value'] + 0.005) {
                $broken[] = \sprintf('%s: %s %.2f, %s %s (%s)', $in->id, $bound['fact'], $value, $bound['rule'] === 'min' ? 'at least' : 'at most', $bound['value'], $bound['source']);
            }
        }

        return $broken;
    }
}
