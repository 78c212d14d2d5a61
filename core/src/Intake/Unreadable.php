<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Fault\Failure;
use Transmuta\Fault\Nonsense;

/** A text that cannot be read as a formula: names the line (1 is the first), the reason and the mend. */
final class Unreadable extends \InvalidArgumentException implements Failure
{
    private function __construct(public readonly int $lineNumber, public readonly string $reason, public readonly string $mend)
    {
        parent::__construct(\sprintf('line %d: %s %s', $lineNumber, $reason, $mend));
    }

    public static function line(int $number, string $reason, string $mend): self
    {
        return new self($number, $reason, $mend);
    }

    public static function tooLong(int $lines, int $most): self
    {
        return new self($most + 1, \sprintf('The text has %d lines; one dish takes at most %d.', $lines, $most), 'Split it into dishes and paste one at a time; nothing was changed.');
    }

    public static function noLines(): self
    {
        return new self(1, 'There is no ingredient line.', 'Write at least one, such as "120 g lemon juice".');
    }

    /** A value of a form that cannot be meant: said in its own words, whatever form it came in. */
    public static function value(Nonsense $nonsense): self
    {
        return new self(1, $nonsense->getMessage(), 'Correct it and keep it again; nothing typed is lost.');
    }

    public static function json(string $reason): self
    {
        return new self(1, 'The JSON form cannot be read: ' . $reason . '.', 'See docs/formula.schema.json.');
    }
}
