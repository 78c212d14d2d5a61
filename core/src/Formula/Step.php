<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/** One step of the maker's own method. Its id (a ULID, or '' where nobody has given one) stays with it through edits. */
final readonly class Step
{
    /** Its number as a maker writes it, as a pattern: "3. ", "step 2) ". */
    public const NUMBER = '^\s*(?:step\s*)?\d{1,2}\s*[.):]\s+';

    public function __construct(public string $text, public string $id = '') {}

    /** The number words begin with, as it stands there; '' where they begin with none. */
    public static function number(string $text): string
    {
        return preg_match('~' . self::NUMBER . '~iu', $text, $m) === 1 ? $m[0] : '';
    }

    /** The words without the number they begin with. */
    public static function unnumbered(string $text): string
    {
        return (string) preg_replace('~' . self::NUMBER . '~iu', '', $text);
    }

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
