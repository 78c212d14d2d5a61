<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Evaluation;

enum DebtState: string
{
    case Paid = 'paid';
    case Short = 'short';
    case Lost = 'lost';
}
