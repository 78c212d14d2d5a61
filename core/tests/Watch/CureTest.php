<?php

declare(strict_types=1);

namespace Transmuta\Tests\Watch;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Tin;
use Transmuta\Intake\TreatmentGrammar;
use Transmuta\Property\Warning;
use Transmuta\Tests\Kit;

/** A cure that is pressed does away with what it was offered for: it is computed for this formula, and the formula is read again. */
final class CureTest extends TestCase
{
    /** Rules that go on speaking: their cure makes it safer or milder, and the caution still holds. */
    private const STILL_TRUE = ['allulose-browns-early', 'oats-need-certificate', 'cream-must-hold-air'];

    /** @return iterable<string, array{string, string}> every case of the watch list that breaks a rule */
    public static function broken(): iterable
    {
        foreach (WatchListTest::rules() as $name => [$rule, $text]) {
            yield $name => [$rule, $text];
        }
    }

    #[DataProvider('broken')]
    public function testACureDoesAwayWithItsWarning(string $rule, string $text): void
    {
        $formula = Kit::engine()->parse($text);
        $warning = self::of($formula, $rule);
        self::assertNotNull($warning);
        if ($warning->cure === null) {
            // A caution, or something that is done rather than weighed.
            self::assertGreaterThan(40, \strlen($warning->text));

            return;
        }
        $again = $formula;
        for ($press = 0; $press < 4 && ($left = self::of($again, $rule)) !== null && $left->cure !== null; ++$press) {
            $again = self::applied($again, $left);
        }
        $after = self::of($again, $rule);
        if (\in_array($rule, self::STILL_TRUE, true)) {
            self::assertNotEquals($formula, $again);

            return;
        }
        self::assertNull($after, $after->text ?? '');
    }

    public function testMostRulesKnowACure(): void
    {
        $with = array_filter(self::rulesSaid(), static fn(Warning $w): bool => $w->cure !== null);
        self::assertGreaterThanOrEqual(38, \count(array_unique(array_map(static fn(Warning $w): string => $w->rule, $with))));
    }

    /** @return list<Warning> */
    private static function rulesSaid(): array
    {
        $said = [];
        foreach (self::broken() as [$rule, $text]) {
            $warning = self::of(Kit::engine()->parse($text), $rule);
            if ($warning !== null) {
                $said[] = $warning;
            }
        }

        return $said;
    }

    private static function of(Formula $formula, string $rule): ?Warning
    {
        foreach (Kit::engine()->read($formula)->watch as $warning) {
            if ($warning->rule === $rule) {
                return $warning;
            }
        }

        return null;
    }

    /** What the interface does when a cure is pressed. */
    private static function applied(Formula $formula, Warning $warning): Formula
    {
        $cure = $warning->cure ?? [];
        $layers = $formula->layers;
        foreach ($layers as $n => $layer) {
            if (($cure['action'] ?? '') === 'scale') {
                $layers[$n] = $layer->with(array_map(static fn(Line $l): Line => $l->weighing($l->grams * ($cure['grams'] ?? 1.0)), $layer->lines));
            } elseif ($n === $warning->layer) {
                $layers[$n] = self::layer($layer, $cure + ['action' => '', 'ingredient' => '', 'grams' => 1.0, 'for' => '']);
            }
        }

        return $formula->with($layers);
    }

    /** @param array{action: string, ingredient: string, grams: float, for: string} $cure */
    private static function layer(Layer $layer, array $cure): Layer
    {
        $treated = static fn(string $words): Layer => new Layer($layer->name, $layer->lines, TreatmentGrammar::parse($words), $layer->tin, $layer->loss);
        $mend = static fn(callable $change): Layer => $layer->with(array_map(static fn(Line $l): Line => $l->ingredient === $cure['ingredient'] ? $change($l) : $l, $layer->lines));
        $prepared = static fn(string $prep): Layer => $mend(static fn(Line $l): Line => Line::of((string) $l->ingredient, $l->grams, prep: [...$l->prep, $prep]));

        return match ($cure['action']) {
            'boil-layer', 'cook', 'treat' => $treated($cure['for']),
            'tin' => new Layer($layer->name, $layer->lines, $layer->treatment, Tin::parse($cure['for']), $layer->loss),
            'weigh' => $mend(static fn(Line $l): Line => $l->weighing($cure['grams'])),
            'swap' => $mend(static fn(Line $l): Line => Line::of($cure['for'], $l->grams * $cure['grams'], prep: $l->prep)),
            'add' => $layer->with([...$layer->lines, Line::of($cure['ingredient'], $cure['grams'], prep: $cure['ingredient'] === 'agar' ? ['boiled'] : [])]),
            'heat' => $prepared('heated'),
            default => $prepared('boiled'),
        };
    }
}
