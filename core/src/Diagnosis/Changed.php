<?php

declare(strict_types=1);

namespace Transmuta\Diagnosis;

use Transmuta\Formula\Formula;

/** A formula changed so that a fault does not come again: what was changed, and how the layer is foretold to set before and after. */
final readonly class Changed
{
    /** @param non-empty-list<string> $words */
    public function __construct(public Formula $formula, public array $words, public string $before, public string $after) {}

    /** @return array{words: list<string>, before: string, after: string} */
    public function write(): array
    {
        return ['words' => $this->words, 'before' => $this->before, 'after' => $this->after];
    }
}
