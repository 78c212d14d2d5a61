<?php

declare(strict_types=1);

namespace Transmuta\Tests\Shelf;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\IngredientList;
use Transmuta\Shelf\Nature;

final class NaturesTest extends TestCase
{
    /** @return iterable<string, array{array<string, string>}> */
    public static function rows(): iterable
    {
        foreach (Table::of('shelf/natures') as $row) {
            yield "{$row['nature']} of {$row['of']}" => [$row];
        }
    }

    /** @param array<string, string> $row */
    #[DataProvider('rows')]
    public function testARowNamesANatureAndSomethingOnTheShelf(array $row): void
    {
        self::assertNotNull(Nature::tryFrom($row['nature']));
        $with = array_filter(self::shelf(), static fn(Ingredient $in): bool => match ($row['by']) {
            'ingredient' => $in->id === $row['of'],
            'class' => $in->class === $row['of'],
            'group' => $in->group === $row['of'],
            'function' => $in->does($row['of']) > 0.0,
            default => false,
        });
        self::assertNotSame([], $with);
        foreach ($with as $in) {
            self::assertTrue($in->is(Nature::from($row['nature'])), $in->id);
        }
    }

    public function testEveryNatureHasSomethingAndNothingHasThemAll(): void
    {
        foreach (Nature::cases() as $nature) {
            $with = array_filter(self::shelf(), static fn(Ingredient $in): bool => $in->is($nature));
            self::assertNotSame([], $with, $nature->value);
            self::assertLessThan(\count(self::shelf()) / 4, \count($with), $nature->value);
        }
    }

    public function testEveryEggIsRawOrPasteurisedAndEveryPowderIsTheLatter(): void
    {
        foreach (self::shelf() as $in) {
            if ($in->group === 'egg') {
                self::assertSame(!\in_array($in->id, ['egg', 'egg-yolk', 'egg-white', 'duck-egg'], true), $in->is(Nature::Pasteurised), $in->id);
            }
        }
    }

    public function testACreamHoldsAirOrIsPouredAndNoneIsBoth(): void
    {
        foreach (self::shelf() as $in) {
            if ($in->is(Nature::PouringCream)) {
                self::assertLessThan(30.0, $in->composition->family('fat.'), $in->id);
                self::assertSame(0.0, $in->does('foam-overrun'), $in->id);
            }
        }
    }

    /** @return list<Ingredient> */
    private static function shelf(): array
    {
        static $all = null;

        return $all ??= IngredientList::shipped()->all();
    }
}
