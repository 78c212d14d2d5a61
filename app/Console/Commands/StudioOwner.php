<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Models\User;
use App\Services\Doors;
use Illuminate\Console\Command;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;

/** A studio and its owner from the console, where a browser is not at hand. */
final class StudioOwner extends Command
{
    use Said;

    protected $signature = 'studio:owner {studio : what the studio is called} {name : how the owner signs} {email : what they sign in with}';

    protected $description = 'Makes a studio and its owner, and tells the password once';

    public function handle(): int
    {
        $email = mb_strtolower($this->said('email'));
        $known = User::query();
        if (filter_var($email, \FILTER_VALIDATE_EMAIL) === false || $known->where('email', $email)->exists()) {
            $this->error('That is no address, or somebody has it already.');

            return self::FAILURE;
        }
        $password = implode(' ', str_split(Str::lower(Str::random(20)), 5));
        DB::transaction(fn(): User => Doors::found($this->said('studio'), $this->said('name'), $email, $password));
        $this->line("$email signs in with: $password");

        return self::SUCCESS;
    }
}
