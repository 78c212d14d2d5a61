<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Services\Compiled;
use App\Services\StudioShelf;
use Illuminate\Support\Facades\DB;

/** Data kept as a file for the next request: made anew where what it is made of has changed, where it cannot be read, and never left to lie about. */
final class CompiledTest extends FeatureCase
{
    private const FAMILY = 'compiled-test';

    protected function tearDown(): void
    {
        foreach (glob(self::kept('*')) ?: [] as $file) {
            unlink($file);
        }
        parent::tearDown();
    }

    private static function kept(string $name): string
    {
        return storage_path('framework/cache/' . self::FAMILY . "$name");
    }

    public function testItIsMadeOnceForAName(): void
    {
        $made = static fn(int $what): array => Compiled::of(self::FAMILY, $what < 3 ? 'a' : 'b', static fn(): array => ['made' => $what]);
        self::assertSame([['made' => 1], ['made' => 1], ['made' => 3]], array_map($made, [1, 2, 3]));
        self::assertFileDoesNotExist(Compiled::file(self::FAMILY, 'a'));
        self::assertFileExists(Compiled::file(self::FAMILY, 'b'));
    }

    /** A deploy that changes the shape of what is kept does not read the shape of before. */
    /** code A15 */
    public function testA15OtherCodeMakesItAnew(): void
    {
        $made = static fn(int $what): array => Compiled::of(self::FAMILY, 'a', static fn(): array => ['made' => $what]);
        $stamp = storage_path('framework/cache/code.stamp');
        self::assertSame(1, $made(1)['made']);
        $now = (string) file_get_contents($stamp);
        self::assertMatchesRegularExpression('/^[0-9a-f]{8}$/', $now);
        file_put_contents($stamp, 'anothers');
        self::assertSame(2, $made(2)['made']);
        unlink($stamp);
        self::assertSame(3, $made(3)['made']);
        self::assertSame($now, file_get_contents($stamp), 'the same code is the same number');
    }

    public function testWhatFilesItIsMadeOfHaveChangedIsSeenEveryOtherSecond(): void
    {
        $source = self::kept('.source');
        touch($source, time() - 100);
        $read = static fn(): array => Compiled::ofFiles(self::FAMILY, static fn(): array => [$source], static fn(): array => ['at' => filemtime($source)]);
        $first = $read()['at'];
        touch($source, time() - 50);
        clearstatcache();
        self::assertSame($first, $read()['at'], 'looked at a moment ago');
        touch(self::kept('.stamp'), time() - 5);
        clearstatcache();
        self::assertGreaterThan($first, $read()['at']);
    }

    /** The number of a change that is taken back is given to the next: what was read in between is not what that one says. */
    public function testAShelfReadWithinAChangeThatIsTakenBackIsNotKept(): void
    {
        $studio = $this->studio();
        $name = static fn(): string => (new StudioShelf($studio->refresh()))->shelf()->get('sugar')->name;
        $was = $name();
        $rename = static function (string $to) use ($studio): void {
            $row = DB::table('reference_ingredients')->where('slug', 'sugar');
            $row->update(['content' => json_encode(['name' => $to] + (array) json_decode((string) $row->value('content'), true))]);
            DB::table('studios')->where('id', $studio->id)->increment('shelf_revision');
        };
        DB::beginTransaction();
        $rename('Sugar that was taken back');
        self::assertSame('Sugar that was taken back', $name());
        DB::rollBack();
        self::assertSame($was, $name());
        $rename('Sugar that stands');
        self::assertSame('Sugar that stands', $name());
    }

    public function testWhatNobodyMadeAnewForWeeksLeaves(): void
    {
        $old = self::kept('-of-a-store-long-gone.php');
        $young = self::kept('-of-another-store.php');
        file_put_contents($old, '<?php return [];');
        file_put_contents($young, '<?php return [];');
        touch($old, time() - 15 * 86_400);
        Compiled::of(self::FAMILY . '-other', 'a', static fn(): array => []);
        self::assertFileDoesNotExist($old);
        self::assertFileExists($young);
    }
}
