<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Formula\Confidence;

/** What the shelf answers to a phrase, and what of the phrase that answer leaves unaccounted for. */
final readonly class Found
{
    /**
     * @param ?string $id null where nothing answers, or where two answer about as well
     * @param list<string> $suggestions ids, likeliest first
     * @param list<string> $left words of the phrase the answer does not account for
     * @param ?string $doubt why it is not sure, in a few words; null where it is
     */
    public function __construct(
        public ?string $id,
        public Confidence $confidence,
        public array $suggestions = [],
        public array $left = [],
        public ?string $doubt = null,
    ) {}

    public static function nothing(string ...$suggestions): self
    {
        return new self(null, Confidence::Guess, array_values($suggestions));
    }

    public function atMost(Confidence $confidence, ?string $doubt = null): self
    {
        return $this->id === null || $this->confidence->atMost($confidence) === $this->confidence
            ? $this
            : new self($this->id, $confidence, $this->suggestions, $this->left, $this->doubt ?? $doubt);
    }

    /** A sure answer before a likely one, that before a guess, and any before none. */
    public function rank(): int
    {
        return $this->id === null ? 0 : match ($this->confidence) {
            Confidence::Sure => 3,
            Confidence::Likely => 2,
            Confidence::Guess => 1,
        };
    }
}
