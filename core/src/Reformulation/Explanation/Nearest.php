<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Explanation;

use Transmuta\Diet\Diet;
use Transmuta\Formula\Formula;
use Transmuta\Property\DishReading;
use Transmuta\Reference\Figure;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Deviation\Limits;
use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Reformulation\Evaluation\Debt;
use Transmuta\Reformulation\Evaluation\Misses;
use Transmuta\Reformulation\Ranking\Route;

/** Where no route keeps a brief: what stands in the way, told by the nearest route, and the nearest that can be had. */
final class Nearest
{
    /**
     * Whether a route is a recipe of the dish still: under a floor of fit (`refuse.fit`), with something that makes the dish lost or short, it is another dessert, and
     * nobody is given it to weigh. What is only to be minded in its making, such as a depth that cools too slowly, makes it none. Nor is it one that takes more new
     * things than anybody buys for it (`refuse.things`, and `refuse.things.layer` for each layer it changes): that is a new recipe in the name of this.
     */
    public static function isWorthOffering(Route $route): bool
    {
        return \count($route->toBuy) <= self::mostThings($route) && self::isStillTheDish($route);
    }

    private static function mostThings(Route $route): int
    {
        return (int) (Weights::of('refuse.things') + Weights::of('refuse.things.layer') * \count($route->changes));
    }

    private static function isStillTheDish(Route $route): bool
    {
        return $route->fit >= Weights::of('refuse.fit') || array_filter($route->settlement->open(), static fn(Debt $debt): bool => $debt->critical) === [];
    }

    /** Why the nearest route is not offered: how much of the dish it keeps, and what is lost. */
    public static function refused(Route $nearest): Blocked
    {
        if (self::isStillTheDish($nearest)) {
            return new Blocked('Things to buy', (float) \count($nearest->toBuy), 'new things', \sprintf('the shortest route (%s) takes %d things this dish has not, and over %d nothing is offered as a version of it: %s', $nearest->name, \count($nearest->toBuy), self::mostThings($nearest), implode(', ', array_map(static fn(array $one): string => $one['name'], $nearest->toBuy))), '', $nearest->settlement->words());
        }
        $words = $nearest->settlement->words();
        $lost = implode('; ', \array_slice($words, 0, 3));

        return new Blocked('Still that dish', round($nearest->fit, 1), 'of 100', \sprintf('the nearest route (%s) keeps %s of 100 of what this dish is, and under %g nothing is offered as a recipe: %s', $nearest->name, round($nearest->fit, 1), Weights::of('refuse.fit'), $lost), '', $words);
    }

    /**
     * What could be asked instead: one thing less, or the milder of two.
     *
     * @return list<array{words: string, brief: Brief}>
     */
    public static function otherBriefs(Brief $brief, DishReading $original): array
    {
        /** @param list<Diet> $diets */
        $with = static fn(array $diets, ?float $protein = null): Brief => Brief::of(array_values($diets), $brief->netCarbs, $protein ?? $brief->protein, $brief->kcal, $brief->sugars, $brief->fat, $brief->aims, $brief->without);
        $others = [];
        foreach (\count($brief->diets) > 1 ? $brief->diets : [] as $diet) {
            $left = array_values(array_filter($brief->diets, static fn(Diet $other): bool => $other !== $diet));
            $others[] = ['words' => \sprintf('Without %s: only %s', $diet->words(), implode(' and ', array_map(static fn(Diet $one): string => $one->words(), $left))), 'brief' => $with($left)];
        }
        $instead = static fn(Diet $from, Diet $to): array => array_map(static fn(Diet $one): Diet => $one === $from ? $to : $one, $brief->diets);
        if ($brief->asks(Diet::Keto)) {
            $others[] = ['words' => 'Less sugar instead of keto', 'brief' => $with($instead(Diet::Keto, Diet::ReducedSugar))];
        }
        if ($brief->asks(Diet::HighProtein)) {
            $grams = ceil(Figure::HighProteinMore->number() * ($original->portion['protein_g'] ?? 0.0) * 10) / 10;
            $others[] = ['words' => \sprintf('At least %s g protein a portion instead of a fifth of the energy', $grams), 'brief' => $with(array_values(array_filter($brief->diets, static fn(Diet $one): bool => $one !== Diet::HighProtein)), $grams)];
        }

        return $others;
    }

    /**
     * What stands in the way, the number that is missed most first.
     *
     * @return list<Blocked> at least one
     */
    public static function blocked(Route $nearest, DishReading $original, Brief $brief): array
    {
        $blocked = [];
        $unmet = $nearest->settlement->words();
        $near = \sprintf('the nearest route (%s)', $nearest->name);
        foreach (Misses::of($nearest->result, $original, $brief) as $miss) {
            $by = abs($miss['value'] - $miss['limit']);
            $reason = \sprintf('%s: %s comes to %s %s a portion, %s %s %s by %s', $miss['name'], $near, round($miss['value'], 1), $miss['unit'], $miss['atMost'] ? 'over' : 'under', round($miss['limit'], 1), $miss['unit'], round($by, 1));
            $blocked[] = new Blocked($miss['name'], $by, $miss['unit'], $reason, '', [...$nearest->blockedBy(), ...$unmet]);
        }
        usort($blocked, static fn(Blocked $a, Blocked $b): int => $b->number <=> $a->number);
        foreach ($brief->diets as $diet) {
            $stays = array_values(array_filter($nearest->result->diets[$diet->value]->because, static fn(string $w): bool => preg_match('/\d/', $w) !== 1));
            if ($stays !== []) {
                $blocked[] = new Blocked(ucfirst($diet->value), (float) \count($stays), 'things', \sprintf('%s: in %s %d thing%s that it bans stay%s: %s', ucfirst($diet->value), $near, \count($stays), \count($stays) === 1 ? '' : 's', \count($stays) === 1 ? 's' : '', mb_strtolower(implode(', ', $stays))), '', $unmet);
            }
        }

        return $blocked === [] ? [new Blocked('Brief', 1.0, 'brief', \sprintf('%s keeps something that the brief leaves out', ucfirst($near)), '', $unmet)] : $blocked;
    }

    /**
     * @param float $slack how far past the nearest route a limit is let go, for the solver stops a little short of every limit
     *
     * @return list<array{words: string, brief: ?Brief, portions: ?int}>
     */
    public static function proposals(Route $nearest, DishReading $original, Brief $brief, float $slack = 1.02): array
    {
        $misses = Misses::of($nearest->result, $original, $brief);
        if ($misses === []) {
            return [];
        }
        $proposals = [];
        // Limits that are the brief's own, or stand for a diet's, can be let go to where the nearest route comes.
        $allowed = ['net_carbs_g' => $brief->netCarbs, 'protein_g' => $brief->protein, 'kcal' => $brief->kcal, 'sugars_g' => $brief->sugars, 'fat_g' => $brief->fat];
        foreach ($misses as $fact => $miss) {
            $allowed[$fact] = self::letGo($miss, $slack);
        }
        $diets = array_values(array_filter($brief->diets, static fn(Diet $d): bool => !(($d === Diet::ReducedSugar && isset($misses['sugars_g'])) || ($d === Diet::LowFat && isset($misses['fat_g'])) || ($d === Diet::HighProtein && isset($misses['protein_share'])))));
        unset($allowed['protein_share']);
        if (isset($misses['protein_share'])) {
            $allowed['protein_g'] = floor($nearest->result->portion['protein_g'] / $slack * 10) / 10;
        }
        $words = implode(', ', array_map(static fn(array $m): string => \sprintf('%s %s %s %s', $m['atMost'] ? 'at most' : 'at least', self::letGo($m, $slack), $m['unit'], mb_strtolower($m['name'])), $misses));
        if (array_filter($allowed, static fn(?float $v): bool => $v !== null && ($v < 0.0 || $v > Brief::MOST)) === []) {
            $proposals[] = ['words' => 'Accept ' . $words . ' a portion', 'brief' => Brief::of($diets, $allowed['net_carbs_g'], $allowed['protein_g'], $allowed['kcal'], $allowed['sugars_g'], $allowed['fat_g'], $brief->aims, $brief->without), 'portions' => null];
        }
        // Smaller portions are the same question as the limit let go: what was tried for one holds for the other.
        $factor = 1.0;
        foreach (['net_carbs_g', 'kcal', 'sugars_g'] as $fact) {
            $factor = isset($misses[$fact]) && $misses[$fact]['limit'] > 0.0 ? max($factor, self::letGo($misses[$fact], $slack) / $misses[$fact]['limit']) : $factor;
        }
        $portions = 0;
        if ($factor > 1.0) {
            $portions = (int) ceil(min(1e6, $original->formula->portions * $factor));
        }
        if ($factor > 1.0 && !isset($misses['protein_share']) && !isset($misses['fat_g']) && $portions <= Formula::MOST_PORTIONS) {
            $proposals[] = ['words' => \sprintf('Cut it into %d portions instead of %d: each is smaller, nothing else', $portions, $original->formula->portions), 'brief' => null, 'portions' => $portions];
        }

        return $proposals;
    }

    /** @param array{name: string, unit: string, value: float, limit: float, atMost: bool} $miss */
    private static function letGo(array $miss, float $slack): float
    {
        return $miss['atMost'] ? ceil($miss['value'] * $slack * 10) / 10 : floor($miss['value'] / $slack * 10) / 10;
    }
}
