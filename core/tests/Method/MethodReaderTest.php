<?php

declare(strict_types=1);

namespace Transmuta\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Formula;
use Transmuta\Method\Act;
use Transmuta\Method\HeatHistory;
use Transmuta\Method\Method;
use Transmuta\Method\Operation;
use Transmuta\Method\Part;
use Transmuta\Method\Reading\Marks;
use Transmuta\Method\Reading\MethodReader;
use Transmuta\Method\Sentence;
use Transmuta\Method\SentenceKind;
use Transmuta\Process\Making\StepKind;
use Transmuta\Reference\Table;
use Transmuta\Tests\Kit;

/** Whole pages as people write them, read as a cook reads them. */
final class MethodReaderTest extends TestCase
{
    /** @return array{Formula, Method} */
    private static function page(string $name): array
    {
        $formula = Kit::engine()->parse((string) file_get_contents(__DIR__ . "/pages/$name.txt"));

        return [$formula, (new MethodReader())->by(Kit::shelf(), $formula)];
    }

    /** @return array{Formula, Method} */
    private static function typed(string $lines, string $method): array
    {
        $formula = Kit::engine()->parse("Dish\nportions: 4\n$lines\nmethod:\n$method");

        return [$formula, (new MethodReader())->by(Kit::shelf(), $formula)];
    }

    /** @return list<string> */
    private static function operations(Method $method): array
    {
        return array_map(static fn(Act $act): string => $act->operation->key, $method->acts);
    }

    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach (glob(__DIR__ . '/pages/*.txt') ?: [] as $file) {
            yield basename($file, '.txt') => [basename($file, '.txt')];
        }
    }

    #[DataProvider('pages')]
    public function testEveryLetterOfAMethodIsInASentenceAndNoLineGoesInTwice(string $name): void
    {
        [$formula, $method] = self::page($name);
        $bare = static fn(string $text): string => (string) preg_replace('~^\s*\d{1,2}\s*[.)]\s+|\s+~u', '', $text);
        foreach ($formula->method as $n => $step) {
            $told = implode('', array_map(static fn(Sentence $one): string => $bare($one->text), array_values(array_filter($method->sentences, static fn(Sentence $one): bool => $one->step === $n))));
            self::assertSame($bare($step->text), $told);
        }
        $share = [];
        foreach ($method->acts as $act) {
            foreach ($act->parts as $part) {
                $share[$part->key()] = ($share[$part->key()] ?? 0.0) + $part->share;
            }
            foreach ($act->from as $from) {
                self::assertArrayHasKey($from, $method->acts);
            }
        }
        foreach ($share as $key => $sum) {
            self::assertLessThanOrEqual(1.0 + 1e-9, $sum, "$key of $name");
        }
        self::assertSame([], array_map(static fn(Sentence $one): string => $one->text, $method->unread()));
    }

    public function testACheesecakeOfThreeParts(): void
    {
        [, $method] = self::page('cheesecake');
        self::assertSame(
            ['preheat', 'prepare_tin', 'prepare_tin', 'melt', 'crush', 'combine', 'press_base', 'chill', 'beat', 'beat_in', 'combine', 'fill', 'bake', 'rest', 'chill', 'reduce', 'cool', 'fill'],
            self::operations($method),
        );
        self::assertSame([], $method->unsaid);
        // What is poured over the base is the filling, and it stands on the base.
        self::assertSame([10, 7], $method->acts[11]->from);
        // The oven that was set is the bake's, its stages follow, and its end is in the maker's words.
        $bake = $method->acts[12];
        self::assertSame([180.0, 10.0], [$bake->celsius, $bake->time?->best]);
        self::assertSame([['celsius' => 110.0, 'minutes' => 35.0], ['celsius' => 0.0, 'minutes' => null]], $bake->stages);
        self::assertSame('the edge is set and the centre wobbles', $bake->sign);
        // "Over the cheesecake": the topping goes onto the whole.
        self::assertSame([16, 14], $method->acts[17]->from);
        self::assertSame([SentenceKind::Serving, SentenceKind::Storage], array_map(static fn(Sentence $one): SentenceKind => $one->kind, \array_slice($method->sentences, -2)));
    }

    public function testAMousseOfFourBowls(): void
    {
        [$formula, $method] = self::page('mousse');
        self::assertSame(['melt', 'cool', 'combine', 'whip', 'meringue_french', 'fold', 'fill', 'chill'], self::operations($method));
        // "Whites + sugar" are two things, not white sugar; the fold takes all three bowls.
        self::assertSame(['egg-white', 'sugar'], array_map(static fn(Part $part): ?string => $formula->layers[$part->layer]->understood()[$part->line]->ingredient, $method->acts[4]->parts));
        self::assertEqualsCanonicalizing([2, 3, 4], $method->acts[5]->from);
    }

    public function testChouxIsDriedAndBeatenAndAPastryCreamBoiled(): void
    {
        [, $method] = self::page('eclairs');
        self::assertSame(['boil', 'combine', 'move', 'dry_on_hob', 'cool', 'beat_in', 'pipe', 'bake', 'cut_out', 'cool', 'scald', 'blanch_yolks', 'combine', 'temper_eggs', 'move', 'boil', 'beat', 'move', 'chill', 'boil', 'pour_over', 'rest', 'combine', 'fill', 'dip'], self::operations($method));
        self::assertSame([['celsius' => 160.0, 'minutes' => 10.0]], $method->acts[7]->stages);
    }

    public function testWhatNobodyUnderstandsIsKeptAndSaid(): void
    {
        [, $method] = self::typed("500 g cream\n80 g sugar", "Warm the cream with the sugar.\nFrobnicate well.\nDon't let it boil.\nServe cold with biscuits.\nKeeps 3 days in the fridge.");
        self::assertSame(['steps', 'unread', 'note', 'serving', 'storage'], array_map(static fn(Sentence $one): string => $one->kind->value, $method->sentences));
        self::assertSame(['Frobnicate well.'], array_map(static fn(Sentence $one): string => $one->text, $method->unread()));
    }

    public function testALineNobodyNamesIsSaid(): void
    {
        [, $method] = self::typed("500 g cream\n80 g sugar\n2 g salt", 'Warm the cream with the sugar.');
        self::assertSame(['salt'], array_map(static fn(Part $part): string => $part->named, $method->unsaid));
        [, $whole] = self::typed("500 g cream\n80 g sugar\n2 g salt", 'Whisk everything together.');
        self::assertSame([], $whole->unsaid);
        [, $it] = self::typed("500 g cream\n80 g sugar\n2 g salt", 'Whisk it and bake at 150 °C for 30 minutes.');
        self::assertSame([], $it->unsaid);
    }

    public function testSharesOfALine(): void
    {
        $shares = static fn(string $method): array => array_map(static fn(Part $part): array => [$part->named, round($part->share, 2), $part->isDrafted], array_merge(...array_map(static fn(Act $act): array => $act->parts, self::typed("300 g cream\n90 g sugar", $method)[1]->acts)));
        self::assertSame([['sugar', 0.5, false], ['sugar', 0.5, false]], $shares('Whisk half the sugar. Add the rest of the sugar.'));
        self::assertSame([['sugar', 0.33, false], ['sugar', 0.67, false]], $shares('Whisk a third of the sugar. Add the remaining sugar.'));
        self::assertSame([['sugar', 0.33, true]], $shares('Whisk some of the sugar.'));
        self::assertSame([['sugar', 0.22, false]], $shares('Whisk 20 g of the sugar.'));
    }

    /** @return iterable<string, array{string, ?float, float, ?float}> */
    public static function times(): iterable
    {
        yield 'plain' => ['simmer 5 minutes', null, 5.0, null];
        yield 'range' => ['bake 25 to 30 minutes', 25.0, 27.5, 30.0];
        yield 'at least' => ['chill at least 4 hours', 240.0, 240.0, null];
        yield 'at most' => ['leave up to 2 hours', null, 120.0, 120.0];
        yield 'night' => ['chill overnight', 480.0, 720.0, 960.0];
        yield 'least or night' => ['chill for at least 6 hours or overnight', 360.0, 720.0, 960.0];
        yield 'half' => ['leave it be for half an hour', null, 30.0, null];
        yield 'few' => ['leave a few minutes', 2.0, 3.0, 5.0];
        yield 'prime' => ["85 °C 2', pass", null, 2.0, null];
        yield 'seconds' => ['dip for a few seconds', 2 / 60, 0.05, 5 / 60];
    }

    #[DataProvider('times')]
    public function testHowLong(string $clause, ?float $least, float $best, ?float $most): void
    {
        $span = Marks::lasts($clause);
        self::assertNotNull($span);
        self::assertEqualsWithDelta($best, $span->best, 1e-9);
        self::assertEqualsWithDelta($least ?? -1.0, $span->least ?? -1.0, 1e-9);
        self::assertEqualsWithDelta($most ?? -1.0, $span->most ?? -1.0, 1e-9);
        self::assertNull(Marks::lasts('whisk the 3 egg yolks'));
    }

    public function testHowHot(): void
    {
        self::assertSame([180.0, null], Marks::oven('bake at 180 for 20 minutes'));
        self::assertSame(176.7, Marks::oven('heat the oven to 350')[0]);
        self::assertSame(180.0, Marks::oven('Oven 160 fan, 20 min')[0]);
        self::assertNull(Marks::oven('bake for 20 minutes in a 23 cm tin')[0]);
        self::assertSame(82.0, Marks::mass('cook to 82 °C'));
        self::assertNull(Marks::mass('boil for 2 minutes'));
    }

    /** Practice, method 4: what goes in after the heat is raw, whatever was heated before it. */
    public function testHeatIsReadOffTheOrder(): void
    {
        $heated = static function (string $lines, string $method, string $id): ?bool {
            [$formula, $read] = self::typed($lines, $method);
            foreach (HeatHistory::of($read) as $key => $is) {
                [$layer, $line] = array_map(intval(...), explode('.', (string) $key));
                if ($formula->layers[$layer]->understood()[$line]->ingredient === $id) {
                    return $is;
                }
            }

            return null;
        };
        $lines = "400 g milk\n80 g egg yolks\n60 g egg whites\n80 g sugar";
        self::assertTrue($heated($lines, 'Heat the milk. Whisk the yolks with the sugar, pour on the milk and cook to 82 °C.', 'egg-yolk'));
        self::assertFalse($heated($lines, 'Heat the milk. Whisk the yolks with the sugar, pour on the milk and cook to 65 °C.', 'egg-yolk'));
        self::assertFalse($heated($lines, 'Boil the milk. Whisk the yolks with the sugar and pour the hot milk over the yolks. Chill.', 'egg-yolk'), 'hot milk on yolks that are not returned proves nothing');
        self::assertFalse($heated($lines, 'Boil the milk with the yolks and sugar for 2 minutes. Cool. Whisk the whites to stiff peaks and fold them in. Chill.', 'egg-white'));
        self::assertTrue($heated($lines, 'Boil the milk with the yolks and sugar for 2 minutes. Cool. Whisk the whites to stiff peaks and fold them in. Bake at 170 °C for 30 minutes.', 'egg-white'));
    }

    public function testEveryOperationOfAVerbIsThereAndIsPlanned(): void
    {
        $operations = Operation::all();
        self::assertGreaterThan(120, \count($operations));
        foreach (Table::of('method/verbs') as $row) {
            self::assertArrayHasKey($row['op'], $operations, $row['verb']);
        }
        foreach ($operations as $operation) {
            self::assertTrue($operation->kind === null || StepKind::tryFrom($operation->kind) !== null, $operation->key);
        }
        foreach (Table::of('process/kinds') as $row) {
            self::assertArrayHasKey($row['op'], $operations, $row['kind']);
        }
        $objects = array_column(Table::of('method/objects'), 'object');
        foreach (Table::of('method/verbs') as $row) {
            self::assertSame([], array_diff(array_map(static fn(string $one): string => (string) preg_replace('~^in-~', '', $one), preg_split('~[+ ]~', $row['of'], -1, \PREG_SPLIT_NO_EMPTY) ?: []), $objects), $row['verb']);
        }
    }

    /** A bake in stages is as long as all of them, at their mean by time; what stands under it is baked with it, and an oven that is off adds nothing. */
    public function testStagesOfAnOvenAreOneBakeToItsModels(): void
    {
        [$formula] = self::page('cheesecake');
        foreach ([0, 1] as $layer) {
            $bake = $formula->layers[$layer]->treatment->step(\Transmuta\Formula\TreatmentKind::Bake);
            self::assertNotNull($bake);
            self::assertSame([45.0, 126.0], [$bake->minutes, $bake->celsius]);
            self::assertNull($bake->oven, 'a mean is no oven anybody sets');
            self::assertSame('baked 45 min in stages, 126 °C on the mean', $bake->told());
            self::assertEquals($bake, \Transmuta\Intake\TreatmentGrammar::parse($bake->words())->steps[0]);
        }
        // What somebody wrote of a layer stays.
        $written = Kit::engine()->parse("Dish\nportions: 4\ntreat: bake 150 C 20 min\n500 g cream\n3 eggs\nmethod:\nMix the cream with the eggs and bake at 180 °C for 10 minutes, then 110 for 35.");
        self::assertSame(20.0, $written->layers[0]->treatment->step(\Transmuta\Formula\TreatmentKind::Bake)?->minutes);
    }
}
