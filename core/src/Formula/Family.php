<?php

declare(strict_types=1);

namespace Transmuta\Formula;

enum Family: string
{
    case Curd = 'curd';
    case Cream = 'cream';
    case Mousse = 'mousse';
    case Cheesecake = 'cheesecake';
    case Custard = 'custard';
    case Other = 'other';
}
