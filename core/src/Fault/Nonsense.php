<?php

declare(strict_types=1);

namespace Transmuta\Fault;

/** A value that cannot be meant, with the place it stands in and what to give instead. */
final class Nonsense extends \DomainException implements Failure
{
    private function __construct(public readonly string $field, public readonly string $mend, string $message)
    {
        parent::__construct($message);
    }

    public static function of(string $field, string $value, string $mend): self
    {
        return new self($field, $mend, \sprintf('%s: "%s" cannot be right; %s.', $field, $value, $mend));
    }

    /** What is wrong with something inside a larger whole, by its place there. */
    public static function in(string $field, Failure $failure): self
    {
        return new self($field, $failure instanceof self ? $failure->mend : '', "$field: {$failure->getMessage()}");
    }
}
