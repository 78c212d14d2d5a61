<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Diet\DietJudge;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Shelf;
use Transmuta\Watch\WatchList;

/** Reads a formula: every property of every layer, then the dish. */
final readonly class Reader
{
    /** Temperature of a room, at which every set is read a second time, °C. */
    public const ROOM = 20.0;

    public Fat $fat;
    public Acidity $acidity;
    public Air $air;
    public Freezing $freezing;
    public SetModel $set;
    public Sweetness $sweetness;
    public Nutrition $nutrition;
    private WaterActivity $waterActivity;
    private Base $base;

    public function __construct(public Reference $reference, public Shelf $shelf, private WatchList $watch, NetCarbSchool $school = NetCarbSchool::HalfPolyols, bool $linearBloom = false)
    {
        $this->fat = new Fat($reference);
        $this->acidity = new Acidity($reference);
        $this->air = new Air($reference);
        $this->freezing = new Freezing($reference);
        $this->set = new SetModel($reference, $this->fat, $this->acidity, $this->air, $this->freezing, $linearBloom);
        $this->sweetness = new Sweetness($reference);
        $this->nutrition = new Nutrition($reference, $school);
        $this->waterActivity = new WaterActivity($reference);
        $this->base = new Base($this->fat);
    }

    /** @throws \Transmuta\Shelf\UnknownIngredient if a line names an ingredient the shelf does not have */
    public function read(Formula $formula, ?float $netCarbLimit = null, ?float $proteinFloor = null): DishReading
    {
        $layers = array_map(fn(Layer $layer): LayerReading => $this->layer($layer, $formula->serveAt), $formula->layers);
        $mass = array_sum(array_map(static fn(LayerReading $l): float => $l->state->mass, $layers));
        $totals = [];
        foreach ($layers as $layer) {
            foreach ($layer->nutrition as $fact => $per100) {
                $totals[$fact] = ($totals[$fact] ?? 0.0) + $per100 * $layer->state->mass / 100;
            }
        }
        $totals['cost_minor'] = (float) array_sum(array_map(static fn(LayerReading $l): int => $l->costMinor, $layers));
        $portion = ['mass_g' => $mass / $formula->portions, ...array_map(static fn(float $v): float => $v / $formula->portions, $totals)];
        $per100 = ['mass_g' => 100.0, ...array_map(static fn(float $v): float => $mass > 0.0 ? $v * 100 / $mass : 0.0, $totals)];
        $used = $this->ingredients($formula);
        $collect = static fn(string $list): array => array_values(array_unique(array_merge([], ...array_map(static fn(object $in): array => $in->{$list}, $used))));
        $contains = $collect('allergens');
        sort($contains);
        $may = array_values(array_diff($collect('mayContain'), $contains));
        sort($may);
        $diets = DietJudge::all($used, $portion + ['net_carbs_g' => 0.0, 'protein_g' => 0.0, 'kj' => 0.0], \count($formula->unresolved()), $netCarbLimit, $proteinFloor);

        $reading = new DishReading($formula, $layers, $portion, $per100, $contains, $may, $diets, []);

        return new DishReading($formula, $layers, $portion, $per100, $contains, $may, $diets, $this->watch->check($reading, $this));
    }

    public function layer(Layer $layer, float $serveAt): LayerReading
    {
        $state = LayerModel::stateOf($layer, $this->shelf);
        $volume = $this->air->layerVolume($state);

        return new LayerReading(
            layer: $layer,
            state: $state,
            volume: $volume,
            airShare: $this->air->share($state),
            se: $this->sweetness->se($state),
            acidCitric: $this->acidity->titratable($state),
            fruitAcid: $state->sharpAcid(),
            ph: $this->acidity->ph($state),
            aw: $this->waterActivity->aw($state),
            freezingPoint: $this->freezing->point($state),
            set: $this->set->read($state, $serveAt),
            setWarm: $this->set->read($state, self::ROOM),
            baseWords: Base::is($state) ? $this->base->words($state, $serveAt) : null,
            solidAtMouth: $this->fat->solid($state, 34.0),
            nutrition: $this->nutrition->per100($state),
            jobs: $this->jobs($state, $serveAt),
            costMinor: $this->cost($state),
            height: $layer->tin === null ? null : $volume * 1000 / $layer->tin->area(),
        );
    }

    /**
     * What each line provides, by taking it away and reading again.
     *
     * @return list<array<string, float>>
     */
    private function jobs(LayerState $state, float $serveAt): array
    {
        // A base holds by its firm fat; every other layer by its GE.
        $isBase = Base::is($state);
        $measure = fn(LayerState $s): array => [
            'set' => $isBase ? $this->fat->solid($s, $serveAt) : $this->set->ge($s, $serveAt),
            'sweet' => $this->sweetness->se($s),
            'fat' => $s->fat,
            'acid' => $s->acids,
            'air' => $this->air->volume($s),
            'protein' => $s->protein,
        ];
        $whole = $measure($state);
        $jobs = [];
        foreach (array_keys($state->grams) as $i) {
            $rest = $measure($state->without($i));
            $jobs[] = array_map(
                static fn(string $job): float => $whole[$job] > 1e-6 ? max(0.0, min(1.0, ($whole[$job] - $rest[$job]) / $whole[$job])) : 0.0,
                array_combine(array_keys($whole), array_keys($whole)),
            );
        }

        return $jobs;
    }

    private function cost(LayerState $state): int
    {
        $minor = 0.0;
        foreach ($state->model->portions as $i => $portion) {
            $minor += $state->grams[$i] / 1000 * ($portion->ingredient->priceMinorPerKg ?? 0);
        }

        return (int) round($minor);
    }

    /** @return list<\Transmuta\Shelf\Ingredient> each once */
    private function ingredients(Formula $formula): array
    {
        $used = [];
        foreach ($formula->layers as $layer) {
            foreach ($layer->understood() as $line) {
                if ($line->grams > 0.0) {
                    $used[(string) $line->ingredient] = $this->shelf->get((string) $line->ingredient);
                }
            }
        }

        return array_values($used);
    }
}
