<?php

declare(strict_types=1);

namespace Transmuta\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/**
 * What is called with more than seven things is called with the wrong ones one day. A record's constructor lists its fields and is called by name; so are
 * the factories that only check and pass them on.
 */
final class SignatureTest extends TestCase
{
    private const MOST = 7;

    public function testNoMethodOfTheCoreTakesMoreThanSeven(): void
    {
        $root = \dirname(__DIR__, 2) . '/src/';
        $wide = $looked = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($root, \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            $name = 'Transmuta\\' . str_replace('/', '\\', substr($file->getPathname(), \strlen($root), -4));
            if (!class_exists($name) && !interface_exists($name) && !enum_exists($name)) {
                continue;
            }
            $class = new \ReflectionClass($name);
            foreach ($class->getMethods() as $method) {
                if ($method->class === $name) {
                    $looked[] = $method->name;
                    if ($method->getNumberOfParameters() > self::MOST && !self::isRecord($class, $method)) {
                        $wide[] = "$name::$method->name takes {$method->getNumberOfParameters()}";
                    }
                }
            }
        }
        self::assertGreaterThan(1000, \count($looked));
        self::assertSame([], $wide);
    }

    /**
     * The constructor of a read-only record, or a factory with fewer parameters than it has fields and the names of those.
     *
     * @param \ReflectionClass<object> $class
     */
    private static function isRecord(\ReflectionClass $class, \ReflectionMethod $method): bool
    {
        if (!$class->isReadOnly() && $method->name !== '__construct') {
            return false;
        }
        if ($method->isConstructor()) {
            return true;
        }
        $fields = array_map(static fn(\ReflectionProperty $field): string => $field->name, $class->getProperties());

        return $method->isStatic() && array_diff(array_map(static fn(\ReflectionParameter $one): string => $one->name, $method->getParameters()), $fields) === [];
    }
}
