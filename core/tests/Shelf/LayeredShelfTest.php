<?php

declare(strict_types=1);

namespace Transmuta\Tests\Shelf;

use PHPUnit\Framework\TestCase;
use Transmuta\Provenance\Mark;
use Transmuta\Provenance\Provenance;
use Transmuta\Shelf\Composition;
use Transmuta\Shelf\LayeredShelf;
use Transmuta\Shelf\UnknownIngredient;
use Transmuta\Tests\Kit;

final class LayeredShelfTest extends TestCase
{
    public function testWithNothingOverItTheShelfIsItself(): void
    {
        self::assertSame(Kit::shelf(), LayeredShelf::over(Kit::shelf(), []));
    }

    public function testOneIngredientIsSeenDifferentlyAndTheOthersAsTheyWere(): void
    {
        $milk = Kit::shelf()->get('milk')->holding(Composition::of(['water' => 90.0, 'sugar.lactose' => 10.0]), Provenance::of(Mark::Memory, 'a test'));
        $shelf = LayeredShelf::over(Kit::shelf(), [$milk]);
        self::assertSame(10.0, $shelf->get('milk')->composition->of100('sugar.lactose'));
        self::assertSame($milk, $shelf->find('milk'));
        self::assertSame(Kit::shelf()->get('sugar'), $shelf->get('sugar'));
        self::assertCount(\count(Kit::shelf()->all()), $shelf->all());
        self::assertLessThan(10.0, Kit::shelf()->get('milk')->composition->of100('sugar.lactose'), 'the shelf below is not touched');
    }

    public function testWhatNeitherHasIsRefusedOrNull(): void
    {
        $shelf = LayeredShelf::over(Kit::shelf(), [Kit::shelf()->get('milk')]);
        self::assertNull($shelf->find('moonbeams'));
        $this->expectException(UnknownIngredient::class);
        $shelf->get('moonbeams');
    }
}
