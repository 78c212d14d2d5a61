<?php

declare(strict_types=1);

namespace Transmuta\Tests\Trace;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\Attributes\DataProviderExternal;
use PHPUnit\Framework\TestCase;
use Transmuta\Property\DishReading;
use Transmuta\Tests\Kit;
use Transmuta\Trace\Trace;
use Transmuta\Trace\UnknownNumber;
use Transmuta\Trace\Why;

/** A trace ends at the number that was asked about, and is made of what the calculators used. */
final class WhyTest extends TestCase
{
    private const LAYER = ['se', 'ph', 'acid_citric', 'fruit_acid', 'aw', 'freezing_point_c', 'brix', 'ratio', 'brima', 'mass_g', 'volume_ml', 'air', 'height_mm', 'cooling', 'keeping', 'water', 'protein', 'fat', 'sugars', 'starch', 'fibre', 'set', 'set_20c', 'firm_fat', 'solid_fat_35c', 'solid_fat_5c', 'cost_minor', 'bulk', 'grain', 'cold', 'bitterness'];

    private static function why(DishReading $dish, string $path): Trace
    {
        return (new Why(Kit::engine()->reader))->explain($dish, $path);
    }

    #[DataProviderExternal(Kit::class, 'demos')]
    public function testEveryNumberAnswers(string $name): void
    {
        $dish = Kit::engine()->read(Kit::demo($name));
        foreach ($dish->portion as $fact => $value) {
            self::assertSame($value, self::why($dish, "portion.$fact")->value);
        }
        foreach ($dish->per100 as $fact => $value) {
            self::assertSame($value, self::why($dish, "per_100g.$fact")->value);
        }
        foreach ($dish->us as $fact => $value) {
            self::assertSame($value, self::why($dish, "us.$fact")->value);
        }
        foreach ($dish->micronutrients as $fact => $found) {
            self::assertSame($found['value'], self::why($dish, "us.$fact")->value);
        }
        foreach ($dish->layers as $n => $layer) {
            foreach (self::LAYER as $what) {
                self::assertNotSame('', self::why($dish, "layers.$n.$what")->label);
            }
            if ($layer->syrup !== null) {
                self::assertSame($layer->syrup->viscosity, self::why($dish, "layers.$n.syrup")->value);
            }
            if ($layer->pan !== null) {
                self::assertNotNull(self::why($dish, "layers.$n.pan")->value);
            }
            if ($layer->window !== null) {
                self::assertSame($layer->window->done, self::why($dish, "layers.$n.cooking")->value);
            }
            if ($dish->stack->frozen[$n] !== null) {
                self::assertSame(100 * $dish->stack->frozen[$n]->iceAt18, self::why($dish, "layers.$n.frozen")->value);
            }
            self::assertSame((float) $layer->costMinor, self::why($dish, "layers.$n.cost_minor")->value);
            self::assertSame($layer->solidAtMouth, self::why($dish, "layers.$n.solid_fat_35c")->value);
            foreach (array_keys($layer->layer->understood()) as $i) {
                self::assertNotSame([], self::why($dish, "layers.$n.lines.$i.jobs")->inputs);
            }
            self::assertSame($layer->se, self::why($dish, "layers.$n.se")->value);
            self::assertSame($layer->ph, self::why($dish, "layers.$n.ph")->value);
            self::assertSame($layer->aw, self::why($dish, "layers.$n.aw")->value);
            self::assertEqualsWithDelta($layer->state->fat, self::why($dish, "layers.$n.fat")->value, 1e-9);
            foreach ($layer->baseWords === null ? $layer->set->mechanisms : [] as $mechanism => $ge) {
                $trace = self::why($dish, "layers.$n.set.$mechanism");
                self::assertEqualsWithDelta($ge, $trace->value, 1e-12);
                self::assertNotSame([], $trace->inputs);
            }
        }
    }

    /** @return array<string, array{string}> numbers that are sums of their inputs */
    public static function sums(): array
    {
        return array_combine($names = ['portion.kcal', 'portion.kj', 'portion.protein_g', 'portion.cost_minor', 'us.calories', 'us.carbohydrate_g', 'layers.1.set', 'layers.1.se', 'layers.1.fat', 'layers.1.sugars'], array_map(static fn(string $n): array => [$n], $names));
    }

    #[DataProvider('sums')]
    public function testASumIsTheSumOfWhatItShows(string $path): void
    {
        $dish = Kit::engine()->read(Kit::demo('passion-fruit-curd-tartlet'));
        $trace = self::why($dish, $path);
        $sum = array_sum(array_map(static fn(Trace $t): float => $t->value ?? 0.0, $trace->inputs));
        $expected = $path === 'portion.cost_minor' ? $trace->value * $dish->formula->portions : $trace->value;
        self::assertEqualsWithDelta($expected, $sum, 0.005 * abs((float) $expected) + 0.01);
    }

    public function testATraceRunsFromThePortionToThePacket(): void
    {
        $dish = Kit::engine()->read(Kit::demo('passion-fruit-curd-tartlet'));
        $energy = self::why($dish, 'portion.kcal');
        $curd = $energy->inputs[1];
        $fat = $curd->inputs[0]->inputs[0];
        self::assertSame(['Curd', 'Energy', 'fat'], [$curd->label, $curd->inputs[0]->label, $fat->label]);
        self::assertStringContainsString('g × 9 kcal/g', $fat->words);
        $butter = $fat->inputs[0]->inputs[0];
        self::assertStringContainsString('Butter', $butter->label);
        self::assertNotNull($butter->source, 'the composition names its source');
        self::assertStringContainsString('g', $butter->inputs[0]->unit);
        $factor = $fat->inputs[1];
        self::assertSame(9.0, $factor->value);
        self::assertSame('pub', $factor->source?->mark->value);
        self::assertStringContainsString('Annex XIV', $factor->source->source);
    }

    public function testAMeasureIsTracedToTheDensityItUsed(): void
    {
        $dish = Kit::engine()->read(Kit::engine()->parse("measures: us\nlayer: A\n1/2 cup lemon juice\n100 g sugar"));
        $mass = self::why($dish, 'layers.0.lines.0.grams');
        self::assertEqualsWithDelta(118.3 * 1.03, $mass->value, 1.0);
        self::assertSame('bulk density', $mass->inputs[0]->label);
        self::assertNotNull($mass->inputs[0]->source);
    }

    public function testALineAfterOneNotUnderstoodIsStillTheRightOne(): void
    {
        $dish = Kit::engine()->read(Kit::engine()->parse("layer: A\n3 wisps of cloud\n100 g sugar"));
        self::assertSame(100.0, self::why($dish, 'layers.0.lines.1.grams')->value);
        $this->expectException(UnknownNumber::class);
        self::why($dish, 'layers.0.lines.0.grams');
    }

    public function testAJobIsTheLayerWithTheLineAndWithoutIt(): void
    {
        $dish = Kit::engine()->read(Kit::demo('passion-fruit-curd-tartlet'));
        $yolk = self::why($dish, 'layers.1.lines.1.jobs');
        self::assertSame('Egg yolk', $yolk->label);
        $set = $yolk->inputs[0];
        self::assertSame('of the set', $set->label);
        [$with, $without] = $set->inputs;
        self::assertEqualsWithDelta($dish->layers[1]->set->ge, $with->value, 0.02);
        self::assertEqualsWithDelta(100 * ($with->value - $without->value) / $with->value, $set->value, 1e-6);
        self::assertSame('by egg', $set->inputs[2]->label);
    }

    public function testTheCrumbOfABaseIsHeldAgainstTheSameMeasureWhenItIsGone(): void
    {
        $dish = Kit::engine()->read(Kit::demo('blackcurrant-baked-cheesecake'));
        $set = self::why($dish, 'layers.0.lines.0.jobs')->inputs[0];
        self::assertSame('g solid fat per 100 g', $set->inputs[0]->unit);
        self::assertEqualsWithDelta(100 * $dish->layers[0]->jobs[0]['set'], 100 * (1 - $set->inputs[1]->value / $set->inputs[0]->value), 1e-6);
    }

    public function testTheWholeStackCoolsAsOneAndASingleLayerHasNoStack(): void
    {
        $dish = Kit::engine()->read(Kit::demo('blackcurrant-baked-cheesecake'));
        self::assertSame($dish->stack->whole?->coreHours, self::why($dish, 'cooling')->value);
        $this->expectException(UnknownNumber::class);
        self::why(Kit::engine()->read(Kit::demo('cardamom-set-custard')), 'cooling');
    }

    public function testAMeasuredFruitSaysSo(): void
    {
        $dish = Kit::engine()->read(Kit::engine()->parse("measured: passion-fruit juice brix 17 acid 3.1\nlayer: A\n100 g passion fruit juice"));
        $sources = array_map(static fn($p): string => $p->mark->value . ' ' . $p->source, self::why($dish, 'layers.0.sugars')->sources());
        self::assertContains('meas 17 °Brix acid 3.1 %', $sources);
        self::assertEqualsWithDelta(17.0, $dish->layers[0]->balance->brix, 0.6);
    }

    public function testASetIsTracedToDosesAndCoefficientsWithMarks(): void
    {
        $dish = Kit::engine()->read(Kit::demo('passion-fruit-curd-tartlet'));
        $egg = self::why($dish, 'layers.1.set.egg');
        $labels = array_map(static fn(Trace $t): string => $t->label, $egg->inputs);
        self::assertContains('egg stirred', $labels);
        foreach (['slope', 'threshold'] as $coefficient) {
            self::assertContains($coefficient, $labels, 'in words, without the key of its table');
            self::assertNotNull($egg->inputs[(int) array_search($coefficient, $labels, true)]->source, $coefficient);
        }
    }

    /** @return array<string, array{string}> */
    public static function nonsense(): array
    {
        return ['another room' => ['kitchen.kcal'], 'no such fact' => ['portion.joy'], 'no such layer' => ['layers.9.se'], 'no layer' => ['layers'], 'no such number' => ['layers.0.mood'], 'no such mechanism' => ['layers.0.set.hope']];
    }

    #[DataProvider('nonsense')]
    public function testWhatIsNoNumberIsRefusedByName(string $path): void
    {
        $dish = Kit::engine()->read(Kit::demo('cardamom-set-custard'));
        $this->expectException(UnknownNumber::class);
        $this->expectExceptionMessage('is called "');
        self::why($dish, $path);
    }
}
