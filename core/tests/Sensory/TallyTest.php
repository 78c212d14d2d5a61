<?php

declare(strict_types=1);

namespace Transmuta\Tests\Sensory;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Sensory\Design;
use Transmuta\Sensory\Just;
use Transmuta\Sensory\Method;
use Transmuta\Sensory\Seat;
use Transmuta\Sensory\Tally;

/** What tasters say is read, and counted, as the standards do: p of binomials summed in whole fractions (Python's fractions and math.comb), critical counts of ISO 4120, 5495 and 10399. */
final class TallyTest extends TestCase
{
    private const PLAN = ['sided' => 'one', 'expects' => null, 'alpha' => 0.05, 'power' => 0.8, 'pd' => 0.3, 'attributes' => ['sweetness', 'firmness']];

    /** @return list<array{code: int, letter: string}> */
    private static function served(string $letters): array
    {
        return array_map(static fn(string $letter, int $n): array => ['code' => 421 + $n, 'letter' => $letter], str_split($letters), array_keys(str_split($letters)));
    }

    /** @return list<Seat> so many who choose the sample at a place, and so many who choose the one at another */
    private static function seats(string $letters, int $n, int $at, int $others, int $elsewhere): array
    {
        return [...array_fill(0, $n, new Seat(self::served($letters), ['chosen' => 421 + $at])), ...array_fill(0, $others, new Seat(self::served($letters), ['chosen' => 421 + $elsewhere]))];
    }

    public function testTheOddOneOfATriangleIsRightWhereverItStands(): void
    {
        foreach (['AAB' => 2, 'ABA' => 1, 'BAA' => 0, 'BBA' => 2, 'BAB' => 1, 'ABB' => 0] as $letters => $odd) {
            foreach ([0, 1, 2] as $chosen) {
                self::assertSame($chosen === $odd, (new Seat(self::served($letters), ['chosen' => 421 + $chosen]))->isRight(Method::Triangle), "$letters, $chosen");
            }
        }
    }

    public function testOfADuoTrioTheOneThatEqualsTheReferenceIsRight(): void
    {
        foreach (['AAB' => [1, 2], 'ABA' => [2, 1], 'BAB' => [2, 1], 'BBA' => [1, 2]] as $letters => [$right, $wrong]) {
            self::assertTrue((new Seat(self::served($letters), ['chosen' => 421 + $right]))->isRight(Method::DuoTrio), $letters);
            self::assertFalse((new Seat(self::served($letters), ['chosen' => 421 + $wrong]))->isRight(Method::DuoTrio), $letters);
        }
        self::assertFalse((new Seat(self::served('AB'), ['chosen' => 421]))->isRight(Method::Paired), 'a preference is neither');
        self::assertSame('', (new Seat(self::served('AB'), []))->chosen());
        self::assertFalse((new Seat(self::served('AAB'), ['chosen' => 900]))->isRight(Method::Triangle));
    }

    /** @return iterable<string, array{string, string, int, int, int, int, float, bool}> method, order, chosen rightly at, wrongly at, how many each, p */
    public static function counts(): iterable
    {
        yield 'triangle, 13 of 24: enough' => ['triangle', 'AAB', 2, 0, 13, 11, 0.02844113, true];
        yield 'triangle, 12 of 24: not enough' => ['triangle', 'AAB', 2, 0, 12, 12, 0.06765878, false];
        yield 'duo-trio, 17 of 24: enough' => ['duo-trio', 'AAB', 1, 2, 17, 7, 0.03195733, true];
        yield 'duo-trio, 16 of 24: not enough' => ['duo-trio', 'AAB', 1, 2, 16, 8, 0.07579482, false];
    }

    #[DataProvider('counts')]
    public function testACountIsWhatTheStandardsMakeOfIt(string $method, string $order, int $right, int $wrong, int $n, int $others, float $p, bool $isApart): void
    {
        $of = Tally::of($method, self::PLAN, ['A' => 'Curd', 'B' => 'Vegan curd'], self::seats($order, $n, $right, $others, $wrong));
        self::assertSame(24, $of['answered']);
        self::assertEqualsWithDelta($p, $of['evaluation']['p_value'] ?? null, 1e-6);
        self::assertStringStartsWith("$n of 24 were right", $of['words'][0]);
        self::assertSame($isApart, $of['words'][1] === 'They can be told apart.');
        if (!$isApart) {
            self::assertStringContainsString('is missed', $of['words'][1], 'what so few cannot show is said with it');
        }
    }

    public function testAPreferenceIsToldOfTheOneThatMoreChoseUnlessOneWasExpected(): void
    {
        $names = ['A' => 'Curd', 'B' => 'Vegan curd'];
        $two = ['sided' => 'two'] + self::PLAN;
        $enough = Tally::of('paired', $two, $names, self::seats('AB', 21, 1, 9, 0));
        self::assertSame('21 of 30 chose Vegan curd.', $enough['words'][0]);
        self::assertEqualsWithDelta(0.04277395, $enough['evaluation']['p_value'] ?? null, 1e-6);
        self::assertSame('More than chance gives.', $enough['words'][1]);
        self::assertStringContainsString('not the same as being alike', Tally::of('paired', $two, $names, self::seats('AB', 20, 1, 10, 0))['words'][1]);
        // Expected of the one that fewer chose: however many chose the other, it is not shown.
        $other = Tally::of('paired', ['expects' => 'A'] + self::PLAN, $names, self::seats('AB', 21, 1, 9, 0));
        self::assertSame('9 of 30 chose Curd.', $other['words'][0]);
        self::assertStringContainsString('No more than chance', $other['words'][1]);
        self::assertSame('0 of 3 chose Curd.', Tally::of('paired', ['expects' => 'A'] + self::PLAN, $names, self::seats('AB', 3, 1, 0, 0))['words'][0]);
    }

    public function testWhereNobodyAnsweredNothingIsCounted(): void
    {
        self::assertSame(['answered' => 0, 'evaluation' => null, 'words' => ['Nobody answered.'], 'judged' => []], Tally::of('triangle', self::PLAN, ['A' => 'Curd', 'B' => 'Other'], []));
        $judged = Tally::of('just-right', self::PLAN, ['A' => 'Curd'], []);
        self::assertNull($judged['judged'][0]['liking'] ?? null);
        self::assertSame(0, $judged['judged'][0]['n'] ?? null);
    }

    public function testEachSampleIsJudgedByItsOwnAnswersWhateverPlaceItStoodAt(): void
    {
        $say = static fn(string $sweet, int $liking): array => ['sweetness' => $sweet, 'firmness' => 'right', 'liking' => $liking];
        $seats = [];
        foreach ([['AB', 'too much', 4, 'right', 8], ['BA', 'right', 7, 'too much', 3], ['AB', 'too much', 5, 'right', 9]] as [$order, $first, $likes, $second, $likesSecond]) {
            $seats[] = Seat::read(Design::JUST_RIGHT, self::served($order), self::PLAN['attributes'], ['samples' => [421 => $say($first, $likes), 422 => $say($second, $likesSecond)]]);
        }
        [$a, $b] = Tally::of('just-right', self::PLAN, ['A' => 'Curd', 'B' => 'Vegan curd'], $seats)['judged'];
        self::assertSame(['Curd', 3, 4.0], [$a['name'], $a['n'], (float) $a['liking']]);
        self::assertSame(['Vegan curd', 3, 8.0], [$b['name'], $b['n'], (float) $b['liking']]);
        self::assertEquals(['low' => 0.0, 'right' => 0.0, 'high' => 1.0], $a['attributes'][0]['shares'] ?? null);
        self::assertEquals(['low' => 0.0, 'right' => 1.0, 'high' => 0.0], $b['attributes'][0]['shares'] ?? null);
    }

    /** @return iterable<string, array{string, array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        $one = ['sweetness' => 'right', 'firmness' => 'right', 'liking' => 5];
        yield 'nothing chosen' => ['triangle', [], 'answer.chosen'];
        yield 'the reference chosen' => ['duo-trio', ['chosen' => Design::REFERENCE], 'answer.chosen'];
        yield 'a code of another seat' => ['triangle', ['chosen' => 999], 'answer.chosen'];
        yield 'a code in words' => ['triangle', ['chosen' => '421'], 'answer.chosen'];
        yield 'a sample left out' => ['just-right', ['samples' => [421 => $one]], 'answer.samples.422'];
        yield 'an attribute left out' => ['just-right', ['samples' => [421 => ['firmness' => 'right', 'liking' => 5], 422 => $one]], 'answer.samples.421.sweetness'];
        yield 'a word that is none' => ['just-right', ['samples' => [421 => ['sweetness' => 'lovely'] + $one, 422 => $one]], 'answer.samples.421.sweetness'];
        yield 'liked too little to be said' => ['just-right', ['samples' => [421 => ['liking' => 0] + $one, 422 => $one]], 'answer.samples.421.liking'];
        yield 'liked more than can be' => ['just-right', ['samples' => [421 => $one, 422 => ['liking' => 10] + $one]], 'answer.samples.422.liking'];
    }

    /** @param array<string, mixed> $said */
    #[DataProvider('nonsense')]
    public function testWhatCannotBeMeantIsNamed(string $method, array $said, string $field): void
    {
        $served = $method === 'duo-trio' ? [['code' => Design::REFERENCE, 'letter' => 'A'], ...self::served('AB')] : self::served('AB');
        try {
            Seat::read($method, $served, self::PLAN['attributes'], $said);
            self::fail('it was taken');
        } catch (Nonsense $e) {
            self::assertSame($field, $e->field);
        }
    }

    public function testTheEndsOfTheLikingScaleAreTaken(): void
    {
        foreach ([1, 9] as $liking) {
            $one = ['sweetness' => 'right', 'firmness' => 'too little', 'liking' => $liking];
            self::assertSame($one, Seat::read('just-right', self::served('A'), self::PLAN['attributes'], ['samples' => [421 => $one + ['beside' => 'dropped']]])->judged('A'));
        }
        self::assertSame([-1, 0, 1], array_map(static fn(Just $one): int => $one->side(), Just::cases()));
    }
}
