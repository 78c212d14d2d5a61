<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Transmuta\Engine;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Formula;
use Transmuta\Intake\Recipe\ReadRecipe;
use Transmuta\Intake\Unreadable;
use Transmuta\Shelf\IngredientList;

/** What both formula commands share: a file or standard input, the shipped shelf, exit 2 with line and reason. */
trait ReadsFormula
{
    use ReadsFile;

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
        $text = $this->text();
        if ($text === null) {
            return null;
        }
        try {
            return $engine->recipe($text, number: $number);
        } catch (Unreadable $unreadable) {
            $this->fault($unreadable->getMessage());

            return null;
        }
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
        try {
            $this->json($answer($data, $this->engine()));
        } catch (Nonsense $nonsense) {
            $this->fault($nonsense->getMessage());

            return 2;
        }

        return 0;
    }
}
