<?php

declare(strict_types=1);

namespace Transmuta\Method;

/** A sentence of the method with what became of it: steps, or words that are none. Nothing of it is dropped. */
final readonly class Sentence
{
    /** @param int $step place of the step of the formula it stands in, from 0 */
    public function __construct(public int $step, public string $text, public SentenceKind $kind) {}
}
