<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

/** What the dose of a helper is a share of, by mass. */
enum Basis: string
{
    /** What stands in, as it is weighed in. */
    case Substitute = 'substitute';

    /** The whole layer before its losses. */
    case Layer = 'layer';

    /** What is replaced. */
    case Replaced = 'replaced';
}
