<?php

declare(strict_types=1);

namespace Transmuta\Tests\Architecture;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;

/** The core names no framework, no HTTP, no database, no clock and no chance. */
final class CoreStandsAloneTest extends TestCase
{
    private const FORBIDDEN = [
        'framework' => '/\\\\?(Illuminate|Symfony|Laravel|Carbon|App)\\\\/',
        'database' => '/\b(PDO|mysqli|Eloquent|DB::)/',
        'http' => '/\b(curl_\w+|header\(|\$_(GET|POST|SERVER|REQUEST|COOKIE|SESSION|ENV)|http_\w+\(|fsockopen)/',
        'clock' => '/\b(time|microtime|hrtime|date|strtotime|mktime)\(|\bDateTime/',
        'chance' => '/\b(rand|mt_rand|random_int|random_bytes|shuffle|array_rand|uniqid)\(/',
        'environment' => '/\b(getenv|env|putenv|config|app)\(/',
    ];

    /** @return iterable<string, array{string}> */
    public static function files(): iterable
    {
        $root = \dirname(__DIR__, 2) . '/src';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            yield substr($file->getPathname(), \strlen($root) + 1) => [$file->getPathname()];
        }
    }

    #[DataProvider('files')]
    public function testNamesNothingOutsideItself(string $file): void
    {
        $code = (string) php_strip_whitespace($file);
        foreach (self::FORBIDDEN as $what => $pattern) {
            self::assertDoesNotMatchRegularExpression($pattern, $code, "the core may not name the $what");
        }
        self::assertStringContainsString('declare(strict_types=1)', $code);
    }

    public function testTheScanSeesWhatItForbids(): void
    {
        self::assertMatchesRegularExpression(self::FORBIDDEN['framework'], 'use Illuminate\\Support\\Str;');
        self::assertMatchesRegularExpression(self::FORBIDDEN['clock'], '$now = time();');
        self::assertMatchesRegularExpression(self::FORBIDDEN['chance'], 'return mt_rand(1, 6);');
        self::assertMatchesRegularExpression(self::FORBIDDEN['database'], 'new PDO($dsn)');
    }
}
