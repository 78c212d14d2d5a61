<?php

declare(strict_types=1);

namespace Transmuta\Fault;

/** A value that cannot be meant, with the place it stands in and what to give instead. */
final class Nonsense extends \DomainException implements Failure
{
    /** Letters of what was sent that are shown again. */
    private const SHOWN = 40;

    private function __construct(public readonly string $field, public readonly string $mend, string $message)
    {
        parent::__construct($message);
    }

    public static function of(string $field, string $value, string $mend): self
    {
        return new self($field, $mend, \sprintf('%s: "%s" cannot be right; %s.', $field, $value, $mend));
    }

    /** The same of anything that was sent: shown as JSON, cut where it is long. */
    public static function sent(string $field, mixed $value, string $mend): self
    {
        return self::of($field, mb_substr((string) json_encode($value), 0, self::SHOWN), $mend);
    }

    /** What is wrong with something inside a larger whole, by its place there. */
    public static function in(string $field, Failure $failure): self
    {
        return new self($field, $failure instanceof self ? $failure->mend : '', "$field: {$failure->getMessage()}");
    }
}
