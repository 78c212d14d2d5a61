<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use Transmuta\Diet\Diet;
use Transmuta\Formula\Formula;
use Transmuta\Reformulation\Brief;
use Transmuta\Reformulation\Exclusions;
use Transmuta\Reformulation\Guard;
use Transmuta\Reformulation\LayerPlanner;
use Transmuta\Reformulation\Permit;
use Transmuta\Reformulation\Schools;
use Transmuta\Reformulation\TwinBook;
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

        return new LayerPlanner(Kit::shelf(), $permit, new TwinBook(Kit::shelf(), $permit), new Schools(), Kit::engine()->reader->reference);
    }
}
