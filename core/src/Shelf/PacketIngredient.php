<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Provenance\Provenance;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;

/**
 * Makes an ingredient of a packet's panel and of the reference row it is most like: totals as printed, kinds and what a panel does not print
 * as the likeness has them, marked estimated. Energy is reconciled with the parts, or the panel is refused.
 */
final readonly class PacketIngredient
{
    /**
     * @param array<string, mixed> $row as {@see IngredientRow} reads it
     * @param list<array{field: string, words: string}> $estimates what the panel did not print
     * @param ?float $statedKj per 100 g
     */
    private function __construct(public array $row, public array $estimates, public ?float $statedKj, public float $computedKj, public ?string $energyNote) {}

    /**
     * @param array{id: string, name: string, price_minor_per_kg?: ?int, allergens?: list<string>, may_contain?: list<string>, names?: list<string>, ph?: ?float, declared?: ?string, sulphites?: ?float} $about
     *
     * @throws ImpossiblePanel if the energy cannot be of these parts
     */
    public static function of(PacketPanel $panel, array $about, ?Ingredient $like, string $source, Reference $reference): self
    {
        if ($like !== null && $panel->isEmpty()) {
            return self::sameAs($like, $about, $source, $panel, $reference);
        }
        $estimates = [];
        $parts = [];
        $marks = [];
        $said = ['packet', $source];
        $guess = static function (string $field, float $value, string $words) use (&$estimates): float {
            $estimates[] = ['field' => $field, 'words' => $words];

            return $value;
        };
        $was = static fn(string $family): float => $like === null ? 0.0 : (str_ends_with($family, '.') ? $like->composition->family($family) : $like->composition->of100($family));
        $as = $like === null ? ', with nothing on the shelf it is like' : " as $like->name has it";

        $fat = $panel->get('fat_g') ?? $guess('fat_g', $was('fat.'), "fat{$as}");
        $carbohydrate = $panel->get('carbohydrate_g') ?? $guess('carbohydrate_g', $was('sugar.') + $was('starch') + $was('dextrin') + $was('polyol.') + $was('allulose'), "carbohydrate{$as}");
        $protein = $panel->get('protein_g') ?? $guess('protein_g', $was('protein.'), "protein{$as}");
        $salt = $panel->get('salt_g') ?? $guess('salt_g', $was('salt'), "salt{$as}");
        $fibre = $panel->get('fibre_g') ?? self::fibre($panel, $was('fibre'), $guess, $like === null ? '' : $like->name);
        $ratio = static fn(float $part, float $whole): float => $whole > 0.0 ? $part / $whole : 0.0;
        $wasCarbohydrate = $was('sugar.') + $was('starch') + $was('dextrin') + $was('polyol.') + $was('allulose');
        $sugars = $panel->get('sugars_g') ?? $guess('sugars_g', $carbohydrate * ($like === null ? 1.0 : $ratio($was('sugar.'), $wasCarbohydrate)), "sugars as a share of carbohydrate{$as}");
        $polyols = $panel->get('polyols_g') ?? min($carbohydrate - $sugars, $was('polyol.') > 0.0 ? $guess('polyols_g', max(0.0, $carbohydrate - $sugars) * $ratio($was('polyol.'), max(1e-9, $wasCarbohydrate - $was('sugar.'))), "polyols{$as}") : 0.0);
        $saturates = $panel->get('saturates_g') ?? $guess('saturates_g', $fat * $ratio($was('saturates'), $was('fat.')), "saturates as a share of fat{$as}");
        $alcohol = $panel->get('alcohol_g') ?? $was('alcohol');

        $spread = static function (string $family, float $total, string $else, string $words) use ($like, &$parts, &$marks, $said, &$estimates, $was): void {
            if ($total <= 0.0) {
                return;
            }
            $before = $was($family);
            foreach ($before > 0.0 && $like !== null ? $like->composition->parts : [$else => 1.0] as $part => $grams) {
                if (str_starts_with($part, $family)) {
                    $parts[$part] = $total * ($before > 0.0 ? $grams / $before : 1.0);
                    $marks[$part] = $said;
                }
            }
            if ($before <= 0.0 || \count(array_filter(array_keys($parts), static fn(string $p): bool => str_starts_with($p, $family))) > 1) {
                $estimates[] = ['field' => $family, 'words' => $words];
            }
        };
        $spread('fat.', $fat, 'fat.oil', "kind of fat{$as}");
        $spread('protein.', $protein, 'protein.other', "kind of protein{$as}");
        $spread('sugar.', $sugars, 'sugar.sucrose', "which sugars{$as}");
        $spread('polyol.', $polyols, 'polyol.maltitol', "which polyols{$as}");
        $rest = max(0.0, $carbohydrate - $sugars - $polyols);
        $starch = $panel->get('starch_g') ?? $rest * ($like === null || $was('starch') + $was('dextrin') + $was('allulose') <= 0.0 ? 1.0 : $was('starch') / ($was('starch') + $was('dextrin') + $was('allulose')));
        $other = max(0.0, $rest - $starch);
        $parts['starch'] = $starch;
        $parts[$was('allulose') > $was('dextrin') ? 'allulose' : 'dextrin'] = $other;
        if ($rest > 0.5 && $panel->get('starch_g') === null) {
            $estimates[] = ['field' => 'starch_g', 'words' => 'starch: carbohydrate that is neither sugar nor polyol, split' . $as];
        }
        $parts += ['saturates' => $saturates, 'fibre' => $fibre, 'salt' => $salt, 'alcohol' => $alcohol];
        $parts['insoluble'] = $fibre * $ratio($was('insoluble'), $was('fibre'));
        $parts['particles'] = $was('particles');
        foreach ($like === null ? [] : $like->composition->parts as $part => $grams) {
            if (str_starts_with($part, 'acid.') || str_starts_with($part, 'active.') || $part === 'ash') {
                $parts[$part] = $grams;
                $marks[$part] = ['est', ltrim($as)];
            }
        }
        $dry = Composition::of(array_filter([...$parts, 'water' => 0.0], static fn(float $g): bool => $g > 0.0))->sum();
        $parts['water'] = $panel->get('water_g') ?? $guess('water_g', max(0.0, 100.0 - $dry), 'water: what is left to 100 g');
        foreach (['saturates', 'fibre', 'salt', 'alcohol', 'starch', 'dextrin', 'allulose', 'insoluble', 'particles', 'water'] as $part) {
            $field = $part . '_g';
            $marks[$part] = ($panel->values[$field] ?? null) !== null ? $said : ['est', 'not on the packet'];
        }
        $parts = array_filter($parts, static fn(float $g): bool => $g > 0.0);
        [$computed, $note] = self::reconcile($panel, Composition::of($parts), $reference);

        return new self(self::row($parts, $marks, $about, $like, $source, $panel), $estimates, $panel->statedKj(), $computed, $note);
    }

    /**
     * What is like another in all that its panel would say: its parts keep the marks they have there.
     *
     * @param array{id: string, name: string, price_minor_per_kg?: ?int, allergens?: list<string>, may_contain?: list<string>, names?: list<string>, ph?: ?float, declared?: ?string, sulphites?: ?float} $about
     */
    private static function sameAs(Ingredient $like, array $about, string $source, PacketPanel $panel, Reference $reference): self
    {
        $row = ['mark' => $like->provenance->mark->value, 'source' => $like->provenance->source, 'kj' => $like->statedKj, 'note' => $like->note] + self::row($like->composition->parts, [], $about, $like, $source, $panel);

        return new self($row, [], $like->statedKj, self::reconcile($panel, $like->composition, $reference)[0], null);
    }

    /** Fibre not printed: what the stated energy leaves over for it, else as the likeness has it. */
    private static function fibre(PacketPanel $panel, float $was, callable $guess, string $likeName): float
    {
        $computed = $panel->computedKj();
        $stated = $panel->statedKj();
        if ($computed !== null && $stated !== null && $was > 0.0) {
            $left = ($stated - $computed) / 8.0;
            $room = 100.0 - ($panel->get('fat_g') ?? 0.0) - ($panel->get('carbohydrate_g') ?? 0.0) - ($panel->get('protein_g') ?? 0.0);

            return $guess('fibre_g', max(0.0, min($room, $left > 0.5 && $left < 2.0 * $was ? $left : $was)), "fibre from the energy the other parts leave, near what $likeName has");
        }

        return $was > 0.0 ? $guess('fibre_g', $was, "fibre as $likeName has it") : 0.0;
    }

    /**
     * @return array{float, ?string} kJ per 100 g of the parts, and what to say of the difference
     *
     * @throws ImpossiblePanel if they are too far apart
     */
    private static function reconcile(PacketPanel $panel, Composition $made, Reference $reference): array
    {
        $factors = $reference->energy;
        $erythritol = $made->of100('polyol.erythritol');
        $computed = $factors['carbohydrate']['kj'] * ($made->family('sugar.') + $made->of100('starch') + $made->of100('dextrin') + $made->of100('allulose'))
            + $factors['polyols']['kj'] * ($made->family('polyol.') - $erythritol) + $factors['fat']['kj'] * $made->family('fat.') + $factors['protein']['kj'] * $made->family('protein.')
            + $factors['alcohol']['kj'] * $made->of100('alcohol') + $factors['organic_acid']['kj'] * $made->family('acid.') + $factors['fibre']['kj'] * $made->of100('fibre');
        $stated = $panel->statedKj();
        if ($stated === null) {
            return [$computed, 'The packet states no energy: computed from its parts.'];
        }
        $apart = $stated - $computed;
        $share = abs($apart) / max($stated, $computed, 1.0);
        if (abs($apart) <= Figure::PacketLittle->number() || $share <= Figure::PacketAgrees->number()) {
            return [$computed, null];
        }
        $field = $panel->get('energy_kj') === null ? 'energy_kcal' : 'energy_kj';
        if ($share > Figure::PacketTold->number()) {
            throw new ImpossiblePanel([$field => \sprintf('The packet states %d kJ in 100 g, and its parts make %d. Check fat, carbohydrate and protein, and enter polyols, fibre or alcohol if it has them.', round($stated), round($computed))]);
        }

        return [$computed, \sprintf('The packet states %d kJ and its parts make %d, %d %% %s: fibre, polyols or alcohol may be missing from the panel.', round($stated), round($computed), round($share * 100), $apart > 0.0 ? 'less' : 'more')];
    }

    /**
     * @param array<string, float> $parts
     * @param array<string, array{string, string}> $marks
     * @param array{id: string, name: string, price_minor_per_kg?: ?int, allergens?: list<string>, may_contain?: list<string>, names?: list<string>, ph?: ?float, declared?: ?string, sulphites?: ?float} $about
     *
     * @return array<string, mixed>
     */
    private static function row(array $parts, array $marks, array $about, ?Ingredient $like, string $source, PacketPanel $panel): array
    {
        $kept = array_map(static fn(Provenance $p): array => [$p->mark->value, $p->source], $like->provenances ?? []);
        if (isset($about['price_minor_per_kg'])) {
            $marks['price'] = ['packet', $source];
        }
        if (isset($about['ph'])) {
            $marks['ph'] = ['meas', 'measured here'];
        }

        // A list that is understood to its last word says what the packet holds; else what it is like goes on counting beside it.
        $list = PacketList::of($about['declared'] ?? '');
        $isSaid = ($about['declared'] ?? '') !== '' && $list->unread === [];
        $origins = $isSaid ? $list->origins : ($like->origins ?? []);
        $hasAlcohol = $panel->get('alcohol_g') === null || $panel->get('alcohol_g') > 0.0;

        return [
            'id' => $about['id'],
            'name' => $about['name'],
            'group' => $like->group ?? 'other',
            'parts' => array_map(static fn(float $g): float => round($g, 4), $parts),
            'ph' => $about['ph'] ?? $like?->ph,
            'fat_state' => ($like->fatState ?? FatState::None)->value,
            'functions' => $like->functions ?? [],
            'densities' => $like->densities ?? [],
            'units' => $like->units ?? [],
            // A row that is corrected is still called what kitchens call it; another that is like it is not.
            'names' => array_values(array_unique([mb_strtolower($about['name']), ...($about['names'] ?? []), ...($like?->id === $about['id'] ? $like->names : [])])),
            'origins' => array_values($hasAlcohol ? $origins : array_diff($origins, ['alcohol'])),
            'allergens' => $about['allergens'] ?? ($isSaid ? [] : $like->allergens ?? []),
            'may_contain' => $about['may_contain'] ?? ($isSaid ? [] : $like->mayContain ?? []),
            'cereals' => $isSaid ? [] : $like->cereals ?? [],
            'ask_vegan' => $like?->askVegan,
            'ask_vegetarian' => $like?->askVegetarian,
            'ask_alcohol' => $hasAlcohol && !$isSaid ? $like?->askAlcohol : null,
            'ask_gluten' => $like?->askGluten,
            'price_minor_per_kg' => $about['price_minor_per_kg'] ?? $like?->priceMinorPerKg,
            'micro' => $like->micronutrients ?? [],
            'kj' => $panel->statedKj(),
            'note' => null,
            'mark' => 'packet',
            'source' => $source,
            'marks' => [...$kept, ...$marks],
            'based_on' => $like?->id,
            'class' => $like->class ?? '',
            // What stands on one packet is not said of another that is like it.
            'declared' => $about['declared'] ?? null,
            'sulphites' => $about['sulphites'] ?? null,
        ];
    }
}
