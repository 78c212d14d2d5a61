<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Diet\Diet;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Loss;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Formula\TreatmentStep;
use Transmuta\Property\Care;
use Transmuta\Property\LayerReading;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Remedies;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Nature;
use Transmuta\Shelf\Shelf;

/** How a new layer is heated, and what its lines are done to before they meet the rest, so that what comes in works and is safe. */
final readonly class Heating
{
    public function __construct(private Shelf $shelf, private Permit $permit) {}

    /**
     * Whether a base has to be baked now: it was bought baked, or is sold to be baked, and is made of flour, egg or seeds instead.
     *
     * @param list<string> $incoming ingredients
     * @param list<string> $leaving ingredients
     */
    public function mustBake(array $incoming, array $leaving): bool
    {
        return array_filter($incoming, fn(string $id): bool => Care::isRawFlour($this->shelf->get($id)) || Care::isRawEgg($this->shelf->get($id))) !== []
            || array_filter($leaving, fn(string $id): bool => $this->shelf->get($id)->is(Nature::RawDough)) !== [];
    }

    /**
     * Egg that comes in where nothing heats it is pasteurised.
     *
     * @param list<Unknown> $unknowns
     *
     * @return list<Unknown>
     */
    public function safe(array $unknowns, Layer $template): array
    {
        return array_map(function (Unknown $one) use ($template): Unknown {
            $in = $this->shelf->get($one->ingredient);
            if (Care::isHeatedBy($template->treatment, $in, \in_array('whipped', $one->prep, true))) {
                return $one;
            }
            $instead = Care::isRawEgg($in) ? Remedies::all('raw-egg-or-flour')[$in->class] ?? null : null;
            $other = $instead === null || $one->kept || array_intersect($one->prep, ['boiled', 'heated', 'baked']) !== [] ? null : $this->shelf->find($instead);

            return $other !== null && $this->permit->allows($other) ? $one->insteadOf($other->id) : $one;
        }, $unknowns);
    }

    /**
     * What a line of its own is done to before it meets the rest.
     *
     * @return list<string>
     */
    public static function prep(Ingredient $in, ?Line $line, ?LayerReading $layer): array
    {
        $treatment = $layer?->layer->treatment;
        $heats = $treatment !== null && $treatment->isHot();

        return match (true) {
            $in->class === 'gel-agent' => ['boiled'],
            \in_array($in->class, ['starch', 'custard-powder'], true) && $in->does('starch-cold') === 0.0 => $heats && ($treatment->bakes() || $treatment->boils()) ? [] : ['boiled'],
            Care::isRawFlour($in) && $layer !== null && $layer->baseWords === null && !$layer->layer->treatment->reaches(Figure::CareSafe->number()) => ['boiled'],
            $in->does('foam-overrun') > 0.0 && $line !== null && $line->has('whipped') => ['whipped'],
            \in_array($in->class, ['butter', 'plant-butter', 'coconut-fat', 'cocoa-butter'], true) && $line !== null && $line->has('melted') => ['melted'],
            default => [],
        };
    }

    /**
     * A layer cooked for its egg alone is only blended warm once the egg is gone: what needs a boil gets it apart. A raw one is not heated.
     *
     * @param list<Unknown> $unknowns
     * @param float $loss share of the new layer's mass that is boiled or baked off beside its own losses
     */
    public function layer(LayerReading $layer, array $unknowns, ?Treatment $treatment, float $loss, bool $isBaked): Layer
    {
        $was = $layer->layer;
        $losses = $loss > 0.002 ? ($was->loss ?? Loss::none())->then(Loss::reduceBy(min(0.9, $loss))) : $was->loss;
        if ($this->permit->asks(Diet::Raw)) {
            return $was->treated($was->treatment->without(TreatmentKind::Cook, TreatmentKind::Boil, TreatmentKind::Bake, TreatmentKind::Melt))->losing($losses);
        }
        if ($treatment !== null) {
            return $was->treated($treatment)->losing(null);
        }
        $warm = $was->treatment->step(TreatmentKind::Melt);
        if ($warm !== null && ($warm->celsius === null || $warm->celsius > Figure::CulturedBears->number()) && !$was->treatment->isHot() && array_filter($unknowns, fn(Unknown $u): bool => !$u->kept && Care::splitsWarm($this->shelf->get($u->ingredient))) !== []) {
            $was = $was->treated($was->treatment->with($warm->at(Figure::CulturedCool->number())));
        }
        if ($isBaked && !$was->treatment->reaches(Figure::CareSafe->number())) {
            return $was->treated($was->treatment->heatedBy(TreatmentStep::of(TreatmentKind::Bake, Figure::BaseOven->number())))->losing($losses);
        }
        $egg = array_filter($unknowns, fn(Unknown $u): bool => $this->shelf->get($u->ingredient)->comesFrom('egg'));
        if (!$was->treatment->has(TreatmentKind::Cook) || $was->treatment->reaches(95.0) || $egg !== [] || $layer->state->of100('protein.egg') < 0.3) {
            return $was->losing($losses);
        }

        return $was->treated($was->treatment->heatedBy(TreatmentStep::of(TreatmentKind::Melt)))->losing($losses);
    }
}
