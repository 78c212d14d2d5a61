<?php

declare(strict_types=1);

namespace Transmuta\Formula;

use Transmuta\Fault\Nonsense;

/**
 * One ingredient line. `grams` is 0…100000 as weighed before any loss; `ingredient` is null while the line is not understood, and the
 * line then carries a `reason` and counts for nothing.
 */
final readonly class Line
{
    public const MOST_NOTE = 400;

    /**
     * @param list<string> $prep sub-steps of this line alone, values of {@see Form}
     * @param list<string> $suggestions ingredient ids that may be meant
     * @param ?string $doubt what is not accounted for in a line that is a guess, or how a slip was read
     * @param string $id a ULID, or '' where nobody has given one
     * @param string $note what the kitchen says of this line, at most {@see MOST_NOTE} characters
     * @param ?HeatMet $met what heat it meets by the maker's own steps: read off them, and never kept
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
        public ?string $doubt = null,
        public string $id = '',
        public string $note = '',
        public ?HeatMet $met = null,
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
        return $this->with(grams: self::of((string) $this->ingredient, $grams, $this->text)->grams);
    }

    /** @param list<string> $prep values of {@see Form} */
    public function prepared(array $prep): self
    {
        return $this->with(prep: $prep);
    }

    public function identified(string $id): self
    {
        return $this->with(id: $id);
    }

    public function noted(string $note): self
    {
        return $this->with(note: mb_substr(trim(preg_replace('/\s+/u', ' ', $note) ?? $note), 0, self::MOST_NOTE));
    }

    public function pinned(bool $pinned): self
    {
        return $this->with(pinned: $pinned);
    }

    public function traced(string $trace): self
    {
        return $this->with(trace: $trace);
    }

    /** No surer than that. */
    public function atMost(Confidence $confidence): self
    {
        return $this->with(confidence: $this->confidence->atMost($confidence));
    }

    /**
     * @param ?string $doubt why it is not sure what is meant
     * @param list<string> $suggestions ids that may be meant instead
     */
    public function doubting(?string $doubt, array $suggestions): self
    {
        return $this->with(doubt: $doubt, suggestions: $suggestions);
    }

    /** With what the maker's own steps do to it; null where they say nothing of it. */
    public function meeting(?HeatMet $met): self
    {
        return $this->with(met: $met);
    }

    private function with(mixed ...$changed): self
    {
        /** @var array{text: string, ingredient: ?string, grams: float, trace: string, confidence: Confidence, prep: list<string>, pinned: bool, reason: ?string, suggestions: list<string>, number: int, doubt: ?string, id: string, note: string, met: ?HeatMet} $all */
        $all = [...get_object_vars($this), ...$changed];

        return new self(...$all);
    }

    /** Computed as if it were so, and not yet known to be: read as a guess and not confirmed. */
    public function isProvisional(): bool
    {
        return $this->ingredient !== null && $this->confidence === Confidence::Guess;
    }

    public function has(string $prep): bool
    {
        return \in_array($prep, $this->prep, true);
    }
}
