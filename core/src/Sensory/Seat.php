<?php

declare(strict_types=1);

namespace Transmuta\Sensory;

use Transmuta\Fault\Nonsense;

/**
 * What one taster was served, and what they said of it.
 *
 * @phpstan-type Served list<array{code: int, letter: string}>
 */
final readonly class Seat
{
    /** Of the hedonic scale: 1 dislike extremely to 9 like extremely. */
    private const LIKING = [1, 9];

    /**
     * @param Served $served in the order it is tasted; a marked reference has the code {@see Design::REFERENCE}
     * @param array<array-key, mixed> $said as {@see read} gave it
     */
    public function __construct(private array $served, public array $said) {}

    /**
     * What somebody answers at a seat: the code they choose, or every sample judged.
     *
     * @param Served $served
     * @param list<string> $attributes what is judged, where it is asked so
     * @param array<array-key, mixed> $said
     *
     * @throws Nonsense naming what cannot be meant
     */
    public static function read(string $method, array $served, array $attributes, array $said): self
    {
        $codes = array_values(array_filter(array_column($served, 'code'), static fn(int $code): bool => $code !== Design::REFERENCE));
        if ($method !== Design::JUST_RIGHT) {
            $chosen = $said['chosen'] ?? null;
            if (!\is_int($chosen) || !\in_array($chosen, $codes, true)) {
                throw Nonsense::sent('answer.chosen', $chosen, 'choose one of ' . implode(', ', $codes));
            }

            return new self($served, ['chosen' => $chosen]);
        }
        $kept = [];
        foreach ($codes as $code) {
            $one = \is_array($said['samples'] ?? null) ? $said['samples'][$code] ?? null : null;
            if (!\is_array($one)) {
                throw Nonsense::sent("answer.samples.$code", $one, 'judge every sample');
            }
            foreach ($attributes as $attribute) {
                $just = $one[$attribute] ?? null;
                $kept[$code][$attribute] = (\is_string($just) ? Just::tryFrom($just)?->value : null) ?? throw Nonsense::sent("answer.samples.$code.$attribute", $just, 'say too little, right or too much');
            }
            $liking = $one['liking'] ?? null;
            $kept[$code]['liking'] = \is_int($liking) && $liking >= self::LIKING[0] && $liking <= self::LIKING[1] ? $liking : throw Nonsense::sent("answer.samples.$code.liking", $liking, 'give 1 (dislike extremely) to 9 (like extremely)');
        }

        return new self($served, ['samples' => $kept]);
    }

    /** Letter of the sample that was chosen; '' where none was. */
    public function chosen(): string
    {
        $chosen = $this->said['chosen'] ?? null;

        return \is_int($chosen) ? array_column($this->served, 'letter', 'code')[$chosen] ?? '' : '';
    }

    /** Whether it is the odd one, or the one that equals the reference; a preference is never right or wrong. */
    public function isRight(Method $method): bool
    {
        $letters = array_column($this->served, 'letter');

        return match ($method) {
            Method::Triangle => (array_count_values($letters)[$this->chosen()] ?? 0) === 1,
            Method::DuoTrio => $this->chosen() === $letters[0],
            Method::Paired => false,
        };
    }

    /** @return ?array<array-key, mixed> how a sample was judged by itself; null where it was not */
    public function judged(string $letter): ?array
    {
        foreach ($this->served as $one) {
            $of = \is_array($this->said['samples'] ?? null) ? $this->said['samples'][$one['code']] ?? null : null;
            if ($one['letter'] === $letter && \is_array($of) && \is_int($of['liking'] ?? null)) {
                return $of;
            }
        }

        return null;
    }
}
