<?php

declare(strict_types=1);

namespace App\Instruments;

use Transmuta\Instrument\ProbeReading;
use Transmuta\Instrument\ScaleReading;

/**
 * The scale and the probe beside a run. What stands behind it is another's matter: the simulated ones that ship, or a gateway in the kitchen that
 * speaks the same lines (docs/instruments.md).
 */
interface Instruments
{
    /** @return ?array{scale: ScaleReading, probe: ProbeReading, speed: float, is_simulated: bool} null where no instrument answers */
    public function read(string $channel): ?array;

    /**
     * Says one thing to them.
     *
     * @return bool whether it was heard and done
     */
    public function say(string $channel, string $line): bool;
}
