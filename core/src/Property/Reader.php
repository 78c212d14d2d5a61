<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Diet\Allergens;
use Transmuta\Diet\Claim;
use Transmuta\Diet\Claims;
use Transmuta\Diet\DietFacts;
use Transmuta\Diet\DietJudge;
use Transmuta\Diet\EvidenceBook;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Method\HeatHistory;
use Transmuta\Method\Method;
use Transmuta\Method\Reading\LineNouns;
use Transmuta\Method\Reading\MethodReader;
use Transmuta\Property\Heat\CookingWindow;
use Transmuta\Property\Heat\PanHeating;
use Transmuta\Property\Heat\Stack;
use Transmuta\Property\Heat\Thermal;
use Transmuta\Property\Nutrients\NetCarbSchool;
use Transmuta\Property\Setting\Strengths;
use Transmuta\Property\Structure\Air;
use Transmuta\Property\Structure\Base;
use Transmuta\Property\Taste\Aftertaste;
use Transmuta\Property\Taste\Balance;
use Transmuta\Property\Water\Crystals;
use Transmuta\Property\Water\Syrup;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\LayeredShelf;
use Transmuta\Shelf\Shelf;

/** Reads a formula: every property of every layer, then the dish. */
final readonly class Reader extends Models
{
    private Base $base;

    /**
     * @param ?float $proteinPortion g of protein a portion that count as high protein, where the kitchen means it so
     * @param ?Strengths $strengths what the kitchen's own trials say of the set, where somebody took that over
     * @param ?Shelf $measured the shelf as it was, where this one already is as the kitchen measured it
     */
    public function __construct(
        Reference $reference,
        Shelf $shelf,
        private Watcher $watch,
        NetCarbSchool $school = NetCarbSchool::HalfPolyols,
        bool $linearBloom = false,
        ?Shelf $measured = null,
        private ?EvidenceBook $evidence = null,
        private ?float $proteinPortion = null,
        private ?Strengths $strengths = null,
        private MethodReader $methods = new MethodReader(),
    ) {
        parent::__construct($reference, $shelf, $school, $linearBloom, $strengths, $measured);
        $this->base = new Base($this->fat);
    }

    /** @throws \Transmuta\Shelf\UnknownIngredient if a line names an ingredient the shelf does not have */
    public function read(Formula $formula, ?float $netCarbLimit = null, ?float $proteinFloor = null, ?DishReading $original = null): DishReading
    {
        if ($formula->measured !== [] && $this->measured === null) {
            return $this->for($formula)->read($formula, $netCarbLimit, $proteinFloor, $original);
        }
        $method = $this->method($formula);
        $formula = $method === null ? $formula : HeatHistory::onto($formula, $method, LineNouns::ingredients($this->shelf, $formula));
        $layers = array_map(fn(Layer $layer): LayerReading => $this->layer($layer, $formula->serveAt), $formula->layers);
        $mass = array_sum(array_map(static fn(LayerReading $l): float => $l->state->mass, $layers));
        $totals = self::sum($layers, static fn(LayerReading $l): array => $l->nutrition);
        $totals['cost_minor'] = (float) array_sum(array_map(static fn(LayerReading $l): int => $l->costMinor, $layers));
        $portion = ['mass_g' => $mass / $formula->portions, ...array_map(static fn(float $v): float => $v / $formula->portions, $totals)];
        $per100 = ['mass_g' => 100.0, ...array_map(static fn(float $v): float => $mass > 0.0 ? $v * 100 / $mass : 0.0, $totals)];
        $added = array_sum(array_map(static fn(LayerReading $l): float => $l->addedSugars * $l->state->mass / 100, $layers));
        $used = $this->ingredients($formula);
        $allergens = Allergens::of($used);
        $contains = array_keys($allergens['eu']['contains']);
        sort($contains);
        $may = array_keys($allergens['eu']['may']);
        sort($may);
        $facts = $portion + ['net_carbs_g' => 0.0, 'protein_g' => 0.0, 'kj' => 0.0];

        $reading = new DishReading(
            formula: $formula,
            layers: $layers,
            portion: $portion,
            per100: $per100,
            us: array_map(static fn(float $v): float => $v / $formula->portions, self::sum($layers, static fn(LayerReading $l): array => $l->us)),
            micronutrients: self::micronutrients($layers, $formula->portions),
            contains: $contains,
            mayContain: $may,
            allergens: $allergens,
            diets: DietJudge::all(new DietFacts($used, $facts, $formula->questions(), $netCarbLimit, $proteinFloor, $this->evidence, $original?->portion, self::heated($layers), $this->proteinPortion, self::guessed($formula))),
            claims: $mass > 0.0 ? self::stated((new Claims($this->reference))->of($per100, $added * 100 / $mass, $original?->per100, $facts), $formula->questions()) : [],
            stack: Stack::of($layers, $formula, $this->reference, $this->freezing),
            original: $original,
            method: $method,
        );

        return $reading->watched($this->watch->check($reading, $this));
    }

    /** The maker's own method; null where nobody wrote one, or what it does to the lines is known. */
    private function method(Formula $formula): ?Method
    {
        foreach ($formula->layers as $layer) {
            foreach ($layer->lines as $line) {
                if ($line->met !== null) {
                    return null;
                }
            }
        }

        return $formula->method === [] ? null : $this->methods->by($this->shelf, $formula);
    }

    /**
     * @param list<Claim> $claims
     * @param list<string> $questions
     *
     * @return list<Claim> none of them met while something is not answered
     */
    private static function stated(array $claims, array $questions): array
    {
        return $questions === [] ? $claims : array_map(static fn(Claim $claim): Claim => $claim->inDoubt($questions[0]), $claims);
    }

    /** @return list<string> ids no line is sure of */
    private static function guessed(Formula $formula): array
    {
        $known = [];
        foreach ($formula->layers as $layer) {
            foreach ($layer->understood() as $line) {
                if (!$line->isProvisional()) {
                    $known[] = (string) $line->ingredient;
                }
            }
        }

        return array_values(array_diff(array_map(static fn(\Transmuta\Formula\Line $line): string => (string) $line->ingredient, $formula->provisional()), $known));
    }

    /** @param list<LayerReading> $layers */
    private static function heated(array $layers): bool
    {
        foreach ($layers as $layer) {
            foreach ($layer->state->model->portions as $portion) {
                if ($portion->heated) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The same reader over the shelf as this formula's kitchen measured it. */
    public function for(Formula $formula): self
    {
        if ($formula->measured === [] || $this->measured !== null) {
            return $this;
        }
        $over = [];
        foreach ($formula->measured as $measured) {
            $in = $this->shelf->find($measured->ingredient);
            if ($in !== null) {
                $over[] = $measured->applyTo($in);
            }
        }

        return new self($this->reference, LayeredShelf::over($this->shelf, $over), $this->watch, $this->school, $this->linearBloom, $this->shelf, $this->evidence, $this->proteinPortion, $this->strengths);
    }

    /**
     * Totals of the dish from values per 100 g of each layer.
     *
     * @param list<LayerReading> $layers
     * @param callable(LayerReading): array<string, float> $per100
     *
     * @return array<string, float>
     */
    private static function sum(array $layers, callable $per100): array
    {
        $totals = [];
        foreach ($layers as $layer) {
            foreach ($per100($layer) as $fact => $value) {
                $totals[$fact] = ($totals[$fact] ?? 0.0) + $value * $layer->state->mass / 100;
            }
        }

        return $totals;
    }

    /**
     * @param list<LayerReading> $layers
     *
     * @return array<string, array{value: float, unknown: list<string>}>
     */
    private static function micronutrients(array $layers, int $portions): array
    {
        $facts = [];
        foreach (Ingredient::MICRONUTRIENTS as $fact) {
            $value = 0.0;
            $unknown = [];
            foreach ($layers as $layer) {
                $value += $layer->micronutrients[$fact]['value'] * $layer->state->mass / 100;
                $unknown = [...$unknown, ...$layer->micronutrients[$fact]['unknown']];
            }
            $facts[$fact] = ['value' => $value / $portions, 'unknown' => array_values(array_unique($unknown))];
        }

        return $facts;
    }

    public function layer(Layer $layer, float $serveAt): LayerReading
    {
        $state = LayerState::ofLayer($layer, $this->shelf);
        $volume = $this->air->layerVolume($state);
        $airShare = $this->air->share($state);
        $se = $this->sweetness->se($state);
        $acid = $this->acidity->titratable($state);
        $ph = $this->acidity->ph($state);
        $aw = $this->waterActivity->aw($state);
        $base = Base::is($state);
        $us = $this->usNutrition->per100($state);
        $jobs = LineJobs::of($state, $this, $serveAt);
        $window = CookingWindow::of($state, $ph, $this->reference);
        // A pressed or baked crumb holds air between its grains.
        $thermal = Thermal::of($state, $this->reference, self::ROOM, $base ? 0.2 : $airShare);

        return new LayerReading(
            layer: $layer,
            state: $state,
            volume: $volume,
            airShare: $airShare,
            se: $se,
            acidCitric: $acid,
            fruitAcid: $state->sharpAcid(),
            ph: $ph,
            aw: $aw,
            freezingPoint: $this->freezing->point($state),
            set: $this->set->read($state, $serveAt),
            setWarm: $this->set->read($state, self::ROOM),
            baseWords: $base ? $this->base->words($state, $serveAt) : null,
            solidAtMouth: $this->fat->solid($state, Figure::FatMouth->number()),
            nutrition: $this->nutrition->per100($state),
            jobs: $jobs['shares'],
            setBy: $jobs['set_by'],
            costMinor: (int) round(array_sum($this->costs($state))),
            height: $layer->tin === null ? null : $volume * 1000 / $layer->tin->area(),
            us: $us,
            micronutrients: $this->usNutrition->micronutrients($state),
            balance: Balance::of($state, $se, $acid),
            crystals: Crystals::of($state, $this->reference),
            thermal: $thermal,
            keeping: Keeping::of($state, $ph, $aw, $this->reference, $serveAt),
            window: $window,
            addedSugars: $us['added_sugars_g'],
            firmFat: $this->fat->weightedSolid($state, $serveAt),
            solidAtFridge: $this->fat->solid($state, self::FRIDGE),
            syrup: $base ? null : Syrup::of($state, $this->reference),
            aftertaste: Aftertaste::of($state, $this->sweetness, $this->reference),
            pan: $base ? null : PanHeating::of($state, $thermal, $window, $this->reference),
        );
    }

    /**
     * Minor units of money of each line, unrounded: what is trimmed, strained or cooked off was bought too.
     *
     * @return list<float>
     */
    public function costs(LayerState $state): array
    {
        return array_map(
            static fn(Portion $portion, float $grams): float => $grams / 1000 * ($portion->ingredient->priceMinorPerKg ?? 0),
            $state->model->portions,
            $state->grams,
        );
    }

    /** @return list<Ingredient> each once */
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
