<?php

declare(strict_types=1);

namespace App\Access;

/** What somebody may do in a studio; every address of the API needs one of these, or says that it needs none. */
enum Ability: string
{
    /** Look at everything the kitchen works with. */
    case Read = 'read';

    /** Write down what was made and found: trials, lots, what is next. */
    case Record = 'record';

    /** Change dishes, versions, ingredients and what is chosen where practitioners disagree. */
    case Develop = 'develop';

    /** Who works here, what is removed for good, the studio's own settings, who did what. */
    case Govern = 'govern';
}
