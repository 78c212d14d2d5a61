<?php

declare(strict_types=1);

namespace App\Access;

/** As what somebody works at a studio. */
enum Role: string
{
    case Owner = 'owner';
    case Developer = 'developer';
    case Cook = 'cook';
    case Taster = 'taster';
    case Reader = 'reader';

    /** The one table of who may do what; anything that is not in it is not allowed. */
    private const MAY = [
        'owner' => [Ability::Read, Ability::Record, Ability::Develop, Ability::Govern],
        'developer' => [Ability::Read, Ability::Record, Ability::Develop],
        'cook' => [Ability::Read, Ability::Record],
        'taster' => [Ability::Read],
        'reader' => [Ability::Read],
    ];

    public function may(Ability $ability): bool
    {
        return \in_array($ability, self::MAY[$this->value], true);
    }
}
