<?php

declare(strict_types=1);

namespace Transmuta\Tests\Architecture;

use PHPUnit\Framework\TestCase;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\ShelfFiles;

/**
 * No ingredient is named by code: what a rule needs to know of one is its class, its composition, what it does or its nature. Words that name a part,
 * a function, a group or a class as well as an ingredient ("water", "egg", "agar") may stand, but never beside an id.
 */
final class IdsTest extends TestCase
{
    public function testNoStringOfTheCoreIsTheIdOfAnIngredient(): void
    {
        $rows = ShelfFiles::rows();
        $words = ['jobs', 'iota', 'kappa'];
        foreach ($rows as $row) {
            foreach (['parts', 'functions', 'micro'] as $map) {
                \assert(\is_array($row[$map]));
                foreach (array_keys($row[$map]) as $key) {
                    $words = [...$words, ...explode('.', (string) $key), (string) $key];
                }
            }
            foreach (['origins', 'allergens', 'may_contain', 'cereals'] as $list) {
                \assert(\is_array($row[$list]));
                $words = [...$words, ...$row[$list]];
            }
            $words = [...$words, $row['group'], $row['class'], $row['fat_state']];
        }
        foreach (Reference::tables() as $table) {
            foreach ($table as $row) {
                $words[] = reset($row);
            }
        }
        $ids = array_diff(array_column($rows, 'id'), $words);
        $found = [];
        foreach (self::code() as $file => $code) {
            foreach (token_get_all($code) as $token) {
                if (\is_array($token) && $token[0] === \T_CONSTANT_ENCAPSED_STRING && \in_array(trim($token[1], '\'"'), $ids, true)) {
                    $found[] = "$file:{$token[2]} {$token[1]}";
                }
            }
        }
        self::assertSame([], $found);
    }

    public function testNoIdIsHeldAgainstAWord(): void
    {
        $found = [];
        foreach (self::code() as $file => $code) {
            if (preg_match_all('/(?:ingredient|\$in|\$egg|\$found|\$other)->id\s*[!=]==\s*\'|in_array\(\$\w+(?:->ingredient)?->id,\s*\[|match \(\$\w+(?:->ingredient)?->id\)|shelf->(?:get|find)\(\'[a-z-]+\'\)|(?:preg_match\(.{0,120}?, |str_(?:starts_with|ends_with|contains)\()\$(?:in|portion->ingredient|line->ingredient)->id\b/', $code, $m) > 0) {
                $found[$file] = $m[0];
            }
        }
        self::assertSame([], $found);
    }

    /** @return iterable<string, string> */
    private static function code(): iterable
    {
        $src = \dirname(__DIR__, 2) . '/src/';
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($src, \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            yield substr($file->getPathname(), \strlen($src)) => (string) file_get_contents($file->getPathname());
        }
    }
}
