<?php

declare(strict_types=1);

return [
    'driver' => env('SESSION_DRIVER', 'database'),
    // Minutes without a word until one signs in again: a working day.
    'lifetime' => 720,
    'expire_on_close' => false,
    'encrypt' => false,
    'files' => storage_path('framework/sessions'),
    'connection' => null,
    'table' => 'sessions',
    'store' => null,
    'lottery' => [1, 200],
    'cookie' => 'transmuta',
    'path' => '/',
    'domain' => null,
    // Sent over TLS only where the request came over it; on loopback there is none.
    'secure' => env('SESSION_SECURE_COOKIE'),
    'http_only' => true,
    'same_site' => 'strict',
    'partitioned' => false,
];
