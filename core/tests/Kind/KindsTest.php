<?php

declare(strict_types=1);

namespace Transmuta\Tests\Kind;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Kind\Draft;
use Transmuta\Kind\Kind;
use Transmuta\Kind\Kinds;
use Transmuta\Kind\Mass;
use Transmuta\Method\Operation;
use Transmuta\Process\Making\KindMaking;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\ProcessBook;
use Transmuta\Process\Making\StepKind;
use Transmuta\Property\Portion;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Ingredient;
use Transmuta\Tests\Kit;

/** What a mass is, told by what it is made of; and that where nobody wrote how it is made, it is drafted as that kind is made. */
final class KindsTest extends TestCase
{
    /** @return list<string> keys of the kinds of the layers of a dish */
    private static function kinds(string $text): array
    {
        return array_map(static fn(Kind $kind): string => $kind->key, Making::standard()->kinds(Kit::engine()->read(Kit::engine()->parse($text))));
    }

    private static function steps(string $text): string
    {
        return implode("\n", Kit::engine()->method->steps(Kit::engine()->read(Kit::engine()->parse($text))));
    }

    /**
     * Masses as a kitchen would name them, put together for this test by ratios of the trade.
     *
     * @return iterable<string, array{string, string}>
     */
    public static function masses(): iterable
    {
        $layer = static fn(string $lines, string $treat = '', string $name = 'Layer', string $serve = ''): string => "title: T\nportions: 6\n$serve\nlayer: $name\n" . ($treat === '' ? '' : "treat: $treat\n") . $lines;
        yield 'shells' => ['choux', $layer("150 g water\n75 g butter\n90 g plain flour\n170 g egg\n2 g salt", 'bake 185 C')];
        yield 'shells with milk' => ['choux', $layer("80 g milk\n80 g water\n70 g butter\n95 g plain flour\n165 g egg", 'bake 185 C')];
        yield 'short dough' => ['short-pastry', $layer("250 g plain flour\n125 g butter\n90 g icing sugar\n50 g egg")];
        yield 'bought dough' => ['short-pastry', $layer('250 g shortcrust pastry')];
        yield 'genoise' => ['whisked-sponge', $layer("200 g egg\n120 g sugar\n120 g plain flour", 'bake 180 C')];
        yield 'pound cake' => ['creamed-cake', $layer("200 g butter\n200 g sugar\n200 g egg\n200 g plain flour\n5 g baking powder", 'bake 165 C')];
        yield 'brownie' => ['creamed-cake', $layer("200 g dark chocolate\n150 g butter\n250 g sugar\n150 g egg\n80 g plain flour", 'bake 170 C')];
        yield 'clafoutis' => ['plain-batter', $layer("300 g milk\n150 g egg\n80 g sugar\n70 g plain flour", 'bake 180 C')];
        yield 'pavlova' => ['meringue-baked', $layer("150 g egg white\n300 g caster sugar", 'whip; bake 100 C')];
        yield 'dacquoise' => ['meringue-baked', $layer("150 g egg white\n150 g sugar\n120 g ground almonds", 'whip; bake 160 C')];
        yield 'meringue on top' => ['meringue-soft', $layer("120 g egg white\n200 g caster sugar", 'whip')];
        yield 'anglaise' => ['custard-stirred', $layer("500 g milk\n100 g egg yolk\n80 g sugar", 'cook to 82 C')];
        yield 'brulee' => ['custard-baked', $layer("500 g whipping cream\n110 g egg yolk\n80 g sugar", 'bake 140 C')];
        yield 'blancmange' => ['starch-cream', $layer("500 g milk\n40 g cornflour\n60 g sugar", 'boil 2 min')];
        yield 'patissiere' => ['yolk-starch-cream', $layer("500 g milk\n90 g egg yolk\n100 g sugar\n40 g cornflour", 'boil 2 min')];
        yield 'panna cotta' => ['gelled-cream', $layer("400 g whipping cream\n200 g milk\n70 g sugar\n7 g gelatin powder", 'melt')];
        yield 'fool' => ['cream-foam', $layer("300 g raspberries\n300 g whipping cream\n60 g icing sugar", 'whip')];
        yield 'chocolate mousse' => ['chocolate-mousse', $layer("200 g dark chocolate\n300 g whipping cream", 'whip')];
        yield 'jelly' => ['fruit-gel-clear', $layer("400 g apple juice\n60 g sugar\n8 g gelatin powder", 'melt')];
        yield 'lemon curd' => ['citrus-curd', $layer("150 g lemon juice\n200 g egg\n180 g sugar\n120 g butter", 'cook to 82 C')];
        yield 'caramel for moulds' => ['caramel-wet', $layer("150 g sugar\n40 g water", 'boil 5 min', 'Caramel')];
        yield 'salted caramel' => ['caramel-sauce', $layer("200 g sugar\n150 g whipping cream\n60 g butter\n3 g salt", 'boil 3 min', 'Caramel sauce')];
        yield 'syrup' => ['syrup', $layer("200 g sugar\n200 g water\n30 g rum", 'boil 1 min', 'Soak')];
        yield 'ganache' => ['ganache', $layer("200 g dark chocolate\n200 g whipping cream\n20 g butter", 'melt')];
        yield 'shrikhand' => ['drained-curd', $layer("500 g greek yogurt\n120 g icing sugar\n1 g cardamom")];
        yield 'cheesecake' => ['cheesecake-baked', $layer("600 g cream cheese\n150 g sugar\n150 g egg\n100 g sour cream", 'bake 150 C')];
        yield 'no-bake' => ['cheesecake-unset', $layer("400 g cream cheese\n250 g double cream\n80 g icing sugar", 'whip')];
        yield 'lime pie' => ['cheesecake-acid-set', $layer("400 g condensed milk\n120 g lime juice\n60 g egg yolk")];
        yield 'posset' => ['cheesecake-acid-set', $layer("600 g double cream\n150 g sugar\n90 g lemon juice", 'boil 3 min')];
        yield 'vanilla ice' => ['ice-churned', $layer("500 g milk\n250 g whipping cream\n120 g egg yolk\n150 g sugar", 'cook to 84 C; freeze -18 C', 'Vanilla ice cream', 'serve at: -14 C')];
        yield 'kulfi' => ['frozen-still', $layer("600 g evaporated milk\n200 g condensed milk\n40 g pistachios", 'freeze -18 C', 'Kulfi', 'serve at: -12 C')];
        yield 'parfait' => ['frozen-foam', $layer("100 g egg yolk\n120 g sugar\n350 g whipping cream", 'whip; freeze -18 C', 'Parfait', 'serve at: -12 C')];
        yield 'sorbet' => ['gelato-sorbet', $layer("500 g strawberries\n150 g sugar\n100 g water", 'freeze -18 C', 'Strawberry sorbet', 'serve at: -12 C')];
        yield 'dipped fingers' => ['soaked-layer', $layer("180 g ladyfingers\n150 g espresso\n20 g rum")];
        yield 'bread pudding' => ['soaked-layer', $layer("250 g brioche\n400 g milk\n150 g egg\n80 g sugar", 'bake 160 C')];
        yield 'crumble' => ['crumble', $layer("150 g plain flour\n100 g butter\n80 g demerara sugar", 'bake 170 C', 'Crumble')];
        yield 'rice pudding' => ['grain-pudding', $layer("700 g milk\n80 g short-grain rice\n60 g sugar", 'boil 30 min')];
        yield 'chia' => ['seed-pudding', $layer("60 g chia seeds\n400 g coconut milk\n30 g maple syrup")];
        yield 'jam' => ['jam-preserve', $layer("500 g raspberries\n400 g sugar\n20 g lemon juice", 'boil 10 min')];
        yield 'rabri' => ['reduced-milk', "title: T\nportions: 6\nlayer: Rabri\ntreat: boil 40 min\nloss: reduce by 50 %\n1000 g milk\n80 g sugar"];
        yield 'coulis' => ['fruit-puree-sauce', $layer("300 g raspberries\n50 g icing sugar", '', 'Raspberry coulis')];
        yield 'berries in sugar' => ['fresh-fruit', $layer("300 g raspberries\n50 g icing sugar")];
        yield 'pressed crumb' => ['crumb-base', $layer("200 g digestive biscuits\n90 g butter")];
        yield 'raw base' => ['crumb-base', $layer("150 g dates\n120 g almonds")];
        yield 'one bought sheet' => ['laid-in', $layer('200 g baked puff pastry')];
        yield 'pie filling' => ['filling-baked', $layer("200 g egg\n200 g sugar\n150 g lemon juice\n60 g butter", 'bake 150 C')];
    }

    #[DataProvider('masses')]
    public function testAMassIsCalledWhatItsMakersCallIt(string $kind, string $text): void
    {
        self::assertSame([$kind], self::kinds($text));
    }

    /** Both sides of a boundary: what is a little too much of something is another thing. */
    public function testALittleMoreIsAnotherThing(): void
    {
        $batter = static fn(int $butter, int $sugar): array => self::kinds("title: T\nportions: 6\nlayer: L\ntreat: bake 185 C\n150 g water\n$butter g butter\n$sugar g sugar\n90 g plain flour\n170 g egg");
        self::assertSame(['choux'], $batter(75, 20));
        self::assertNotSame(['choux'], $batter(75, 90));
        self::assertNotSame(['choux'], $batter(10, 20));
        $ice = static fn(string $name): array => self::kinds("title: T\nportions: 6\nserve at: -12 C\nlayer: $name\ntreat: freeze -18 C\n500 g milk\n200 g whipping cream\n120 g sugar");
        self::assertSame(['ice-churned'], $ice('Milk ice'));
        self::assertSame(['frozen-still'], $ice('Frozen milk'), 'nobody said that it is churned');
    }

    public function testATopOfALittleIsDecorationAndNotAlone(): void
    {
        self::assertSame(['gelled-cream', 'decoration'], self::kinds("title: T\nportions: 6\nlayer: Cream\ntreat: melt\n400 g whipping cream\n200 g milk\n7 g gelatin powder\nlayer: Top\n10 g cocoa powder"));
        self::assertSame(['mixture'], self::kinds("title: T\nportions: 6\nlayer: Top\n10 g cocoa powder"));
    }

    /** The table and its readers agree: every kind is told by something, every operation is there and is planned. */
    public function testTheTablesHoldTogether(): void
    {
        $told = array_unique(array_column(Table::of('method/kind-signs'), 'kind'));
        self::assertEqualsCanonicalizing(array_keys(Kind::all()), array_values($told), 'a kind nothing tells, or a sign of no kind');
        $operations = Operation::all();
        $treatments = [...array_column(TreatmentKind::cases(), 'value'), 'steam'];
        $worth = [];
        foreach (Table::of('method/kind-signs') as $row) {
            $words = $row['words'] === '' ? [] : explode(' ', $row['words']);
            $where = "{$row['kind']} {$row['way']} {$row['by']}";
            self::assertSame($row['by'] === 'class', $row['classes'] !== '', $where);
            self::assertSame(\in_array($row['by'], ['content', 'treatment', 'not_treatment', 'op', 'not_op'], true), $words !== [], $where);
            self::assertSame($row['by'] === 'word', $row['says'] !== '', $where);
            foreach ($words as $word) {
                self::assertTrue(match ($row['by']) {
                    'op', 'not_op' => isset($operations[$word]),
                    'content' => \in_array($word, ['water', 'fat', 'sugar', 'sugar-like', 'protein'], true),
                    default => \in_array($word, $treatments, true),
                }, "$where: $word");
            }
            if ($row['by'] === 'worth') {
                $worth["{$row['kind']} {$row['way']}"] = true;
            }
        }
        self::assertEqualsCanonicalizing(array_unique(array_map(static fn(array $row): string => "{$row['kind']} {$row['way']}", Table::of('method/kind-signs'))), array_keys($worth), 'a way without its worth');
        foreach (Draft::all() as $kind => $rows) {
            self::assertArrayHasKey($kind, Kind::all());
            $rest = 0;
            foreach ($rows as $row) {
                self::assertArrayHasKey($row->operation, $operations, $kind);
                self::assertNotNull(StepKind::tryFrom((string) $operations[$row->operation]->kind), "$kind: $row->operation is not planned");
                self::assertSame($row->takes !== [] || $row->takesRest, str_contains($row->text, '{lines}'), "$kind: $row->text");
                $rest += $row->takesRest ? 1 : 0;
                if ($row->thing !== null) {
                    self::assertGreaterThan(0.0, ProcessBook::standard()->holds($row->thing));
                }
            }
            self::assertGreaterThan(0, $rest + (int) ($kind === 'laminated'), "$kind leaves lines over");
        }
    }

    /** Nothing that the kind does not ask for: no sieve, no bath, no trembling middle. */
    public function testADraftAsksForNothingItsKindDoesNot(): void
    {
        foreach (self::masses() as $name => [$kind, $text]) {
            $steps = mb_strtolower(self::steps($text));
            self::assertSame(Kind::of($kind)->isStrained && $kind !== 'custard-stirred' || $kind === 'custard-stirred', str_contains($steps, 'strain it'), "$name: $steps");
            self::assertStringNotContainsString('weigh everything', $steps, $name);
            self::assertSame($kind === 'custard-baked', str_contains($steps, 'hot water'), "$name: $steps");
            if (!\in_array($kind, ['custard-baked', 'cheesecake-baked', 'cheesecake-acid-set', 'filling-baked'], true)) {
                self::assertDoesNotMatchRegularExpression('/trembl/', $steps, $name);
            }
        }
    }

    /** Steps a cook would miss if they were not there, kind by kind. */
    public function testADraftIsHowItsKindIsMade(): void
    {
        $drafts = array_map(static fn(array $case): string => mb_strtolower(self::steps($case[1])), iterator_to_array(self::masses()));
        foreach ([
            'shells' => ['full boil', 'stir in 90 g plain wheat flour at once', 'falls from the spoon in a v', 'prick them'],
            'short dough' => ['rub 250 g', 'bring it together with 50 g whole egg', 'rest it cold'],
            'genoise' => ['whisk 200 g whole egg', 'ribbon', 'fold in, in two parts', 'springs back'],
            'pound cake' => ['beat 200 g butter', 'beat in 200 g whole egg', 'skewer'],
            'brownie' => ['melt 200 g dark chocolate', 'fold the melted chocolate in'],
            'clafoutis' => ['no lump', 'let it stand', 'the knife clean'],
            'pavlova' => ['soft peaks', 'a spoon at a time', 'dry at 100 °c', 'in the oven, turned off'],
            'caramel for moulds' => ['without stirring to amber', 'pour it at once'],
            'salted caramel' => ['dry to amber', 'hot, and boil it smooth', 'off the heat'],
            'ganache' => ['bring 200 g whipping cream', 'chop 200 g dark chocolate', 'from the middle'],
            'cheesecake' => ['beat 600 g cream cheese', 'without air', 'the door ajar'],
            'lime pie' => ['juice', 'it thickens as you stir'],
            'vanilla ice' => ['ripen cold', 'churn it'],
            'dipped fingers' => ['dip 180 g sponge fingers one by one for two seconds'],
            'crumble' => ['coarse crumbs', 'on a tray'],
            'rice pudding' => ['until the grain gives', 'hold it 30 min'],
            'chia' => ['whisk again after 10 minutes'],
        ] as $name => $said) {
            foreach ($said as $words) {
                self::assertStringContainsString($words, $drafts[$name], $name);
            }
        }
    }

    /** Egg that is baked is taken to a middle that is safe, whatever the kind. */
    public function testBakedEggNamesItsMiddle(): void
    {
        foreach (['brulee', 'cheesecake', 'pie filling', 'clafoutis'] as $name) {
            $steps = self::steps(iterator_to_array(self::masses())[$name][1]);
            self::assertSame(1, preg_match('/(\d+) °C \(\d+ °F\) in the middle/u', $steps, $core), "$name: $steps");
            self::assertGreaterThanOrEqual(71, (int) ($core[1] ?? 0), $name);
        }
    }

    public function testWhatTheMakerDidTellsTheKind(): void
    {
        $dish = Kit::engine()->read(Kit::engine()->parse("title: T\nportions: 6\nlayer: Milk\n500 g milk\n150 g sugar\n100 g whipping cream"));
        $of = array_map(static fn(Portion $portion): Ingredient => $portion->ingredient, $dish->layers[0]->state->model->portions);
        self::assertSame('mixture', Kinds::standard()->of(Mass::of($dish->formula, [$of])[0])->key);
        $frozen = Kit::engine()->parse("title: T\nportions: 6\nserve at: -12 C\nlayer: Milk\ntreat: freeze -18 C\n500 g milk\n150 g sugar\n100 g whipping cream");
        self::assertSame('ice-churned', Kinds::standard()->of(Mass::of($frozen, [$of], [['churn']])[0])->key);
        self::assertTrue(KindMaking::isDrafted(Kind::of('ice-churned')));
        self::assertFalse(KindMaking::isDrafted(Kind::of('gelled-cream')));
    }
}
