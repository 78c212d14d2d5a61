<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Transmuta\Engine;
use Transmuta\Formula\Formula;
use Transmuta\Intake\Recipe\ReadRecipe;
use Transmuta\Shelf\IngredientList;

/** What the formula commands share: a file or standard input, the shipped shelf, exit 2 with line and reason. */
trait ReadsFormula
{
    use ReadsFile;

    private function engine(): Engine
    {
        return Engine::over(IngredientList::shipped());
    }

    /**
     * @return ?Formula null after the fault was told on standard error
     *
     * @throws \Transmuta\Intake\Unreadable naming the line
     */
    private function formula(Engine $engine): ?Formula
    {
        return $this->recipe($engine)?->formula;
    }

    /**
     * The first of a file, or the one that `--recipe` asks for where a command has it.
     *
     * @return ?ReadRecipe null after the fault was told on standard error
     *
     * @throws \Transmuta\Intake\Unreadable naming the line
     */
    private function recipe(Engine $engine): ?ReadRecipe
    {
        $number = $this->hasOption('recipe') ? $this->option('recipe') : '1';
        if (!\is_string($number) || preg_match('/^[1-9]\d{0,3}$/', $number) !== 1) {
            $this->fault('--recipe: give a whole number from 1.');

            return null;
        }
        $text = $this->text();

        return $text === null ? null : $engine->recipe($text, number: (int) $number);
    }

    /**
     * Answers a file of JSON, and refuses what cannot be meant by its place.
     *
     * @param callable(array<array-key, mixed>, Engine): array<string, mixed> $answer
     *
     * @return int the exit code
     */
    private function answered(callable $answer): int
    {
        $data = $this->data();
        if ($data === null) {
            return 2;
        }

        return $this->telling(function () use ($answer, $data): int {
            $this->json($answer($data, $this->engine()));

            return 0;
        });
    }
}
