<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Formula\Family;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Look\Colour;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 40: a filling without its yolk is paler; how much of a yellow restores it. */
final class ColourLostWithYolk implements Rule
{
    public static function name(): string
    {
        return 'colour-lost-with-yolk';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $lost = $this->lost($dish, $layer, $dish->original->layers[$n] ?? null);
            if ($lost <= 0.0) {
                continue;
            }
            $grams = $words = [];
            foreach (Remedies::all(self::name()) as $name => $id) {
                $strength = $models->shelf->find($id)?->does('colour-yellow') ?? 0.0;
                if ($strength > 0.0) {
                    $grams[$id] = max(0.05, $lost * $layer->state->mass / 100 / $strength);
                    $words[] = \sprintf('%.2g g %s', $grams[$id], $name);
                }
            }
            foreach (\array_slice($grams, 0, 1) as $id => $weight) {
                yield new Warning(self::name(), Severity::Note, \sprintf('%s is paler: yellow worth %.0f g of yolk has left it. %s restores it.', $layer->layer->name, $lost * $layer->state->mass / 100, implode(' or ', $words)), $n, ['action' => 'add', 'ingredient' => $id, 'grams' => round($weight, 2)]);
            }
        }
    }

    /** Yellow gone, as g yolk per 100 g of the layer. */
    private function lost(DishReading $dish, LayerReading $now, ?LayerReading $was): float
    {
        $yellow = Colour::of($now->state)['yellow'];
        $hides = Colour::of($now->state)['brown'] > 1.0 || Colour::of($now->state)['red'] > 3.0;
        if ($hides || $now->state->of100('protein.egg') > 0.5) {
            return 0.0;
        }
        if ($was !== null) {
            $had = Colour::of($was->state)['yellow'];

            return $was->state->of100('protein.egg') > 0.5 && $had >= 2.0 && $yellow < Figure::ColourSeen->number() * $had ? $had - $yellow : 0.0;
        }
        $binds = ($now->set->mechanisms['starch'] ?? 0.0) + ($now->set->mechanisms['soy'] ?? 0.0) + ($now->set->mechanisms['agar'] ?? 0.0) > 0.1;

        return $dish->formula->family === Family::Curd && $now->baseWords === null && $binds && $yellow < Figure::ColourSeen->number() * Figure::ColourYolkCurd->number() ? Figure::ColourYolkCurd->number() - $yellow : 0.0;
    }
}
