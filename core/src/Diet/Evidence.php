<?php

declare(strict_types=1);

namespace Transmuta\Diet;

/** What somebody saw on a packet or a certificate: whether it meets a diet, when, until when, and who. Dates are year-month-day. */
final readonly class Evidence
{
    public function __construct(
        public string $ingredient,
        public Diet $diet,
        public bool $meets,
        public string $note,
        public string $seenOn,
        public ?string $expiresOn,
        public string $who,
    ) {}

    public function holdsOn(string $day): bool
    {
        return $this->seenOn <= $day && ($this->expiresOn === null || $day <= $this->expiresOn);
    }

    public function words(): string
    {
        return \sprintf('%s by %s on %s%s', $this->note !== '' ? $this->note : 'packet read', $this->who, $this->seenOn, $this->expiresOn === null ? '' : ', good until ' . $this->expiresOn);
    }
}
