<?php

declare(strict_types=1);

namespace Transmuta\Process;

use Transmuta\Property\Portion;
use Transmuta\Quantity\Scale;
use Transmuta\Shelf\Nature;

/** A line as it is said to whoever weighs it: "90 g lemon juice (fresh)", "0.8 g agar powder (…)" where the scale does not show so little. */
final readonly class LineWords
{
    /** @param bool $anyJuice whether bottled or frozen juice does as well as fresh */
    public function __construct(private bool $anyJuice = false) {}

    public function of(float $grams, Portion $portion): string
    {
        $juice = $portion->ingredient->group === 'fruit' && $portion->ingredient->is(Nature::PressedJuice) ? ($this->anyJuice ? ' (fresh, bottled or frozen: the same acid, a flatter aroma)' : ' (fresh)') : '';
        $lift = $portion->infused ? ' (infused, then lifted out)' : '';
        $solution = Scale::solution($grams, $portion->ingredient->composition->of100('water') > 50.0);

        return \sprintf('%s g %s%s%s%s', Scale::shown($grams), mb_strtolower($portion->ingredient->name), $juice, $lift, $solution === null ? '' : " ($solution)");
    }
}
