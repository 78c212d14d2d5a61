<?php

declare(strict_types=1);

$told = env('TRANSMUTA_HOSTS', '');
$names = explode(',', is_string($told) ? $told : '');

return [
    // Whether the demo may be signed in to with one press.
    'demo' => (bool) env('TRANSMUTA_DEMO', true),
    // Where tries at the door are counted; with what else is kept for a while where none is named.
    'doors' => env('DOORS_PATH', ''),
    // Names it answers to: loopback, and those it was told.
    'hosts' => array_values(array_filter(array_map(static fn(string $name): string => mb_strtolower(trim($name)), ['127.0.0.1', 'localhost', '[::1]', ...$names]), static fn(string $name): bool => $name !== '')),
];
