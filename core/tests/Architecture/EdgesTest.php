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

    /** The decision goes one way: what is asked, how far off a layer is, what may stand in, what it weighs, what came of it, which is best, and how it is told. */
    public function testTheRoomsOfTheDecisionGoOneWay(): void
    {
        $root = \dirname(__DIR__, 2) . '/src/Reformulation';
        self::assertEqualsCanonicalizing(array_map(basename(...), glob("$root/*", \GLOB_ONLYDIR) ?: []), array_keys(Edges::ROOMS));
        $known = [];
        $found = 0;
        foreach (Edges::ROOMS as $room => $may) {
            self::assertSame([], array_values(array_diff($may, $known)), "$room may only know what stands before it");
            $known[] = $room;
            foreach (glob("$root/$room/*.php") ?: [] as $file) {
                preg_match_all('/Transmuta\\\\Reformulation\\\\(\w+)/', (string) php_strip_whitespace($file), $names);
                foreach (array_diff(array_unique($names[1]), [$room]) as $other) {
                    self::assertContains($other, $may, $file);
                    ++$found;
                }
            }
        }
        self::assertGreaterThan(30, $found);
    }

    /** Nothing knows what knows it, by whatever way round; records of the store alone point at each other as their rows do. */
    public function testNoClassKnowsWhatKnowsIt(): void
    {
        $root = \dirname(__DIR__, 3);
        $core = ClassGraph::of("$root/core/src", 'Transmuta');
        self::assertGreaterThan(450, \count($core));
        self::assertContains('Transmuta\\Shelf\\Shelf', $core['Transmuta\\Engine'] ?? [], 'the graph sees what is named');
        self::assertSame([], ClassGraph::cycles($core));
        self::assertSame([['a', 'b', 'c']], ClassGraph::cycles(['a' => ['b'], 'b' => ['c'], 'c' => ['a'], 'd' => ['a']]), 'a way round is seen');
        $app = array_filter(ClassGraph::cycles(ClassGraph::of("$root/app", 'App')), static fn(array $group): bool => array_filter($group, static fn(string $class): bool => !str_starts_with($class, 'App\\Models\\')) !== []);
        self::assertSame([], array_values($app));
    }
}
