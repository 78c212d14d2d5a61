<?php

declare(strict_types=1);

return [
    // The studio every request acts for until there is sign-in.
    'studio' => env('TRANSMUTA_STUDIO', 'observatory'),
];
