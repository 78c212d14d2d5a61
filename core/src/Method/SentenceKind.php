<?php

declare(strict_types=1);

namespace Transmuta\Method;

/** What a sentence of a method is. */
enum SentenceKind: string
{
    case Steps = 'steps';
    case Note = 'note';
    case Serving = 'serving';
    case Storage = 'storage';
    case Heading = 'heading';
    case Unread = 'unread';
}
