<?php

declare(strict_types=1);

namespace Transmuta;

use Transmuta\Diet\EvidenceBook;
use Transmuta\Format\FormulaCsv;
use Transmuta\Format\FormulaJson;
use Transmuta\Format\FormulaText;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Step;
use Transmuta\Formula\Treatment;
use Transmuta\Intake\Language\PageLanguage;
use Transmuta\Intake\LineReader;
use Transmuta\Intake\Matcher;
use Transmuta\Intake\Recipe\Inference;
use Transmuta\Intake\Recipe\ReadRecipe;
use Transmuta\Intake\Recipe\SchemaOrg;
use Transmuta\Intake\Recipe\Together;
use Transmuta\Intake\Recipe\TreatmentGuess;
use Transmuta\Intake\TextFormula;
use Transmuta\Intake\TextHeadings;
use Transmuta\Intake\TreatmentGrammar;
use Transmuta\Intake\Unreadable;
use Transmuta\Method\BakeStages;
use Transmuta\Method\Masses;
use Transmuta\Method\Reading\MethodReader;
use Transmuta\Process\LineWords;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\ProcessBook;
use Transmuta\Process\MethodWriter;
use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Property\Setting\Strengths;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Reference\Reference;
use Transmuta\Reformulation\Answer;
use Transmuta\Reformulation\Balancer;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Brief\Schools;
use Transmuta\Reformulation\Payments;
use Transmuta\Reformulation\Ranking\Route;
use Transmuta\Reformulation\Reformulator;
use Transmuta\Shelf\Shelf;
use Transmuta\Watch\WatchList;

/** The core put together: text or JSON to a formula, a formula to a reading, a reading and a brief to routes. */
final readonly class Engine
{
    private function __construct(
        public Reader $reader,
        public Reformulator $reformulator,
        public Balancer $balancer,
        public Payments $payments,
        public MethodWriter $method,
        public TextFormula $text,
        public FormulaJson $json,
        public LineReader $lines,
    ) {}

    /**
     * @param ?EvidenceBook $evidence what packets have answered, as of the day it is asked
     * @param ?Reference $reference the tables, where they are at hand already
     * @param ?Strengths $strengths what the kitchen's own trials say of the set, where somebody took that over
     * @param ?Schools $schools what the studio or the dish has chosen where practitioners disagree
     */
    public static function over(Shelf $shelf, ?EvidenceBook $evidence = null, ?Reference $reference = null, ?Schools $schools = null, ?Strengths $strengths = null): self
    {
        $reference ??= Reference::standard();
        $schools ??= new Schools();
        $reader = new Reader($reference, $shelf, WatchList::standard(), $schools->netCarbs, $schools->linearBloom, evidence: $evidence, proteinPortion: $schools->proteinPortion, strengths: $strengths);
        $lines = new LineReader($shelf, $reference, new Matcher($shelf), $schools->leaf);
        $method = new MethodWriter(new Making(ProcessBook::standard(), $reference, new LineWords($schools->anyJuice)), $schools->chill);

        return new self($reader, new Reformulator($reader, $method, $schools), new Balancer($reader, $schools), new Payments($reader, $schools), $method, new TextFormula($lines), new FormulaJson($lines), $lines);
    }

    /**
     * The dish alone, of whatever {@see recipe} reads.
     *
     * @throws Unreadable if it is neither
     */
    public function parse(string $text, ?UnitSystem $assumed = null): Formula
    {
        return $this->recipe($text, $assumed)->formula;
    }

    /**
     * Reads whatever a kitchen has: our text and JSON, a pasted recipe, a schema.org Recipe or a page that holds one. Told by content.
     *
     * @param int $number which of several recipes in one file, from 1
     * @param bool $guessPortions whether portions nobody states are inferred even where there is no method
     *
     * @throws Unreadable if it is none of these
     */
    public function recipe(string $text, ?UnitSystem $assumed = null, int $number = 1, bool $guessPortions = false): ReadRecipe
    {
        if (SchemaOrg::is($text)) {
            $all = SchemaOrg::texts($text);
            $one = $all[$number - 1] ?? throw Unreadable::json(\sprintf('it holds %d recipe%s', \count($all), \count($all) === 1 ? '' : 's'));
            $read = $this->staged($this->heated($this->parted($this->text->recipe($one['text'], $assumed, $guessPortions)), $one['text']));
            unset($all[$number - 1]);

            return new ReadRecipe($read->formula, $read->inferred, $read->aside, array_values(array_column($all, 'title')), $one['text']);
        }
        if (FormulaCsv::is($text)) {
            return $this->asText($this->json->read(FormulaCsv::data($text)));
        }
        if (str_starts_with(ltrim($text), '{')) {
            $data = json_decode($text, true);
            if (!\is_array($data)) {
                throw Unreadable::json(json_last_error_msg());
            }

            return $this->asText($this->json->read($data));
        }

        return $this->staged($this->heated($this->parted($this->text->recipe($text, $assumed, $guessPortions)), $text));
    }

    /**
     * A typed text with a heading of one layer set; what its method alone has parted gets the headings it stands under first.
     *
     * @param 'treat'|'tin'|'loss'|'whole' $heading `whole`: the list stays one layer
     *
     * @throws Fault\Nonsense if it cannot be set in this text
     */
    public function headed(string $text, int $layer, string $heading, string $value, UnitSystem $system): string
    {
        $read = $this->recipe($text, $system);
        if ($heading === 'whole') {
            return TextHeadings::whole($text, min([\PHP_INT_MAX, ...array_map(static fn(Line $line): int => $line->number, array_merge(...array_map(static fn(Layer $one): array => $one->lines, $read->formula->layers)))]));
        }

        $parted = array_values(array_filter($read->formula->layers, static fn(Layer $one, int $n): bool => array_filter($read->inferred, static fn(Inference $said): bool => $said->what === 'layer' && $said->layer === $n) !== [], \ARRAY_FILTER_USE_BOTH));

        return TextHeadings::set($parted === [] ? $text : TextHeadings::written($text, $parted), $layer, $heading, $value, $this->lines, $system);
    }

    /**
     * A list without headings, or before the first of them, in the masses its method makes of it, which is a reading: said as one. A layer that has a heading
     * stays as it was written.
     */
    private function parted(ReadRecipe $read): ReadRecipe
    {
        $layer = $read->formula->layers[0];
        if ($layer->name !== Layer::UNNAMED || $layer->loss !== null || $read->formula->method === []) {
            return $read;
        }
        $lines = $layer->understood();
        // A row nobody understood may belong to any of them.
        if (array_filter($layer->lines, static fn(Line $line): bool => $line->ingredient === null && !str_contains((string) $line->reason, 'No amount')) !== []) {
            return $read;
        }
        $masses = Masses::of((new MethodReader())->by($this->reader->shelf, $read->formula), array_map(static fn(Line $line): float => $line->grams, $lines));
        if ($masses === []) {
            return $read;
        }
        $weights = array_map(static fn(Masses $mass): float => array_sum(array_map(static fn(int $line): float => $lines[$line]->grams, $mass->lines)), $masses);
        $main = (int) array_search(max($weights), $weights, true);
        $layers = [];
        $language = array_values(array_filter($read->inferred, static fn(Inference $one): bool => $one->what === 'language'))[0]->value ?? null;
        // What was told of the list is told of its parts anew.
        $more = \count($masses) - 1;
        $inferred = [];
        foreach ($read->inferred as $one) {
            if ($one->layer !== 0) {
                $inferred[] = $one->layer === null ? $one : new Inference($one->what, $one->layer + $more, $one->value, $one->because);
            }
        }
        foreach ($masses as $n => $mass) {
            $of = array_map(static fn(int $line): Line => $lines[$line], $mass->lines);
            // What nobody understood stands with the most of it, where it is asked for.
            $held = array_values(array_filter($layer->lines, static fn(Line $line): bool => \in_array($line, $of, true) || ($n === $main && $line->ingredient === null)));
            $name = match (true) {
                $mass->name !== Masses::TOPPING => $mass->name,
                \count($of) === 1 => $this->named((string) $of[0]->ingredient, $mass->named[0], $language),
                default => $mass->called(),
            };
            $layers[] = new Layer($name, $held, Treatment::none(), $n === $main ? $layer->tin : null);
            $inferred[] = new Inference('layer', $n, $name, 'the list has no headings: by its method');
        }
        foreach ($read->inferred as $one) {
            if ($one->layer === 0 && $one->what === 'tin') {
                $inferred[] = new Inference('tin', $main, $one->value, $one->because);
            }
        }

        return new ReadRecipe($read->formula->with([...$layers, ...\array_slice($read->formula->layers, 1)]), $inferred, $read->aside, $read->others, $read->text);
    }

    /** What a layer of one line is called: in the language of the page; by its step where the shelf calls it otherwise. */
    private function named(string $id, string $said, ?string $language): string
    {
        $own = $language === null ? null : PageLanguage::nameIn($language, $id);
        $name = (string) preg_replace('~\s*(?:[,(].*|\d+\s*%.*)$~u', '', $this->reader->shelf->get($id)->name);
        $isOther = str_contains($name, ' or ') || !str_contains(mb_strtolower($name), mb_substr($said, 0, 4));
        $isNamed = !\in_array($said, ['', 'everything', 'rest', 'the rest'], true);

        return ucfirst($own ?? ($isOther && $isNamed ? $said : $name));
    }

    /**
     * What the method does to each layer by heat, told by the steps that are of that layer: where several stand in one text, a sentence that names
     * no layer goes on with the mass at hand. What was written of a layer stays.
     */
    private function heated(ReadRecipe $read, string $text): ReadRecipe
    {
        $formula = $read->formula;
        // Of one layer all steps are, and the whole text was read for it.
        $isOne = \count($formula->layers) < 2;
        if (($isOne && $formula->layers[0]->treatment->words() !== 'none') || $formula->method === [] || preg_match('/^\s*treat\s*:/mi', $text) === 1) {
            return $read;
        }
        // Steps that stand under their layers are of those already.
        $last = max([0, ...array_map(static fn(Layer $layer): int => max([0, ...array_map(static fn(Line $line): int => (int) mb_strpos($text, $line->text), $layer->lines)]), $formula->layers)]);
        if (mb_strpos($text, $formula->method[0]->text) < $last) {
            return $read;
        }
        $method = (new MethodReader())->by($this->reader->shelf, $formula);
        // Told of the page as a whole, where it was found to be in another than English.
        $isForeign = array_filter($read->inferred, static fn(Inference $one): bool => $one->what === 'language') !== [];
        $language = $isForeign ? $this->lines->language(preg_split('/\R/u', $text) ?: [$text]) : null;
        $words = $baked = [];
        foreach ($method->acts as $act) {
            // "Loaf tin, 170 °C for 55 minutes" is baked, though nobody says so.
            $isOven = $act->operation->heats === 'oven' && $act->operation->key !== 'preheat';
            $isUnsaid = $isOven && preg_match('/\b(?:bake|roast|steam|oven)/iu', $act->words) !== 1;
            $said = ($isUnsaid ? 'bake ' : '') . ($language === null ? $act->words : $language->row($act->words));
            $words[$act->layer][] = $said;
            // What is put together and baked is baked, all of it: crumble on its apples.
            foreach ($isOven ? $method->partsIn($act) : [] as $part) {
                $baked[$part->layer][$said] = true;
            }
        }
        $whole = implode(' ', array_map(static fn(Step $step): string => $step->text, $formula->method));
        $layers = $formula->layers;
        $inferred = $read->inferred;
        foreach ($layers as $n => $layer) {
            $guess = isset($words[$n]) ? TreatmentGuess::of($words[$n], $layer->understood(), $this->lines->ingredients($layer->understood()), $whole) : null;
            // What is put together and baked is baked, unless it was cooked before: a caramel under its custard stays one.
            if (isset($baked[$n]) && ($guess === null || preg_match('~bake|boil|cook|freeze~', $guess[0]) !== 1)) {
                $words[$n] = [...$words[$n] ?? [], ...array_map(strval(...), array_keys($baked[$n]))];
                $guess = TreatmentGuess::of($words[$n], $layer->understood(), $this->lines->ingredients($layer->understood()), $whole);
            }
            $treatment = $guess === null ? Treatment::none() : TreatmentGrammar::parse($guess[0]);
            if (!isset($words[$n]) || $treatment->words() === $layer->treatment->words()) {
                continue;
            }
            $layers[$n] = $layer->treated($treatment);
            $inferred = array_values(array_filter($inferred, static fn(Inference $one): bool => $one->what !== 'treat' || $one->layer !== $n));
            if ($guess !== null) {
                $inferred[] = new Inference('treat', $n, $guess[0], $language === null && $guess[1] !== '' ? \sprintf('“%s”', $guess[1]) : 'by its steps');
            }
        }
        $layers = array_map(static fn(array $one): Layer => $one['layer'], Together::baked(Together::frozen(array_map(static fn(Layer $layer): array => ['layer' => $layer, 'treat' => false], $layers), $inferred), $inferred));

        return new ReadRecipe($formula->with($layers), $inferred, $read->aside, $read->others, $read->text);
    }

    /** Bakes that the method tells in stages, as it tells them; what was written of a layer stays. */
    private function staged(ReadRecipe $read): ReadRecipe
    {
        $layers = array_values(array_filter(array_map(static fn(Inference $one): ?int => $one->what === 'treat' ? $one->layer : null, $read->inferred), static fn(?int $n): bool => $n !== null));
        if ($layers === [] || $read->formula->method === []) {
            return $read;
        }
        $staged = BakeStages::of($read->formula, (new MethodReader())->by($this->reader->shelf, $read->formula), $layers);
        if ($staged === []) {
            return $read;
        }
        $formula = $read->formula->with(array_map(static fn(Layer $layer, int $n): Layer => isset($staged[$n]) ? $layer->treated($staged[$n]) : $layer, $read->formula->layers, array_keys($read->formula->layers)));
        $inferred = array_map(static function (Inference $one) use ($staged): Inference {
            $now = $one->what === 'treat' ? $staged[$one->layer ?? -1] ?? null : null;

            return $now === null ? $one : new Inference('treat', $one->layer, $now->words(), $one->because . ', in stages');
        }, $read->inferred);

        return new ReadRecipe($formula, $inferred, $read->aside, $read->others, $read->text);
    }

    /** A formula of another form, with the rows that say the same. */
    private function asText(Formula $formula): ReadRecipe
    {
        return new ReadRecipe($formula, text: (new FormulaText($this->reader->shelf))->write($formula));
    }

    /** @throws Trace\UnknownNumber if the reading has no such number */
    public function explain(Formula $formula, string $path): Trace\Trace
    {
        return (new Trace\Why($this->reader))->explain($this->reader->read($formula), $path);
    }

    public function read(Formula $formula): DishReading
    {
        return $this->reader->read($formula);
    }

    /** Routes, or what stands in their way and the nearest that can be had. */
    public function answer(Formula $formula, Brief $brief): Answer
    {
        return $this->reformulator->answer($formula, $brief);
    }

    /** @return list<Route> */
    public function reformulate(Formula $formula, Brief $brief): array
    {
        return $this->reformulator->routes($formula, $brief);
    }
}
