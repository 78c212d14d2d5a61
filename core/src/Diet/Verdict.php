<?php

declare(strict_types=1);

namespace Transmuta\Diet;

final readonly class Verdict
{
    /**
     * @param list<string> $because what breaks the diet
     * @param list<string> $unproven questions still open
     * @param list<string> $proven what packets and certificates have answered
     */
    private function __construct(public Diet $diet, public array $because, public array $unproven, public array $proven) {}

    /**
     * @param list<string> $because
     * @param list<string> $unproven
     * @param list<string> $proven
     */
    public static function of(Diet $diet, array $because, array $unproven, array $proven = []): self
    {
        return new self($diet, array_values(array_unique($because)), array_values(array_unique($unproven)), array_values(array_unique($proven)));
    }

    public function standing(): Standing
    {
        return match (true) {
            $this->because !== [] => Standing::NotMet,
            $this->unproven !== [] => Standing::Unproven,
            default => Standing::Met,
        };
    }

    /** @return array{diet: string, standing: string, why: list<string>} in short: how it stands, and what breaks it or is still open */
    public function said(): array
    {
        return ['diet' => $this->diet->value, 'standing' => $this->standing()->value, 'why' => [...$this->because, ...$this->unproven]];
    }
}
