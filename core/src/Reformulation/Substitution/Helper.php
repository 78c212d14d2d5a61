<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

/** What comes along with a substitution so that it does what it replaces: a row of `core/data/substitution/helpers.csv`. */
final readonly class Helper
{
    /**
     * @param string $ingredient id of the shelf
     * @param float $dose g per g of the basis; under 0 that much of it leaves the layer
     * @param ?Condition $condition where it is meant at all; null where always
     * @param list<self> $alternatives what it may be instead, in this order, where it may not come in itself
     */
    public function __construct(
        public string $ingredient,
        public float $dose,
        public Basis $basis,
        public ?Condition $condition = null,
        public array $alternatives = [],
    ) {}

    /**
     * @param float $substitute g of what stands in
     * @param float $layer g of the layer before its losses
     * @param float $replaced g of what is replaced
     *
     * @return float g
     */
    public function grams(float $substitute, float $layer, float $replaced): float
    {
        return $this->dose * match ($this->basis) {
            Basis::Substitute => $substitute,
            Basis::Layer => $layer,
            Basis::Replaced => $replaced,
        };
    }

    /** The same in the form of one of its alternatives, for which alone it then stands. */
    public function as(self $alternative): self
    {
        return new self($alternative->ingredient, $alternative->dose, $alternative->basis, $this->condition);
    }
}
