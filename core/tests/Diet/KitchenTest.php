<?php

declare(strict_types=1);

namespace Transmuta\Tests\Diet;

use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Kitchen;

final class KitchenTest extends TestCase
{
    public function testWhatIsHandledIsCarriedOnlyWhereSomethingIsShared(): void
    {
        $shared = Kitchen::from(['handles' => ['nuts', 'milk', 'gluten'], 'shares' => ['mixers']]);
        self::assertSame(['gluten', 'nuts'], $shared->mayCarry(['milk']));
        self::assertSame([], $shared->mayCarry(['milk', 'nuts', 'gluten']));
        self::assertSame([], Kitchen::from(['handles' => ['nuts'], 'shares' => []])->mayCarry([]));
        self::assertSame([], Kitchen::from(['handles' => [], 'shares' => ['mixers']])->mayCarry([]));
    }

    public function testWhatIsNotKnownOfItIsNotSaid(): void
    {
        $kitchen = Kitchen::from(['handles' => ['nuts', 'moonlight', 7, ['x']], 'shares' => ['mixers', 'broom'], 'more' => 1]);
        self::assertSame(['handles' => ['nuts'], 'shares' => ['mixers']], $kitchen->toArray());
        self::assertSame('Made where nuts are handled, sharing mixers and bowls', $kitchen->words());
        self::assertSame('', Kitchen::from([])->words());
        self::assertSame('Made where nuts are handled, with nothing shared', Kitchen::from(['handles' => ['nuts']])->words());
    }
}
