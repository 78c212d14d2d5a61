<?php

declare(strict_types=1);

namespace Transmuta\Process;

/** When a set dessert may be cut: practitioners disagree, so a method shows one mark or both. */
enum ChillMarks: string
{
    case Both = 'both';
    case Hours = 'hours';
    case Night = 'night';
}
