<?php

declare(strict_types=1);

namespace Transmuta\Tests\Trainer;

use Closure;
use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Sensory\Dice;
use Transmuta\Tests\Kit;
use Transmuta\Trainer\Exercises;
use Transmuta\Trainer\Pool;
use Transmuta\Trainer\Progress;
use Transmuta\Trainer\Question;
use Transmuta\Trainer\Skill;

/** Exercises: their answers are what the models say, and a near answer scores more than a far one. */
final class TrainerTest extends TestCase
{
    /** @return list<DishReading> */
    private static function dishes(): array
    {
        return array_map(static fn(string $name): DishReading => Kit::engine()->read(Kit::demo($name)), ['passion-fruit-curd-tartlet', 'bay-leaf-cream-slice', 'roasted-hazelnut-mousse-pot', 'blackcurrant-baked-cheesecake', 'cardamom-set-custard', 'rhubarb-buttermilk-cream', 'comet-trail-coffee-cheesecake']);
    }

    /** @param list<DishReading> $dishes */
    private static function pool(array $dishes): Pool
    {
        return new Pool(array_map(static fn(DishReading $dish): Closure => static fn(): DishReading => $dish, $dishes));
    }

    /** Each dish is read when it is looked at, once, and one that cannot be read is passed over. */
    public function testNothingIsReadBeforeItIsLookedAt(): void
    {
        $read = [];
        $dishes = self::dishes();
        $pool = new Pool([
            static function () use (&$read, $dishes): DishReading {
                $read[] = 0;

                return $dishes[0];
            },
            static function () use (&$read): null {
                $read[] = 1;

                return null;
            },
        ]);
        self::assertSame([], $read);
        self::assertSame([$dishes[0]], iterator_to_array($pool->drawn(new Dice(3)), false));
        self::assertSame([$dishes[0]], iterator_to_array($pool->drawn(new Dice(4)), false));
        sort($read);
        self::assertSame([0, 1], $read);
    }

    /** @return iterable<string, array{Skill, int}> */
    public static function asked(): iterable
    {
        foreach ([Skill::Set, Skill::Sweetness, Skill::Split, Skill::Dose] as $skill) {
            foreach ([1, 7, 99] as $seed) {
                yield "$skill->value, $seed" => [$skill, $seed];
            }
        }
    }

    #[DataProvider('asked')]
    public function testItsOwnAnswerIsRightAndAnotherIsLess(Skill $skill, int $seed): void
    {
        $question = (new Exercises(Kit::engine()->reader))->of($skill, self::pool(self::dishes()), [], new Dice($seed));
        self::assertNotNull($question);
        self::assertNotSame([], $question->why);
        self::assertArrayNotHasKey('key', $question->write());
        // What is shown weighs what the layer weighs, within what a scale shows.
        foreach ($question->given as $given) {
            $shown = array_sum(array_map(static fn(string $line): float => (float) $line, $given['lines']));
            $masses = array_map(static fn(LayerReading $l): float => $l->state->mixed, array_merge(...array_map(static fn(DishReading $d): array => $d->layers, self::dishes())));
            self::assertLessThan(12.0, min([1e9, ...array_map(static fn(float $mass): float => abs($mass - $shown), $masses)]), implode(', ', $given['lines']));
        }
        $sealed = $question->sealed();
        [$right, $wrong] = match ($question->form) {
            'step' => [$question->key['step'] ?? 0, (($question->key['step'] ?? 0) + 3) % 7],
            'pick' => [$question->key['pick'] ?? '', array_values(array_diff(array_column($question->options, 'id'), [$question->key['pick'] ?? '']))[0]],
            'order' => [$question->key['order'] ?? [], array_reverse($question->key['order'] ?? [])],
            default => [$question->key['grams'] ?? 0.0, 5 * ($question->key['grams'] ?? 0.0)],
        };
        self::assertEqualsWithDelta(1.0, Question::score($sealed, $right), 0.02);
        self::assertLessThan(0.9, Question::score($sealed, $wrong));
        $this->expectException(Nonsense::class);
        Question::score($sealed, ['nothing' => true]);
    }

    public function testOfNothingNothingIsAsked(): void
    {
        self::assertNull((new Exercises(Kit::engine()->reader))->of(Skill::Trial, self::pool(self::dishes()), [], new Dice(1)));
        self::assertNull((new Exercises(Kit::engine()->reader))->of(Skill::Set, self::pool([]), [], new Dice(1)));
    }

    /**
     * @param list<array{skill: string, score: float, days: float}> $answers
     *
     * @return array{skill: string, words: string, n: int, recent: ?float, strength: float, is_due: bool}
     */
    private static function set(array $answers): array
    {
        return array_column(Progress::of($answers), null, 'skill')['set'];
    }

    public function testWhatIsKnownFadesAndLastsLongerTheOftenerItWasRight(): void
    {
        $of = self::set(...);
        self::assertTrue($of([])['is_due']);
        self::assertNull($of([])['recent']);
        self::assertFalse($of([['skill' => 'set', 'score' => 1.0, 'days' => 0.0]])['is_due']);
        self::assertTrue($of([['skill' => 'set', 'score' => 1.0, 'days' => 4.0]])['is_due'], 'once right is half gone after four days');
        $often = array_map(static fn(int $n): array => ['skill' => 'set', 'score' => 1.0, 'days' => 4.0 + $n], range(0, 3));
        self::assertFalse($of($often)['is_due']);
        self::assertTrue($of([['skill' => 'set', 'score' => 0.2, 'days' => 0.0], ...$often])['strength'] < $of($often)['strength'] + 0.2);
        self::assertNotSame('set', Progress::of($often)[0]['skill'], 'what was never asked comes first');
    }
}
