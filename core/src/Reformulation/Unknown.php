<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

/** One mass to be solved for: bounds and start in g, and what it should stay near. */
final readonly class Unknown
{
    /**
     * @param float $near the original mass of a kept line, or the typical dose of a substitute, g
     * @param bool $kept a line of the original rather than a substitute
     * @param bool $fixed not solved for
     * @param bool $pinned held by the developer, and shown so
     * @param list<string> $prep
     */
    private function __construct(
        public string $ingredient,
        public float $least,
        public float $most,
        public float $near,
        public bool $kept,
        public bool $fixed,
        public array $prep,
        public string $text,
        public ?float $was,
        public bool $pinned = false,
    ) {}

    /**
     * A line of the original, free by 15 % unless it is held.
     *
     * @param list<string> $prep
     */
    public static function kept(string $ingredient, float $grams, bool $fixed, string $text = '', array $prep = [], float $freedom = 0.15, bool $pinned = false): self
    {
        return new self($ingredient, $grams * (1 - $freedom), $grams * (1 + $freedom), $grams, true, $fixed, $prep, $text, $grams, $pinned);
    }

    /** @param list<string> $prep */
    public static function substitute(string $ingredient, float $typical, float $least, float $most, bool $names, array $prep = []): self
    {
        $floor = $names ? max($least, 0.35 * $typical) : $least;

        return new self($ingredient, $floor, max($most, $floor), max($typical, 1e-3), false, false, $prep, '', null);
    }

    /**
     * A line of the original that a package also brings: it may shrink by 15 % or grow by the package's dose.
     *
     * @param list<string> $prep
     */
    public static function grown(string $ingredient, float $was, float $typical, float $most, string $text, array $prep): self
    {
        return new self($ingredient, 0.85 * $was, $was + $most, $was + $typical, false, false, $prep, $text, $was);
    }

    /** The same with its bounds let go: what it would take, were it allowed. */
    public function relaxed(): self
    {
        return new self($this->ingredient, 0.0, max(4.0 * $this->most, 4.0 * $this->near), $this->near, $this->kept, $this->fixed, $this->prep, $this->text, $this->was, $this->pinned);
    }

    /** Weighted distance from where it should stay: the solver's mildest wish. */
    public function pull(float $grams): float
    {
        return sqrt(0.15) * ($grams - $this->near) / max(1e-6, ($this->kept ? 0.10 : 0.5) * $this->near);
    }
}
