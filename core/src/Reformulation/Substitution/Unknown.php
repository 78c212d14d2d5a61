<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Formula\Line;
use Transmuta\Reformulation\Deviation\Weights;

/** One mass to be solved for: bounds and start in g, and what it should stay near. */
final readonly class Unknown
{
    /** How far it goes for one unit of the mildest wish, as a share of where it should stay: kept, free to give way, come in. */
    private const KEPT = 0.10;
    private const FREED = 0.8;
    private const NEW = 0.5;

    /** Weight of the wish to stay near, against a property that is off by its tolerance (practice: reformulating). */
    private const PULL = 0.15;

    /**
     * @param float $near the original mass of a kept line, or the typical dose of a substitute, g
     * @param bool $kept a line of the original rather than a substitute
     * @param bool $fixed not solved for
     * @param bool $pinned held by the developer, and shown so
     * @param float $give share of `near` it goes for one unit of pull
     * @param bool $names whether the route is named by it, so that it stays
     * @param float $useful under this a substitute is not worth weighing, g
     * @param list<string> $prep
     * @param ?Line $of the line of the original it is, with its id, its words and its doubt; null for a substitute
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
        public float $give = self::NEW,
        public float $useful = 0.0,
        public bool $names = false,
        public ?Line $of = null,
    ) {}

    /**
     * A line of the original, free by a share of its grams (`free.kept`) unless it is held.
     */
    public static function kept(Line $line, bool $fixed, ?float $freedom = null, bool $pinned = false): self
    {
        $freedom ??= Weights::of('free.kept');

        return new self((string) $line->ingredient, $line->grams * (1 - $freedom), $line->grams * (1 + $freedom), $line->grams, true, $fixed, $line->prep, $line->text, $line->grams, $pinned, self::KEPT, of: $line);
    }

    /**
     * A line of the original that may give way, all of it, to what takes its place.
     */
    public static function freed(Line $line, float $near): self
    {
        return new self((string) $line->ingredient, 0.0, Weights::of('free.over') * $line->grams, max(1e-3, $near), true, false, $line->prep, $line->text, $line->grams, false, self::FREED, of: $line);
    }

    /** @param list<string> $prep */
    public static function substitute(string $ingredient, float $typical, float $least, float $most, bool $names, array $prep = [], float $useful = 0.0): self
    {
        $floor = $names ? max($least, Weights::of('new.floor') * $typical) : $least;

        return new self($ingredient, $floor, max($most, $floor), max($typical, 1e-3), false, false, $prep, '', null, false, self::NEW, $useful, $names);
    }

    /** A line of the original that something also brings: it may shrink by 15 % or grow by the dose, g. */
    public function grown(float $typical, float $least, float $most): self
    {
        $was = (float) $this->was;

        return new self($this->ingredient, (1.0 - Weights::of('free.kept')) * $was + $least, $was + max($most, $least), $was + $typical, false, false, $this->prep, $this->text, $was, of: $this->of);
    }

    /** The same where the route is named by it, or is not. */
    public function naming(bool $names): self
    {
        return new self($this->ingredient, $this->least, $this->most, $this->near, $this->kept, $this->fixed, $this->prep, $this->text, $this->was, $this->pinned, $this->give, $this->useful, $names, $this->of);
    }

    /** A line of the original that stays at its own figure. */
    public function held(): self
    {
        return new self($this->ingredient, $this->near, $this->near, $this->near, $this->kept, true, $this->prep, $this->text, $this->was, $this->pinned, $this->give, $this->useful, $this->names, $this->of);
    }

    /** The same with its bounds let go: what it would take, were it allowed. */
    public function relaxed(): self
    {
        return $this->bounded(0.0, Weights::of('relaxed') * max($this->most, $this->near));
    }

    /** The same with other bounds, g. */
    public function bounded(float $least, float $most): self
    {
        return new self($this->ingredient, $least, max($least, $most), $this->near, $this->kept, $this->fixed, $this->prep, $this->text, $this->was, $this->pinned, $this->give, $this->useful, $this->names, $this->of);
    }

    /** The same free to shrink to this share of where it should stay, and pulled there no more than a substitute is. */
    public function loosened(float $share): self
    {
        return new self($this->ingredient, $this->names ? $this->least : min($this->least, $share * $this->near), $this->most, $this->near, $this->kept, $this->fixed, $this->prep, $this->text, $this->was, $this->pinned, max($this->give, self::NEW), $this->useful, $this->names, $this->of);
    }

    /** @param list<string> $prep more of its own sub-steps */
    public function prepared(array $prep): self
    {
        return new self($this->ingredient, $this->least, $this->most, $this->near, $this->kept, $this->fixed, array_values(array_unique([...$this->prep, ...$prep])), $this->text, $this->was, $this->pinned, $this->give, $this->useful, $this->names, $this->of);
    }

    /** The same mass of something else. */
    public function insteadOf(string $ingredient): self
    {
        return new self($ingredient, $this->least, $this->most, $this->near, $this->kept, $this->fixed, $this->prep, $this->text, $this->was, $this->pinned, $this->give, $this->useful, $this->names, $this->of);
    }

    /** This mass, or the nearest it may have, g. */
    public function within(float $grams): float
    {
        return max($this->least, min($this->most, $grams));
    }

    /** Weighted distance from where it should stay: the solver's mildest wish. */
    public function pull(float $grams): float
    {
        return sqrt(self::PULL) * ($grams - $this->near) / max(1e-6, $this->give * $this->near);
    }
}
