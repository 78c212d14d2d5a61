<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use Transmuta\Diet\Diet;
use Transmuta\Formula\Formula;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Brief\Exclusions;
use Transmuta\Reformulation\Brief\Schools;
use Transmuta\Reformulation\Deviation\Guard;
use Transmuta\Reformulation\Substitution\LayerPlanner;
use Transmuta\Reformulation\Substitution\Permit;
use Transmuta\Reformulation\Substitution\Substitutes;
use Transmuta\Reformulation\Substitution\SubstitutionTable;
use Transmuta\Tests\Kit;

/** What tests need to look at a draft before it is solved. */
final class Planning
{
    /** @param list<Diet> $diets */
    public static function permit(Formula $formula, array $diets): Permit
    {
        return new Permit(Brief::of($diets), Exclusions::of([], Kit::shelf()), (new Schools())->market, Guard::of(Kit::engine()->read($formula)));
    }

    /** @param list<Diet> $diets */
    public static function planner(Formula $formula, array $diets): LayerPlanner
    {
        $permit = self::permit($formula, $diets);

        return new LayerPlanner(Kit::shelf(), $permit, new Substitutes(Kit::shelf(), $permit, SubstitutionTable::standard()), new Schools(), Kit::engine()->reader->reference);
    }
}
