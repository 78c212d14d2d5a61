<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\OwnIngredient;
use App\Models\Studio;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Transmuta\Shelf\ShelfFiles;

/** Brings the reference rows of the core's data files into the store. What studios added or see differently is left alone. */
final class ShelfSync extends Command
{
    protected $signature = 'shelf:sync';

    protected $description = 'Bring the reference shelf in the store up to the data files';

    public function handle(): int
    {
        $known = DB::table('reference_ingredients')->pluck('hash', 'slug')->all();
        $changed = [];
        foreach (ShelfFiles::rows() as $row) {
            $hash = OwnIngredient::fingerprint($row);
            $slug = \is_string($row['id']) ? $row['id'] : '';
            if (($known[$slug] ?? null) !== $hash) {
                $changed[] = ['slug' => $slug, 'name' => $row['name'], 'hash' => $hash, 'content' => json_encode($row, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE), 'created_at' => now(), 'updated_at' => now()];
            }
            unset($known[$slug]);
        }
        $gone = array_keys($known);
        DB::transaction(static function () use ($changed, $gone): void {
            foreach (array_chunk($changed, 100) as $chunk) {
                DB::table('reference_ingredients')->upsert($chunk, ['slug'], ['name', 'hash', 'content', 'updated_at']);
            }
            DB::table('reference_ingredients')->whereIn('slug', $gone)->delete();
            if ($changed !== [] || $gone !== []) {
                Studio::query()->increment('shelf_revision');
            }
        });
        $this->line(\sprintf('Reference shelf: %d rows brought in, %d left, %d as they were.', \count($changed), \count($gone), \count(ShelfFiles::rows()) - \count($changed)));

        return self::SUCCESS;
    }
}
