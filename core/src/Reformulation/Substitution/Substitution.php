<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Shelf\Ingredient;

/** Like for like: what stands in for an ingredient of a class, gram for gram times a ratio, and what comes along. A row of `core/data/substitution/substitutions.csv`. */
final readonly class Substitution
{
    /**
     * @param string $id key of the row; of one that no row gives, what it is
     * @param list<string> $diets words of the table under which it is looked up ({@see DietRows})
     * @param string $place where it is meant: any, base, filling, foam, crumb, dough, baked, topping
     * @param array<string, float> $mix shares by mass that sum to 1; empty where nothing stands in for it, and `note` says why
     * @param float $ratio g as weighed in, per g replaced
     * @param list<Helper> $helpers
     * @param float $boilOff g of water lost in the pan or oven per g replaced
     * @param bool $isBaked whether it must be baked before it is what it stands for
     * @param string $words what a cook does with it
     * @param string $note what is different, in a cook's words
     * @param string $mark provenance of the row
     * @param list<string> $only ingredients it is for, where it is for some of its class alone
     * @param bool $isAnother whether it makes another dessert: a row that follows a `none`
     * @param float $patched share of it whose own parts stand in, because they may not come in themselves
     */
    public function __construct(
        public string $id,
        public array $diets,
        public string $place,
        public array $mix,
        public float $ratio,
        public array $helpers,
        public float $boilOff,
        public bool $isBaked,
        public string $words,
        public string $note,
        public string $mark,
        public array $only = [],
        public bool $isAnother = false,
        public float $patched = 0.0,
    ) {}

    /** Another of the same class, where no row serves. */
    public static function sibling(string $ingredient, bool $isAnother): self
    {
        return new self("sibling.$ingredient", [], 'any', [$ingredient => 1.0], 1.0, [], 0.0, false, '', 'another of its kind', 'trade', [], $isAnother);
    }

    public function isFor(Ingredient $in): bool
    {
        return $this->only === [] || \in_array($in->id, $this->only, true) || \in_array($in->basedOn, $this->only, true);
    }

    public function isNone(): bool
    {
        return $this->mix === [];
    }

    /** Whether it is no row of the table but another of the same class. */
    public function isSibling(): bool
    {
        return $this->diets === [];
    }

    /** @param list<Helper> $helpers */
    public function helpedBy(array $helpers): self
    {
        return $this->with($helpers, $this->mix, $this->ratio, $this->patched, $this->note, $this->isAnother);
    }

    /** @param array<string, float> $mix */
    public function mixing(array $mix, float $ratio, float $patched): self
    {
        return $this->with($this->helpers, $mix, $ratio, $patched, $this->note, $this->isAnother);
    }

    /** The same as what is left once nothing nearer can be had: it makes another dessert, and says why. */
    public function another(string $why): self
    {
        return $this->with($this->helpers, $this->mix, $this->ratio, $this->patched, $why, true);
    }

    /**
     * @param list<Helper> $helpers
     * @param array<string, float> $mix
     */
    private function with(array $helpers, array $mix, float $ratio, float $patched, string $note, bool $isAnother): self
    {
        return new self($this->id, $this->diets, $this->place, $mix, $ratio, $helpers, $this->boilOff, $this->isBaked, $this->words, $note, $this->mark, $this->only, $isAnother, $patched);
    }
}
