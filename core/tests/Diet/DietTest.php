<?php

declare(strict_types=1);

namespace Transmuta\Tests\Diet;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Diet\DietFacts;
use Transmuta\Diet\DietJudge;
use Transmuta\Diet\Standing;
use Transmuta\Process\Card;
use Transmuta\Process\MethodWriter;
use Transmuta\Tests\Kit;

final class DietTest extends TestCase
{
    /** @return array<string, array{string, Diet, Standing, string}> */
    public static function cases(): array
    {
        return [
            'butter is not vegan' => ['100 g butter', Diet::Vegan, Standing::NotMet, 'Butter'],
            'honey is not vegan' => ['100 g honey', Diet::Vegan, Standing::NotMet, 'Honey'],
            'gelatin is not vegetarian' => ["10 g gelatin\n100 g water", Diet::Vegetarian, Standing::NotMet, 'Gelatin'],
            'egg is vegetarian' => ['100 g egg', Diet::Vegetarian, Standing::Met, ''],
            'milk is eggless' => ['100 g milk', Diet::Eggless, Standing::Met, ''],
            'custard powder asks its packet' => ['100 g custard powder', Diet::Vegan, Standing::Unproven, 'milk'],
            'dark chocolate asks its packet' => ['100 g dark chocolate 70%', Diet::Vegan, Standing::Unproven, 'milk solids'],
            'rum asks how it was fined' => ['100 g rum', Diet::Vegan, Standing::Unproven, 'fined'],
            'sugar and water are vegan' => ["50 g sugar\n50 g water", Diet::Vegan, Standing::Met, ''],
            'flour is not gluten-free' => ['100 g plain flour', Diet::GlutenFree, Standing::NotMet, 'wheat'],
            'rice flour is never proved gluten-free by a sum' => ['100 g rice flour', Diet::GlutenFree, Standing::Unproven, '20 mg/kg'],
            'oats ask for a certificate' => ['100 g oats', Diet::GlutenFree, Standing::Unproven, 'certified'],
            'sugar is not keto' => ["10 g sugar\n500 g cream", Diet::Keto, Standing::NotMet, 'sugar'],
            'cream is keto in a small portion' => ['50 g cream', Diet::Keto, Standing::Met, ''],
            'too much milk sugar is not keto' => ['200 g milk', Diet::Keto, Standing::NotMet, 'net carbs'],
            'skyr is high in protein' => ['100 g skyr', Diet::HighProtein, Standing::Met, ''],
            'cream is not' => ['100 g cream', Diet::HighProtein, Standing::NotMet, 'under 20 %'],
            'cashew is not nut-free' => ['100 g cashews', Diet::NutFree, Standing::NotMet, 'Cashew'],
            'tofu is not soy-free' => ['100 g silken tofu', Diet::SoyFree, Standing::NotMet, 'tofu'],
        ];
    }

    #[DataProvider('cases')]
    public function testADietStandsWithItsReason(string $text, Diet $diet, Standing $standing, string $because): void
    {
        $verdict = Kit::engine()->read(Kit::engine()->parse($text))->diets[$diet->value];
        self::assertSame($standing, $verdict->standing());
        if ($because !== '') {
            self::assertStringContainsStringIgnoringCase($because, implode(' ', [...$verdict->because, ...$verdict->unproven]));
        }
    }

    public function testALineNotUnderstoodLeavesEveryDietUnproven(): void
    {
        $dish = Kit::engine()->read(Kit::engine()->parse("50 g sugar\n3 wisps of cloud"));
        self::assertSame(Standing::Unproven, $dish->diets['vegan']->standing());
    }

    public function testTwentyPercentOfEnergyIsHighProteinAndJustUnderIsNot(): void
    {
        // Regulation (EC) No 1924/2006 Annex: at least 20 % of the energy value is provided by protein.
        $portion = static fn(float $protein): array => ['net_carbs_g' => 0.0, 'protein_g' => $protein, 'kj' => 850.0];
        self::assertSame(Standing::Met, DietJudge::all(new DietFacts([], $portion(10.0), []))['high-protein']->standing());
        self::assertSame(Standing::NotMet, DietJudge::all(new DietFacts([], $portion(9.99), []))['high-protein']->standing());
    }

    public function testKetoStopsAtItsLimit(): void
    {
        $portion = static fn(float $carbs): array => ['net_carbs_g' => $carbs, 'protein_g' => 1.0, 'kj' => 850.0];
        self::assertSame(Standing::Met, DietJudge::all(new DietFacts([], $portion(5.0), [], 5.0))['keto']->standing());
        self::assertSame(Standing::NotMet, DietJudge::all(new DietFacts([], $portion(5.01), [], 5.0))['keto']->standing());
    }

    public function testAllergensOfTheSwapAreListed(): void
    {
        $dish = Kit::engine()->read(Kit::engine()->parse("100 g soy milk\n20 g cashews\n10 g dark chocolate"));
        self::assertSame(['nuts', 'soybeans'], $dish->contains);
        self::assertContains('milk', $dish->mayContain);
    }

    /** Read apart from the code: whom each diet must point to, in handbook G. */
    public function testEachDietSaysWhoMustNotRelyOnIt(): void
    {
        $names = ['vegan' => 'allergy', 'eggless' => 'allergy', 'vegetarian' => 'packet', 'dairy-free' => 'allergy', 'gluten-free' => 'coeliac', 'keto' => 'clinic', 'high-protein' => 'kidney', 'nut-free' => 'allergy', 'soy-free' => 'allergy', 'alcohol-free' => 'packet', 'reduced-sugar' => 'diabetes', 'low-fat' => 'clinic', 'raw' => 'pregnant'];
        self::assertSame(array_map(static fn(Diet $diet): string => $diet->value, Diet::cases()), array_keys($names));
        foreach ($names as $diet => $word) {
            self::assertStringContainsString($word, Diet::from($diet)->caution());
            self::assertStringNotContainsString('safe for', Diet::from($diet)->caution());
        }
        $card = (new Card(MethodWriter::standard()))->of(Kit::engine()->read(Kit::demo('cardamom-set-custard')), [Diet::Keto]);
        self::assertContains('Keto: ' . Diet::Keto->caution(), $card['cautions']);
        self::assertNotContains('Raw: ' . Diet::Raw->caution(), $card['cautions']);
    }
}
