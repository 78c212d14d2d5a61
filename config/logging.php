<?php

declare(strict_types=1);

use Monolog\Formatter\JsonFormatter;
use Monolog\Handler\NullHandler;
use Monolog\Handler\RotatingFileHandler;

// One JSON object a line, two weeks of them. What is logged says what failed and where, never what somebody wrote or who they are.
return [
    'default' => env('LOG_CHANNEL', 'single'),
    'channels' => [
        'single' => [
            'driver' => 'monolog', 'level' => 'info', 'handler' => RotatingFileHandler::class,
            'handler_with' => ['filename' => storage_path('logs/transmuta.log'), 'maxFiles' => 14, 'filePermission' => 0640],
            'formatter' => JsonFormatter::class, 'formatter_with' => ['includeStacktraces' => true],
        ],
        'null' => ['driver' => 'monolog', 'handler' => NullHandler::class],
    ],
];
