<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Property\DishReading;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Ingredient;

/**
 * The list of ingredients by descending weight at the time of use: water by what is left of it, additives by class and name or number, allergens emphasised,
 * the quantity of what the name speaks of, compounds opened by the market's threshold.
 */
final readonly class IngredientList
{
    /** Words of a name that say what kind of dish it is, not what is in it. */
    private const KINDS = ['curd', 'tart', 'tartlet', 'cake', 'cheesecake', 'mousse', 'cream', 'custard', 'pudding', 'slice', 'bar', 'pie', 'baked', 'cold', 'pot', 'roasted', 'frozen', 'icebox', 'night', 'dark', 'with', 'and', 'set', 'panna', 'cotta'];

    /**
     * @param list<Entry> $entries
     * @param list<string> $open what is not known, naming the line
     */
    private function __construct(public array $entries, public string $text, public array $open, public Sulphites $sulphites) {}

    public static function of(DishReading $dish, Market $market): self
    {
        [$grams, $ingredients] = self::used($dish);
        $finished = $dish->mass();
        $bowl = array_sum($grams);
        if (isset($grams['water'])) {
            $grams['water'] = self::water($grams['water'], $bowl, $finished, $market);
        }
        $sulphites = Sulphites::of($dish);
        $open = $sulphites->open($market);
        $entries = [];
        $names = self::names();
        $additives = self::additives();
        $compounds = self::compounds();
        arsort($grams);
        $quid = self::quid($dish->formula->title, $grams, $ingredients, $finished, $bowl, $market);
        foreach ($grams as $id => $mass) {
            $in = $ingredients[$id];
            $percent = $finished > 0.0 ? 100 * $mass / $finished : 0.0;
            if ($mass <= 0.0 || ($id === 'water' && self::mayLeaveOut($percent, $market))) {
                continue;
            }
            $words = $sulphites->worded(AllergenWords::of($in, $market), $in, $market);
            $name = $names[$id] ?? self::plain($in->name);
            if (\in_array('nuts', $words, true)) {
                $open[] = "$in->name: which nut it is stands on its packet";
            }
            $additive = $additives[$id] ?? null;
            if ($additive !== null) {
                $entries[] = new Entry($market === Market::Us || $market === Market::Ca ? $additive['us'] : $additive['name'], self::emphasised(self::additive($additive, $market), $words), $mass, $percent, null, $additive['class'] === '' ? null : $additive['class'], $words, $in);
                continue;
            }
            $defined = $compounds[$in->class] ?? $compounds[$id] ?? null;
            $printed = $name;
            if ($in->madeOf !== null) {
                $printed .= ' (' . implode(', ', array_map(static fn(array $line): string => mb_strtolower($line['name']), $in->madeOf['lines'])) . ')';
            } elseif ($in->declared !== null && $percent >= $market->opensFrom($defined === '1')) {
                $printed .= ' (' . self::read($in->declared) . ')';
            } elseif ($defined !== null && $percent >= $market->opensFrom($defined === '1')) {
                $open[] = "$in->name: what it is made of is read off its packet";
                $printed .= ' (made of: see its packet)';
            }
            $printed = self::emphasised($printed, $words);
            $entries[] = new Entry($name, $printed . (isset($quid[$id]) ? " ($quid[$id])" : ''), $mass, $percent, $quid[$id] ?? null, null, $words, $in);
        }
        $entries = self::merged($entries);

        return new self($entries, self::printed($entries, $market), $open, $sulphites);
    }

    /** @return array{array<string, float>, array<string, Ingredient>} g at the time of use by ingredient, and the ingredients */
    private static function used(DishReading $dish): array
    {
        $grams = $ingredients = [];
        foreach ($dish->layers as $layer) {
            foreach ($layer->state->model->portions as $n => $portion) {
                if (!$portion->infused) {
                    $grams[$portion->ingredient->id] = ($grams[$portion->ingredient->id] ?? 0.0) + $layer->state->grams[$n];
                    $ingredients[$portion->ingredient->id] = $portion->ingredient;
                }
            }
        }

        return [$grams, $ingredients];
    }

    /** Water as it counts: of the finished food in Europe, less what evaporates in Australia and New Zealand, as it goes in elsewhere. */
    private static function water(float $water, float $bowl, float $finished, Market $market): float
    {
        return match ($market->law()['water']) {
            'of-finished' => max(0.0, $finished - ($bowl - $water)),
            'less-evaporated' => max(0.0, $water - max(0.0, $bowl - $finished)),
            default => $water,
        };
    }

    private static function mayLeaveOut(float $percent, Market $market): bool
    {
        return match ($market->law()['water_left_out']) {
            'up-to' => $percent <= Figure::LabelWater->number() + 1e-9,
            'under' => $percent < Figure::LabelWater->number() - 1e-9,
            default => false,
        };
    }

    /** @param array{e: string, name: string, us: string, class: string} $additive */
    private static function additive(array $additive, Market $market): string
    {
        $number = str_replace('E ', '', $additive['e']);

        $written = match (true) {
            $additive['class'] === '' => 'additive_unclassed',
            $number === '' => 'additive_unnumbered',
            default => 'additive',
        };

        return Particulars::filled($market->law()[$written], ['us' => $additive['us'], 'class' => $additive['class'], 'Class' => ucfirst($additive['class']), 'name' => $additive['name'], 'number' => $number]);
    }

    /** @param list<string> $words */
    private static function emphasised(string $name, array $words): string
    {
        foreach ($words as $word) {
            $found = (string) preg_replace('/\b' . preg_quote($word, '/') . '(s?)\b/iu', '**$0**', $name, 1);
            $name = $found !== $name ? $found : "$name (**$word**)";
        }

        return $name;
    }

    /**
     * The quantity of what the name of the food speaks of: % at the time of use, of the finished food where moisture is lost; g in 100 g where that, or all
     * of them together, is over 100.
     *
     * @param array<string, float> $grams
     * @param array<string, Ingredient> $ingredients
     *
     * @return array<string, string>
     */
    private static function quid(string $title, array $grams, array $ingredients, float $finished, float $bowl, Market $market): array
    {
        $step = $market->law()['quantity'];
        if ($step === 'none' || $finished <= 0.0) {
            return [];
        }
        $title = array_diff(preg_split('/[^\p{L}]+/u', mb_strtolower($title), -1, \PREG_SPLIT_NO_EMPTY) ?: [], self::KINDS);
        $of = [];
        $base = $finished < $bowl ? $finished : $bowl;
        foreach ($grams as $id => $mass) {
            $words = preg_split('/[^\p{L}]+/u', mb_strtolower($ingredients[$id]->name), -1, \PREG_SPLIT_NO_EMPTY) ?: [];
            $named = array_filter($title, static fn(string $word): bool => mb_strlen($word) >= 3 && array_filter($words, static fn(string $own): bool => self::stem($own) === self::stem($word)) !== []);
            if ($named !== [] && $mass > 0.0 && !(100 * $mass / $base < Figure::LabelFlavouring->number() && \in_array($ingredients[$id]->class, ['aromatic', 'vanilla', 'extract', 'zest', 'spirit', 'liqueur', 'coffee', 'bulk-sweetener'], true))) {
                $of[$id] = 100 * $mass / $base;
            }
        }
        $over = array_sum($of) > 100.0 + 1e-9 || array_filter($of, static fn(float $share): bool => $share > 100.0 + 1e-9) !== [];

        return array_map(static fn(float $share): string => match (true) {
            $over => round($share) . ' g per 100 g',
            $step === 'half' => ($share < 5.0 ? (string) (round($share * 2) / 2) : (string) round($share)) . ' %',
            $share < 5.0 => number_format($share, 1) . ' %',
            default => round($share) . ' %',
        }, $of);
    }

    /**
     * Things printed alike stand once: caster and icing sugar are both sugar.
     *
     * @param list<Entry> $entries
     *
     * @return list<Entry> by descending weight, then by name
     */
    private static function merged(array $entries): array
    {
        $by = [];
        foreach ($entries as $one) {
            $had = $by[$one->printed] ?? null;
            $by[$one->printed] = $had === null ? $one : new Entry($one->name, $one->printed, $had->grams + $one->grams, $had->percent + $one->percent, $one->quid, $one->class, $one->allergens, $one->of);
        }
        $all = array_values($by);
        usort($all, static fn(Entry $a, Entry $b): int => [round($b->grams, 2), $a->name] <=> [round($a->grams, 2), $b->name]);

        return $all;
    }

    /** @param list<Entry> $entries */
    private static function printed(array $entries, Market $market): string
    {
        if ($market === Market::Ca) {
            return 'Ingredients: ' . implode(', ', self::sugarsGrouped($entries)) . '.';
        }

        return 'Ingredients: ' . implode(', ', array_map(static fn(Entry $one): string => $one->printed, $entries)) . '.';
    }

    /**
     * In Canada sugars stand together, where their sum stands.
     *
     * @param list<Entry> $entries
     *
     * @return list<string>
     */
    private static function sugarsGrouped(array $entries): array
    {
        $isSugar = static fn(Entry $one): bool => $one->of !== null && \in_array($one->of->class, ['sugar', 'dark-sugar', 'other-sugar', 'neutral-syrup', 'floral-syrup', 'honey', 'flavoured-syrup', 'sweet-juice', 'sweet-puree', 'milk-sugar'], true);
        $sugars = array_values(array_filter($entries, $isSugar));
        $sum = array_sum(array_map(static fn(Entry $one): float => $one->grams, $sugars));
        $told = [];
        foreach ($entries as $one) {
            if ($sugars !== [] && $sum >= $one->grams) {
                $told[] = 'Sugars (' . implode(', ', array_map(static fn(Entry $s): string => $s->printed, $sugars)) . ')';
                $sugars = [];
            }
            if (!$isSugar($one)) {
                $told[] = $one->printed;
            }
        }

        return $told;
    }

    /** A packet's list as it stands within another: without its heading, its marks of emphasis and its full stop. */
    private static function read(string $list): string
    {
        return trim((string) preg_replace(['/^\s*(?:ingredients?|zutaten|ingrédients)\s*:\s*/iu', '/\*\*/', '/\s+/u', '/[\s.;]+$/u'], ['', '', ' ', ''], $list));
    }

    /** One or many: strawberry and strawberries, lemon and lemons. */
    private static function stem(string $word): string
    {
        return (string) preg_replace(['/ies$/', '/(?<=[sxz]|ch|sh)es$/', '/s$/'], ['y', '', ''], $word);
    }

    /** A shelf's name as it is printed: without what tells one packet from another. */
    private static function plain(string $name): string
    {
        $name = (string) preg_replace('/\s*\([^)]*\)|\s*\d+(?:\.\d+)? ?%(?: fat)?|,.*$/u', '', $name);

        return mb_strtolower(trim($name));
    }

    /** @return array<array-key, string> */
    private static function names(): array
    {
        return array_column(Table::of('label/names'), 'name', 'ingredient');
    }

    /** @return array<string, array{e: string, name: string, us: string, class: string}> */
    public static function additives(): array
    {
        $all = [];
        foreach (Table::of('label/additives') as $row) {
            $all[$row['ingredient']] = ['e' => $row['e'], 'name' => $row['name'], 'us' => $row['us'], 'class' => $row['class']];
        }

        return $all;
    }

    /** @return array<array-key, string> whether its making is defined by law, by class or ingredient */
    private static function compounds(): array
    {
        return array_column(Table::of('label/compounds'), 'defined', 'class');
    }
}
