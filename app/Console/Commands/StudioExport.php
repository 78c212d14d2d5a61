<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Archive\Packer;
use App\Models\Studio;
use Illuminate\Console\Command;

/** A whole studio to one file, from the console. */
final class StudioExport extends Command
{
    use Said;

    protected $signature = 'studio:export {studio : its name or short name} {file : where the archive is written}';

    protected $description = 'Writes a studio to an archive of open formats';

    public function handle(Packer $packer): int
    {
        $named = $this->said('studio');
        $file = $this->said('file');
        $query = Studio::query();
        $found = $query->where('slug', $named)->orWhere('name', $named)->get();
        $studio = $found->first();
        if ($studio === null || $found->count() > 1) {
            $this->error($studio === null ? "No studio is called \"$named\"." : "More than one is called \"$named\": give its short name.");
            $this->line('There are: ' . Studio::query()->toBase()->orderBy('slug')->pluck('slug')->implode(', '));

            return self::FAILURE;
        }
        if (file_exists($file) || !is_dir(\dirname($file)) || !is_writable(\dirname($file))) {
            $this->error(file_exists($file) ? "$file is there already; nothing is written over." : "$file cannot be written: is its folder there?");

            return self::FAILURE;
        }
        foreach ($packer->pack($studio, $file) as $part => $rows) {
            $this->line(\sprintf('%-32s %d', $part, $rows));
        }
        $this->info("Written to $file");

        return self::SUCCESS;
    }
}
