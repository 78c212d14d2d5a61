<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Formula\HeatLevel;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Loss;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Shelf\Shelf;

/** A layer made ready to be weighed many times over: its ingredients looked up, its treatments worked out per line. */
final readonly class LayerModel
{
    /** @param list<Portion> $portions */
    private function __construct(public array $portions, public Treatment $treatment, public Loss $loss) {}

    /** @throws \Transmuta\Shelf\UnknownIngredient if a line names an ingredient the shelf does not have */
    public static function of(Layer $layer, Shelf $shelf): self
    {
        $t = $layer->treatment;
        $whipped = $t->isWhipped();
        $boils = $t->boils() || ($t->has(TreatmentKind::Cook) && $t->reaches(95.0));
        $still = !$t->isStirred();
        $portions = [];
        foreach ($layer->understood() as $line) {
            $baked = $line->has('baked');
            $in = $shelf->get((string) $line->ingredient);
            $met = $line->met;
            $level = $met->level ?? null;
            $folded = $met === null && Care::isFoldedIn($in, $line->has('whipped'), $t);
            $boiled = $line->has('boiled') || ($level === null ? $boils && !$folded : $level === HeatLevel::Boil);
            // Dry flour that is toasted is flour still.
            $isToasted = Care::isRawFlour($in) && ($met->alone ?? true);
            $apart = $line->has('heated') && !Care::isRawFlour($in);
            $heated = $boiled || $baked || $apart || ($level === null ? Care::isHeatedBy($t, $in, $line->has('whipped')) : $level->value >= HeatLevel::Hot->value && !$isToasted);
            $portions[] = new Portion(
                ingredient: $in,
                boiled: $boiled,
                heated: $heated,
                still: $baked || ($heated && ($met === null ? $still : $met->still || ($still && !$met->apart)) && !$line->has('boiled')),
                boiledInLayer: !$line->has('boiled') && !$folded && ($met === null ? $t->boils() : $level === HeatLevel::Boil && !$met->apart),
                whipped: $whipped || $line->has('whipped'),
                infused: $line->has('infused'),
                apart: $line->has('boiled') || $line->has('heated') || $baked || ($heated && ($met->apart ?? false)),
                fired: $baked,
                met: $met,
            );
        }

        return new self($portions, $t, $layer->loss ?? Loss::none());
    }
}
