<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

use Transmuta\Formula\Oven;

/** Where a step comes from: the maker's own sentence, or a draft where nobody wrote how it is made. */
final readonly class StepOrigin
{
    /**
     * @param ?string $operation what is done, a key of `operations.csv`; null: as the kind of the step says
     * @param ?int $sentence of the method it was read from, from 0; null where nobody wrote it
     * @param list<array{celsius: ?float, minutes: ?float}> $oven stages of a bake, as a still oven's; 0 °C is an oven that is turned off
     * @param ?Oven $kind of oven as it was said
     */
    public function __construct(public ?string $operation = null, public ?int $sentence = null, public array $oven = [], public ?Oven $kind = null) {}

    public function isOwn(): bool
    {
        return $this->sentence !== null;
    }
}
