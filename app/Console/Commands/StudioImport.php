<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Archive\Unpacker;
use App\Models\User;
use Illuminate\Console\Command;
use Transmuta\Fault\Nonsense;

/** A studio out of an archive, from the console. */
final class StudioImport extends Command
{
    use Said;

    protected $signature = 'studio:import {file : an archive that studio:export wrote} {owner : what the owner of the new studio signs in with}';

    protected $description = 'Makes a new studio out of an archive; nothing that is there is touched';

    public function handle(Unpacker $unpacker): int
    {
        $file = $this->said('file');
        $query = User::query();
        $owner = $query->where('email', mb_strtolower($this->said('owner')))->first();
        if ($owner === null) {
            $this->error('Nobody signs in with that. Make them first: php artisan studio:owner.');

            return self::FAILURE;
        }
        if (!is_file($file)) {
            $this->error("$file is not there.");

            return self::FAILURE;
        }
        try {
            ['studio' => $studio, 'rows' => $rows] = $unpacker->unpack($file, $owner);
        } catch (Nonsense $wrong) {
            $this->error($wrong->getMessage());
            $this->line('Nothing was brought in.');

            return self::FAILURE;
        }
        foreach ($rows as $table => $n) {
            $this->line(\sprintf('%-20s %d', $table, $n));
        }
        $this->info("$studio->name is there as $studio->slug; $owner->name owns it.");

        return self::SUCCESS;
    }
}
