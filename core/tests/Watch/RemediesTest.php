<?php

declare(strict_types=1);

namespace Transmuta\Tests\Watch;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Reference\Remedies;
use Transmuta\Reference\Table;
use Transmuta\Shelf\ShelfFiles;

final class RemediesTest extends TestCase
{
    public function testEveryRemedyIsOnTheShelf(): void
    {
        $ids = array_column(ShelfFiles::rows(), 'id');
        $rows = Table::of('reference/remedies');
        self::assertNotSame([], $rows);
        foreach ($rows as $row) {
            self::assertContains($row['ingredient'], $ids);
        }
    }

    /** @return iterable<string, array{string, string}> */
    public static function rules(): iterable
    {
        foreach (glob(\dirname(__DIR__, 2) . '/src/Watch/Rules/*.php') ?: [] as $file) {
            $code = (string) file_get_contents($file);
            if (str_contains($code, 'Remedies::') && preg_match("/function name\\(\\): string\\s*\\{\\s*return '([a-z-]+)'/", $code, $m) === 1) {
                yield $m[1] => [$m[1], $code];
            }
        }
    }

    #[DataProvider('rules')]
    public function testARuleThatOffersSomethingHasItInTheTable(string $rule, string $code): void
    {
        self::assertNotSame([], Remedies::all($rule));
        if (str_contains($code, 'Remedies::of(self::name())')) {
            self::assertNotSame('', Remedies::of($rule));
        }
    }

    public function testNoRowIsForARuleThatDoesNotAskForIt(): void
    {
        self::assertSame([], array_values(array_diff(array_column(Table::of('reference/remedies'), 'rule'), array_keys(iterator_to_array(self::rules())))));
    }

    public function testWhatIsNotInTheTableIsRefused(): void
    {
        $this->expectException(\LogicException::class);
        Remedies::of('no-such-rule');
    }
}
