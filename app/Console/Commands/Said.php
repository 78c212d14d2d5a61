<?php

declare(strict_types=1);

namespace App\Console\Commands;

/** What was said behind the name of a command. */
trait Said
{
    private function said(string $argument): string
    {
        return \is_string($value = $this->argument($argument)) ? $value : '';
    }
}
