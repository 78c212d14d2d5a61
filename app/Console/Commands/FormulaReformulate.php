<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Transmuta\Diet\Diet;
use Transmuta\Fault\Nonsense;
use Transmuta\Format\RouteJson;
use Transmuta\Reformulation\Brief\Brief;

/** Prints the routes of a formula file for a brief as one JSON object, best first. */
final class FormulaReformulate extends Command
{
    use ReadsFormula;

    protected $signature = 'formula:reformulate
        {file : A formula in the text or JSON form; - reads standard input}
        {--diet=* : vegan, eggless, vegetarian, dairy-free, gluten-free, keto, high-protein, nut-free, soy-free, alcohol-free, reduced-sugar, low-fat, raw}
        {--net-carbs= : most g net carbs a portion}
        {--protein= : least g protein a portion}
        {--kcal= : most kcal a portion}
        {--sugars= : most g sugars a portion}
        {--fat= : most g fat a portion}
        {--without=* : an allergen or ingredient that is not on hand or a guest cannot have}';
    protected $description = 'Print routes to a diet as JSON';

    public function handle(): int
    {
        $brief = $this->brief();
        if ($brief === null) {
            return 2;
        }

        return $this->telling(function () use ($brief): int {
            $engine = $this->engine();
            $formula = $this->formula($engine);
            if ($formula === null) {
                return 2;
            }
            $this->json(RouteJson::write($brief, $engine->read($formula), $engine->answer($formula, $brief)));

            return 0;
        });
    }

    private function brief(): ?Brief
    {
        $diets = [];
        foreach ((array) $this->option('diet') as $word) {
            $diet = Diet::tryFrom((string) $word);
            if ($diet === null) {
                $this->fault(\sprintf('--diet=%s is not known; use one of: %s.', $word, implode(', ', array_column(Diet::cases(), 'value'))));

                return null;
            }
            $diets[] = $diet;
        }
        $limits = [];
        foreach (['net-carbs', 'protein', 'kcal', 'sugars', 'fat'] as $name) {
            $value = $this->option($name);
            if ($value !== null && !is_numeric($value)) {
                $this->fault(\sprintf('--%s=%s is not a number.', $name, \is_string($value) ? $value : ''));

                return null;
            }
            $limits[] = $value === null ? null : (float) $value;
        }
        try {
            return Brief::of($diets, ...$limits, without: array_values(array_map(strval(...), (array) $this->option('without'))));
        } catch (Nonsense $nonsense) {
            $this->fault($nonsense->getMessage());

            return null;
        }
    }
}
