<?php

declare(strict_types=1);

namespace Transmuta\Tests\Architecture;

use PHPUnit\Framework\TestCase;

/** The edge table itself; that the code keeps it is held by phpat, in the same run as the static analysis. */
final class EdgesTest extends TestCase
{
    public function testNoNamespaceIsLeftOut(): void
    {
        $root = \dirname(__DIR__, 2) . '/src';
        self::assertEqualsCanonicalizing(array_map(basename(...), glob("$root/*", \GLOB_ONLYDIR) ?: []), array_keys(Edges::TABLE));
        self::assertSame(["$root/Engine.php"], glob("$root/*.php"), 'nothing else stands at the root');
    }

    public function testItHasNoCycle(): void
    {
        $known = [];
        foreach (Edges::TABLE as $namespace => $may) {
            self::assertSame([], array_values(array_diff($may, $known)), "$namespace may only know what stands above it");
            $known[] = $namespace;
        }
    }

    /** What a namespace names in its code is in the table: told apart from phpat, so that neither can fail unseen. */
    public function testTheCodeKeepsIt(): void
    {
        $root = \dirname(__DIR__, 2) . '/src';
        $found = 0;
        foreach (Edges::TABLE as $namespace => $may) {
            foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator("$root/$namespace", \FilesystemIterator::SKIP_DOTS)) as $file) {
                \assert($file instanceof \SplFileInfo);
                preg_match_all('/Transmuta\\\\([A-Z]\w+)/', (string) php_strip_whitespace($file->getPathname()), $names);
                foreach (array_diff(array_unique($names[1]), [$namespace]) as $other) {
                    self::assertContains($other, $may, $file->getPathname());
                    ++$found;
                }
            }
        }
        self::assertGreaterThan(300, $found);
    }
}
