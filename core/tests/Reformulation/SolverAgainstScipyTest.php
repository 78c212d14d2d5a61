<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Property\LayerReading;
use Transmuta\Reformulation\Deviation\Target;
use Transmuta\Reformulation\Solving\Caps;
use Transmuta\Reformulation\Solving\LayerProblem;
use Transmuta\Reformulation\Substitution\Draft;
use Transmuta\Reformulation\Substitution\Needs;
use Transmuta\Reformulation\Substitution\Place;
use Transmuta\Tests\Kit;

/**
 * The nonlinear solve against an outside reference: scipy.optimize.minimize (SLSQP) on the same objective from the same starts. Compared on
 * the objective, not on grams: near-collinear substitutes have flat valleys (practice: reformulating).
 */
final class SolverAgainstScipyTest extends TestCase
{
    /** How much worse than the reference an objective may be. */
    private const WORSE = 0.01;

    /** @var resource */
    private $python;

    /** @var array{0: resource, 1: resource} */
    private array $pipes;

    protected function setUp(): void
    {
        $process = proc_open(['/usr/bin/python3', __DIR__ . '/slsqp.py'], [['pipe', 'r'], ['pipe', 'w'], ['file', '/dev/null', 'w']], $pipes);
        self::assertIsResource($process);
        $this->python = $process;
        $this->pipes = [$pipes[0], $pipes[1]];
    }

    protected function tearDown(): void
    {
        fclose($this->pipes[0]);
        fclose($this->pipes[1]);
        proc_close($this->python);
    }

    public function testOnEveryDemoDishAndDiet(): void
    {
        $compared = 0;
        foreach (array_keys(Kit::demos()) as $name) {
            $formula = Kit::demo($name);
            foreach (Diet::cases() as $diet) {
                $needs = new Needs(
                    sweetener: \in_array($diet, [Diet::Keto, Diet::ReducedSugar], true),
                    protein: $diet === Diet::HighProtein,
                    lean: $diet === Diet::LowFat,
                    reach: 1,
                );
                $planner = Planning::planner($formula, [$diet]);
                foreach ($formula->layers as $layer) {
                    $reading = Kit::engine()->reader->layer($layer, $formula->serveAt);
                    $draft = $planner->drafts($reading, $formula->family, $formula->serveAt, $needs)[0] ?? null;
                    if ($draft !== null) {
                        $compared += $this->compare("$name, $layer->name, $diet->value", $reading, $draft, $formula->serveAt) ? 1 : 0;
                    }
                }
            }
        }
        self::assertGreaterThan(70, $compared);
    }

    public function testOnRandomDishes(): void
    {
        mt_srand(20261125);
        $pool = ['milk', 'cream-36', 'butter', 'sugar', 'egg', 'egg-yolk', 'cream-cheese', 'lemon-juice', 'raspberry', 'chocolate-55', 'honey', 'gelatin-powder', 'cornflour', 'condensed-milk', 'yogurt'];
        $compared = 0;
        for ($case = 0; $case < 24; ++$case) {
            $lines = [Line::of('milk', mt_rand(60, 400)), Line::of('sugar', mt_rand(30, 160)), Line::of('egg', mt_rand(30, 150))];
            foreach ((array) array_rand(array_flip($pool), 3) as $id) {
                $lines[] = Line::of((string) $id, mt_rand(5, 200));
            }
            $layer = new Layer("Random $case", $lines, Kit::heat(['cook', 'bake', 'boil', 'none'][$case % 4], $case % 4 === 0 ? 82.0 : null), null, null);
            $reading = Kit::engine()->reader->layer($layer, 5.0);
            $formula = \Transmuta\Formula\Formula::of('Random', [$layer]);
            $drafts = Planning::planner($formula, [$case % 2 === 0 ? Diet::Vegan : Diet::Eggless])->drafts($reading, \Transmuta\Formula\Family::Custard, 5.0, new Needs());
            if ($drafts !== []) {
                $compared += $this->compare($layer->name, $reading, $drafts[$case % \count($drafts)], 5.0) ? 1 : 0;
            }
        }
        self::assertGreaterThan(15, $compared);
    }

    private function compare(string $what, LayerReading $reading, Draft $draft, float $serveAt): bool
    {
        $problem = new LayerProblem(Kit::engine()->reader, $draft->template, $draft->unknowns, Target::of($reading, Kit::engine()->reader, $serveAt), $serveAt, null, [], Caps::of($reading, Place::of($reading, $serveAt), Kit::engine()->reader));
        $ours = $problem->solve();
        ['lower' => $lower, 'upper' => $upper, 'starts' => $starts] = $problem->box();
        if ($lower === []) {
            return false;
        }
        foreach ($ours->x as $k => $grams) {
            self::assertTrue($grams >= $lower[$k] - 1e-9 && $grams <= $upper[$k] + 1e-9, "$what: a mass out of its bounds");
        }
        $half = static fn(array $r): float => 0.5 * array_sum(array_map(static fn(float $v): float => $v * $v, $r));
        fwrite($this->pipes[0], json_encode(['start' => $starts, 'lower' => $lower, 'upper' => $upper], JSON_THROW_ON_ERROR) . "\n");
        while (($line = fgets($this->pipes[1])) !== false) {
            $said = json_decode($line, true, 512, JSON_THROW_ON_ERROR);
            if (isset($said['best'])) {
                self::assertLessThanOrEqual((1 + self::WORSE) * $said['best'] + 0.01, $ours->objective, "$what: ours {$ours->objective}, reference {$said['best']}");

                return true;
            }
            $values = array_map(static fn(array $x): float => $half($problem->residuals(array_map(floatval(...), array_values($x)))), (array) $said['x']);
            fwrite($this->pipes[0], json_encode($values, JSON_THROW_ON_ERROR) . "\n");
        }
        self::fail('the reference did not answer');
    }
}
