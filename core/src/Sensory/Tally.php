<?php

declare(strict_types=1);

namespace Transmuta\Sensory;

/**
 * A tasting counted, by what was fixed before it: never more is said than so many tasters can show.
 *
 * @phpstan-type Plan array{sided: string, expects?: ?string, alpha: float, power: float, pd: float, attributes: list<string>}
 */
final class Tally
{
    /**
     * @param string $method triangle, duo-trio, paired or just-right
     * @param Plan $plan
     * @param array<string, string> $names of the samples, by letter
     * @param list<Seat> $seats those who answered
     *
     * @return array{answered: int, evaluation: ?array<string, mixed>, words: list<string>, judged: list<array<string, mixed>>}
     */
    public static function of(string $method, array $plan, array $names, array $seats): array
    {
        $n = \count($seats);
        if ($method === Design::JUST_RIGHT) {
            return ['answered' => $n, 'evaluation' => null, 'words' => [], 'judged' => self::judged($plan['attributes'], $names, $seats)];
        }
        if ($n === 0) {
            return ['answered' => 0, 'evaluation' => null, 'words' => ['Nobody answered.'], 'judged' => []];
        }
        $asked = Method::from($method);
        [$evaluation, $words] = $asked === Method::Paired ? self::preferred($plan, $names, $seats) : self::toldApart($asked, $plan, $seats);

        return ['answered' => $n, 'evaluation' => $evaluation->write(), 'words' => $words, 'judged' => []];
    }

    /**
     * @param Plan $plan
     * @param array<string, string> $names
     * @param non-empty-list<Seat> $seats
     *
     * @return array{Evaluation, list<string>}
     */
    private static function preferred(array $plan, array $names, array $seats): array
    {
        $counts = array_count_values(array_map(static fn(Seat $seat): string => $seat->chosen(), $seats));
        arsort($counts);
        // A one-sided question was asked of one sample; a two-sided one is told of the one that more chose.
        $of = $plan['sided'] === 'one' && \is_string($plan['expects'] ?? null) ? $plan['expects'] : (string) array_key_first($counts);
        $evaluation = Evaluation::of(Method::Paired, \count($seats), $counts[$of] ?? 0, $plan['sided'] === 'two', $plan['alpha'], $plan['power'], $plan['pd']);

        return [$evaluation, [
            \sprintf('%d of %d chose %s.', $counts[$of] ?? 0, \count($seats), $names[$of] ?? $of),
            $evaluation->isSignificant() ? 'More than chance gives.' : 'No more than chance may give. That is not the same as being alike: two camps give it too.',
        ]];
    }

    /**
     * @param Plan $plan
     * @param non-empty-list<Seat> $seats
     *
     * @return array{Evaluation, list<string>}
     */
    private static function toldApart(Method $method, array $plan, array $seats): array
    {
        $n = \count($seats);
        $right = \count(array_filter($seats, static fn(Seat $seat): bool => $seat->isRight($method)));
        $evaluation = Evaluation::of($method, $n, $right, false, $plan['alpha'], $plan['power'], $plan['pd']);

        return [$evaluation, [
            \sprintf('%d of %d were right; by chance %.1f would be.', $right, $n, $n * $method->guess()),
            $evaluation->isSignificant() ? 'They can be told apart.' : \sprintf('No difference was shown. With so many tasters a difference that %d %% can tell is missed %d times in a hundred.', (int) round(100 * $plan['pd']), (int) round(100 * (1 - $evaluation->power))),
            Similarity::words($method, $n, $right, $plan['pd']),
        ]];
    }

    /**
     * @param list<string> $attributes
     * @param array<string, string> $names
     * @param list<Seat> $seats
     *
     * @return list<array{letter: string, name: string, n: int, liking: ?float, attributes: list<array<string, mixed>>}> each sample: its liking and, attribute by attribute, who finds it off and what that costs
     */
    private static function judged(array $attributes, array $names, array $seats): array
    {
        $all = [];
        foreach ($names as $letter => $name) {
            $said = array_values(array_filter(array_map(static fn(Seat $seat): ?array => $seat->judged($letter), $seats)));
            $likings = array_column($said, 'liking');
            $of = static fn(string $attribute): array => Penalty::of(array_map(static fn(array $one): array => [
                'just' => (\is_string($one[$attribute] ?? null) ? Just::tryFrom($one[$attribute])?->side() : null) ?? 0, 'liking' => $one['liking'],
            ], $said));
            $all[] = [
                'letter' => $letter, 'name' => $name, 'n' => \count($said), 'liking' => $likings === [] ? null : array_sum($likings) / \count($likings),
                'attributes' => array_map(static fn(string $attribute): array => ['attribute' => $attribute, ...$of($attribute)], $attributes),
            ];
        }

        return $all;
    }
}
