<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Shelf\Nature;
use Transmuta\Watch\Rule;

/** Berries that the maker wrote are frozen, and that nothing heats: they have carried hepatitis A and norovirus (EFSA, recalled). */
final class FrozenBerries implements Rule
{
    private const FROZEN = '/\b(?:frozen|surgel\w*|congelad\w*|tiefgek\w*|gefroren\w*|tk)\b/iu';

    public static function name(): string
    {
        return 'frozen-berries';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $frozen = [];
            foreach ($layer->layer->understood() as $line) {
                if (preg_match(self::FROZEN, $line->text) === 1) {
                    $frozen[(string) $line->ingredient] = true;
                }
            }
            foreach ($layer->state->model->portions as $i => $portion) {
                if (isset($frozen[$portion->ingredient->id]) && !$portion->heated && $layer->state->grams[$i] > 0.0 && $portion->ingredient->is(Nature::FrozenRisk)) {
                    yield new Warning(self::name(), Severity::Attention, \sprintf('%s: frozen %s go in unheated. Boil them for a minute where pregnant, young, old or ill guests eat it; frozen berries have carried viruses.', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n, ['action' => 'boil-apart', 'ingredient' => $portion->ingredient->id]);
                }
            }
        }
    }
}
