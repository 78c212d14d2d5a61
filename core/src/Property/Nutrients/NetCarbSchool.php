<?php

declare(strict_types=1);

namespace Transmuta\Property\Nutrients;

/** How net carbs are counted from EU carbohydrate, which already excludes fibre. */
enum NetCarbSchool: string
{
    /** Erythritol and allulose come off in full, other polyols by half. */
    case HalfPolyols = 'half-polyols';
    /** All polyols and allulose come off. */
    case NoPolyols = 'no-polyols';
}
