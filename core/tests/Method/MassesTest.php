<?php

declare(strict_types=1);

namespace Transmuta\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Intake\Recipe\Inference;
use Transmuta\Method\Act;
use Transmuta\Method\Reading\MethodReader;
use Transmuta\Tests\Kit;

/** Lists without headings, each parted by hand first: what is worked together is one mass, what is put on or under it another. */
final class MassesTest extends TestCase
{
    /** @return iterable<string, array{string, string, array<string, list<string>>}> lines, method, ids by layer */
    public static function lists(): iterable
    {
        yield 'a base and what is poured over it' => [
            "200 g digestive biscuits\n90 g butter\n400 g cream cheese\n120 g icing sugar\n200 ml whipping cream",
            "Crush the biscuits, mix with the melted butter and press into a 23 cm tin.\nBeat the cream cheese with the sugar. Whip the cream and fold in.\nPour over the base and chill overnight.",
            ['Base' => ['wholemeal-biscuit', 'butter'], 'Main mix' => ['soft-cheese-22', 'icing-sugar', 'cream-36']],
        ];
        yield 'berries put on at the end' => [
            "300 ml double cream\n90 g sugar\n3 leaves gelatine\n150 g raspberries",
            "Soak the gelatine. Warm the cream with the sugar, stir in the gelatine.\nPour into moulds and chill. Serve with the raspberries.",
            ['Main mix' => ['double-cream-48', 'sugar', 'gelatin-leaf-gold'], 'Raspberries' => ['raspberry']],
        ];
        yield 'a crumble on its apples' => [
            "1 kg apples\n80 g sugar\n200 g plain flour\n120 g butter\n100 g demerara sugar",
            "Slice the apples, toss with the sugar and put in a dish.\nRub the butter into the flour, stir in the demerara. Scatter over the apples.\nBake 40 minutes at 190 °C.",
            ['Main mix' => ['apple', 'sugar'], 'Topping' => ['plain-flour', 'butter', 'demerara']],
        ];
        yield 'hot milk on chocolate is stirred, and one mass' => [
            "200 g dark chocolate 60%\n150 ml milk\n350 ml whipping cream",
            "Boil the milk and pour over the chopped chocolate. Emulsify.\nFold in the whipped cream. Chill.",
            ['Dish' => ['chocolate-55', 'milk', 'cream-36']],
        ];
        yield 'milk poured on yolks' => [
            "400 g milk\n100 g sugar\n100 g egg yolk",
            "Whisk the yolks with the sugar.\nPour the milk over.\nCook to 82 C and chill.",
            ['Dish' => ['milk', 'sugar', 'egg-yolk']],
        ];
        yield 'words nobody understands leave it one' => [
            "200 g digestive biscuits\n90 g butter\n400 g cream cheese",
            "Blorgle the frumps.\nCrush the biscuits, mix with the butter and press into a tin.\nSpread the cream cheese over.",
            ['Dish' => ['wholemeal-biscuit', 'butter', 'cream-cheese']],
        ];
        yield 'a row nobody understands leaves it one' => [
            "200 g digestive biscuits\n90 g butter\n400 g cream cheese\n30 g blorgle",
            "Crush the biscuits, mix with the butter and press into a tin.\nSpread the cream cheese over.",
            ['Dish' => ['wholemeal-biscuit', 'butter', 'cream-cheese']],
        ];
    }

    /** @param array<string, list<string>> $parted */
    #[DataProvider('lists')]
    public function testAListIsPartedAsItIsWorked(string $lines, string $method, array $parted): void
    {
        $formula = Kit::engine()->parse("Dish of the day\nserves 8\n\n$lines\n\n$method");
        $found = [];
        foreach ($formula->layers as $layer) {
            $found[$layer->name] = array_map(static fn(Line $line): string => (string) $line->ingredient, $layer->understood());
        }
        self::assertSame($parted, $found);
    }

    public function testAHeadingThatIsWrittenIsKept(): void
    {
        $text = "Cake\nserves 8\n\nAll of it:\n200 g digestive biscuits\n90 g butter\n400 g cream cheese\n\nCrush the biscuits, mix with the butter and press into a tin.\nSpread the cream cheese over.";
        self::assertCount(1, Kit::engine()->parse($text)->layers);
        self::assertCount(2, Kit::engine()->parse(str_replace("All of it:\n", '', $text))->layers);
    }

    public function testThePartingIsSaidAndStaysWhatItIs(): void
    {
        [$lines, $method] = [...self::lists()]['a base and what is poured over it'];
        $text = "Cake\nserves 8\n\n$lines\n\n$method";
        $read = Kit::engine()->recipe($text);
        self::assertSame(['Base', 'Main mix'], array_values(array_map(static fn(Inference $one): string => $one->value, array_filter($read->inferred, static fn(Inference $one): bool => $one->what === 'layer'))));
        // The steps of the parted list are those of the one list.
        $acts = (new MethodReader())->by(Kit::shelf(), $read->formula)->acts;
        $one = (new MethodReader())->by(Kit::shelf(), $read->formula->with([new Layer(Layer::UNNAMED, [...$read->formula->layers[0]->lines, ...$read->formula->layers[1]->lines], $read->formula->layers[0]->treatment)]))->acts;
        self::assertSame(array_map(static fn(Act $act): array => [$act->operation->key, $act->from], $one), array_map(static fn(Act $act): array => [$act->operation->key, $act->from], $acts));
        self::assertSame([0, 1], array_values(array_unique(array_map(static fn(Act $act): int => $act->layer, $acts))));
    }

    public function testWhatIsSetOfAPartedLayerWritesItsHeading(): void
    {
        [$lines, $method] = [...self::lists()]['a base and what is poured over it'];
        $text = "Cake\nserves 8\n\n$lines\n\n$method";
        $headed = Kit::engine()->headed($text, 1, 'treat', 'whip', Kit::engine()->parse($text)->measures);
        self::assertStringContainsString("layer: Base\n200 g digestive biscuits\n90 g butter\nlayer: Main mix\ntreat: whip\n400 g cream cheese", $headed);
        self::assertSame(['Base', 'Main mix'], array_map(static fn(Layer $layer): string => $layer->name, Kit::engine()->parse($headed)->layers));
        $whole = Kit::engine()->headed($text, 0, 'whole', '', Kit::engine()->parse($text)->measures);
        self::assertCount(1, Kit::engine()->parse($whole)->layers);
    }

    /** What stands before the first heading is parted as a list of its own, and the layers with headings stay. */
    public function testTheListBeforeAHeadingIsPartedToo(): void
    {
        $text = "Custard slice\nmakes 12\n\n2 sheets puff pastry\n500 ml milk\n150 g sugar\n60 g cornflour\n5 egg yolks\n\nIcing\n180 g icing sugar\n1 tbsp passionfruit pulp\n\n1. Put the pastry sheets on trays and bake 20 min at 200C. Cool. Put one in the base of a 23 cm square tin.\n2. Heat the milk. Whisk sugar, cornflour and yolks. Pour the hot milk over, whisking. Return to pan and stir until it boils and thickens, 5 min.\n3. Pour over the pastry, top with second sheet. Chill 4 hours.\n4. Mix icing sugar and pulp, spread over the top. Cut into 12.";
        $read = Kit::engine()->recipe($text);
        self::assertSame(['Puff pastry', 'Main mix', 'Icing'], array_map(static fn(Layer $layer): string => $layer->name, $read->formula->layers));
        self::assertSame(['bake 200 C 20 min', 'boil 5 min stirred', 'none'], array_map(static fn(Layer $layer): string => $layer->treatment->words(), $read->formula->layers));
        $method = (new MethodReader())->by(Kit::shelf(), $read->formula);
        $spread = array_values(array_filter($method->acts, static fn(Act $act): bool => $act->operation->key === 'spread'))[0];
        self::assertCount(2, $spread->from, 'the icing goes on what has set');
        // What is set of a parted layer is written above it, and the heading that was there stays where it was.
        $headed = Kit::engine()->headed($text, 1, 'treat', 'boil 5 min', $read->formula->measures);
        self::assertSame(['Puff pastry', 'Main mix', 'Icing'], array_map(static fn(Layer $layer): string => $layer->name, Kit::engine()->parse($headed)->layers));
        self::assertSame(1, substr_count($headed, 'Icing'));
    }

    /** One that is named by two kinds on the shelf is called by its step; on a page of another language by its word there. */
    public function testALayerOfOneLineIsCalledAsTheMakerDoes(): void
    {
        $english = "Cream\nserves 4\n\n500 ml double cream\n60 g caster sugar\n4 egg yolks\n40 g demerara sugar\n\nHeat the cream. Whisk the yolks and caster sugar, pour the cream over and cook to 82 C. Fill ramekins and chill 4 hours. Scatter with the demerara and torch.";
        self::assertSame(['Main mix', 'Demerara sugar'], array_map(static fn(Layer $layer): string => $layer->name, Kit::engine()->parse($english)->layers));
        $spanish = "Crema catalana\nPara 6 personas\n\n1 litro de leche entera\n6 yemas de huevo\n160 g de azúcar\n40 g de maicena\n60 g de azúcar para quemar\n\nCalentar la leche. Batir las yemas con el azúcar y la maicena. Colar la leche sobre las yemas. Volver al fuego y cocer, removiendo, hasta que espese. Repartir en cazuelitas y enfriar 4 horas. Espolvorear con el azúcar y quemar con un soplete.";
        self::assertSame(['Main mix', 'Azúcar'], array_map(static fn(Layer $layer): string => $layer->name, Kit::engine()->parse($spanish)->layers));
    }
}
