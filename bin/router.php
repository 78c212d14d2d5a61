<?php

declare(strict_types=1);

// For PHP's built-in server only: files of public/ are served as they are, everything else goes to the application.
$path = parse_url(is_string($_SERVER['REQUEST_URI'] ?? null) ? $_SERVER['REQUEST_URI'] : '/', PHP_URL_PATH);
if (is_string($path) && $path !== '/' && is_file(__DIR__ . '/../public' . rawurldecode($path)) && !str_contains($path, '..')) {
    return false;
}
require __DIR__ . '/../public/index.php';
