<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Diet\Claim;
use Transmuta\Diet\Diet;
use Transmuta\Formula\Line;
use Transmuta\Property\DishReading;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Ingredient;

/**
 * What a label of a dish says in a market: computed, not analysed, by rules that are recalled. It is never final while a line is unread or guessed, or a
 * value that is declared is not known; and it is no proof, whatever it says.
 */
final readonly class Label
{
    /** A half to a sixth, and these divided on by two or three. */
    private const FRACTIONS = [2, 3, 4, 5, 6, 8, 9, 10, 12, 15, 16, 18, 20, 24, 27, 30, 32, 36];

    private function __construct(private DishReading $dish, private Market $market, private IngredientList $list, private float $serving, private float $servings) {}

    public static function of(DishReading $dish, Market $market): self
    {
        [$serving, $servings] = self::serving($dish, $market);

        return new self($dish, $market, IngredientList::of($dish, $market), $serving, $servings);
    }

    /**
     * Into how many a large unit is cut: the fraction whose piece is nearest the reference amount, of those that 21 CFR 101.9(b)(2)(i)(C) offers. A seventh is not.
     *
     * @param float $unit g
     * @param float $size the reference amount, g
     */
    public static function parts(float $unit, float $size): int
    {
        $best = 1;
        foreach (self::FRACTIONS as $parts) {
            if (abs($unit / $parts - $size) < abs($unit / $best - $size)) {
                $best = $parts;
            }
        }

        return $best;
    }

    /** @return array<string, mixed> */
    public function write(): array
    {
        $nutrition = NutritionTable::of($this->dish, $this->market, $this->serving);
        [$contains, $may, $unknown] = $this->allergens();
        $open = array_values(array_unique([...$this->unread(), ...$this->list->open, ...$nutrition['unknown'], ...$this->wordsOfPackets()]));

        if ($this->market === Market::In && $this->marks() === [] && $this->unread() === []) {
            $open = [...$open, ...array_map(static fn(string $question): string => "vegetarian mark: $question", $this->askedOfAnimals())];
        }

        return [
            'regime' => $this->market->value,
            'edition' => $this->market->edition(),
            'final' => $open === [],
            'not_final_because' => $open,
            'name' => $this->dish->formula->title,
            'name_words' => $this->nameWords(),
            'ingredients' => ['text' => $this->list->text, 'list' => array_map(static fn(Entry $one): array => $one->write(), $this->list->entries)],
            'allergens' => ['contains' => $contains, 'statement' => AllergenWords::statement($contains, $this->market), 'may_contain' => $may, 'unknown' => $unknown],
            'nutrition' => ['serving_g' => $this->serving, 'servings' => $this->servings, 'servings_words' => self::servingsWords($this->servings), 'rows' => $nutrition['rows'], 'whole' => $this->whole()],
            'statements' => $this->statements(),
            'marks' => $this->marks(),
            'symbols' => $this->symbols(),
            'claims' => $this->claims(),
            'rules' => $this->rules(),
        ];
    }

    /**
     * A second column for the whole of a unit that is two to three reference amounts: it may be eaten at once.
     *
     * @return ?array{grams: float, rows: list<array<string, mixed>>}
     */
    private function whole(): ?array
    {
        $unit = $this->dish->portion['mass_g'];
        $size = $this->market === Market::Us ? self::reference($this->dish) : null;
        $share = $size === null ? 0.0 : $unit / $size;

        return $share >= Figure::LabelUsLarge->number() && $share <= Figure::LabelUsBoth->number() + 1e-9 ? ['grams' => $unit, 'rows' => NutritionTable::of($this->dish, $this->market, $unit)['rows']] : null;
    }

    /** Servings as they are told: whole ones as they are, others about so many, by halves between two and five (21 CFR 101.9(b)(8)). */
    public static function servingsWords(float $servings): string
    {
        if (abs($servings - round($servings)) < 1e-6) {
            return (string) (int) round($servings);
        }
        $step = $servings >= 2.0 && $servings < 5.0 ? 0.5 : 1.0;

        return 'about ' . round($servings / $step) * $step;
    }

    /** @return list<string> lines nobody understands, and guesses nobody has confirmed, each in its own words */
    private function unread(): array
    {
        return array_values(array_unique(array_map(static fn(Line $line): string => $line->text === '' ? (string) $line->ingredient : $line->text, [...$this->dish->formula->unresolved(), ...$this->dish->formula->provisional()])));
    }

    /** @return array{list<string>, list<string>, list<string>} */
    private function allergens(): array
    {
        $contains = [];
        foreach ($this->list->entries as $one) {
            $contains = [...$contains, ...$one->allergens];
        }
        // What is left out of the list for being infused is in the food all the same.
        foreach ($this->dish->ingredients() as $in) {
            $contains = [...$contains, ...AllergenWords::of($in, $this->market)];
        }
        $sulphites = AllergenWords::word('sulphites', $this->market);
        $contains = [...array_diff($contains, [$sulphites]), ...($this->list->sulphites->areDeclared($this->market) !== false ? [$sulphites] : [])];
        $contains = array_values(array_unique($contains));
        $may = array_values(array_diff(array_map(fn(string $one): string => AllergenWords::word($one, $this->market), $this->dish->mayContain), $contains));
        $unknown = [...array_map(static fn(string $text): string => "what is in “{$text}”", $this->unread()), ...$this->wordsOfPackets()];
        if ($this->list->sulphites->areDeclared($this->market) === null) {
            $unknown = [...$unknown, ...array_map(static fn(string $name): string => "sulphites of $name, mg/kg", $this->list->sulphites->unknown)];
        }

        return [$contains, $may, array_values(array_unique($unknown))];
    }

    /** @return list<string> by the name: European law alone asks for them */
    private function nameWords(): array
    {
        if (!$this->market->isEuropean() || $this->sweeteners() === []) {
            return [];
        }

        return [$this->dish->us['added_sugars_g'] > 0.005 ? 'with sugar(s) and sweetener(s)' : 'with sweetener(s)'];
    }

    /** @return list<string> */
    private function statements(): array
    {
        $said = [];
        $polyols = $this->percent(Sorts::of('polyol'));
        $hasAspartame = $this->carries('aspartame');
        if ($this->market->isEuropean()) {
            if ($polyols > 10.0 + 1e-9) {
                $said[] = 'Excessive consumption may produce laxative effects.';
            }
            if ($hasAspartame) {
                $said[] = 'Contains a source of phenylalanine.';
            }
        }
        if ($this->market === Market::Us && $hasAspartame) {
            $said[] = 'PHENYLKETONURICS: CONTAINS PHENYLALANINE.';
        }
        if ($this->market === Market::Ca && $hasAspartame) {
            $said[] = 'Contains phenylalanine.';
        }
        if ($this->market === Market::Anz) {
            $low = $this->percent(Sorts::of('laxative from 10'));
            $high = $this->percent(Sorts::of('laxative from 25'));
            if ($low >= 10.0 - 1e-9 || $high >= 25.0 - 1e-9 || ($low > 0.0 && $high > 0.0 && $low + $high >= 10.0 - 1e-9)) {
                $said[] = 'Excess consumption may have a laxative effect.';
            }
            if ($hasAspartame) {
                $said[] = 'Contains phenylalanine.';
            }
            $alcohol = $this->alcohol();
            if ($alcohol > 1.15) {
                $said[] = \sprintf('%.1f %% ALC/VOL', $alcohol);
            }
        }
        if ($this->market === Market::In) {
            if ($polyols > 0.0) {
                $said[] = 'Polyols may have laxative effects.';
            }
            $intense = array_values(array_unique(array_map(static fn(Ingredient $in): string => mb_strtolower(IngredientList::additives()[$in->id]['name'] ?? $in->name), array_filter($this->sweeteners(), static fn(Ingredient $in): bool => !\in_array($in->id, Sorts::of('polyol'), true)))));
            if ($intense !== []) {
                $said[] = 'Contains sweetener (' . implode(', ', $intense) . ').';
            }
            if ($hasAspartame) {
                $said[] = 'Not for phenylketonurics.';
            }
        }

        return $said;
    }

    /** @return list<string> India: a green disc, or a brown triangle for any animal part, egg or gelatin; milk and honey are no reason */
    private function marks(): array
    {
        if ($this->market !== Market::In || $this->unread() !== []) {
            return [];
        }
        // No green disc while a packet may still say egg, gelatin or another animal.
        $asked = $this->askedOfAnimals();
        $isAnimal = array_filter($this->dish->ingredients(), static fn(Ingredient $in): bool => array_filter(['egg', 'gelatin', 'meat'], $in->comesFrom(...)) !== [] || array_intersect($in->allergens, ['eggs', 'fish', 'crustaceans', 'molluscs']) !== []) !== [];

        return $isAnimal ? ['brown triangle in a brown-edged square (non-vegetarian)'] : ($asked !== [] ? [] : ['green disc in a green-edged square (vegetarian)']);
    }

    /** @return list<string> words of packets' own lists that nobody understands, as what is not known */
    private function wordsOfPackets(): array
    {
        $words = [];
        foreach ($this->dish->ingredients() as $in) {
            foreach ($in->packet()->unread as $word) {
                $words[] = "what “{$word}” is on the packet of $in->name";
            }
        }

        return $words;
    }

    /** @return list<string> questions of packets on which the vegetarian mark of India hangs */
    private function askedOfAnimals(): array
    {
        $guesses = $this->dish->formula->questions();
        $asked = [...$this->dish->diets[Diet::Vegetarian->value]->unproven, ...$this->dish->diets[Diet::Eggless->value]->unproven];

        return array_values(array_unique(array_diff($asked, $guesses)));
    }

    /** @return list<string> Canada: high in saturated fat, sugars, sodium, by the serving */
    private function symbols(): array
    {
        if ($this->market !== Market::Ca || $this->unread() !== []) {
            return [];
        }
        $per = $this->serving / max(1e-9, $this->dish->portion['mass_g']);
        $share = $this->serving <= 30.0 ? 0.10 : 0.15;
        $high = [];
        foreach (Table::of('label/front-of-pack') as $row) {
            $value = $this->dish->portion[$row['fact']] ?? $this->dish->us[$row['fact']];
            if ($value * $per >= $share * (float) $row['amount'] - 1e-9) {
                $high[] = "High in / Élevé en: {$row['name']}";
            }
        }

        return $high;
    }

    /** @return list<array<string, mixed>> the claims of the market that are computed, met or not */
    private function claims(): array
    {
        $regime = $this->market->isEuropean() ? 'eu' : $this->market->value;

        return array_values(array_map(static fn(Claim $one): array => $one->toArray(), array_filter($this->dish->claims, static fn(Claim $one): bool => $one->regime->value === $regime)));
    }

    /** @return list<array{what: string, article: string, mark: string}> every rule that was applied, with what it came to where it prints nothing */
    private function rules(): array
    {
        $barred = array_values(array_map(static fn(Ingredient $in): string => $in->name, array_filter($this->dish->ingredients(), static fn(Ingredient $in): bool => \in_array($in->id, Sorts::of('not in europe'), true))));
        $with = [
            'sulphites' => $this->list->sulphites->words($this->market),
            'polyols' => \sprintf('%.1f', $this->percent(Sorts::of('polyol'))),
            'alcohol' => \sprintf('%.1f', $this->alcohol()),
            'serving' => \sprintf('%.0f', $this->serving),
            'barred' => implode(', ', $barred),
        ];
        $rules = [];
        foreach ($this->market->rows('label/laws') as $row) {
            if ($barred !== [] || !str_contains($row['says'], '{barred}')) {
                $rules[] = ['what' => Particulars::filled($row['says'], $with), 'article' => $row['article'], 'mark' => $row['mark']];
            }
        }

        return [...$rules, ['what' => 'computed, not analysed; rules as recalled, to be checked with the authority of the market', 'article' => '', 'mark' => 'mem']];
    }

    /** @return list<Ingredient> */
    private function sweeteners(): array
    {
        $additives = IngredientList::additives();

        return array_values(array_filter($this->dish->ingredients(), static fn(Ingredient $in): bool => ($additives[$in->id]['class'] ?? '') === 'sweetener' || \in_array($in->class, ['intense-sweetener', 'cut-sweetener', 'sweetener-syrup', 'milk-polyol'], true) || \in_array($in->id, Sorts::of('polyol'), true)));
    }

    private function carries(string $sweetener): bool
    {
        foreach ($this->dish->layers as $layer) {
            if ($layer->state->of100("active.$sweetener") > 0.0) {
                return true;
            }
        }

        return isset($this->dish->ingredients()[$sweetener]);
    }

    /**
     * @param list<string> $ids
     */
    private function percent(array $ids): float
    {
        $grams = array_sum(array_map(static fn(Entry $one): float => $one->of !== null && \in_array($one->of->id, $ids, true) ? $one->grams : 0.0, $this->list->entries));
        $finished = $this->dish->mass();

        return $finished > 0.0 ? 100 * $grams / $finished : 0.0;
    }

    /** % vol of the whole. */
    private function alcohol(): float
    {
        $ethanol = array_sum(array_map(static fn($layer): float => $layer->state->of100('alcohol') * $layer->state->mass / 100, $this->dish->layers));
        $volume = $this->dish->volume();

        return $volume > 0.0 ? 100 * $ethanol / Figure::EthanolDensity->number() / $volume : 0.0;
    }

    /**
     * The portion, unless the market's rule gives another: by its reference amount in the United States.
     *
     * @return array{float, float} g, and how many
     */
    private static function serving(DishReading $dish, Market $market): array
    {
        $portion = $dish->portion['mass_g'];
        $size = $market === Market::Us ? self::reference($dish) : null;
        if ($size === null) {
            return [$portion, (float) $dish->formula->portions];
        }
        $share = $portion / $size;
        if ($share <= 0.5) {
            $units = max(1, (int) round($size / $portion));

            return [$units * $portion, $dish->formula->portions / $units];
        }
        if ($share >= Figure::LabelUsLarge->number()) {
            $parts = self::parts($portion, $size);

            return [$portion / $parts, (float) ($parts * $dish->formula->portions)];
        }

        return [$portion, (float) $dish->formula->portions];
    }

    /** The reference amount of what the dish is, g; null where none is known, or it weighs nothing. */
    private static function reference(DishReading $dish): ?float
    {
        $racc = array_column(Table::of('label/reference-amounts'), null, 'family')[$dish->formula->family->value] ?? null;
        $portion = $dish->portion['mass_g'];
        if ($racc === null || $portion <= 0.0) {
            return null;
        }
        $volume = $dish->volume() / $dish->formula->portions;

        return $racc['by'] === 'volume' && $volume > 0.0 ? (float) $racc['amount'] * $portion / $volume : (float) $racc['amount'];
    }
}
