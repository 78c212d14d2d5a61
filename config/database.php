<?php

declare(strict_types=1);

// The one store; the rest is the framework's own default.
return [
    'default' => 'mariadb',
    'connections' => [
        'mariadb' => [
            'driver' => 'mariadb',
            // Reached over its socket alone; it listens nowhere.
            'unix_socket' => env('DB_SOCKET', ''),
            'host' => 'localhost',
            'database' => env('DB_DATABASE', 'transmuta'),
            'username' => env('DB_USERNAME', 'transmuta_app'),
            'password' => env('DB_PASSWORD', ''),
            'charset' => 'utf8mb4',
            'collation' => 'utf8mb4_unicode_ci',
            'prefix' => '',
            'strict' => true,
            // A worker keeps its connection between requests; PHP rolls back what a request left open.
            // Written into the statement here, by the driver and in the connection's own character set: one way to the store and back instead of
            // two. One statement at a time.
            'options' => [PDO::ATTR_EMULATE_PREPARES => true, PDO::MYSQL_ATTR_MULTI_STATEMENTS => false, PDO::ATTR_PERSISTENT => PHP_SAPI === 'fpm-fcgi', PDO::ATTR_TIMEOUT => 1],
        ],
    ],
];
