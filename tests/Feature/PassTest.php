<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Http\Controllers\PriceListController;
use App\Models\Dish;
use App\Models\Service;
use App\Models\Studio;
use App\Models\Version;
use App\Services\Planning;
use PHPUnit\Framework\Attributes\DataProvider;
use Transmuta\Engine;
use Transmuta\Format\Form;
use Transmuta\Intake\Unreadable;

/** What leaves the kitchen: files, specification, the code on a card. */
final class PassTest extends FeatureCase
{
    private function version(): Version
    {
        return Version::query()->whereRelation('dish', 'title', 'Passion-fruit curd tartlet')->where('name', 'Vegan 1')->firstOrFail();
    }

    public function testEveryFormIsListedWithWhatItCannotHold(): void
    {
        $version = $this->version();
        $forms = $this->getJson("/api/versions/$version->id/files")->assertOk()->json();
        self::assertSame(array_column(Form::cases(), 'value'), array_column($forms, 'form'));
        $lost = array_column($forms, 'lost', 'form');
        self::assertSame([], $lost['json']);
        self::assertStringContainsString('tins: Curd (12 x round 70 x 20 mm)', implode('; ', $lost['csv']));
        self::assertStringContainsString('reading back', implode('; ', $lost['nutrition']));
    }

    /** surface A11: what is handed out of a version is how that version is made. */
    public function testTheFilesOfAVersionTellItsOwnMethod(): void
    {
        $original = $this->postJson('/api/dishes', ['text' => "Custard pots\n\nserves 4\n\n300 g whole milk\n80 g egg yolk\n60 g caster sugar\n\nMethod\n1. Whisk the yolks with the sugar.\n2. Add the milk and cook to 82 C."])->assertCreated()->json('versions.0.id');
        app()->forgetScopedInstances();
        self::assertStringContainsString('Whisk the yolks', (string) $this->get("/api/versions/$original/files/markdown")->assertOk()->getContent());
        $route = $this->postJson("/api/versions/$original/routes", ['diets' => ['vegan']])->assertOk()->json('routes.0');
        $vegan = $this->postJson("/api/versions/$original/versions", ['diets' => ['vegan'], 'route' => $route['id'], 'formula' => $route['formula']])->assertCreated()->json('version.id');
        app()->forgetScopedInstances();
        foreach (Form::cases() as $form) {
            $text = (string) $this->get("/api/versions/$vegan/files/$form->value")->assertOk()->getContent();
            self::assertStringNotContainsStringIgnoringCase('yolk', $text, $form->value);
            self::assertStringNotContainsString('1. 1.', $text);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function forms(): iterable
    {
        foreach (Form::cases() as $form) {
            yield $form->value => [$form->value, $form->mime()];
        }
    }

    /** What is taken out is read again as the same grams of the same things, but for the two forms that say they are not read. */
    #[DataProvider('forms')]
    public function testWhatIsTakenOutReadsBack(string $form, string $mime): void
    {
        $version = $this->version();
        $answer = $this->get("/api/versions/$version->id/files/$form")->assertOk();
        self::assertSame("$mime; charset=utf-8", (string) $answer->headers->get('Content-Type'));
        self::assertMatchesRegularExpression('/^attachment; filename="passion-fruit-curd-tartlet-vegan-1-\d+\.[a-z.]+"$/', (string) $answer->headers->get('Content-Disposition'));
        $text = (string) $answer->getContent();
        if (\in_array($form, ['markdown', 'nutrition'], true)) {
            self::assertStringContainsString($form === 'markdown' ? '# Passion-fruit curd tartlet' : 'nutrient,unit,portion,per_100_g', $text);

            return;
        }
        $was = $version->formula->holds();
        $is = app(Engine::class)->parse($text)->holds();
        self::assertEqualsCanonicalizing(array_keys($was), array_keys($is));
        foreach ($was as $id => $grams) {
            self::assertEqualsWithDelta($grams, $is[$id], 0.01 * max(0.5, $grams), $id);
        }
    }

    public function testThereIsNoOtherForm(): void
    {
        $this->getJson('/api/versions/' . $this->version()->id . '/files/pdf')->assertUnprocessable()->assertJsonPath('field', 'form');
    }

    public function testTheCodeOnTheCardCarriesTheDish(): void
    {
        $card = $this->getJson('/api/versions/' . $this->version()->id . '/card')->assertOk()->json();
        self::assertIsString($card['qr']);
        self::assertLessThanOrEqual(1400, \strlen($card['qr']));
        $read = app(Engine::class)->parse($card['qr']);
        self::assertSame('Passion-fruit curd tartlet', $read->title);
        self::assertEqualsCanonicalizing(array_keys($this->version()->formula->holds()), array_keys($read->holds()));
        self::assertMatchesRegularExpression('/^\d{4}-\d\d-\d\dT/', $card['revised_at']);
    }

    public function testASpecificationSaysFirstWhatNobodyHasAnswered(): void
    {
        $of = $this->getJson('/api/versions/' . $this->version()->id . '/specification')->assertOk()->json();
        $questions = implode("\n", $of['questions']);
        self::assertStringContainsString('cross-contact', $questions);
        self::assertStringContainsString('Vegan is not proven: Plant butter', $questions);
        self::assertStringContainsString('no shelf-life test', $questions);
        self::assertEqualsWithDelta(100.0, array_sum(array_column($of['layers'], 'percent')), 0.01);
        self::assertSame(5, (int) $of['storage']['celsius']);
        self::assertNotContains('not met', array_map(static fn(array $one): string => $one['diet'] === 'vegan' ? $one['standing'] : '', $of['diets']));
    }

    public function testOneOfSeveralRecipesInAFileIsRead(): void
    {
        $file = json_encode([['@type' => 'Recipe', 'name' => 'One', 'recipeIngredient' => ['100 g milk']], ['@type' => 'Recipe', 'name' => 'Two', 'recipeIngredient' => ['200 g cream']]], JSON_THROW_ON_ERROR);
        $this->postJson('/api/readings', ['text' => $file])->assertOk()->assertJsonPath('formula.title', 'One')->assertJsonPath('others', ['Two']);
        $this->postJson('/api/readings', ['text' => $file, 'recipe' => 2])->assertOk()->assertJsonPath('formula.title', 'Two')->assertJsonPath('others', ['One']);
        $this->postJson('/api/readings', ['text' => $file, 'recipe' => 3])->assertUnprocessable();
    }

    /** JSON and tables become rows that can be changed, and that read as the same. */
    public function testAFileOfAnotherFormBecomesRows(): void
    {
        foreach (['json', 'csv'] as $form) {
            $file = (string) $this->get('/api/versions/' . $this->version()->id . "/files/$form")->getContent();
            $read = $this->postJson('/api/readings', ['text' => $file])->assertOk()->json();
            self::assertIsString($read['text'], $form);
            self::assertSame($read['formula']['title'], $this->postJson('/api/readings', ['text' => $read['text']])->assertOk()->json('formula.title'));
        }
        $this->expectException(Unreadable::class);
        app(Engine::class)->parse('{"title": ');
    }

    public function testTheMenuIsReadAnewAndSaysWorstFirst(): void
    {
        $version = $this->version();
        $all = $this->getJson('/api/menu')->assertOk()->json();
        $row = array_values(array_filter($all['rows'], static fn(array $one): bool => $one['version_id'] === $version->id))[0];
        $cells = array_column($row['eu'], null, 'allergen');
        self::assertSame(['contains', 'unknown'], [$cells['gluten']['state'], $cells['milk']['state']]);
        self::assertCount(14, $row['eu']);
        self::assertCount(9, $row['us']);
        // The range of a dish is its versions; what a service serves is on its own sheet.
        $range = $this->getJson("/api/menu?dish=$version->dish_id")->assertOk()->assertJsonPath('of', 'Passion-fruit curd tartlet')->json('rows');
        self::assertSame([$version->dish_id], array_values(array_unique(array_column($range, 'dish_id'))));
        $service = $this->getJson('/api/services')->json()[0];
        self::assertNotSame([], $this->getJson("/api/menu?service=$service[id]")->assertOk()->json('rows'));
        $this->getJson('/api/menu?dish=999999')->assertNotFound();
        // What is another studio’s is not there, by whatever it is asked for.
        $other = Studio::query()->create(['name' => 'Elsewhere', 'slug' => 'elsewhere']);
        $theirs = Dish::query()->create(['studio_id' => $other->id, 'title' => 'Theirs', 'family' => 'cream']);
        $evening = Service::query()->create(['studio_id' => $other->id, 'name' => 'Theirs', 'serve_at' => '2026-12-05T19:30', 'kitchen' => Planning::KITCHEN]);
        $this->getJson("/api/menu?dish=$theirs->id")->assertNotFound();
        $this->getJson("/api/menu?service=$evening->id")->assertNotFound();
        $this->getJson('/api/menu?dish=moon')->assertUnprocessable();
    }

    public function testWhatItCostsIsToldByWhosePriceAndWhyItChanged(): void
    {
        $version = Version::query()->whereRelation('dish', 'title', 'Passion-fruit curd tartlet')->where('name', 'Original')->firstOrFail();
        $now = $this->getJson("/api/versions/$version->id/cost")->assertOk()->json();
        self::assertCount(2, $now['dates']);
        self::assertSame($now['batch_minor'], array_sum(array_column($now['lines'], 'minor')) + $now['labour_minor'] + $now['energy_minor'] + $now['packaging_minor']);
        self::assertContains(PriceListController::SIMULATED, array_map(static fn(array $line): string => $line['by']['supplier'] ?? '', $now['lines']));
        $since = $this->getJson("/api/versions/$version->id/cost?since={$now['dates'][0]}")->assertOk()->json('since');
        self::assertGreaterThan(0.0, $since['percent']);
        self::assertStringContainsStringIgnoringCase('butter', $since['because'][0]['name']);
        self::assertLessThan($now['portion_minor'], $this->getJson("/api/versions/$version->id/cost?as_of={$now['dates'][0]}")->assertOk()->json('portion_minor'));
        self::assertContains('Vegan 1', array_column($now['beside'], 'version'));
        $this->getJson("/api/versions/$version->id/cost?since=autumn")->assertUnprocessable();
        // What it sells for, and what is left of it without the tax.
        $this->putJson('/api/studio/rates', ['labour' => 2400, 'energy' => null, 'packaging' => 5, 'tax_word' => 'VAT', 'tax_percent' => 20])->assertOk()->assertJsonPath('labour', 2400);
        $sold = $this->putJson("/api/versions/$version->id/sells", ['minor' => 600])->assertOk()->json();
        self::assertSame(500 - $sold['portion_minor'], $sold['left_minor']);
        self::assertGreaterThan($now['labour_minor'], $sold['labour_minor']);
        $this->putJson("/api/versions/$version->id/sells", ['minor' => -5])->assertUnprocessable();
        $this->putJson("/api/versions/$version->id/sells", ['minor' => 'dear'])->assertUnprocessable();
        $this->putJson('/api/studio/rates', ['labour' => 'dear'])->assertUnprocessable()->assertJsonPath('field', 'labour');
        $this->putJson("/api/versions/$version->id/sells", ['minor' => null])->assertOk()->assertJsonPath('left_minor', null);
    }
}
