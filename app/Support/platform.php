<?php

declare(strict_types=1);

/*
 * Stand-ins for small packages that the framework asks for and that a plain PHP 8.2 can supply itself:
 * the PSR-20 clock interface of symfony/clock (Carbon implements it) and four
 * functions of PHP 8.5.
 * They are declared only where nothing else has declared them.
 */

namespace Symfony\Component\Clock {
    if (!interface_exists(ClockInterface::class)) {
        interface ClockInterface extends \Psr\Clock\ClockInterface
        {
            public function sleep(float|int $seconds): void;

            public function withTimeZone(\DateTimeZone|string $timezone): static;
        }
    }

    if (!class_exists(NativeClock::class)) {
        final class NativeClock implements ClockInterface
        {
            private readonly \DateTimeZone $timezone;

            public function __construct(\DateTimeZone|string|null $timezone = null)
            {
                $this->timezone = \is_string($timezone)
                    ? new \DateTimeZone($timezone)
                    : $timezone ?? new \DateTimeZone(date_default_timezone_get());
            }

            public function now(): \DateTimeImmutable
            {
                return new \DateTimeImmutable('now', $this->timezone);
            }

            public function sleep(float|int $seconds): void
            {
                usleep((int) round($seconds * 1_000_000));
            }

            public function withTimeZone(\DateTimeZone|string $timezone): static
            {
                return new static($timezone);
            }
        }
    }
}

namespace {
    if (!function_exists('array_first')) {
        /**
         * @param array<array-key, mixed> $array
         */
        function array_first(array $array): mixed
        {
            return $array === [] ? null : $array[array_key_first($array)];
        }
    }

    if (!function_exists('array_last')) {
        /**
         * @param array<array-key, mixed> $array
         */
        function array_last(array $array): mixed
        {
            return $array === [] ? null : $array[array_key_last($array)];
        }
    }

    if (!function_exists('get_error_handler')) {
        function get_error_handler(): ?callable
        {
            $handler = set_error_handler(static fn(): bool => false);
            restore_error_handler();

            return $handler;
        }
    }

    if (!function_exists('get_exception_handler')) {
        function get_exception_handler(): ?callable
        {
            $handler = set_exception_handler(static fn(\Throwable $e) => throw $e);
            restore_exception_handler();

            return $handler;
        }
    }
}
