<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

/** How a route stands to its brief once everything that left has been settled. */
enum RouteStanding: string
{
    /** The brief is kept and every critical job is done within its tolerance. */
    case Met = 'met';

    /** The brief is kept, and something critical is short or lost: it is named. */
    case MetBut = 'met_but';

    /** The brief is not kept. */
    case Missed = 'missed';

    public function words(): string
    {
        return match ($this) {
            self::Met => 'met',
            self::MetBut => 'met, but',
            self::Missed => 'missed',
        };
    }
}
