<?php

declare(strict_types=1);

return [
    // Where the scale and the probe are spoken to (docs/instruments.md); none where it is empty.
    'socket' => env('INSTRUMENTS_SOCKET', ''),
];
