<?php

declare(strict_types=1);

namespace Transmuta\Diet;

final readonly class Verdict
{
    /**
     * @param list<string> $because what breaks the diet
     * @param list<string> $unproven questions still open
     */
    private function __construct(public Diet $diet, public array $because, public array $unproven) {}

    /**
     * @param list<string> $because
     * @param list<string> $unproven
     */
    public static function of(Diet $diet, array $because, array $unproven): self
    {
        return new self($diet, array_values(array_unique($because)), array_values(array_unique($unproven)));
    }

    public function standing(): Standing
    {
        return match (true) {
            $this->because !== [] => Standing::NotMet,
            $this->unproven !== [] => Standing::Unproven,
            default => Standing::Met,
        };
    }
}
