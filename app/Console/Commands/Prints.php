<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Transmuta\Fault\Nonsense;
use Transmuta\Intake\Unreadable;

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

    /**
     * Runs what may be refused, and tells why by its place.
     *
     * @param callable(): int $does
     *
     * @return int the exit code
     */
    private function telling(callable $does): int
    {
        try {
            return $does();
        } catch (Nonsense|Unreadable $refused) {
            $this->fault($refused->getMessage());

            return 2;
        }
    }

    /** An option that is a number; null where it was not said. */
    private function number(string $name, string $mend = 'give a number'): ?float
    {
        $value = $this->option($name);

        return $value === null ? null : (\is_string($value) && is_numeric($value) ? (float) $value : throw Nonsense::of("--$name", \is_string($value) ? $value : '', $mend));
    }
}
