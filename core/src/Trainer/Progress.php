<?php

declare(strict_types=1);

namespace Transmuta\Trainer;

/**
 * How well somebody foretells, by skill, and what has faded: what was known is halved in a time that doubles with every good answer in a row (spaced
 * repetition in its simplest form; half-lives are ours).
 */
final class Progress
{
    /** Good enough to be a step on. */
    private const GOOD = 0.75;

    /** Days in which what was known once is halved; twice as long with every good answer in a row, up to the longest. */
    private const FIRST = 2.0;

    private const LONGEST = 32.0;

    /** Strength under which it is asked again. */
    private const FADED = 0.6;

    /** Last answers that are looked at. */
    private const LAST = 8;

    /**
     * @param list<array{skill: string, score: float, days: float}> $answers days since each was given, the latest first
     *
     * @return list<array{skill: string, words: string, n: int, recent: ?float, strength: float, is_due: bool}> what is most due first
     */
    public static function of(array $answers): array
    {
        $rows = [];
        foreach (Skill::cases() as $skill) {
            $own = array_values(array_filter($answers, static fn(array $one): bool => $one['skill'] === $skill->value));
            $last = \array_slice($own, 0, self::LAST);
            $recent = $last === [] ? null : array_sum(array_column($last, 'score')) / \count($last);
            $streak = 0;
            foreach ($own as $one) {
                if ($one['score'] < self::GOOD) {
                    break;
                }
                ++$streak;
            }
            $half = min(self::LONGEST, self::FIRST * 2 ** $streak);
            $strength = $recent === null ? 0.0 : $recent * 0.5 ** ($own[0]['days'] / $half);
            $rows[] = ['skill' => $skill->value, 'words' => $skill->words(), 'n' => \count($own), 'recent' => $recent, 'strength' => $strength, 'is_due' => $strength < self::FADED];
        }
        usort($rows, static fn(array $a, array $b): int => $a['strength'] <=> $b['strength']);

        return $rows;
    }
}
