<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Explanation;

use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Portion;
use Transmuta\Reformulation\Substitution\Draft;
use Transmuta\Shelf\Ingredient;

/** What a route is called: the two or three things that come in and do most, in the layer that names it; and what it is like in the mouth. */
final readonly class RouteNames
{
    /** What something that comes in must do or weigh to be named, share. */
    private const NAMED = 0.06;

    /** Jobs that name a thing, and how much each counts. */
    private const COUNTS = ['set' => 1.0, 'sweet' => 0.7, 'fat' => 0.5, 'air' => 1.0, 'protein' => 0.3];

    /** @param list<string> $others further words, for a route that would else be called as another is */
    private function __construct(public string $name, public string $mouth, public array $others) {}

    /** @param array<int, Draft> $drafts by place of the layer */
    public static function of(DishReading $original, DishReading $result, int $leading, array $drafts): self
    {
        $came = self::incoming($original->layers[$leading], $result->layers[$leading]);
        $elsewhere = [];
        foreach (array_keys($drafts) as $n) {
            if ($n !== $leading) {
                $elsewhere = [...$elsewhere, ...\array_slice(self::incoming($original->layers[$n], $result->layers[$n]), 0, 1)];
            }
        }
        $draft = $drafts[$leading];
        $part = ['egg-yolk' => 'yolks only', 'whole-egg' => 'whole egg'][$draft->part] ?? null;
        $parts = [...\array_slice($came, 0, 3), ...($part === null ? [] : [$part])];
        if ($parts === []) {
            $parts = match (true) {
                $elsewhere !== [] => \array_slice($elsewhere, 0, 2),
                ($small = self::brought($original, $result, array_keys($drafts))) !== [] => \array_slice($small, 0, 2),
                ($gone = self::brought($result, $original, array_keys($drafts))) !== [] => ['without ' . self::joined(\array_slice($gone, 0, 2))],
                default => ['the same things, weighed again'],
            };
        }
        $notes = [];
        foreach ($draft->twins as $twin) {
            // The first clause says what it is like; the rest of a note is for its maker.
            $notes[] = trim(explode(';', $twin->note)[0]);
        }
        if ($part !== null) {
            $notes[] = $draft->part === 'whole-egg' ? 'leaner; a little firmer and paler' : 'richer and deeper in colour';
        }
        $was = $original->layers[$leading]->layer->treatment;
        $now = $result->layers[$leading]->layer->treatment;
        if ($was->bakes() !== $now->bakes() && $original->layers[$leading]->baseWords === null) {
            $notes[] = $now->bakes() ? 'baked, so denser' : 'unbaked, so lighter';
        }
        $notes = array_values(array_unique(array_filter($notes)));

        return new self(ucfirst(self::joined($parts)), $notes === [] ? 'as near the original as its parts allow' : implode('; ', \array_slice($notes, 0, 2)), [...\array_slice($came, 3), ...array_map(static fn(string $e): string => "with $e below or above", $elsewhere)]);
    }

    /**
     * Names of what the second has and the first has not, however little it does, most grams first.
     *
     * @param list<int> $layers
     *
     * @return list<string>
     */
    private static function brought(DishReading $first, DishReading $second, array $layers): array
    {
        $names = $grams = [];
        foreach ($layers as $n) {
            $had = array_map(static fn(Portion $p): string => $p->ingredient->id, $first->layers[$n]->state->model->portions);
            foreach ($second->layers[$n]->state->model->portions as $i => $portion) {
                $id = $portion->ingredient->id;
                if (!\in_array($id, $had, true) && !\in_array($portion->ingredient->class, ['water', 'colour'], true)) {
                    $grams[$id] = ($grams[$id] ?? 0.0) + $second->layers[$n]->state->grams[$i];
                    $names[$id] = self::plain($portion->ingredient);
                }
            }
        }
        arsort($grams);

        return array_values(array_unique(array_map(static fn(string|int $id): string => $names[$id], array_keys($grams))));
    }

    /** @return list<string> names of what comes in, what does most first */
    private static function incoming(LayerReading $was, LayerReading $now): array
    {
        $had = [];
        foreach ($was->state->model->portions as $i => $portion) {
            $had[$portion->ingredient->id] = $was->state->grams[$i] > 0.0;
        }
        $weights = $names = [];
        foreach ($now->state->model->portions as $i => $portion) {
            $in = $portion->ingredient;
            if (($had[$in->id] ?? false) || \in_array($in->class, ['water', 'emulsifier', 'mineral', 'colour'], true)) {
                continue;
            }
            $weight = $now->state->share[$i] / 100;
            foreach (self::COUNTS as $job => $counts) {
                $weight += $counts * ($now->jobs[$i][$job] ?? 0.0);
            }
            $weights[$in->id] = ($weights[$in->id] ?? 0.0) + $weight;
            $names[$in->id] = self::plain($in);
        }
        arsort($weights);

        return array_values(array_unique(array_map(static fn(string $id): string => $names[$id], array_map(strval(...), array_keys(array_filter($weights, static fn(float $w): bool => $w >= self::NAMED))))));
    }

    /** "Cornflour (maize starch)" is cornflour; a name of two makes it is what kitchens call it. */
    public static function plain(Ingredient $in): string
    {
        $short = lcfirst(trim((string) preg_replace('/\s*[,(].*$|\s+\d.*$/u', '', $in->name)));

        return str_contains($short, ' or ') ? $in->called()[0] ?? $short : $short;
    }

    /** @param list<string> $parts */
    private static function joined(array $parts): string
    {
        $last = array_pop($parts);

        return $parts === [] ? (string) $last : implode(', ', $parts) . ' and ' . $last;
    }
}
