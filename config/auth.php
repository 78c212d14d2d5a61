<?php

declare(strict_types=1);

/* People sign in with a session; their scripts with tokens. At which studio, and as what, is said by App\Access\Here. */
return [
    'defaults' => ['guard' => 'web', 'passwords' => 'none'],
    'guards' => [
        'web' => ['driver' => 'session', 'provider' => 'users'],
        'sanctum' => ['driver' => 'sanctum', 'provider' => 'users'],
    ],
    'providers' => ['users' => ['driver' => 'eloquent', 'model' => App\Models\User::class]],
    'passwords' => [],
    'password_timeout' => 3600,
];
