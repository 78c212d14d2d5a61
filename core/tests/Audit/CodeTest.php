<?php

declare(strict_types=1);

namespace Transmuta\Tests\Audit;

use PHPUnit\Framework\TestCase;
use Transmuta\Diagnosis\Diagnosis;
use Transmuta\Diagnosis\FaultBook;
use Transmuta\Diagnosis\RunFacts;
use Transmuta\Reference\Table;
use Transmuta\Tests\Kit;

/** Bugs that a reading of the code found in the core: one test an item, by its number there. */
final class CodeTest extends TestCase
{
    /**
     * @param array<string, mixed> $run
     *
     * @return array<string, mixed>
     */
    private static function found(string $text, string $fault, array $run = []): array
    {
        $dish = Kit::engine()->read(Kit::engine()->parse($text));

        return (new Diagnosis(FaultBook::standard(), Kit::engine()->reader))->of($dish, $fault, null, RunFacts::read($run));
    }

    /** A3: what the agar was to do, anew, is what is there: the rescue goes by the model, calibrated or not. */
    public function testA3ARescueGoesByTheModelAsItIs(): void
    {
        $agar = self::found("layer: A\ntreat: boil 2 min\n500 g milk\n2 g agar", 'did not set', ['t_max_c' => 96, 'boil_min' => 0.5, 'core_c' => 5, 'cold_h' => 12]);
        $grams = array_values(array_filter(array_column(array_merge(...array_column($agar['causes'], 'now')), 'grams')));
        self::assertNotSame([], $grams);
        self::assertEqualsWithDelta(2.0, $grams[0], 0.04);
        $gelatin = self::found("layer: A\ntreat: melt\n500 g milk\n5 g gelatin powder", 'did not set', ['t_max_c' => 45, 'core_c' => 5, 'cold_h' => 12]);
        $grams = array_values(array_filter(array_column(array_merge(...array_column($gelatin['causes'], 'now')), 'grams')));
        self::assertNotSame([], $grams);
        self::assertEqualsWithDelta(2.5, $grams[0], 0.08, 'half of what it was to do');
    }

    /** surface.md A6: a curd at 74 °C was not cooked; nobody is told to weigh four times its egg, nor to put in what it does not hold. */
    public function testSurfaceA6AnUnderCookedCurdIsFoundUnderCooked(): void
    {
        $curd = "Curd\nportions: 6\n\nlayer: Curd\ntreat: cook to 82 C stirred\n120 g lemon juice\n180 g egg\n200 g sugar\n184 g butter";
        $found = self::found($curd, 'did not set', ['t_max_c' => 74, 'core_c' => 5, 'cold_h' => 5]);
        self::assertSame('egg not cooked to its set', $found['causes'][0]['cause'], json_encode(array_column($found['causes'], 'cause'), JSON_THROW_ON_ERROR));
        $said = json_encode($found, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        self::assertStringNotContainsString('gelatin', $said);
        self::assertStringNotContainsString('agar', $said);
        foreach ($found['causes'] as $cause) {
            foreach ($cause['next'] as $next) {
                self::assertTrue(preg_match('/weigh ([\d.]+) g whole egg/', $next['text'], $m) !== 1 || (float) $m[1] <= 450.0, $next['text']);
            }
        }
        // Cooked as written, it is no longer what comes first.
        self::assertNotSame('egg not cooked to its set', self::found($curd, 'did not set', ['t_max_c' => 86, 'core_c' => 5, 'cold_h' => 5])['causes'][0]['cause']);
    }

    /** A cure that speaks of an agent belongs to a cause that asks for one. */
    public function testNoCureSpeaksOfAnAgentItsLayerHasNot(): void
    {
        foreach (Table::rows(__DIR__ . '/../../data/faults/causes.csv') as $row) {
            foreach (['gelatin' => '/in_gelatin|in_boiledagent|in_anyagent/', 'agar' => '/in_agar|in_boiledagent/', 'starch' => '/starch/', 'pectin' => '/pectin/', 'xanthan' => '/xanthan|gum/'] as $agent => $needs) {
                if (preg_match("/more $agent|% $agent/", $row['now']) === 1) {
                    self::assertMatchesRegularExpression($needs, $row['needs'], "{$row['fault']} {$row['row']}: {$row['now']}");
                }
            }
        }
    }
}
