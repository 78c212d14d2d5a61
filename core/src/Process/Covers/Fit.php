<?php

declare(strict_types=1);

namespace Transmuta\Process\Covers;

use Transmuta\Diet\FreeFrom;
use Transmuta\Property\DishReading;

/**
 * Whether a version may be put before some guests: what speaks against it, and what must be answered first. A diet that is unproven is no
 * reason against it and no proof: it is chosen with its questions.
 */
final readonly class Fit
{
    /**
     * @param list<string> $against
     * @param list<string> $questions
     */
    private function __construct(public array $against, public array $questions) {}

    public static function of(DishReading $dish, Guests $guests): self
    {
        $against = $questions = [];
        foreach ($guests->diets as $diet) {
            $verdict = $dish->diets[$diet->value];
            if ($verdict->because !== []) {
                $against[] = \sprintf('is not %s: %s', mb_strtolower($diet->words()), implode(', ', $verdict->because));
            }
            array_push($questions, ...$verdict->unproven);
        }
        foreach ($guests->without as $allergen) {
            if (\in_array($allergen, $dish->contains, true)) {
                $against[] = \sprintf('contains %s: %s', $allergen, implode(', ', $dish->allergens['eu']['contains'][$allergen] ?? []));
            } elseif (\in_array($allergen, $dish->mayContain, true)) {
                $against[] = \sprintf('may contain %s: %s', $allergen, implode(', ', $dish->allergens['eu']['may'][$allergen] ?? []));
            }
            // What a packet must be asked for the diet is asked for the guest who must do without.
            $diet = FreeFrom::leftOutBy($allergen);
            array_push($questions, ...($diet === null ? [] : $dish->diets[$diet->value]->unproven));
        }
        if ($guests->without !== []) {
            array_push($questions, ...$dish->formula->questions());
        }

        return new self($against, array_values(array_unique($questions)));
    }

    public function suits(): bool
    {
        return $this->against === [];
    }
}
