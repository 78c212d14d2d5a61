<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

/** One row of a pasted recipe and what it is taken for. */
final readonly class Row
{
    /**
     * @param int $number from 1, as in the text
     * @param string $text as written, trimmed
     * @param string $key of a `key: value` row; the name of a layer or of a heading in the method
     */
    public function __construct(public int $number, public string $text, public RowKind $kind, public string $key = '', public string $value = '') {}
}
