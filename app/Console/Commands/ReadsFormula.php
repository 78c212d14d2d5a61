<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Transmuta\Engine;
use Transmuta\Formula\Formula;
use Transmuta\Intake\Recipe\ReadRecipe;
use Transmuta\Intake\Unreadable;
use Transmuta\Shelf\IngredientList;

/** What both formula commands share: a file or standard input, the shipped shelf, exit 2 with line and reason. */
trait ReadsFormula
{
    private function engine(): Engine
    {
        return Engine::over(IngredientList::shipped());
    }

    /** @return ?Formula null after the fault was told on standard error */
    private function formula(Engine $engine): ?Formula
    {
        return $this->recipe($engine)?->formula;
    }

    /** @return ?ReadRecipe null after the fault was told on standard error */
    private function recipe(Engine $engine, int $number = 1): ?ReadRecipe
    {
        $file = $this->argument('file');
        $text = $file === '-' ? stream_get_contents(\STDIN) : (\is_string($file) && is_file($file) ? file_get_contents($file) : false);
        if ($text === false) {
            $this->fault(\sprintf('%s: cannot be opened. Give a file, or - for standard input.', \is_string($file) ? $file : ''));

            return null;
        }
        try {
            return $engine->recipe($text, number: $number);
        } catch (Unreadable $unreadable) {
            $this->fault($unreadable->getMessage());

            return null;
        }
    }

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
