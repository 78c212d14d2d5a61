<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Services\Page;
use PHPUnit\Framework\TestCase;

final class PageTest extends TestCase
{
    public function testOneRowMoreSaysThatOthersFollow(): void
    {
        $id = static fn(int $row): int => $row;
        self::assertSame([[], null], Page::of([], 2, $id));
        self::assertSame([[7], null], Page::of([7], 2, $id));
        self::assertSame([[7, 8], null], Page::of([7, 8], 2, $id));
        self::assertSame([[7, 8], 8], Page::of([7, 8, 9], 2, $id));
    }
}
