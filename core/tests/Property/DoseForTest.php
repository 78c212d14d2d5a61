<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\TestCase;
use Transmuta\Property\Roots;
use Transmuta\Property\Setting\SetModel;
use Transmuta\Tests\Kit;

/** The set model and its inverse are one: what a dose is worked out for, that dose does. */
final class DoseForTest extends TestCase
{
    /** An agent of each mechanism, how it is heated, and how much of its dose 1 g of it is. */
    private const AGENTS = [
        'gelatin' => ['gelatin-powder', 'melt'], 'agar' => ['agar', 'boil'], 'iota' => ['iota-carrageenan', 'boil'], 'kappa' => ['kappa-carrageenan', 'boil'], 'lm-pectin' => ['lm-pectin', 'boil'], 'hm-pectin' => ['hm-pectin', 'boil'],
        'starch' => ['cornflour', 'boil'], 'egg' => ['egg', 'bake'], 'gellan' => ['gellan', 'boil'], 'alginate' => ['sodium-alginate', 'boil'], 'konjac' => ['konjac', 'boil'], 'xanthan' => ['xanthan', 'none'], 'methylcellulose' => ['methylcellulose', 'none'],
        'chia' => ['chia', 'none'], 'flax' => ['flax', 'none'], 'psyllium' => ['psyllium', 'none'],
    ];

    public function testEveryMechanismThatIsDosedIsTriedHere(): void
    {
        self::assertEqualsCanonicalizing(SetModel::dosed(), array_keys(self::AGENTS));
    }

    /** forward(doseFor(x)) = x: the dose that is there already is the dose its own strength asks for, in layers of every sweetness and sharpness. */
    public function testTheDoseOfItsOwnStrengthIsTheDoseThatIsThere(): void
    {
        mt_srand(26);
        $tried = array_fill_keys(array_keys(self::AGENTS), 0);
        $set = Kit::engine()->reader->set;
        foreach (self::AGENTS as $mechanism => [$id, $heat]) {
            for ($n = 0; $n < 40; ++$n) {
                $isPectin = $mechanism === 'hm-pectin';
                $grams = ['milk' => $isPectin ? 0 : mt_rand(0, 60), 'water' => mt_rand(20, 60), 'sugar' => $isPectin ? mt_rand(180, 220) : mt_rand(0, 60), 'lemon-juice' => $isPectin ? 20 : mt_rand(0, 12)];
                $grams[$id] = ($id === 'egg' ? mt_rand(15, 60) : ($id === 'cornflour' ? mt_rand(3, 10) : mt_rand(2, 12) / 10));
                $state = Kit::state(array_filter($grams), Kit::heat($heat, stirred: $heat !== 'bake'));
                $had = $set->doses->of($state);
                $ge = $set->mechanisms($state, -1.0);
                $strength = $ge[$mechanism] ?? 0.0;
                if ($strength < 0.05) {
                    continue;
                }
                // Read just under freezing, where not even gelatin has begun to melt.
                $dose = $set->doseFor($mechanism, $strength, $state);
                $key = ['gelatin' => 'gelatin-200', 'egg' => 'egg-still'][$mechanism] ?? $mechanism;
                self::assertNotNull($dose, "$mechanism: " . json_encode($grams));
                self::assertEqualsWithDelta($had[$key], $dose, 0.015 * $had[$key] + 1e-6, "$mechanism: " . json_encode($grams));
                ++$tried[$mechanism];
            }
        }
        foreach ($tried as $mechanism => $times) {
            self::assertGreaterThan(10, $times, $mechanism);
        }
    }

    public function testWhatNoDoseReachesIsNoDose(): void
    {
        $set = Kit::engine()->reader->set;
        $state = Kit::state(['milk' => 100, 'xanthan' => 0.3]);
        self::assertNull($set->doseFor('xanthan', 1000.0, $state));
        self::assertNull($set->doseFor('caramel', 1.0, $state), 'no agent of its own');
        self::assertSame(0.0, $set->doseFor('agar', 0.0, $state));
    }

    /** code.md A17: no root is made up where none is known to lie. */
    public function testA17ABracketWithoutARootIsRefused(): void
    {
        self::assertEqualsWithDelta(2.0, Roots::between(static fn(float $x): float => $x * $x - 4.0, 0.0, 9.0), 1e-6);
        self::assertSame(3.0, Roots::between(static fn(float $x): float => $x - 3.0, 3.0, 9.0));
        $this->expectException(\DomainException::class);
        Roots::between(static fn(float $x): float => $x * $x + 1.0, -1.0, 1.0);
    }
}
