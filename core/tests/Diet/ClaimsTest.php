<?php

declare(strict_types=1);

namespace Transmuta\Tests\Diet;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Allergens;
use Transmuta\Diet\Claims;
use Transmuta\Diet\GlutenLimit;
use Transmuta\Diet\Regime;
use Transmuta\Diet\Standing;
use Transmuta\Reference\Reference;
use Transmuta\Tests\Kit;

/** Thresholds of Regulation (EC) No 1924/2006 Annex, Regulation (EU) No 828/2014, 21 CFR 101.91 and 101.60–62, and Standard 1.2.7, both sides. */
final class ClaimsTest extends TestCase
{
    private const PLAIN = ['kj' => 1000.0, 'kcal' => 239.0, 'fat_g' => 10.0, 'saturates_g' => 4.0, 'sugars_g' => 20.0, 'fibre_g' => 1.0, 'protein_g' => 5.0, 'salt_g' => 1.0];

    /** @return array<string, array{string, array<string, float>, Standing}> */
    public static function thresholds(): array
    {
        $met = Standing::Met;
        $not = Standing::NotMet;

        return [
            'low fat at 3' => ['low fat', ['fat_g' => 3.0], $met],
            'low fat over' => ['low fat', ['fat_g' => 3.01], $not],
            'fat-free at 0.5' => ['fat-free', ['fat_g' => 0.5], $met],
            'fat-free over' => ['fat-free', ['fat_g' => 0.51], $not],
            'low sugars at 5' => ['low sugars', ['sugars_g' => 5.0], $met],
            'low sugars over' => ['low sugars', ['sugars_g' => 5.01], $not],
            'sugars-free at 0.5' => ['sugars-free', ['sugars_g' => 0.5], $met],
            'sugars-free over' => ['sugars-free', ['sugars_g' => 0.51], $not],
            'source of fibre at 3' => ['source of fibre', ['fibre_g' => 3.0], $met],
            'source of fibre by energy' => ['source of fibre', ['fibre_g' => 1.5, 'kcal' => 100.0], $met],
            'source of fibre under both' => ['source of fibre', ['fibre_g' => 2.99], $not],
            'high fibre at 6' => ['high fibre', ['fibre_g' => 6.0], $met],
            'high fibre under' => ['high fibre', ['fibre_g' => 5.99], $not],
            // 17 kJ a gram: 12 % of 1000 kJ is 7.06 g, 20 % is 11.76 g.
            'source of protein over 12 %' => ['source of protein', ['protein_g' => 7.06], $met],
            'source of protein under' => ['source of protein', ['protein_g' => 7.05], $not],
            'high protein over 20 %' => ['high protein', ['protein_g' => 11.77], $met],
            'high protein under' => ['high protein', ['protein_g' => 11.76], $not],
            'low salt at 0.3' => ['low salt', ['salt_g' => 0.3], $met],
            'low salt over' => ['low salt', ['salt_g' => 0.31], $not],
            'low energy at 40' => ['low energy', ['kcal' => 40.0], $met],
            'low energy over' => ['low energy', ['kcal' => 40.5], $not],
        ];
    }

    /** @param array<string, float> $facts */
    #[DataProvider('thresholds')]
    public function testAClaimStandsOnTheRightSideOfItsThreshold(string $claim, array $facts, Standing $expected): void
    {
        $found = array_column(array_filter((new Claims(Reference::standard()))->of([...self::PLAIN, ...$facts], 10.0), static fn($claim): bool => $claim->regime === Regime::Eu), null, 'name');
        self::assertSame($expected, $found[$claim]->standing);
        self::assertStringContainsString('1924/2006', (string) $found[$claim]->source?->source);
    }

    /** 21 CFR 101.54–62 and Schedule 4 of the Australia New Zealand Food Standards Code, both sides. */
    public function testClaimsOfAPortionElsewhere(): void
    {
        $of = static fn(array $portion): array => array_column(array_map(static fn($claim): array => ['key' => $claim->regime->value . ' ' . $claim->name, 'standing' => $claim->standing], (new Claims(Reference::standard()))->of(self::PLAIN, 10.0, null, [...self::PLAIN, ...$portion])), 'standing', 'key');
        $on = $of(['fat_g' => 3.0, 'protein_g' => 5.0, 'fibre_g' => 2.0, 'salt_g' => 0.35]);
        $off = $of(['fat_g' => 3.01, 'protein_g' => 4.99, 'fibre_g' => 1.99, 'salt_g' => 0.36]);
        foreach (['us low fat' => Standing::Unproven, 'us good source of protein' => Standing::Unproven, 'us low sodium' => Standing::Unproven, 'anz source of protein' => Standing::Met, 'anz source of dietary fibre' => Standing::Met] as $claim => $standing) {
            self::assertSame($standing, $on[$claim], $claim);
            self::assertSame(Standing::NotMet, $off[$claim], $claim);
        }
        self::assertSame([Standing::Unproven, Standing::NotMet], [$of(['sugars_g' => 0.49])['us sugar free'], $of(['sugars_g' => 0.5])['us sugar free']]);
        self::assertArrayNotHasKey('us low fat', array_column((new Claims(Reference::standard()))->of(self::PLAIN, 10.0), null, 'name'));
    }

    public function testReducedIsNeverMoreThanUnproven(): void
    {
        $claims = (new Claims(Reference::standard()))->of([...self::PLAIN, 'fat_g' => 4.0, 'kj' => 1100.0, 'kcal' => 180.0, 'sugars_g' => 5.0], 0.0, self::PLAIN);
        $reduced = array_filter($claims, static fn($c): bool => str_starts_with($c->name, 'reduced'));
        self::assertNotSame([], $reduced);
        foreach ($reduced as $claim) {
            self::assertNotSame(Standing::Met, $claim->standing, $claim->name);
        }
        $by = [];
        foreach ($reduced as $claim) {
            $by[$claim->name . ' ' . $claim->regime->value] = $claim;
        }
        self::assertSame(Standing::Unproven, $by['reduced fat eu']->standing);
        self::assertStringContainsString('60 % less than the original is a fact', $by['reduced fat eu']->note);
        self::assertSame(Standing::NotMet, $by['reduced sugars eu']->standing, 'its energy rose');
        self::assertSame(Standing::Unproven, $by['reduced sugars us']->standing);
        self::assertSame(Standing::NotMet, $by['reduced energy us']->standing, '24.7 % is under 25');
    }

    public function testNoAddedSugarsLooksAtWhatWasAdded(): void
    {
        $of = static fn(float $added): Standing => array_column((new Claims(Reference::standard()))->of(self::PLAIN, $added), null, 'name')['no added sugars']->standing;
        self::assertSame(Standing::Met, $of(0.0));
        self::assertSame(Standing::NotMet, $of(0.5));
    }

    public function testGlutenLimitsOfEachRegimeOnBothSides(): void
    {
        $rice = [Kit::shelf()->get('rice-flour')];
        foreach (Regime::cases() as $regime) {
            self::assertSame(Standing::Unproven, GlutenLimit::standing($regime, $rice), 'a calculation cannot show it');
            self::assertSame(Standing::NotMet, GlutenLimit::standing($regime, [Kit::shelf()->get('plain-flour')], 0.0));
        }
        self::assertSame(Standing::Met, GlutenLimit::standing(Regime::Eu, $rice, 20.0));
        self::assertSame(Standing::NotMet, GlutenLimit::standing(Regime::Eu, $rice, 20.1));
        self::assertSame(Standing::Met, GlutenLimit::standing(Regime::Us, $rice, 19.9));
        self::assertSame(Standing::NotMet, GlutenLimit::standing(Regime::Us, $rice, 20.0));
        self::assertSame(Standing::Met, GlutenLimit::standing(Regime::Anz, $rice, 2.9));
        self::assertSame(Standing::NotMet, GlutenLimit::standing(Regime::Anz, $rice, 5.0));
        self::assertSame(Standing::NotMet, GlutenLimit::standing(Regime::Anz, [Kit::shelf()->get('oats')], 0.0), 'never oats');
        self::assertSame(Standing::Met, GlutenLimit::standing(Regime::Eu, [Kit::shelf()->get('oats')], 12.0));
    }

    public function testTheNineAndTheFourteenPartWhereTheLawsDo(): void
    {
        $of = static fn(string ...$ids): array => Allergens::of(array_map(Kit::shelf()->get(...), array_values($ids)));
        $flours = $of('plain-flour', 'barley-flour');
        self::assertSame(['gluten'], array_keys($flours['eu']['contains']));
        self::assertCount(2, $flours['eu']['contains']['gluten']);
        self::assertSame(['wheat'], array_keys($flours['us']['contains']));
        self::assertCount(1, $flours['us']['contains']['wheat'], 'barley is no US allergen');
        $pine = $of('pine-nut');
        self::assertSame(['tree nuts'], array_keys($pine['us']['contains']));
        self::assertArrayNotHasKey('nuts', $pine['eu']['contains']);
        self::assertArrayHasKey('lupin', $of('lupin-flour')['eu']['contains']);
        self::assertSame([], $of('lupin-flour')['us']['contains']);
        $may = $of('chocolate-55', 'milk');
        self::assertArrayNotHasKey('milk', $may['eu']['may'], 'what is in it is not also a maybe');
    }
}
