<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Evaluation;

/** How a route stands to its brief once everything that left has been settled. */
enum RouteStanding: string
{
    /** The brief is kept, every diet it asks is met with nothing left to prove, and every critical job is done within its tolerance. */
    case Met = 'met';

    /** All that can be reckoned is so, and a diet hangs on what a packet or a certificate says: each question is named. */
    case MetIf = 'met_if';

    /** The brief is kept, and something critical is short or lost: it is named. */
    case MetBut = 'met_but';

    /** The brief is not kept. */
    case Missed = 'missed';

    public function words(): string
    {
        return match ($this) {
            self::Met => 'met',
            self::MetIf => 'met, if',
            self::MetBut => 'met, but',
            self::Missed => 'missed',
        };
    }

    /** Whether nothing that can be reckoned stands against it: only a packet may still say no. */
    public function holds(): bool
    {
        return $this === self::Met || $this === self::MetIf;
    }

    /** The better it stands, the higher. */
    public function rank(): int
    {
        return match ($this) {
            self::Met => 3,
            self::MetIf => 2,
            self::MetBut => 1,
            self::Missed => 0,
        };
    }
}
