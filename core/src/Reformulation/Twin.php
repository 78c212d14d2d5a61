<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Shelf\Ingredient;

/** Like for like: what stands in for an ingredient of a class, gram for gram times a ratio, and what comes along. */
final readonly class Twin
{
    /**
     * @param array<string, float> $mix shares by mass that sum to 1; empty where nothing stands in for it, and `note` says why
     * @param float $ratio g as weighed in, per g replaced
     * @param list<array{id: string, share: float, of: 'twin'|'layer'|'replaced', when: ?Condition, or: list<array{id: string, share: float, of: 'twin'|'layer'|'replaced'}>}> $helpers a negative share is taken out; `when` it is for some only, and what it may be instead
     * @param float $boilOff g of water lost in the pan or oven per g replaced
     * @param bool $isBaked whether it must be baked before it is what it stands for
     * @param bool $isAnother whether it makes another dessert under the same roof: a row that follows a `none`
     * @param float $patched share of it whose own parts stand in, because they may not come in themselves
     * @param list<string> $only words of an id, where the row is for some of its class alone
     * @param string $words what a cook does with it
     * @param string $note what is different, in a cook's words
     */
    public function __construct(
        public string $diet,
        public string $where,
        public array $mix,
        public float $ratio,
        public array $helpers,
        public float $boilOff,
        public bool $isBaked,
        public bool $isAnother,
        public string $words,
        public string $note,
        public string $mark,
        public float $patched = 0.0,
        public array $only = [],
    ) {}

    public function isFor(Ingredient $in): bool
    {
        return $this->only === [] || array_intersect($this->only, explode('-', $in->id)) !== [];
    }

    public function isNone(): bool
    {
        return $this->mix === [];
    }

    /** @param list<array{id: string, share: float, of: 'twin'|'layer'|'replaced', when: ?Condition, or: list<array{id: string, share: float, of: 'twin'|'layer'|'replaced'}>}> $helpers */
    public function helpedBy(array $helpers): self
    {
        return new self($this->diet, $this->where, $this->mix, $this->ratio, $helpers, $this->boilOff, $this->isBaked, $this->isAnother, $this->words, $this->note, $this->mark, $this->patched, $this->only);
    }

    /** @param array<string, float> $mix */
    public function mixing(array $mix, float $ratio, ?float $patched = null): self
    {
        return new self($this->diet, $this->where, $mix, $ratio, $this->helpers, $this->boilOff, $this->isBaked, $this->isAnother, $this->words, $this->note, $this->mark, $patched ?? $this->patched, $this->only);
    }

    /** The same as what is left once nothing nearer can be had: another dessert under the same roof. */
    public function another(string $why): self
    {
        return new self($this->diet, $this->where, $this->mix, $this->ratio, $this->helpers, $this->boilOff, $this->isBaked, true, $this->words, $why, $this->mark, $this->patched, $this->only);
    }
}
