<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Transmuta\Format\ReadingJson;
use Transmuta\Property\Look\Section;
use Transmuta\Tests\Kit;

final class ReaderTest extends TestCase
{
    #[DataProviderExternal(Kit::class, 'demos')]
    public function testDemoDishIsFullyUnderstood(string $name): void
    {
        $dish = Kit::engine()->read(Kit::demo($name));
        self::assertSame([], array_map(static fn($line): string => $line->text, $dish->formula->unresolved()));
        foreach ($dish->layers as $layer) {
            self::assertGreaterThan(0.0, $layer->state->mass);
            self::assertGreaterThan(0.0, $layer->volume);
            $parts = $layer->state->water + $layer->state->protein + $layer->state->fat + $layer->state->carbohydrate() + $layer->state->acids
                + $layer->state->of100('fibre') + $layer->state->of100('ash') + $layer->state->of100('salt') + $layer->state->of100('alcohol');
            self::assertEqualsWithDelta(100.0, $parts, 3.5, $layer->layer->name);
        }
    }

    #[DataProviderExternal(Kit::class, 'demos')]
    public function testPortionsTimesThePortionIsTheDish(string $name): void
    {
        $dish = Kit::engine()->read(Kit::demo($name));
        $mass = array_sum(array_map(static fn($l): float => $l->state->mass, $dish->layers));
        self::assertEqualsWithDelta($mass, $dish->portion['mass_g'] * $dish->formula->portions, 1e-6);
        self::assertEqualsWithDelta($dish->portion['kcal'] / $dish->portion['mass_g'] * 100, $dish->per100['kcal'], 1e-9);
    }

    #[DataProviderExternal(Kit::class, 'demos')]
    public function testTheOpenFormHasExactlyItsFields(string $name): void
    {
        $json = ReadingJson::write(Kit::engine()->read(Kit::demo($name)));
        self::assertSame(['title', 'family', 'portions', 'layers', 'portion', 'per_100g', 'us', 'questions', 'allergens', 'diets', 'claims', 'cooling', 'keeps_days', 'unresolved', 'provisional'], array_keys($json));
        foreach ($json['layers'] as $layer) {
            self::assertSame([
                'name', 'mass_g', 'volume_ml', 'water', 'protein', 'fat', 'sugars', 'starch', 'fibre', 'se', 'acid_citric', 'ph', 'aw', 'freezing_point_c', 'set',
                'set_20c', 'balance', 'crystals', 'richness', 'syrup', 'aftertaste', 'air', 'height_mm', 'thermal', 'cooling', 'ripening', 'frozen', 'cooking', 'pan', 'keeping', 'cost_minor', 'lines', 'watch',
            ], array_keys($layer));
            self::assertSame(['ge', 'low', 'high', 'step', 'step_index', 'kind', 'mechanisms', 'chances'], array_keys($layer['set']));
            foreach ($layer['lines'] as $line) {
                self::assertSame(['text', 'ingredient', 'grams', 'trace', 'confidence', 'doubt', 'jobs', 'set_by'], array_keys($line));
                self::assertSame(['set', 'sweet', 'fat', 'acid', 'air', 'protein', 'firm', 'water', 'brown', 'colour'], array_keys($line['jobs']));
            }
        }
        self::assertSame(['mass_g', 'kj', 'kcal', 'fat_g', 'saturates_g', 'carbohydrate_g', 'sugars_g', 'polyols_g', 'net_carbs_g', 'fibre_g', 'protein_g', 'salt_g', 'cost_minor'], array_keys($json['portion']));
    }

    public function testALineNotUnderstoodCountsForNothingAndIsListed(): void
    {
        $json = ReadingJson::write(Kit::engine()->read(Kit::engine()->parse("10 g sugar\n3 wisps of cloud")));
        self::assertCount(1, $json['unresolved']);
        self::assertSame(2, $json['unresolved'][0]['line']);
        self::assertEqualsWithDelta(10.0, $json['layers'][0]['mass_g'], 1e-9);
        self::assertSame(0.0, array_sum($json['layers'][0]['lines'][1]['jobs']));
    }

    public function testJobsAreWhatIsMissingWhenALineIsTakenAway(): void
    {
        $curd = Kit::engine()->read(Kit::demo('passion-fruit-curd-tartlet'))->layers[1];
        $jobs = array_combine(array_map(static fn($l): string => (string) $l->ingredient, $curd->layer->understood()), $curd->jobs);
        self::assertGreaterThan(0.4, $jobs['egg-yolk']['set']);
        self::assertGreaterThan(0.8, $jobs['sugar']['sweet']);
        self::assertGreaterThan(0.6, $jobs['butter']['fat']);
        self::assertGreaterThan(0.95, $jobs['passion-fruit-juice']['acid']);
        self::assertEqualsWithDelta(1.0, array_sum(array_column($jobs, 'fat')), 0.001);
    }

    public function testABaseHasWordsOfItsOwnAndNoGe(): void
    {
        $json = ReadingJson::write(Kit::engine()->read(Kit::demo('blackcurrant-baked-cheesecake')));
        self::assertNull($json['layers'][0]['set']['ge']);
        self::assertSame('crumb', $json['layers'][0]['set']['kind']);
    }

    /** Common practice: butter 0.30–0.40 of the crumb is tender, 0.40–0.55 firm, above 0.6 hard and greasy. */
    #[\PHPUnit\Framework\Attributes\TestWith(['plain flour'])]
    #[\PHPUnit\Framework\Attributes\TestWith(['gluten free flour'])]
    #[\PHPUnit\Framework\Attributes\TestWith(['buckwheat flour'])]
    #[\PHPUnit\Framework\Attributes\TestWith(['certified oats'])]
    #[\PHPUnit\Framework\Attributes\TestWith(['ground almonds'])]
    public function testADoughIsABaseWhateverFlourItIsOf(string $flour): void
    {
        $read = static fn(string $lines): ?string => Kit::engine()->read(Kit::engine()->parse("layer: A\ntreat: bake 170 C\n$lines"))->layers[0]->baseWords;
        self::assertNotNull($read("200 g $flour\n100 g butter\n60 g sugar"));
        self::assertNull($read("20 g $flour\n300 g milk\n60 g sugar"), 'a little of it in a cream is no base');
    }

    public function testACrumbBaseFollowsItsButter(): void
    {
        $words = static fn(float $share): ?string => Kit::reading(['plain-biscuit' => 100, 'butter' => 100 * $share])->baseWords;
        self::assertSame('tender', $words(0.33));
        self::assertSame('firm', $words(0.5));
        self::assertSame('hard and greasy when cold', $words(0.75));
    }

    public function testTheSectionStacksTheLayersInTheTin(): void
    {
        $section = Section::of(Kit::engine()->read(Kit::demo('passion-fruit-curd-tartlet')));
        self::assertSame(70.0, $section['width_mm']);
        self::assertSame(20.0, $section['height_mm']);
        self::assertNotNull($section['fill']);
        self::assertEqualsWithDelta(20.0 * $section['fill'], array_sum(array_column($section['layers'], 'height_mm')), 0.2);
    }

    public function testWhippingFillsTheTinWithAir(): void
    {
        $flat = Kit::reading(['cream-36' => 100]);
        $whipped = Kit::reading(['cream-36' => 100], Kit::heat('whip'));
        self::assertSame(0.0, $flat->airShare);
        // Overrun of a 36 % cream about 100 %, less a fifth lost in folding (common practice).
        self::assertEqualsWithDelta(0.8, $whipped->volume / $flat->volume - 1, 0.03);
        self::assertSame('foam', $whipped->set->kind);
    }

    public function testAnInfusedLineIsLiftedOutAgain(): void
    {
        $formula = Kit::engine()->parse("100 g milk\n5 g bay leaf, infused");
        self::assertEqualsWithDelta(100.0, Kit::engine()->read($formula)->layers[0]->state->mass, 1e-9);
    }
}
