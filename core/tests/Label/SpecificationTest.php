<?php

declare(strict_types=1);

namespace Transmuta\Tests\Label;

use PHPUnit\Framework\TestCase;
use Transmuta\Format\NutritionCsv;
use Transmuta\Label\Specification;
use Transmuta\Tests\Kit;

/** What a customer is sent: what nobody has answered stands first, and nothing computed is called tested. */
final class SpecificationTest extends TestCase
{
    /** @return array{layers: list<array<string, mixed>>, storage: array{celsius: float, days: int, why: list<string>, frozen: bool}, diets: list<array{diet: string, standing: string, why: list<string>}>, questions: list<string>} */
    private static function of(string $lines): array
    {
        return Specification::of(Kit::engine()->read(Kit::engine()->parse("title: Lamp pot\nportions: 4\n$lines")));
    }

    public function testALineNobodySettledComesBeforeEverythingElse(): void
    {
        $questions = self::of("300 g milk\n20 g moonlit dust")['questions'];
        self::assertStringStartsWith('A line is not settled: ', $questions[0]);
        self::assertStringContainsString('moonlit dust', $questions[0]);
    }

    public function testWhatHasToBeAskedOfAPacketIsAskedAndWhatIsSettledIsNot(): void
    {
        $asked = implode("\n", self::of("layer: Crumb\ntreat: bake 170 C still\n200 g plain flour\n100 g plant butter")['questions']);
        self::assertStringContainsString('Vegan is not proven: ', $asked);
        self::assertStringNotContainsString('Keto is not proven', $asked);
        foreach (['no shelf-life test', 'no laboratory', 'country of origin'] as $always) {
            self::assertStringContainsString($always, $asked);
        }
        self::assertStringNotContainsString('less than what', mb_strtolower($asked), 'reduced against nothing is no question');
    }

    public function testWhatIsNotKnownOfSeveralIsSaidOnceByTheNameOfTheNutrient(): void
    {
        $said = implode("\n", self::of("200 g ricotta\n100 g amaretti")['questions']);
        self::assertStringContainsString('Vitamin D', $said);
        self::assertSame(1, substr_count($said, 'Calcium'));
    }

    public function testLayersAddUpAndStorageFollowsTheColdestOfThem(): void
    {
        $chilled = self::of("layer: Base\n100 g plain biscuits\n\nlayer: Cream\ntreat: cook 82 C\n300 g milk\n80 g egg yolk");
        self::assertEqualsWithDelta(100.0, array_sum(array_column($chilled['layers'], 'percent')), 1e-6);
        self::assertSame([5.0, false], [$chilled['storage']['celsius'], $chilled['storage']['frozen']]);
        self::assertStringStartsWith('Cream: ', $chilled['storage']['why'][0]);
        $frozen = self::of("treat: freeze -18 C\n300 g cream\n80 g sugar");
        self::assertSame([-18.0, true], [$frozen['storage']['celsius'], $frozen['storage']['frozen']]);
    }

    /** Unrounded figures, and nothing where nothing is known. */
    public function testTheTableOfNutritionLeavesWhatIsNotKnownEmpty(): void
    {
        $dish = Kit::engine()->read(Kit::engine()->parse("title: Lamp pot\nportions: 4\n200 g ricotta\n100 g amaretti"));
        $rows = array_map(str_getcsv(...), explode("\n", trim(NutritionCsv::write($dish))));
        $by = array_column($rows, null, 0);
        self::assertSame(['nutrient', 'unit', 'portion', 'per_100_g'], $rows[0]);
        self::assertSame(['vitamin_d', 'µg', '', ''], $by['vitamin_d']);
        self::assertEqualsWithDelta($dish->portion['protein_g'], (float) $by['protein'][2], 1e-3);
        self::assertEqualsWithDelta($dish->per100['fat_g'], (float) $by['fat'][3], 1e-3);
    }
}
