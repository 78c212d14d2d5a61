<?php

declare(strict_types=1);

namespace Transmuta\Property;

/** One thing that could go wrong, with the numbers behind it and what to do. */
final readonly class Warning
{
    /**
     * @param ?array{action: string, ingredient: string, grams?: float, for?: string} $cure a change that can be applied with a press: `boil-apart`, `heat`, `boil-layer`,
     *                                                                                   `add` or `weigh` (grams), `swap` (for another, grams is the share of the mass), `cook` (°C in grams),
     *                                                                                   `treat` or `tin` (its words in for), `scale` (every line of the dish, grams is the factor)
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public string $text,
        public ?int $layer = null,
        public ?array $cure = null,
    ) {}
}
