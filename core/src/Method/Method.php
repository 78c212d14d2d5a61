<?php

declare(strict_types=1);

namespace Transmuta\Method;

/** The maker's method, understood: what is done in which order to what, and what of the words is no step. */
final readonly class Method
{
    /**
     * @param list<Sentence> $sentences all of them, in order
     * @param list<Act> $acts in an order in which they may be done
     * @param list<Part> $unsaid lines that no sentence names: they go in where their layer begins
     */
    public function __construct(public array $sentences, public array $acts, public array $unsaid) {}

    /** @return list<Sentence> that nobody understands */
    public function unread(): array
    {
        return array_values(array_filter($this->sentences, static fn(Sentence $one): bool => $one->kind === SentenceKind::Unread));
    }
}
