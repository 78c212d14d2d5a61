<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

/** Something the text does not say in so many words, and why it is taken so. */
final readonly class Inference
{
    /**
     * @param 'title'|'language'|'family'|'measures'|'portions'|'serve at'|'layer'|'treat'|'tin'|'loss' $what
     * @param ?int $layer place among the layers from 0; null where it is of the dish
     * @param string $value in the words of the text form
     */
    public function __construct(public string $what, public ?int $layer, public string $value, public string $because) {}

    /** @return array{what: string, layer: ?int, value: string, because: string} */
    public function toArray(): array
    {
        return ['what' => $this->what, 'layer' => $this->layer, 'value' => $this->value, 'because' => $this->because];
    }
}
