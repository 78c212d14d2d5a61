<?php

declare(strict_types=1);

namespace Transmuta\Tests\Intake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Confidence;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Line;
use Transmuta\Intake\Language\PageLanguage;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Reference\Table;
use Transmuta\Tests\Kit;

/** Pages in a kitchen's own language (invented for this test), each read by hand: language, portions, and what its rows weigh. */
final class PageLanguageTest extends TestCase
{
    /** @return iterable<string, array{string, string, int, array<string, float>}> page, language, portions, g by id */
    public static function pages(): iterable
    {
        yield 'Spanish' => ["Flan de coco\nPara 8 personas\n\nIngredientes\n1 lata de leche condensada (397 g)\n400 g de leche de coco\n4 huevos grandes\n100 g de azúcar para el caramelo\n\nElaboración\nHacer un caramelo con el azúcar y verter en una flanera.\nBatir los huevos con la leche condensada y la leche de coco.\nColar, verter en el molde y hornear al baño María 50 minutos a 160 °C.", 'es', 8, ['condensed-milk' => 397.0, 'coconut-milk' => 400.0, 'egg' => 240.0, 'sugar' => 100.0]];
        yield 'French prep sheet' => ["Crème caramel 6 pers\n\nlait 500\nsucre 80\noeufs 200\nvanille 1 gousse\nsucre 100 (caramel)\n\nFaire un caramel à sec avec 100 g de sucre, verser dans les ramequins.\nChauffer le lait avec la vanille. Fouetter les oeufs et le sucre, verser le lait dessus, filtrer.\nCuire au bain-marie 35 min à 150°C. Refroidir.", 'fr', 6, ['milk' => 500.0, 'sugar' => 180.0, 'egg' => 200.0, 'vanilla-bean' => 3.0]];
        yield 'Italian' => ["Panna cotta ai lamponi\nper 6 persone\n\n500 g di panna fresca\n80 g di zucchero\n8 g di colla di pesce\n200 g di lamponi\n\nMettere in ammollo la colla di pesce in acqua fredda.\nScaldare la panna con lo zucchero, unire la colla di pesce.\nVersare negli stampini e mettere in frigo per 5 ore.", 'it', 6, ['cream-36' => 500.0, 'sugar' => 80.0, 'gelatin-leaf-gold' => 8.0, 'raspberry' => 200.0]];
        yield 'German' => ["Käsekuchen\n12 Stück\n\nFür den Teig:\n200 g Mehl\n100 g Butter\n75 g Zucker\n1 Ei\n\nFür die Füllung:\n750 g Magerquark\n150 g Zucker\n3 Eier\n300 g Milch\n\nMehl, Butter, Zucker und Ei verkneten. In eine 26 cm Springform drücken.\nQuark, Zucker, Eier und Milch verrühren und auf den Teig gießen.\nBei 180 °C 60 Minuten backen.", 'de', 12, ['plain-flour' => 200.0, 'butter' => 100.0, 'sugar' => 225.0, 'egg' => 240.0, 'quark' => 750.0, 'milk' => 300.0]];
        yield 'Portuguese' => ["Mousse de maracujá\nRende 8 porções\n\nIngredientes:\n1 lata de leite condensado\n300 g de suco de maracujá\n5 colheres (sopa) de água\n\nModo de preparo:\nBata o leite condensado com o suco.\nLeve à geladeira por 4 horas.", 'pt', 8, ['condensed-milk' => 397.0, 'passion-fruit-juice' => 300.0, 'water' => 75.0]];
    }

    /** @param array<string, float> $holds */
    #[DataProvider('pages')]
    public function testAPageIsReadInItsLanguage(string $page, string $lang, int $portions, array $holds): void
    {
        $rows = explode("\n", $page);
        self::assertSame($lang, Kit::engine()->lines->language($rows)?->lang);
        $formula = Kit::engine()->parse($page);
        self::assertSame([], $formula->unresolved());
        self::assertSame($portions, $formula->portions);
        foreach ($formula->holds() as $id => $grams) {
            self::assertEqualsWithDelta($holds[$id] ?? 0.0, $grams, 0.6, "$id");
        }
        self::assertEqualsCanonicalizing(array_keys($holds), array_keys($formula->holds()));
        // What was written stays, every row of it.
        foreach (self::lines($formula) as $line) {
            self::assertContains($line->text, array_map(trim(...), $rows));
            self::assertNotSame(Confidence::Sure, $line->confidence, 'a recalled name is likely at the most');
        }
        self::assertContains($formula->method[0]->text, $rows);
    }

    /** @return list<Line> */
    private static function lines(Formula $formula): array
    {
        return array_merge(...array_map(static fn($layer): array => $layer->lines, $formula->layers));
    }

    public function testAPageInEnglishIsNone(): void
    {
        foreach (glob(__DIR__ . '/../Method/pages/read/*.txt') ?: [] as $file) {
            self::assertNull(Kit::engine()->lines->language(file($file, \FILE_IGNORE_NEW_LINES) ?: []), $file);
        }
        self::assertNull(Kit::engine()->lines->language([]));
        self::assertNull(Kit::engine()->lines->language(['mascarpone 500 g', 'savoiardi 200 g', 'caster sugar 100 g']));
    }

    /** What is told apart by law, poison or allergen never stands in. */
    public function testALookAlikeIsLeftAndAskedFor(): void
    {
        $named = array_filter(Table::of('intake/food-names'), static fn(array $row): bool => $row['id'] === '' && $row['lang'] === 'es');
        self::assertGreaterThan(20, \count($named));
        foreach (['leche cruda'] as $name) {
            self::assertContains($name, array_column($named, 'name'));
            $formula = Kit::engine()->parse("Flan\nPara 4 personas\n\n4 huevos\n100 g de azúcar\n500 g de $name\n\nBatir los huevos con el azúcar.");
            self::assertNotContains('milk', array_map(static fn(Line $line): ?string => $line->ingredient, self::lines($formula)));
        }
    }

    /** A name alone, read back by the English name of its food, is that food: the whole table. */
    public function testEveryNameIsOfAFoodThatIsReadBack(): void
    {
        $ids = array_values(array_unique(array_filter(array_column(Table::of('intake/food-names'), 'id'))));
        self::assertGreaterThan(300, \count($ids));
        foreach ($ids as $id) {
            self::assertNotNull(Kit::shelf()->find($id), $id);
            $line = Kit::engine()->lines->read('100 g ' . Kit::engine()->lines->nameOf($id, UnitSystem::Metric), UnitSystem::Metric);
            self::assertSame($id, $line->ingredient, $id);
        }
    }

    public function testANameOfAnotherKitchenOnAnEnglishPage(): void
    {
        $formula = Kit::engine()->parse("Kheer\nserves 6\n1 litre doodh\n100 g chawal\n80 g cheeni\n\nBoil the doodh, add the washed chawal and simmer 40 min until thick. Add the cheeni.");
        self::assertSame(['milk', 'rice-basmati', 'sugar'], array_keys($formula->holds()));
        self::assertSame([Confidence::Likely], array_values(array_unique(array_map(static fn(Line $line): Confidence => $line->confidence, self::lines($formula)), \SORT_REGULAR)));
    }

    public function testARowAsAPageInEnglishWouldSayIt(): void
    {
        $of = static fn(string $lang): PageLanguage => array_values(array_filter(PageLanguage::all(static fn(string $id): string => Kit::engine()->lines->nameOf($id, UnitSystem::Metric)), static fn(PageLanguage $one): bool => $one->lang === $lang))[0];
        self::assertSame('serves 8', $of('es')->row('Para 8 personas'));
        self::assertSame('2 tbsp of sugar', $of('es')->row('2 cucharadas de azúcar'));
        self::assertSame('For the base:', $of('it')->row('Per la base:'));
        self::assertSame('5 tbsp of water', $of('pt')->row('5 colheres (sopa) de água'));
        self::assertSame('blorgle', $of('fr')->row('blorgle'));
        self::assertSame('', $of('fr')->row(''));
    }
}
