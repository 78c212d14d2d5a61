<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Diet\Claim;
use Transmuta\Diet\Diet;
use Transmuta\Formula\Family;
use Transmuta\Formula\Line;
use Transmuta\Property\DishReading;
use Transmuta\Shelf\Ingredient;

/**
 * What a label of a dish says in a market: computed, not analysed, by rules that are recalled. It is never final while a line is unread or guessed, or a
 * value that is declared is not known; and it is no proof, whatever it says.
 */
final readonly class Label
{
    /** g of ethanol in 1 ml. */
    private const ETHANOL = 0.789;

    /** Reference amounts customarily consumed, 21 CFR 101.12(b): g, or ml where the second is true. */
    private const RACC = ['cheesecake' => [125.0, false], 'curd' => [120.0, true], 'cream' => [120.0, true], 'custard' => [120.0, true], 'mousse' => [120.0, true]];

    /** Reference amounts from which one unit is more than a serving, and up to which the whole of it is declared beside one serving (21 CFR 101.9(b)(6), (12)). */
    private const LARGE = 2.0;
    private const BOTH = 3.0;

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

        return $share >= self::LARGE && $share <= self::BOTH + 1e-9 ? ['grams' => $unit, 'rows' => NutritionTable::of($this->dish, $this->market, $unit)['rows']] : null;
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
        foreach (['saturated fat / gras saturés' => [$this->dish->portion['saturates_g'], 20.0], 'sugars / sucres' => [$this->dish->portion['sugars_g'], 100.0], 'sodium' => [$this->dish->us['sodium_mg'], 2300.0]] as $name => [$value, $daily]) {
            if ($value * $per >= $share * $daily - 1e-9) {
                $high[] = "High in / Élevé en: $name";
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
        $rule = static fn(string $what, string $article, string $mark = 'pub'): array => ['what' => $what, 'article' => $article, 'mark' => $mark];
        $polyols = $this->percent(Sorts::of('polyol'));
        $end = $rule('computed, not analysed; rules as recalled, to be checked with the authority of the market', '', 'mem');
        $barred = array_values(array_map(static fn(Ingredient $in): string => $in->name, array_filter($this->dish->ingredients(), static fn(Ingredient $in): bool => \in_array($in->id, Sorts::of('not in europe'), true))));

        return match ($this->market) {
            Market::Eu, Market::Uk => [
                $rule('ingredients by descending weight at the time of use', 'Regulation (EU) No 1169/2011 art. 18(1)'),
                $rule('added water by what is left of it, left out up to 5 % of the finished food', 'Annex VII A(1)'),
                $rule('allergens emphasised in the list, no separate box', 'art. 21, Annex II'),
                $rule($this->list->sulphites->words($this->market), 'Annex II 12'),
                $rule('quantity of what the name speaks of, at the time of use', 'art. 22, Annex VIII'),
                $rule('additives by class and name', 'Annex VII C'),
                $rule('compound ingredients opened; under 2 % let off where their making is defined by law', 'Annex VII E'),
                $rule(\sprintf('polyols %.1f %% of the food: words over 10 %%', $polyols), 'Annex III 2.4'),
                $rule(\sprintf('alcohol %.1f %% vol: strength is printed on beverages only', $this->alcohol()), 'art. 9(1)(k), 28'),
                $rule('rounding', 'Commission guidance on tolerances, December 2012'),
                ...($barred === [] ? [] : [$rule('not authorised in the EU and UK: ' . implode(', ', $barred), 'Regulation (EC) No 1333/2008')]),
                ...($this->market === Market::Uk ? [$rule('packed before sale on the same premises: name and full list with allergens, no nutrition by this rule', 'SI 2019/1218')] : []),
                $end,
            ],
            Market::Us => [
                $rule('common names by descending weight, water among them', '21 CFR 101.4(a)'),
                $rule('compound ingredients opened, no share is let off', '21 CFR 101.4(b)(2)'),
                $rule('nine allergens, complete in “Contains”', 'FD&C Act 403(w), 201(qq)'),
                $rule($this->list->sulphites->words($this->market), '21 CFR 101.100(a)(4)'),
                $rule(\sprintf('serving of %.0f g by the reference amount', $this->serving), '21 CFR 101.9(b), 101.12(b)'),
                $rule('rounding and daily values', '21 CFR 101.9(c)'),
                $end,
            ],
            Market::Ca => [
                $rule('descending weight before combining, sugars grouped', 'FDR B.01.008.2'),
                $rule('allergens and gluten sources', 'FDR B.01.010.1'),
                $rule($this->list->sulphites->words($this->market), 'FDR B.01.010.2'),
                $rule('English and French: allergens and the nutrition table in both, the rest by hand', 'FDR B.01.012', 'mem'),
                $rule('front-of-package symbol from 15 % of the daily value of a serving, 10 % up to 30 g', 'FDR B.01.350', 'mem'),
                $rule('rounding', 'FDR B.01.401', 'mem'),
                $end,
            ],
            Market::Anz => [
                $rule('descending ingoing weight; water less what evaporates, left out under 5 %', 'Standard 1.2.4'),
                $rule('compounds under 5 % not opened', 'Standard 1.2.4—5'),
                $rule('plain English allergens in the list, and a summary that begins Contains', 'Standard 1.2.3, Schedule 9'),
                $rule($this->list->sulphites->words($this->market), 'Standard 1.2.3', 'mem'),
                $rule('characterising quantity', 'Standard 1.2.10'),
                $rule(\sprintf('polyols %.1f %%: words from 10 or 25 %%', $polyols), 'Standard 1.2.3—2, Schedule 9', 'mem'),
                $rule('three significant figures at most', 'Standard 1.2.8, Schedule 12'),
                $end,
            ],
            Market::In => [
                $rule('descending weight at manufacture, water listed; compounds under 5 % not opened', 'FSS (L&D) 5(2)'),
                $rule('per 100 g, and % of the recommended allowance per serve', 'FSS (L&D) 5(3)'),
                $rule('vegetarian or not', 'FSS (L&D) 5(4)'),
                $rule($this->list->sulphites->words($this->market), 'FSS (L&D) 5(14)', 'mem'),
                $rule('allergens; sesame, mustard, celery, lupin and molluscs are shown though not named by it', 'FSS (L&D) 5(14)', 'mem'),
                $end,
            ],
        };
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

        return $volume > 0.0 ? 100 * $ethanol / self::ETHANOL / $volume : 0.0;
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
        if ($share >= self::LARGE) {
            $parts = self::parts($portion, $size);

            return [$portion / $parts, (float) ($parts * $dish->formula->portions)];
        }

        return [$portion, (float) $dish->formula->portions];
    }

    /** The reference amount of what the dish is, g; null where none is known, or it weighs nothing. */
    private static function reference(DishReading $dish): ?float
    {
        $racc = $dish->formula->family !== Family::Other ? self::RACC[$dish->formula->family->value] ?? null : null;
        $portion = $dish->portion['mass_g'];
        if ($racc === null || $portion <= 0.0) {
            return null;
        }
        $volume = $dish->volume() / $dish->formula->portions;

        return $racc[1] && $volume > 0.0 ? $racc[0] * $portion / $volume : $racc[0];
    }
}
