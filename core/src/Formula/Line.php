<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/**
 * One ingredient line. `grams` is 0…100000 as weighed before any loss; `ingredient` is null while the line is not understood, and the
 * line then carries a `reason` and counts for nothing.
 */
final readonly class Line
{
    /**
     * @param list<string> $prep sub-steps of this line alone: `boiled`, `melted`, `whipped`, `heated`, `infused`
     * @param list<string> $suggestions ingredient ids that may be meant
     */
    private function __construct(
        public string $text,
        public ?string $ingredient,
        public float $grams,
        public string $trace,
        public Confidence $confidence,
        public array $prep,
        public bool $pinned,
        public ?string $reason,
        public array $suggestions,
        public int $number,
    ) {}

    /**
     * @param list<string> $prep
     *
     * @throws Nonsense if the mass is negative or above 100 kg
     */
    public static function of(
        string $ingredient,
        float $grams,
        string $text = '',
        string $trace = '',
        Confidence $confidence = Confidence::Sure,
        array $prep = [],
        bool $pinned = false,
        int $number = 0,
    ): self {
        if (!is_finite($grams) || $grams < 0.0 || $grams > 100_000.0) {
            throw Nonsense::of('grams', $text !== '' ? $text : \sprintf('%s g %s', $grams, $ingredient), 'give a mass between 0 and 100000 g');
        }

        return new self($text, $ingredient, $grams, $trace, $confidence, $prep, $pinned, null, [], $number);
    }

    /** @param list<string> $suggestions */
    public static function notUnderstood(string $text, string $reason, array $suggestions = [], int $number = 0): self
    {
        return new self($text, null, 0.0, '', Confidence::Guess, [], false, $reason, $suggestions, $number);
    }

    public function weighing(float $grams): self
    {
        return self::of((string) $this->ingredient, $grams, $this->text, $this->trace, $this->confidence, $this->prep, $this->pinned, $this->number);
    }

    public function pinned(bool $pinned): self
    {
        return new self($this->text, $this->ingredient, $this->grams, $this->trace, $this->confidence, $this->prep, $pinned, $this->reason, $this->suggestions, $this->number);
    }

    /** The same line under the words it was first written in. */
    public function saying(string $text): self
    {
        return new self($text, $this->ingredient, $this->grams, $this->trace, $this->confidence, $this->prep, $this->pinned, $this->reason, $this->suggestions, $this->number);
    }

    public function has(string $prep): bool
    {
        return \in_array($prep, $this->prep, true);
    }
}
