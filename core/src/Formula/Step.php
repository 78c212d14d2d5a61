<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/** One step of the maker's own method. Its id (a ULID, or '' where nobody has given one) stays with it through edits. */
final readonly class Step
{
    public function __construct(public string $text, public string $id = '') {}

    /**
     * @param list<string> $texts
     *
     * @return list<self> steps nobody has told apart yet
     */
    public static function all(array $texts): array
    {
        return array_map(static fn(string $text): self => new self($text), $texts);
    }
}
