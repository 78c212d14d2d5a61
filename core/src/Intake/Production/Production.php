<?php

declare(strict_types=1);

namespace Transmuta\Intake\Production;

use Transmuta\Quantity\UnitSystem;

/** One way in which a line of a recipe holds several. */
interface Production
{
    /** @return list<Part>|null the lines it holds; null where it is not of this shape */
    public function parts(Part $line, UnitSystem $system): ?array;
}
