<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Process\Card;
use Transmuta\Process\MethodWriter;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Tests\Kit;

final class MethodWriterTest extends TestCase
{
    private static function steps(string $text): string
    {
        return implode("\n", MethodWriter::standard()->steps(Kit::engine()->read(Kit::engine()->parse($text))));
    }

    public function testEveryWeighedLineIsUsedInSomeStep(): void
    {
        foreach (array_keys(Kit::demos()) as $name) {
            $formula = Kit::demo($name);
            $all = [Kit::engine()->read($formula), ...array_map(static fn($r) => $r->result, Kit::engine()->reformulate($formula, Brief::of([Diet::Vegan])))];
            foreach ($all as $dish) {
                $steps = implode("\n", MethodWriter::standard()->steps($dish));
                foreach ($dish->layers as $layer) {
                    foreach ($layer->state->model->portions as $i => $portion) {
                        if ($layer->layer->understood()[$i]->grams > 0.0) {
                            self::assertStringContainsString(mb_strtolower($portion->ingredient->name), $steps, "$name, {$layer->layer->name}");
                        }
                    }
                }
            }
        }
    }

    public function testAgarBoilsAndTheJuiceJoinsLast(): void
    {
        $steps = self::steps("layer: A\ntreat: none\n200 g soy milk\n60 g lemon juice\n2 g agar, boiled\n30 g coconut oil");
        self::assertMatchesRegularExpression('/agar.*full boil and hold it 2 min/', $steps);
        self::assertGreaterThan(strpos($steps, 'full boil'), strpos($steps, 'lemon juice (fresh) last'));
    }

    /** Found by making things up: a bar that was chilled, pearls boiled a minute, juice in a boiling posset. */
    public function testTheTreatmentOfTheFormulaIsWhatIsTold(): void
    {
        self::assertStringContainsString('Freeze to −18 °C', self::steps("layer: A\ntreat: whip; freeze -18 C\n300 g cream\n120 g condensed milk"));
        self::assertStringContainsString('hold it 15 min', self::steps("layer: A\ntreat: boil 15 min\n400 g coconut milk\n60 g tapioca pearls"));
        $posset = self::steps("layer: A\ntreat: boil 3 min\n600 g double cream\n150 g sugar\n90 g lemon juice");
        self::assertLessThan(strpos($posset, 'off the heat stir in 90 g lemon juice'), strpos($posset, 'to the boil, stirring; hold it 3 min'));
    }

    public function testGelatinIsSwollenAndNeverBoiled(): void
    {
        $steps = self::steps("layer: A\ntreat: melt\n200 g milk\n3 g gelatin");
        self::assertStringContainsString('five parts of cold water', $steps);
        self::assertStringContainsString('never boil', $steps);
    }

    public function testEggIsTakenPastItsSafeTemperature(): void
    {
        self::assertStringContainsString('71 °C', self::steps("layer: A\ntreat: cook to 82 C\n100 g egg\n100 g milk"));
        self::assertSame(1, preg_match('/(\d+) °C \(\d+ °F\) in the middle/', self::steps("layer: A\ntreat: bake 150 C\n100 g egg\n100 g milk"), $core));
        self::assertGreaterThanOrEqual(71, (int) ($core[1] ?? 0));
    }

    public function testCookedLayersAreCooledByTheFoodCode(): void
    {
        self::assertStringContainsString('57 to 21 °C within 2 h', self::steps("layer: A\ntreat: boil 2 min\n100 g milk\n5 g cornflour"));
        self::assertStringContainsString('57 to 21 °C', self::steps("layer: A\ntreat: melt\n100 g soy milk\n1 g agar, boiled"), 'a boiled sub-step counts');
        self::assertStringNotContainsString('57 to 21', self::steps("layer: A\n100 g cream cheese"));
    }

    public function testCashewsAreSoakedTheNightBefore(): void
    {
        self::assertStringStartsWith('The night before: soak', self::steps("layer: A\n100 g soaked cashews\n50 g water"));
    }

    public function testTheCardRoundsForALabelAndKeepsTheCautions(): void
    {
        $card = (new Card(MethodWriter::standard()))->of(Kit::engine()->read(Kit::demo('cardamom-set-custard')));
        self::assertSame(['eggs', 'milk'], $card['contains']);
        $facts = array_column($card['facts'], null, 'name');
        self::assertMatchesRegularExpression('/^\d+$/', $facts['Energy']['portion']);
        self::assertSame('< 0.5', $facts['of which polyols']['portion']);
        self::assertStringContainsString('not analysed', implode(' ', $card['cautions']));
        self::assertStringContainsString('cross-contact', implode(' ', $card['cautions']));
        self::assertCount(13, $card['diets']);
    }
}
