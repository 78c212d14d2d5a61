<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use Eris\Generator;
use Eris\Generators;
use Eris\TestTrait;
use PHPUnit\Framework\Attributes\Before;
use PHPUnit\Framework\TestCase;
use Transmuta\Format\FormulaText;
use Transmuta\Formula\Family;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Loss;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Property\LayerState;
use Transmuta\Property\Structure\Base;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Tests\Kit;

/** Laws that hold for any formula, tried on random ones: what is conserved, what cannot go the other way. Failures print their seed. */
final class LawsTest extends TestCase
{
    use TestTrait;

    private const TRIES = 150;

    #[Before]
    public function fewer(): void
    {
        $this->limitTo(self::TRIES);
    }

    /** @return list<string> ids with water in them, so that every property means something */
    private static function ids(): array
    {
        $ids = [];
        foreach (Kit::shelf()->all() as $in) {
            $ids[] = $in->id;
        }
        sort($ids);

        return $ids;
    }

    /**
     * A layer as ids and masses: 2…8 lines of 1…300 g, always with milk so that it has water.
     *
     * @return Generator<array<int, array<int, mixed>>>
     */
    private static function lines(): Generator
    {
        return Generators::bind(
            Generators::choose(2, 8),
            static fn(int $n): Generator => Generators::vector($n, Generators::tuple(Generators::elements(self::ids()), Generators::choose(1, 300))),
        );
    }

    /** @return Generator<string> */
    private static function treatment(): Generator
    {
        return Generators::elements(['none', 'boil', 'bake', 'melt', 'whip']);
    }

    /** @param array<array-key, mixed> $lines pairs of an id and g, as the generator gives them */
    private static function layer(array $lines, string $treat = 'none', ?Loss $loss = null, float $scale = 1.0): Layer
    {
        $made = [Line::of('milk', 50.0 * $scale)];
        foreach ($lines as $pair) {
            \assert(\is_array($pair) && \is_string($pair[0]) && \is_int($pair[1]));
            $made[] = Line::of($pair[0], $pair[1] * $scale);
        }

        return new Layer('Layer', $made, Treatment::of(TreatmentKind::from($treat)), null, $loss);
    }

    private static function state(Layer $layer): LayerState
    {
        return LayerState::ofLayer($layer, Kit::shelf());
    }

    /** @param list<Layer> $layers */
    private static function dish(array $layers, int $portions = 8): Formula
    {
        return Formula::of('Dish', $layers, Family::Other, UnitSystem::Metric, $portions);
    }

    public function testMassAndEnergyAreConserved(): void
    {
        $this->forAll(self::lines(), self::treatment())->then(function (array $lines, string $treat): void {
            $state = self::state(self::layer($lines, $treat));
            self::assertEqualsWithDelta(50.0 + array_sum(array_column($lines, 1)), $state->mass, 1e-6);
            $kj = 0.0;
            $nutrition = Kit::engine()->reader->nutrition;
            foreach ([['milk', 50], ...$lines] as [$id, $grams]) {
                $kj += $nutrition->per100(Kit::state([$id => 100]))['kj'] * $grams / 100;
            }
            self::assertEqualsWithDelta($kj, $nutrition->per100($state)['kj'] * $state->mass / 100, 1e-6 * max(1.0, $kj));
        });
    }

    public function testReducingTakesWaterAndNothingElse(): void
    {
        $this->forAll(self::lines(), Generators::choose(1, 30))->then(function (array $lines, int $percent): void {
            $before = self::state(self::layer($lines));
            $share = min($percent / 100, 0.9 * $before->water / 100);
            $after = self::state(self::layer($lines, 'none', Loss::reduceTo($before->mass * (1 - $share))));
            self::assertEqualsWithDelta($before->mass * (1 - $share), $after->mass, 1e-6);
            foreach (['sugars', 'protein', 'fat', 'acids'] as $what) {
                self::assertEqualsWithDelta($before->{$what} * $before->mass, $after->{$what} * $after->mass, 1e-6 * max(1.0, $before->{$what} * $before->mass), $what);
            }
            self::assertEqualsWithDelta($before->water * $before->mass / 100 - $before->mass * $share, $after->water * $after->mass / 100, 1e-6);
        });
    }

    /** Found by the law below: 162 of 540 g is just the 30 % from which a layer is a base, and 23 times as much was none. */
    public function testALayerOnTheMarkIsTheSameWhateverItWeighs(): void
    {
        $lines = [['compound-white', 115], ['hm-pectin', 213], ['glutinous-rice-flour', 162]];
        foreach ([1.0, 3.0, 7.0, 23.0] as $times) {
            self::assertTrue(Base::is(self::state(self::layer($lines, 'bake', null, $times))), "$times times");
        }
        self::assertFalse(Base::is(self::state(self::layer([['compound-white', 115], ['hm-pectin', 214], ['glutinous-rice-flour', 161]], 'bake'))));
    }

    public function testScalingADishScalesNothingPerHundredGrams(): void
    {
        $this->forAll(self::lines(), self::treatment(), Generators::choose(2, 40))->then(function (array $lines, string $treat, int $times): void {
            $one = Kit::engine()->reader->layer(self::layer($lines, $treat), 5.0);
            $many = Kit::engine()->reader->layer(self::layer($lines, $treat, null, (float) $times), 5.0);
            foreach (['se', 'acidCitric', 'ph', 'aw', 'freezingPoint', 'airShare', 'firmFat', 'addedSugars'] as $what) {
                self::assertEqualsWithDelta($one->{$what}, $many->{$what}, 1e-8, $what);
            }
            self::assertEqualsWithDelta($one->set->ge, $many->set->ge, 1e-8);
            self::assertEqualsWithDelta($one->volume * $times, $many->volume, 1e-6 * $many->volume);
            foreach ($one->nutrition as $fact => $value) {
                self::assertEqualsWithDelta($value, $many->nutrition[$fact], 1e-8 * max(1.0, $value), $fact);
            }
        });
    }

    public function testMixingTwoIdenticalLayersChangesNothing(): void
    {
        $this->forAll(self::lines(), self::treatment())->then(function (array $lines, string $treat): void {
            $one = self::layer($lines, $treat);
            $two = new Layer('Both', [...$one->lines, ...$one->lines], $one->treatment, null, null);
            $reader = Kit::engine()->reader;
            [$a, $b] = [$reader->layer($one, 5.0), $reader->layer($two, 5.0)];
            self::assertEqualsWithDelta($a->set->ge, $b->set->ge, 1e-8);
            self::assertEqualsWithDelta($a->se, $b->se, 1e-8);
            self::assertEqualsWithDelta($a->ph, $b->ph, 1e-8);
            self::assertEqualsWithDelta($a->aw, $b->aw, 1e-8);
        });
    }

    public function testAddingSugarNeverLowersSweetness(): void
    {
        $this->forAll(self::lines(), Generators::choose(1, 200))->then(function (array $lines, int $sugar): void {
            // Sugar is sweeter than anything under 100 SE it can be mixed into.
            $before = Kit::engine()->reader->sweetness->se(self::state(self::layer($lines)));
            $after = Kit::engine()->reader->sweetness->se(self::state(self::layer([...$lines, ['sugar', $sugar]])));
            if ($before < 100.0) {
                self::assertGreaterThanOrEqual($before - 1e-9, $after + self::diluted($lines, $sugar));
            } else {
                self::assertGreaterThan(0.0, $after);
            }
        });
    }

    /**
     * A high-potency sweetener's response flattens, so thinning it by sugar loses less than its share: what the bound may be short by is nothing
     * where there is none.
     *
     * @param array<array-key, mixed> $lines
     */
    private static function diluted(array $lines, int $sugar): float
    {
        $potent = Kit::engine()->reader->sweetness->potentSe(self::state(self::layer($lines)));

        return $potent > 0.0 ? $potent * $sugar / ($sugar + 50 + array_sum(array_column($lines, 1))) : 0.0;
    }

    public function testAddingAcidNeverRaisesPh(): void
    {
        $this->forAll(self::lines(), Generators::choose(1, 60), Generators::elements(['citric-acid', 'malic-acid', 'tartaric-acid', 'lactic-acid']))->then(function (array $lines, int $tenths, string $acid): void {
            $before = Kit::engine()->reader->acidity->ph(self::state(self::layer($lines)));
            $layer = self::layer($lines);
            $after = Kit::engine()->reader->acidity->ph(self::state($layer->with([...$layer->lines, Line::of($acid, $tenths / 10)])));
            self::assertNotNull($before);
            self::assertNotNull($after);
            if ($before > 2.2) { // a mixture already as sour as the acid itself can only be thinned by it
                self::assertLessThanOrEqual($before + 1e-6, $after);
            } else {
                self::assertLessThan(3.0, $after);
            }
        });
    }

    public function testMoreGelatinNeverLowersItsSet(): void
    {
        $this->forAll(self::lines(), Generators::choose(1, 40), Generators::choose(1, 40))->then(function (array $lines, int $less, int $more): void {
            $ge = static function (int $tenths) use ($lines): float {
                $layer = self::layer($lines, 'melt');
                $state = self::state($layer->with([...$layer->lines, Line::of('gelatin-powder', $tenths / 10)]));

                return Kit::engine()->reader->set->read($state, 5.0)->mechanisms['gelatin'] ?? 0.0;
            };
            self::assertGreaterThanOrEqual($ge($less) - 1e-9, $ge($less + $more));
        });
    }

    public function testJobsAreSharesAndAHeldLineWithoutMassDoesNothing(): void
    {
        $this->forAll(self::lines(), self::treatment())->then(function (array $lines, string $treat): void {
            foreach (Kit::engine()->reader->layer(self::layer([...$lines, ['sugar', 0]], $treat), 5.0)->jobs as $jobs) {
                foreach ($jobs as $job => $share) {
                    self::assertTrue($share >= 0.0 && $share <= 1.0, $job);
                }
            }
            $last = array_slice(Kit::engine()->reader->layer(self::layer([...$lines, ['sugar', 0]], $treat), 5.0)->jobs, -1)[0];
            self::assertSame(0.0, array_sum($last));
        });
    }

    public function testWhatIsFormattedIsReadAgainTheSame(): void
    {
        // One writer: its names are gathered once.
        $writer = new FormulaText(Kit::shelf());
        $this->forAll(self::lines(), self::treatment(), Generators::choose(1, 48))->then(function (array $lines, string $treat, int $portions) use ($writer): void {
            $formula = self::dish([self::layer($lines, $treat)], $portions);
            $again = Kit::engine()->parse($writer->write($formula));
            self::assertSame([], $again->unresolved(), $writer->write($formula));
            self::assertSame($formula->portions, $again->portions);
            self::assertSame($formula->layers[0]->treatment->words(), $again->layers[0]->treatment->words());
            foreach ($formula->layers[0]->lines as $i => $line) {
                self::assertSame($line->ingredient, $again->layers[0]->lines[$i]->ingredient, $writer->write($formula));
                self::assertEqualsWithDelta($line->grams, $again->layers[0]->lines[$i]->grams, 1e-6);
            }
        });
    }
}
