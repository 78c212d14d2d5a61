<?php

declare(strict_types=1);

return [
    'stores' => [
        // Servers beside each other on one checkout, as the tests have them, keep apart what they remember.
        'file' => ['driver' => 'file', 'path' => env('CACHE_PATH', storage_path('framework/cache/data')), 'lock_path' => env('CACHE_PATH', storage_path('framework/cache/data'))],
    ],
];
