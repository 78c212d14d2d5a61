<?php

declare(strict_types=1);

namespace Transmuta\Tests\Label;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Engine;
use Transmuta\Label\AllergenWords;
use Transmuta\Label\Label;
use Transmuta\Label\Market;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\IngredientRow;
use Transmuta\Shelf\LayeredShelf;
use Transmuta\Shelf\PacketIngredient;
use Transmuta\Shelf\PacketPanel;
use Transmuta\Tests\Kit;

/** What a label takes from a packet: the list of a bought compound, its sulphites; and the second column of a large unit (practice: labels, both sides of each). */
final class OnThePacketTest extends TestCase
{
    /** @param array{declared?: string, sulphites?: float, allergens?: list<string>} $says */
    private static function packet(string $id, array $says): Ingredient
    {
        $like = Kit::shelf()->get($id);

        return IngredientRow::ingredient(PacketIngredient::of(PacketPanel::of([]), ['id' => $id, 'name' => $like->name, ...$says], $like, 'its packet, 27 Nov 2026', Kit::engine()->reader->reference)->row);
    }

    /**
     * @param array<string, array{declared?: string, sulphites?: float, allergens?: list<string>}> $packets by ingredient
     *
     * @return array<string, mixed>
     */
    private static function label(string $text, Market $market, array $packets = []): array
    {
        $engine = Engine::over(LayeredShelf::over(Kit::shelf(), array_map(self::packet(...), array_keys($packets), $packets)));

        return Label::of($engine->read($engine->parse($text)), $market)->write();
    }

    public function testAPacketReadForItsListAloneLeavesEveryValueAsItWas(): void
    {
        $was = Kit::shelf()->get('plain-biscuit');
        $now = self::packet('plain-biscuit', ['declared' => 'wheat flour, sugar']);
        self::assertSame($was->composition->parts, $now->composition->parts);
        foreach (array_keys($was->composition->parts) as $part) {
            self::assertSame($was->provenanceOf($part)->mark, $now->provenanceOf($part)->mark, $part);
        }
        self::assertSame($was->statedKj, $now->statedKj);
        self::assertSame('wheat flour, sugar', $now->declared);
        self::assertNull($was->declared, 'nobody has read a packet of the reference row');
        self::assertSame([], array_diff($was->names, $now->names), 'it is still called what kitchens call it');
    }

    public function testABoughtCompoundOpensByItsOwnListWithItsAllergensEmphasised(): void
    {
        $text = "Pot\n4 portions\n400 g double cream\n60 g plain sweet biscuit";
        self::assertContains('Plain sweet biscuit, crushed: what it is made of is read off its packet', self::label($text, Market::Eu)['not_final_because']);
        $label = self::label($text, Market::Eu, ['plain-biscuit' => ['declared' => "INGREDIENTS: Wheat flour, sugar,\n palm oil (**palm**), whey powder (milk), salt.", 'allergens' => ['gluten', 'milk']]]);
        self::assertStringContainsString('plain sweet biscuit (**Wheat** flour, sugar, palm oil (palm), whey powder (**milk**), salt)', $label['ingredients']['text']);
        self::assertSame([], array_filter($label['not_final_because'], static fn(string $one): bool => str_contains($one, 'packet')));
    }

    /** @return array<string, array{float, Market, bool}> g of chocolate in 1000 g, and whether it is opened */
    public static function shares(): array
    {
        return [
            'under 2 % in the EU: its making is defined by law' => [19.9, Market::Eu, false], '2 % in the EU' => [20.0, Market::Eu, true],
            'under 2 % in the United States: nothing is let off' => [19.9, Market::Us, true],
            'under 5 % in Australia and New Zealand' => [49.9, Market::Anz, false], '5 % there' => [50.0, Market::Anz, true],
        ];
    }

    #[DataProvider('shares')]
    public function testBothSidesOfWhatIsOpened(float $grams, Market $market, bool $isOpened): void
    {
        $text = \sprintf("Pot\n4 portions\n%.1f g double cream\n%.1f g dark chocolate 70%%", 1000 - $grams, $grams);
        $list = self::label($text, $market, ['chocolate-70' => ['declared' => 'cocoa mass, sugar, emulsifier: soya lecithin', 'allergens' => ['soybeans']]])['ingredients']['text'];
        self::assertSame($isOpened, str_contains($list, 'cocoa mass'), $list);
        self::assertMatchesRegularExpression('/\*\*soya?\*\*/', $list, 'an allergen in it is shown all the same');
    }

    /** @return array<string, array{float, Market, bool}> mg/kg of the dish, and whether they are declared */
    public static function amounts(): array
    {
        return [
            '9.9 in the EU' => [9.9, Market::Eu, false], '10 in the EU' => [10.0, Market::Eu, false], '10.1 in the EU' => [10.1, Market::Eu, true], '10 in the United Kingdom' => [10.0, Market::Uk, false],
            '9.9 in the United States' => [9.9, Market::Us, false], '10 in the United States' => [10.0, Market::Us, true],
            '9.9 in Canada' => [9.9, Market::Ca, false], '10 in Canada' => [10.0, Market::Ca, true],
            '9.9 in Australia' => [9.9, Market::Anz, false], '10 in Australia' => [10.0, Market::Anz, true],
            '9.9 in India' => [9.9, Market::In, false], '10 in India' => [10.0, Market::In, true],
        ];
    }

    #[DataProvider('amounts')]
    public function testBothSidesOfSulphites(float $of, Market $market, bool $isDeclared): void
    {
        // 30 g of dried apricots in 300 g: a tenth of what they bring.
        $label = self::label("Pot\n2 portions\n270 g yogurt\n30 g dried apricots", $market, ['apricot-dried' => ['sulphites' => 10 * $of]]);
        self::assertSame($isDeclared, preg_match('/\*\*sul(ph|f)ites?\*\*/', $label['ingredients']['text']) === 1, $label['ingredients']['text']);
        self::assertSame($isDeclared, array_filter($label['allergens']['contains'], static fn(string $one): bool => str_starts_with($one, 'sul')) !== []);
        self::assertSame([], array_filter([...$label['not_final_because'], ...$label['allergens']['unknown']], static fn(string $one): bool => str_contains($one, 'sulph')), 'what is stated is not open');
    }

    public function testSulphitesNobodyStatedStayUnknownUnlessTheOthersAreEnough(): void
    {
        $text = "Pot\n2 portions\n240 g yogurt\n30 g dried apricots\n30 g sultanas";
        // 1500 mg/kg of 30 g in 300 g: 150 mg/kg, whatever the sultanas bring.
        $open = self::label($text, Market::Eu);
        self::assertContains('Apricots, dried (ready to eat): sulphites, mg/kg not known', $open['not_final_because']);
        self::assertStringContainsString('**sulphites**', $open['ingredients']['text'], 'named until somebody knows better');
        self::assertContains('sulphites', $open['allergens']['contains'], 'and on the safe side in every place');
        $enough = self::label($text, Market::Eu, ['apricot-dried' => ['sulphites' => 1500.0]]);
        self::assertSame([], array_filter($enough['not_final_because'], static fn(string $one): bool => str_contains($one, 'sulph')));
        self::assertContains('sulphites', $enough['allergens']['contains']);
    }

    public function testNothingIsSaidToBeFreeOfThem(): void
    {
        $words = static fn(string $text): string => implode(' ', array_filter(array_column(self::label($text, Market::Eu)['rules'], 'what'), static fn(string $one): bool => str_contains($one, 'sulphites')));
        self::assertSame('nothing in it is known to bring sulphites: declared over 10 mg/kg as SO₂', $words("Pot\n2 portions\n240 g yogurt"));
        self::assertStringContainsString('some packets of Lemon juice bring them', $words("Pot\n2 portions\n240 g yogurt\n20 g lemon juice"));
    }

    /** @return array<string, array{float, ?float, float}> g of a cheesecake pot; g of its second column; g of a serving (21 CFR 101.9(b)(6), (12); reference amount 125 g) */
    public static function pots(): array
    {
        return ['just under two' => [249.0, null, 249.0], 'two' => [250.0, 250.0, 125.0], 'three' => [375.0, 375.0, 125.0], 'just over three' => [376.0, null, 376 / 3]];
    }

    #[DataProvider('pots')]
    public function testAPotOfTwoToThreeReferenceAmountsHasASecondColumn(float $pot, ?float $whole, float $serving): void
    {
        $nutrition = self::label(\sprintf("family: cheesecake\nportions: 4\n\nlayer: Cream\ntreat: none\n%.2f g cream cheese\n%.2f g sugar", $pot * 4 * 0.8, $pot * 4 * 0.2), Market::Us)['nutrition'];
        self::assertEqualsWithDelta($serving, $nutrition['serving_g'], 0.01);
        self::assertSame($whole === null, $nutrition['whole'] === null);
        if ($whole !== null) {
            self::assertEqualsWithDelta($whole, $nutrition['whole']['grams'], 0.01);
            $fat = static fn(array $rows): float => array_column($rows, null, 'key')['fat']['per_serving']['value'];
            self::assertEqualsWithDelta($whole / $serving * $fat($nutrition['rows']), $fat($nutrition['whole']['rows']), 1e-6);
        }
        self::assertNull(self::label("family: cheesecake\nportions: 1\n\nlayer: Cream\ntreat: none\n300 g cream cheese", Market::Eu)['nutrition']['whole'], 'nobody else asks for it');
    }

    public function testServingsAreToldAsTheRuleRoundsThem(): void
    {
        self::assertSame(['2', 'about 2', 'about 2.5', 'about 5', 'about 2'], array_map(Label::servingsWords(...), [2.0, 2.24, 2.26, 5.4, 1.6]));
    }

    public function testEveryAllergenThatCanadaAsksForHasItsFrench(): void
    {
        $words = ['eggs', 'peanuts'];
        foreach (Kit::shelf()->all() as $in) {
            $words = [...$words, ...AllergenWords::of($in, Market::Ca)];
        }
        foreach (array_unique($words) as $word) {
            self::assertNotSame('', AllergenWords::french($word));
        }
        $label = self::label("Pot\n4 portions\n400 g double cream\n60 g ground hazelnuts\n2 eggs", Market::Ca);
        self::assertStringEndsWith('Contient : lait, œufs, noisettes.', (string) $label['allergens']['statement']);
        self::assertStringContainsString('Fat / Lipides', implode(', ', array_column($label['nutrition']['rows'], 'name')));
        self::assertStringNotContainsString('Contient', (string) self::label("Pot\n4 portions\n400 g double cream", Market::Us)['allergens']['statement']);
    }
}
