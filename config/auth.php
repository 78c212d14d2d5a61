<?php

declare(strict_types=1);

/*
 * Sign-in comes later. Until then every request acts for one studio, which the `studio` guard finds; policies already
 * ask which studio a record belongs to.
 */
return [
    'defaults' => ['guard' => 'studio', 'passwords' => 'none'],
    'guards' => ['studio' => ['driver' => 'studio', 'provider' => null]],
    'providers' => [],
    'passwords' => [],
];
