<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Property\DishReading;
use Transmuta\Reference\Figure;
use Transmuta\Shelf\Ingredient;

/**
 * Sulphites of the finished dish as sulphur dioxide, carried over from what goes in. Nothing is taken off for what heat drives out, so it is the most
 * there can be; what nobody has stated of an ingredient that brings some is unknown, not zero.
 */
final readonly class Sulphites
{
    /**
     * @param float $known mg/kg of the dish from what is stated
     * @param list<string> $unknown names of what brings some and says not how much
     * @param list<string> $may names of what some packets of bring some, where nobody has said of this one
     */
    private function __construct(public float $known, public array $unknown, public array $may) {}

    public static function of(DishReading $dish): self
    {
        $milligrams = 0.0;
        $unknown = $may = [];
        foreach ($dish->layers as $layer) {
            foreach ($layer->state->model->portions as $n => $portion) {
                $in = $portion->ingredient;
                if ($in->sulphites !== null) {
                    $milligrams += $in->sulphites * $layer->state->grams[$n] / 1000;
                } elseif (\in_array('sulphites', $in->allergens, true)) {
                    $unknown[$in->id] = $in->name;
                } elseif (\in_array('sulphites', $in->mayContain, true)) {
                    $may[$in->id] = $in->name;
                }
            }
        }

        return new self($dish->mass() > 0.0 ? 1000 * $milligrams / $dish->mass() : 0.0, array_values($unknown), array_values($may));
    }

    /** Whether they are declared: true or false where it is settled, null where what is not stated decides. */
    public function areDeclared(Market $market): ?bool
    {
        $isOver = $market->isEuropean() ? $this->known > Figure::LabelSulphites->number() + 1e-9 : $this->known >= Figure::LabelSulphites->number() - 1e-9;

        return $isOver ? true : ($this->unknown === [] ? false : null);
    }

    /** @return list<string> what keeps a list from being final */
    public function open(Market $market): array
    {
        return $this->areDeclared($market) === null ? array_map(static fn(string $name): string => "$name: sulphites, mg/kg not known", $this->unknown) : [];
    }

    /**
     * The allergen words of an ingredient, with sulphites where they are declared or may have to be.
     *
     * @param list<string> $words
     *
     * @return list<string>
     */
    public function worded(array $words, Ingredient $in, Market $market): array
    {
        $word = AllergenWords::word('sulphites', $market);
        $words = array_values(array_diff($words, [$word]));
        $brings = ($in->sulphites ?? 0.0) > 0.0 || ($in->sulphites === null && \in_array('sulphites', $in->allergens, true));

        return $brings && $this->areDeclared($market) !== false ? [...$words, $word] : $words;
    }

    /** What stands of them among the rules. */
    public function words(Market $market): string
    {
        $limit = $market->isEuropean() ? 'over 10' : 'from 10';
        $may = $this->may === [] ? '' : '; some packets of ' . implode(', ', $this->may) . ' bring them';
        if ($this->unknown !== []) {
            $without = $this->known > 0.0 ? \sprintf(', and %s mg/kg without them', round($this->known, 1)) : '';

            return \sprintf('sulphites not known of %s%s: declared %s mg/kg as SO₂', implode(', ', $this->unknown), $without, $limit) . $may;
        }
        if ($this->known <= 0.0) {
            return "nothing in it is known to bring sulphites: declared $limit mg/kg as SO₂$may";
        }

        return \sprintf('sulphites %s mg/kg as SO₂, nothing taken off for heat: declared %s', round($this->known, 1), $limit) . $may;
    }
}
