<?php

declare(strict_types=1);

namespace Transmuta\Process\Words;

/** Where somebody's words and the making of the formula as it stands do not agree. */
enum Quarrel: string
{
    /** The making tells this step otherwise than when the words were written. */
    case Changed = 'changed';
    /** The making has no such step any more. */
    case Gone = 'gone';
    /** The making has a step nobody has written about yet. */
    case New = 'new';
    /** It stands before something it needs. */
    case Early = 'early';
    /** It names an amount the formula has otherwise. */
    case Amount = 'amount';
}
