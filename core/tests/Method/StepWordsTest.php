<?php

declare(strict_types=1);

namespace Transmuta\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Method\Editing\StepWords;
use Transmuta\Method\Reading\MethodReader;
use Transmuta\Reference\Table;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Tests\Kit;

/** Steps that are put in are said in the language of the method they are put into, and read back as what they are. */
final class StepWordsTest extends TestCase
{
    private const LANGUAGES = ['de', 'es', 'fr', 'it', 'pt'];

    public function testEveryLanguageSaysTheSameSentences(): void
    {
        $english = [];
        foreach (Table::of('method/step-words') as $row) {
            $english[$row['lang']][] = $row['english'];
        }
        ksort($english);
        self::assertSame(self::LANGUAGES, array_keys($english));
        foreach ($english as $lang => $sentences) {
            self::assertSame($english['de'], $sentences, $lang);
            self::assertSame(array_values(array_unique($sentences)), $sentences, $lang);
        }
    }

    /** Whatever is left open in English is open in the others, once each at the least; and a step in two parts has two. */
    public function testNoPlaceIsLost(): void
    {
        foreach (Table::of('method/step-words') as $row) {
            foreach (['{name}', '{pot}', '{twice}', '{grams}'] as $place) {
                self::assertSame(str_contains($row['english'], $place), str_contains($row['own'], $place), "$row[lang]: $row[english]");
            }
            self::assertSame(preg_match_all('~\d+~', $row['english'], $m) > 0, preg_match('~\d~', $row['own']) === 1, "$row[lang]: $row[own]");
            preg_match_all('~\d+(?= °C)~', $row['english'], $heats);
            foreach ($heats[0] as $heat) {
                self::assertMatchesRegularExpression("~\\b$heat\\b~", $row['own'], "$row[lang]: a heat is the same in every language");
            }
            if (str_contains($row['english'], '; ')) {
                self::assertStringContainsString('; ', $row['own'], "$row[lang]: $row[english]");
            }
        }
    }

    /** Every sentence of the table is one that is put in somewhere: of an agent, or of the code by its letters. */
    public function testNoSentenceIsThereForNothing(): void
    {
        $code = '';
        foreach (['NewSteps', 'StepWords'] as $class) {
            $code .= (string) file_get_contents(\dirname(__DIR__, 2) . "/src/Method/Editing/$class.php");
        }
        $said = [];
        foreach (Table::of('method/agents') as $row) {
            array_push($said, $row['step'], $row['join'], (string) preg_replace('~^.*; bring to the boil and boil~', 'keep it at the boil', $row['step']));
        }
        foreach (Table::of('method/step-words') as $row) {
            self::assertTrue(\in_array($row['english'], $said, true) || str_contains($code, $row['english']), $row['english']);
        }
    }

    public function testWhatHasNoWordsIsSaidInEnglish(): void
    {
        self::assertSame('Add x.', (new StepWords('es'))->say('Add {name}.', ['name' => 'x']));
        self::assertSame('Incorporar azúcar.', (new StepWords('es'))->say('Mix in {name}.', ['name' => 'azúcar']));
        self::assertSame('Mix in the sugar.', (new StepWords())->say('Mix in {name}.', ['name' => 'the sugar']));
        self::assertSame('a third of the milk', (new StepWords())->part(0.33, 'milk'));
        self::assertSame('half the milk', (new StepWords())->part(0.5, 'milk'));
        self::assertSame('la moitié de lait', (new StepWords('fr'))->part(0.5, 'lait'));
        self::assertSame('the milk', (new StepWords())->part(1.0, 'milk'));
    }

    /** @return iterable<string, array{string, string, string}> page, diet, what is put in */
    public static function pages(): iterable
    {
        yield 'Italian' => ["Panna cotta al caffè\n4 persone\n\n500 ml panna fresca\n80 g zucchero\n6 g gelatina in fogli\n\nMettere la gelatina a bagno in acqua fredda per 10 minuti. Scaldare la panna con lo zucchero senza farla bollire. Unire la gelatina strizzata e mescolare finché si scioglie. Versare negli stampini e mettere in frigo per almeno 5 ore. Sformare e servire.", 'vegan', 'far bollire 2 minuti'];
        yield 'Spanish' => ["Panna cotta de vainilla\nPara 4 personas\n\n500 ml de nata para montar\n80 g de azúcar\n6 g de gelatina en hojas\n\nRemojar la gelatina en agua fría. Calentar la nata con el azúcar sin que llegue a hervir. Añadir la gelatina escurrida y remover. Verter en moldes y enfriar 5 horas. Desmoldar.", 'vegan', 'hervir 2 minutos'];
        yield 'French' => ["Panna cotta à la vanille\nPour 4 personnes\n\n50 cl de crème liquide\n80 g de sucre\n6 g de gélatine en feuilles\n\nFaire tremper la gélatine dans l’eau froide. Faire chauffer la crème avec le sucre sans bouillir. Ajouter la gélatine essorée et mélanger. Verser dans des moules et réserver 5 heures au frais. Démouler.", 'vegan', 'laisser bouillir 2 minutes'];
    }

    #[DataProvider('pages')]
    public function testAStepInTheLanguageOfThePageIsReadBack(string $page, string $diet, string $said): void
    {
        $routes = Kit::engine()->answer(Kit::engine()->recipe($page)->formula, Brief::of([Diet::from($diet)]))->routes;
        $with = array_values(array_filter($routes, static fn($route): bool => isset($route->result->ingredients()['agar'])))[0] ?? null;
        self::assertNotNull($with);
        $text = implode(' ', $with->steps());
        self::assertStringContainsString($said, $text);
        self::assertDoesNotMatchRegularExpression('~\b(?:the|whisk|boil|stir|until)\b~i', $text);
        self::assertDoesNotMatchRegularExpression('~sin que llegue|senza far|sans (?:faire )?bouillir~u', $text, 'what has to boil is not kept from it');
        $method = (new MethodReader())->by(Kit::shelf(), $with->formula());
        self::assertContains('boil', array_map(static fn($act): string => $act->operation->key, $method->acts));
        self::assertSame([], $method->unread());
        self::assertTrue($with->result->layers[0]->set->mechanisms['agar'] > 0.3, 'the agar is boiled by what the steps say');
    }
}
