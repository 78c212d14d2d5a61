<?php

declare(strict_types=1);

namespace Transmuta\Trace;

use Transmuta\Property\Heat\Cooling;
use Transmuta\Property\Heat\Stack;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Reader;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Property\Setting\Ripening;
use Transmuta\Property\Water\Frozen;
use Transmuta\Provenance\Mark;
use Transmuta\Provenance\Provenance;

/** Why a layer thickens, cools, sets and freezes when it does. */
final readonly class WhyHeat
{
    /** Paths that are answered here. */
    public const PATHS = ['pan', 'cooking', 'cooling', 'ripening', 'frozen'];

    public function __construct(private Reader $reader, private Leaves $leaves) {}

    /** @throws UnknownNumber if the layer has no such number */
    public function of(LayerReading $layer, string $what, Stack $stack, int $n): Trace
    {
        $missing = UnknownNumber::path($what);

        return match ($what) {
            'pan' => $this->pan($layer),
            'cooking' => $this->cooking($layer),
            'cooling' => $this->cooling($stack->coolings[$n]),
            'ripening' => $this->ripening($layer, $stack->ripening[$n] ?? throw $missing),
            'frozen' => $this->frozen($layer, $stack->frozen[$n] ?? throw $missing, $stack->heights[$n]),
            default => throw $missing,
        };
    }

    private function cooking(LayerReading $layer): Trace
    {
        $window = $layer->window ?? throw UnknownNumber::path('cooking');
        $of = fn(string $key, string $label, string $unit): Trace => $this->leaves->coefficient('cooking', $key, $this->reader->reference->cooking[$key], $unit, $label);

        return Trace::of('Egg is done', $window->done, '°C', \sprintf('begins to thicken at %.0f °C, curdles at %.0f °C: shifted by how thin the egg is, by sugar, acid and fat; %s', $window->thickens, $window->curdles, $window->starch), [
            $of('done-c', 'egg at 10 % protein is set', '°C'),
            Trace::of('egg protein', $layer->state->of100('protein.egg'), 'g per 100 g', 'thinner sets later', [$of('dilution-c', 'for each e-fold', '°C'), $this->leaves->part($layer, 'egg protein', ['protein.egg'])]),
            Trace::of('sugars', $layer->state->sugars, 'g per 100 g', 'raise it', [$of('sugar-c', 'for each g', '°C')]),
            Trace::of('pH', $layer->ph, '', 'acid lowers it', [$of('acid-c', 'for each pH under 6', '°C')]),
            Trace::of('fat', $layer->state->fat, 'g per 100 g', 'over 10 g it puts off curdling', [$of('fat-c', 'for each g over 10', '°C')]),
            Trace::of('starch', $layer->state->of100('starch'), 'g per 100 g', 'enough of it lets it boil', [$of('starch-boils', 'lets it boil', '% of the liquid')]),
            $of('egg-safe-c', 'safe mark', '°C'),
        ]);
    }

    private function frozen(LayerReading $layer, Frozen $frozen, float $height): Trace
    {
        return Trace::of('Ice at −18 °C', 100 * $frozen->iceAt18, '% of its water', $frozen->word, [
            Trace::of('at −10 °C', 100 * $frozen->iceAt10, '% of its water'),
            Trace::of('water', $layer->state->water, 'g per 100 g', '', [$this->leaves->part($layer, 'water', ['water'])]),
            Trace::of('strength of its water', $this->reader->freezing->concentration($layer->state), '% sucrose equivalent', 'what is dissolved holds water back from the ice'),
            Trace::of('strength at which ice stops at −18 °C', $this->reader->freezing->strengthAt(-18.0), '% sucrose', 'where the activity of the solution meets that of ice'),
            Trace::of('a scoop goes in at', $frozen->scoopsAt, '°C', 'no more than 42 g ice in 100 g', [], Provenance::of(Mark::Memory, 'recalled')),
            Trace::of('stands first', $frozen->temperMinutes, 'min', \sprintf('heat to melt the ice in between, over both faces of %s mm at 20 °C', Leaves::short($height))),
        ]);
    }

    private function pan(LayerReading $layer): Trace
    {
        $pan = $layer->pan ?? throw UnknownNumber::path('pan');
        $target = $layer->window === null || $layer->window->mayBoil ? 100.0 : $layer->window->done;
        $cooking = fn(string $key, string $label, string $unit): Trace => $this->leaves->coefficient('cooking', $key, $this->reader->reference->cooking[$key], $unit, $label);

        return Trace::of('On the hob', $pan->minutesTo($target), 'min', \sprintf('lumped: what the hob gives less convection and vapour from the open surface heats the mass, to %.0f °C; a guide, never a proof of a safe temperature', $target), [
            $cooking($pan->gentle ? 'pan-gentle' : 'pan-brisk', $pan->gentle ? 'gentle heat, for egg curdles' : 'brisk heat', 'W/m²'),
            Trace::of('pan', $pan->diameter(), 'mm', 'wide enough for the mass to stand at the usual depth', [$cooking('pan-depth-mm', 'depth', 'mm')]),
            Trace::of('specific heat', $layer->thermal->specificHeat, 'kJ/kg·K', 'of its parts, Choi and Okos 1986'),
            $this->leaves->layerMass($layer),
            $cooking('pan-vapour', 'vapour from the stirred surface', 'm/s'),
            Trace::of('climbs there', $pan->climb($target), '°C a minute', 'slower the more it steams'),
        ]);
    }

    public function cooling(Cooling $c): Trace
    {
        $food = static fn(string $section): Provenance => Provenance::of(Mark::Published, "FDA Food Code 2022 $section");

        return Trace::of('Middle at 8 °C', $c->coreHours, 'h', 'transient conduction with a surface film, slab and cylinder series multiplied; not a proof: put a probe in it', [
            Trace::of('goes in at', $c->startsAt, '°C'),
            Trace::of('air', $c->air, '°C', \sprintf('surface film %g W/m²K', $c->film), [], $this->reader->reference->sourceOf('cooling', $c->air < 0.0 ? 'freezer' : 'fridge')),
            Trace::of('height', $c->heightMm, 'mm', 'both faces and the sides cooled'),
            Trace::of('firm enough', $c->firmHours, 'h', $c->firmAt === null ? 'nothing in it sets by cooling' : \sprintf('a quarter of the way in is at %g °C, where its set begins', $c->firmAt)),
            Trace::of('57 → 21 °C', $c->dangerHours, 'h', 'within 2 h where food was hot', [], $food('3-501.14')),
            Trace::of('57 → 5 °C', $c->coldHours, 'h', 'within 6 h in all where food was hot', [], $food('3-501.14')),
        ]);
    }

    private function ripening(LayerReading $layer, Ripening $r): Trace
    {
        $marks = array_map(static fn(array $mark): Trace => Trace::of(\sprintf('after %g h in the cold', $mark['hours']), $mark['ge'], 'GE %', \sprintf('%d %% of what gelatin gives in the end, and all of the rest: %s', round(100 * $mark['share']), Ladder::word($mark['ge']))), $r->marks);

        return Trace::of('Set by hours in the cold', $r->marks[\count($r->marks) - 1]['ge'], 'GE %', 'a gelatin gel firms on with the logarithm of time', [
            Trace::of('gelatin, in the end', $layer->set->mechanisms['gelatin'] ?? 0.0, 'GE %'),
            Trace::of('begins to set', $r->begins, 'h', 'from the cooling of the layer'),
            Trace::of('within the first hour', 100 * $r->first, '% of its full set', '', [], $this->reader->reference->sourceOf('set', 'gelatin.first-hour')),
            Trace::of('full after', $r->full, 'h', '', [], $this->reader->reference->sourceOf('set', 'gelatin.full-hours')),
            ...$marks,
        ]);
    }
}
