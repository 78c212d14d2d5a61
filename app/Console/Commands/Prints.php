<?php

declare(strict_types=1);

namespace App\Console\Commands;

/** One JSON object out, a fault in one line on standard error. */
trait Prints
{
    private function fault(string $message): void
    {
        fwrite(\STDERR, $message . "\n");
    }

    /** @param array<string, mixed> $data */
    private function json(array $data): void
    {
        $this->output->writeln((string) json_encode($data, JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR | JSON_PRESERVE_ZERO_FRACTION), \Symfony\Component\Console\Output\OutputInterface::OUTPUT_RAW);
    }
}
