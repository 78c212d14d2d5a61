<?php

declare(strict_types=1);

namespace Transmuta\Watch;

/** One thing that could go wrong, with the numbers behind it and what to do. */
final readonly class Warning
{
    /** @param ?array{action: string, ingredient: string} $cure a change the engine can make by itself */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public string $text,
        public ?int $layer = null,
        public ?array $cure = null,
    ) {}
}
