<?php

declare(strict_types=1);

namespace Transmuta\Instrument;

/** What can be wrong with an instrument; asked for, so that a kitchen learns what it looks like. */
enum Trouble: string
{
    case None = 'none';
    case Battery = 'battery';
    case Gone = 'gone';
    /** Of a probe: it hangs beside the pot and reads the air. */
    case Out = 'out';
}
