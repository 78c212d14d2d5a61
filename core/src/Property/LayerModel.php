<?php

declare(strict_types=1);

namespace Transmuta\Property;

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
            $folded = Care::isFoldedIn($in, $line->has('whipped'), $t);
            $boiled = $line->has('boiled') || ($boils && !$folded);
            // Dry flour that is toasted is flour still.
            $apart = $line->has('heated') && !Care::isRawFlour($in);
            $heated = $boiled || $baked || $apart || Care::isHeatedBy($t, $in, $line->has('whipped'));
            $portions[] = new Portion(
                ingredient: $in,
                boiled: $boiled,
                heated: $heated,
                still: $baked || ($heated && $still && !$line->has('boiled')),
                boiledInLayer: $t->boils() && !$line->has('boiled') && !$folded,
                whipped: $whipped || $line->has('whipped'),
                infused: $line->has('infused'),
                apart: $line->has('boiled') || $line->has('heated') || $baked,
                fired: $baked,
            );
        }

        return new self($portions, $t, $layer->loss ?? Loss::none());
    }
}
