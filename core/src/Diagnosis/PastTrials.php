<?php

declare(strict_types=1);

namespace Transmuta\Diagnosis;

use Transmuta\Reference\Figure;

/**
 * How the kitchen's own trials came out before, by the mechanism that gave most of the set: steps firmer (over 0) or softer than foretold. A cause that is
 * about a mechanism's strength is the likelier where it came out so before.
 */
final readonly class PastTrials
{
    /** Trials from which they speak for a cause, and against one. */
    private const FOR = 2;

    private const AGAINST = 3;

    /** Faults that are about how strong a mechanism is, and which way; a row in particular, where only one is; the mechanism is the layer's first where none is named. */
    private const ABOUT = [
        'too_soft 3' => [-1, null], 'gelatin_no_set' => [-1, 'gelatin'], 'agar_weak' => [-1, 'agar'], 'citrus_no_set' => [-1, 'citrus'], 'pectin_no_set' => [-1, 'lm-pectin'], 'thinned' => [-1, 'starch'],
        'rubbery' => [1, null],
    ];

    /** @param array<string, array{n: int, mean: float}> $by */
    public function __construct(private array $by = []) {}

    /** @return array{score: float, words: ?string} what they add to a cause, with the reason */
    public function of(string $fault, int $row, ?string $first): array
    {
        [$way, $mechanism] = self::ABOUT["$fault $row"] ?? self::ABOUT[$fault] ?? [0, null];
        $seen = $way === 0 ? null : $this->by[$mechanism ?? (string) $first] ?? null;
        if ($seen === null || $seen['n'] < self::FOR) {
            return ['score' => 0.0, 'words' => null];
        }
        $words = \sprintf('%d trials here set by %s came out %s than foretold, by %.1f of a step', $seen['n'], $mechanism ?? $first, $seen['mean'] < 0 ? 'softer' : 'firmer', abs($seen['mean']));

        return match (true) {
            $way * $seen['mean'] >= Figure::TrialOff->number() => ['score' => 1.5, 'words' => $words],
            $seen['n'] >= self::AGAINST && $way * $seen['mean'] <= 0.0 => ['score' => -1.0, 'words' => $words],
            default => ['score' => 0.0, 'words' => null],
        };
    }
}
