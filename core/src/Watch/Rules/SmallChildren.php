<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Shelf\Nature;
use Transmuta\Watch\Rule;

/** Whole nuts, round fruit, hard and sticky sweets, and firm jelly of a mouthful: children under five choke on them (CDC and NHS lists, recalled). */
final class SmallChildren implements Rule
{
    /** Words of a line after which the thing is no longer whole. */
    private const SMALL = '/\b(?:ground|chopped|flaked|slivered|crushed|minced|meal|paste|butter|flour|pur[ée]e\w*|blended|blitzed|grated|quartered|halved|nibbed|sliced|cream|milk|powder)\b/iu';

    private const JELLIES = ['agar', 'kappa', 'gellan', 'konjac', 'alginate', 'gelatin'];

    public static function name(): string
    {
        return 'small-children';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        $whole = [];
        foreach ($dish->layers as $layer) {
            foreach ($layer->layer->understood() as $line) {
                foreach ($layer->state->model->portions as $i => $portion) {
                    if ($portion->ingredient->id === $line->ingredient && $layer->state->grams[$i] > 0.0 && $portion->ingredient->is(Nature::ChokingWhole) && preg_match(self::SMALL, $line->text) !== 1) {
                        $whole[] = mb_strtolower($portion->ingredient->name);
                    }
                }
            }
            if ($this->isMouthful($layer, $dish)) {
                $whole[] = "the jelly of {$layer->layer->name}, a mouthful";
            }
        }
        if ($whole !== []) {
            yield new Warning(self::name(), Severity::Note, \sprintf('Not for children under five, nor for people who swallow with difficulty, while it is whole: %s. Grind it, or cut it small.', implode(', ', array_unique($whole))));
        }
    }

    private function isMouthful(LayerReading $layer, DishReading $dish): bool
    {
        $first = (string) array_key_first($layer->set->mechanisms);

        return \in_array($first, self::JELLIES, true) && $layer->state->fat < 2.0 && $layer->set->ge >= Figure::JellyFirm->number() && $layer->volume / max(1, $dish->formula->portions) < Figure::JellyMouthful->number();
    }
}
