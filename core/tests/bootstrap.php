<?php

declare(strict_types=1);

// The core is tested by itself: this loads its own classes and nothing of the application's.
spl_autoload_register(static function (string $class): void {
    foreach (['Transmuta\\Tests\\' => __DIR__, 'Transmuta\\' => __DIR__ . '/../src'] as $prefix => $dir) {
        if (str_starts_with($class, $prefix)) {
            $file = $dir . '/' . str_replace('\\', '/', substr($class, strlen($prefix))) . '.php';
            if (is_file($file)) {
                require $file;
            }

            return;
        }
    }
});
