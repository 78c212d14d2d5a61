<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\TestCase;
use Transmuta\Format\MakingJson;
use Transmuta\Method\Operation;
use Transmuta\Process\Making\Between;
use Transmuta\Process\Making\Losses;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\MakingStep;
use Transmuta\Process\Making\StepKind;
use Transmuta\Property\DishReading;
use Transmuta\Reference\Table;
use Transmuta\Tests\Kit;

/** A loss belongs to the step it happens at, and a step says how it looks on the way and by what else it may be done. */
final class LossesTest extends TestCase
{
    private static function dish(string $text): DishReading
    {
        return Kit::engine()->read(Kit::engine()->parse($text));
    }

    /** @return array<string, array{grams: float, what: string}> by operation */
    private static function losses(DishReading $dish): array
    {
        $steps = Making::standard()->of($dish);
        $of = array_column($steps, null, 'id');
        $found = [];
        foreach (Losses::of($steps, $dish) as $id => $loss) {
            $found[$of[$id] instanceof MakingStep ? Making::standard()->operation($of[$id]) : ''] = $loss;
        }

        return $found;
    }

    public function testWheyIsLostInTheClothAndWaterInThePan(): void
    {
        $hung = self::losses(self::dish("title: T\nportions: 4\nlayer: Curd\nloss: strain 40 %\n1000 g greek yogurt\n100 g icing sugar"));
        self::assertSame(['hang'], array_keys($hung));
        self::assertEqualsWithDelta(440.0, $hung['hang']['grams'], 0.1);
        $reduced = self::losses(self::dish("title: T\nportions: 4\nlayer: Rabri\ntreat: boil 40 min\nloss: reduce by 50 %\n1000 g milk\n80 g sugar"));
        self::assertSame(['reduce'], array_keys($reduced));
        self::assertSame('water', $reduced['reduce']['what']);
        $baked = self::losses(self::dish("title: T\nportions: 4\nlayer: Cake\ntreat: bake 170 C 40 min\nloss: bake 10 %\n200 g butter\n200 g sugar\n200 g egg\n200 g plain flour"));
        self::assertSame(['bake'], array_keys($baked));
        self::assertEqualsWithDelta(80.0, $baked['bake']['grams'], 0.1);
        self::assertSame([], self::losses(self::dish("title: T\nportions: 4\nlayer: Cake\ntreat: bake 170 C 40 min\n200 g butter\n200 g sugar\n200 g egg\n200 g plain flour")), 'nobody says that it loses anything');
    }

    /** What stands on the plate is what went in less what was lost, whatever the dish. */
    public function testTheLastStepHoldsWhatTheDishWeighs(): void
    {
        foreach (glob(__DIR__ . '/../../data/atlas/*.dish') ?: [] as $file) {
            $dish = self::dish((string) file_get_contents($file));
            $steps = MakingJson::write($dish, Making::standard())['steps'];
            $weight = array_sum(array_map(static fn($layer): float => $layer->state->mass, $dish->layers));
            $held = max(0.0, ...array_column($steps, 'product_g'));
            self::assertEqualsWithDelta($weight, $held, 1.0, basename($file));
        }
    }

    public function testHowItLooksOnTheWayIsCountedFromTheFormula(): void
    {
        $between = new Between(Making::standard());
        $said = static function (string $text, StepKind $kind) use ($between): string {
            $dish = self::dish($text);
            foreach (Making::standard()->of($dish) as $step) {
                if ($step->kind === $kind) {
                    return $between->of($step, $dish);
                }
            }

            return 'no such step';
        };
        $curd = "title: T\nportions: 4\nlayer: Curd\ntreat: cook to 82 C\n120 g lemon juice\n%d g sugar\n150 g egg\n100 g butter";
        self::assertMatchesRegularExpression('/^thin until (\d+) °C/', $said(\sprintf($curd, 60), StepKind::Cook));
        $thickens = static fn(float $sugar): int => (int) preg_replace('/^.*?(\d+) °C.*$/su', '$1', $said(\sprintf($curd, $sugar), StepKind::Cook));
        self::assertGreaterThan($thickens(60.0), $thickens(300.0), 'sugar keeps egg from setting');
        self::assertGreaterThan(60, $thickens(60.0));
        self::assertStringContainsString('gelatin shows nothing above 12 °C', $said("title: T\nportions: 4\nlayer: Jelly\ntreat: melt\n300 g apple juice\n6 g gelatin powder", StepKind::TemperIn));
        self::assertStringContainsString('it sets under 33 °C', $said("title: T\nportions: 4\nlayer: Jelly\ntreat: boil 2 min\n300 g apple juice\n3 g agar", StepKind::Boil));
        self::assertSame('', $said("title: T\nportions: 4\nlayer: Jelly\ntreat: melt\n300 g apple juice\n6 g gelatin powder", StepKind::Weigh));
    }

    /** Every cell of other means is read to its end. */
    public function testEveryOtherMeansIsUnderstood(): void
    {
        foreach (Operation::all() as $operation) {
            foreach ($operation->ways as $way) {
                self::assertNotSame('', $way['by']);
                self::assertTrue($way['share'] === null || ($way['share'] > 0.0 && $way['share'] <= 5.0), "$operation->key: {$way['by']}");
            }
        }
        self::assertSame(['by' => 'microwave', 'share' => null, 'note' => ''], Operation::of('cook_syrup')->ways[0]);
        self::assertSame(2.0, Operation::of('whip')->ways[0]['share']);
    }

    public function testTheWordsInBetweenAreOfStepsAndMechanismsThereAre(): void
    {
        $mechanisms = array_column(Table::of('reference/mechanisms'), 'mechanism');
        foreach (Table::of('process/between') as $row) {
            self::assertNotNull(StepKind::tryFrom($row['kind']), $row['kind']);
            self::assertTrue($row['mechanism'] === '' || \in_array($row['mechanism'], $mechanisms, true), $row['mechanism']);
            self::assertSame('', (string) preg_replace('/\{(?:thickens|sets|firm)\}|[^{}]/u', '', $row['text']), $row['text']);
        }
    }
}
