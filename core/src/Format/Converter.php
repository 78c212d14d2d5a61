<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Diet\Diet;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Step;
use Transmuta\Intake\LineReader;
use Transmuta\Process\MethodWriter;
use Transmuta\Property\DishReading;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Shelf;

/** A formula in the forms a kitchen passes on: JSON, text, schema.org Recipe, a table, a card of Markdown. What a form cannot hold is said. */
final readonly class Converter
{
    private const HARMLESS = \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR | \JSON_HEX_TAG;

    /** Of schema.org’s RestrictedDiet, those this model speaks of. */
    private const DIETS = [Diet::Vegan->value => 'VeganDiet', Diet::Vegetarian->value => 'VegetarianDiet', Diet::GlutenFree->value => 'GlutenFreeDiet'];

    public function __construct(private Shelf $shelf, private MethodWriter $method, private LineReader $lines) {}

    /** @param ?Formula $told the formula with another method than the one it was read with, where it is told so */
    public function to(Form $form, DishReading $dish, ?Formula $told = null): Converted
    {
        $formula = $told ?? $dish->formula;

        return match ($form) {
            Form::Json => new Converted(json_encode(FormulaJson::write($formula), \JSON_PRETTY_PRINT | \JSON_UNESCAPED_UNICODE | \JSON_UNESCAPED_SLASHES | \JSON_THROW_ON_ERROR) . "\n"),
            Form::Text => new Converted((new FormulaText($this->shelf))->write($formula), self::lost($formula, ['ids'])),
            Form::JsonLd => new Converted(json_encode($this->recipe($dish, $formula), self::HARMLESS) . "\n", self::lost($formula, ['layers', 'treatments', 'tins', 'losses', 'serving temperature', 'family', 'measured fruit', 'notes', 'ids'])),
            Form::Csv => new Converted(FormulaCsv::write($formula), self::lost($formula, ['treatments', 'tins', 'losses', 'method', 'serving temperature', 'family', 'measured fruit', 'notes', 'ids'])),
            Form::Markdown => new Converted($this->card($dish, $formula), ['reading back: a card of Markdown is not read again']),
            Form::Nutrition => new Converted(NutritionCsv::write($dish), ['reading back: a table of nutrition is not read again']),
        };
    }

    /** @return array<string, mixed> */
    private function recipe(DishReading $dish, Formula $formula): array
    {
        $isOne = \count($formula->layers) === 1;
        $ingredients = [];
        foreach ($formula->layers as $layer) {
            if (!$isOne) {
                $ingredients[] = trim(self::plain($layer->name), ' :') . ':';
            }
            array_push($ingredients, ...array_map(fn(Line $line): string => self::plain($this->line($line, $formula)), $layer->lines));
        }
        $diets = [];
        foreach (self::DIETS as $diet => $name) {
            $verdict = $dish->diets[$diet] ?? null;
            if ($verdict !== null && $verdict->because === [] && $verdict->unproven === []) {
                $diets[] = "https://schema.org/$name";
            }
        }

        return [
            '@context' => 'https://schema.org', '@type' => 'Recipe', 'name' => self::plain($formula->title), 'recipeYield' => $formula->portions . ' servings', 'recipeIngredient' => $ingredients,
            'recipeInstructions' => array_map(static fn(string $text): array => ['@type' => 'HowToStep', 'text' => self::plain($text)], $this->steps($dish, $formula)),
            'nutrition' => self::nutrition($dish),
            ...($diets === [] ? [] : ['suitableForDiet' => $diets]),
        ];
    }

    /** @return array<string, string> of a portion; what is not known is not said */
    private static function nutrition(DishReading $dish): array
    {
        $of = $dish->portion;
        $said = ['@type' => 'NutritionInformation', 'calories' => round($of['kcal'] ?? 0.0) . ' kcal', 'servingSize' => round($of['mass_g'] ?? 0.0) . ' g'];
        foreach (['fatContent' => 'fat_g', 'saturatedFatContent' => 'saturates_g', 'carbohydrateContent' => 'carbohydrate_g', 'sugarContent' => 'sugars_g', 'fiberContent' => 'fibre_g', 'proteinContent' => 'protein_g'] as $name => $key) {
            $said[$name] = round($of[$key] ?? 0.0, 1) . ' g';
        }
        // Salt is 2.5 times its sodium (Regulation (EU) No 1169/2011, Annex I).
        $said['sodiumContent'] = round(1000 * ($of['salt_g'] ?? 0.0) / 2.5) . ' mg';
        foreach (['cholesterolContent' => ['cholesterol_mg', 'mg'], 'transFatContent' => ['trans_g', 'g']] as $name => [$key, $unit]) {
            $micro = $dish->micronutrients[$key] ?? null;
            if ($micro !== null && $micro['unknown'] === []) {
                $said[$name] = round($micro['value'], 1) . " $unit";
            }
        }

        return $said;
    }

    /** @return list<string> the dish’s own method; the one this formula asks for where it has none */
    private function steps(DishReading $dish, Formula $formula): array
    {
        $steps = $formula->method !== [] ? array_map(static fn(Step $step): string => $step->text, $formula->method) : $this->method->steps($dish);

        // The form numbers them: a number that was typed before a step would stand there twice.
        return array_values(array_map(Step::unnumbered(...), $steps));
    }

    private function line(Line $line, Formula $formula): string
    {
        return $line->ingredient === null ? $line->text : round($line->grams, $line->grams < 1.0 ? 3 : 2) . ' g ' . $this->name($line->ingredient, $formula);
    }

    /** A name that is read as this ingredient wherever it is read: a form that is passed on does not say whose measures it speaks. */
    private function name(string $id, Formula $formula): string
    {
        $names = [$this->lines->nameOf($id, $formula->measures), $this->lines->nameOf($id, UnitSystem::Metric), $this->shelf->get($id)->name, str_replace('-', ' ', $id)];
        $best = [$names[0], -1];
        foreach (array_unique($names) as $name) {
            $known = \count(array_filter(UnitSystem::cases(), fn(UnitSystem $system): bool => $this->lines->read("100 g $name", $system)->ingredient === $id));
            if ($known === \count(UnitSystem::cases())) {
                return $name;
            }
            if ($known > $best[1]) {
                $best = [$name, $known];
            }
        }

        return $best[0];
    }

    private function card(DishReading $dish, Formula $formula): string
    {
        $rows = ['# ' . self::escaped($formula->title), '', "{$formula->portions} portions of " . round($dish->portion['mass_g'] ?? 0.0) . ' g, served at ' . round($formula->serveAt, 1) . ' °C.'];
        foreach ($formula->layers as $layer) {
            array_push($rows, '', '## ' . self::escaped($layer->name), '');
            foreach ($layer->lines as $line) {
                $rows[] = '- ' . self::escaped($this->line($line, $formula)) . ($line->note === '' ? '' : ' (' . self::escaped($line->note) . ')');
            }
        }
        array_push($rows, '', '## Method', '');
        foreach ($this->steps($dish, $formula) as $n => $step) {
            $rows[] = ($n + 1) . '. ' . self::escaped($step);
        }
        array_push($rows, '', '## A portion', '', \sprintf('%.0f kcal, fat %.1f g, carbohydrate %.1f g, sugars %.1f g, protein %.1f g, salt %.2f g. Computed, not analysed.', $dish->portion['kcal'] ?? 0.0, $dish->portion['fat_g'] ?? 0.0, $dish->portion['carbohydrate_g'] ?? 0.0, $dish->portion['sugars_g'] ?? 0.0, $dish->portion['protein_g'] ?? 0.0, $dish->portion['salt_g'] ?? 0.0));
        $rows[] = 'Contains: ' . ($dish->contains === [] ? 'none of the fourteen by its lines' : implode(', ', $dish->contains)) . ($dish->mayContain === [] ? '.' : '. May contain: ' . implode(', ', $dish->mayContain) . '.');
        if ($formula->unresolved() !== [] || $formula->provisional() !== []) {
            $rows[] = '';
            $rows[] = 'Not final: some lines are unread or guessed.';
        }

        return implode("\n", $rows) . "\n";
    }

    /** Without links that are none of the web, and without tags. */
    private static function plain(string $text): string
    {
        return trim((string) preg_replace('/\b(?!https?:)[a-z][a-z0-9+.-]*:(?=\S)(?:\/\/)?\S*script\S*|\b(?:javascript|data|vbscript|file):\S*/i', '', $text));
    }

    /** What Markdown would take for a tag, a link or a heading is shown as it is. */
    private static function escaped(string $text): string
    {
        // An ampersand is one, unless it begins what would be read as another sign.
        $plain = (string) preg_replace('/&(?=#?\w+;)/', '\\\\&', self::plain((string) preg_replace('/\s+/', ' ', $text)));

        return strtr($plain, ['<' => '&lt;', '>' => '&gt;', '[' => '\[', ']' => '\]', '`' => '\`', '*' => '\*', '_' => '\_', '#' => '\#', '|' => '\|']);
    }

    /**
     * @param list<string> $kinds what the form has no place for
     *
     * @return list<string>
     */
    private static function lost(Formula $formula, array $kinds): array
    {
        $has = [
            'layers' => \count($formula->layers) === 1 && !\in_array($formula->layers[0]->name, ['', Layer::UNNAMED], true) ? $formula->layers[0]->name : '',
            'treatments' => self::named($formula, static fn(Layer $l): string => $l->treatment->isNone() ? '' : $l->treatment->words()),
            'tins' => self::named($formula, static fn(Layer $l): string => $l->tin?->words() ?? ''),
            'losses' => self::named($formula, static fn(Layer $l): string => $l->loss === null || $l->loss->isNone() ? '' : $l->loss->words()),
            'method' => $formula->method === [] ? '' : \count($formula->method) . ' steps',
            'serving temperature' => $formula->serveAt === 5.0 ? '' : "$formula->serveAt °C",
            'family' => $formula->family->value === 'other' ? '' : $formula->family->value,
            'measured fruit' => $formula->measured === [] ? '' : implode(', ', array_map(static fn($m): string => $m->ingredient, $formula->measured)),
            'notes' => implode('; ', array_filter(array_merge(...array_map(static fn(Layer $l): array => array_map(static fn(Line $line): string => $line->note, $l->lines), $formula->layers)))),
            'ids' => $formula->layers[0]->id === '' ? '' : 'of layers and lines',
        ];

        return array_values(array_map(static fn(string $kind): string => "$kind: {$has[$kind]}", array_filter($kinds, static fn(string $kind): bool => ($has[$kind] ?? '') !== '')));
    }

    /** @param \Closure(Layer): string $of */
    private static function named(Formula $formula, \Closure $of): string
    {
        $all = [];
        foreach ($formula->layers as $layer) {
            $said = $of($layer);
            if ($said !== '') {
                $all[] = "$layer->name ($said)";
            }
        }

        return implode(', ', $all);
    }
}
