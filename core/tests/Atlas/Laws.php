<?php

declare(strict_types=1);

namespace Transmuta\Tests\Atlas;

use Transmuta\Diet\Diet;
use Transmuta\Formula\Line;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Shelf\Ingredient;

/**
 * What a pastry cook would hold against a finished recipe, read off it alone: grams, shelf rows and the reading of the layers. Nothing here asks
 * the engine for its verdict but whether it calls the route met, and no table of the engine's own is used: the bounds are written down again.
 */
final class Laws
{
    /** % of a layer: isolates and concentrates, by kind of layer; polyols together; liquid oil; gums; gelatin; agar. */
    private const MOST = ['powder' => 8.3, 'powder base' => 12.5, 'polyols' => 26.0, 'oil' => 13.0, 'gum' => 0.52, 'gelatin' => 2.0, 'agar' => 0.95, 'starch' => 9.0, 'inulin' => 13.0];

    private const NAMES = [1 => 'nothing banned', 2 => 'stays its kind of food', 3 => 'sweetness', 4 => 'mass', 5 => 'emulsion holds', 6 => 'doses', 7 => 'keeps what it met', 8 => 'sane', 9 => 'safe and not spoilt', 10 => 'blocked with reason', 11 => 'set', 12 => 'brief reached', 13 => 'route offered', 14 => 'routes distinct and named', 15 => 'energy', 16 => 'says only what its reading says', 17 => 'without is without'];

    /** Laws of which not one may be broken, by nothing that is offered as met or met if packets say so. */
    public const WHOLE = [1, 7, 8, 9, 16, 17];

    /** Words of "without", and what an ingredient is called that is one of them or holds it; written from the shelf's names, not from its table of what holds what. */
    public const WITHOUT = [
        'almond' => '/almond|marzipan|amaretti|praline|nougat|candied nuts|nut brittle|granola/i',
        'hazelnut' => '/hazelnut|gianduja|praline|candied nuts|nut brittle|granola/i',
        'corn' => '/cornflour|maize|cornflakes|popcorn|custard powder|glucose syrup|pregelatin|modified starch|polenta/i',
        'oats' => '/\boats?\b|oatcake|granola/i',
        'cocoa' => '/cocoa|chocolate|gianduja|brownie/i',
        'strawberry' => '/strawberr|fruit yog|berry compote|mixed berries/i',
        'sugar' => '/\bsugar(?!ed egg|-free| free|s? free)|jam\b|honey|syrup (?!sugar)|condensed milk, sweet/i',
        'cream' => '/\b(?:whipping|single|double|clotted|sour|lactose-free) cream\b|(?<!plant )(?<!cashew )cream cheese|mascarpone|ice cream/i',
        'butter' => '/^(?:unsalted |salted |browned )?butter\b|ghee|shortbread|brioche/i',
        'egg white' => '/egg white|whole egg|meringue|sponge|marshmallow cream/i',
        'gelatin' => '/gelatine?\b(?! sub)/i',
        'coconut' => '/coconut/i',
        'coffee creamer' => '/creamer|whitener/i',
    ];

    /** @return array<int, string> */
    public static function names(): array
    {
        return self::NAMES;
    }

    /**
     * @param bool $isMet whether the route is called met, or met if packets say so
     * @param string $standing what it is called
     *
     * @return list<array{0: int, 1: bool, 2: string}> law, whether it holds, and what was seen
     */
    public static function check(DishReading $was, DishReading $now, Brief $brief, bool $isMet, string $standing = 'met_but'): array
    {
        $found = [];
        $say = static function (int $law, bool $holds, string $detail = '') use (&$found): void {
            $found[] = [$law, $holds, $detail];
        };
        foreach ($now->layers as $n => $layer) {
            $before = $was->layers[$n];
            $place = $before->layer->name;
            $banned = array_filter(self::used($layer), static fn(Ingredient $in): bool => self::bans($brief, $in));
            $say(1, $banned === [], "$place: " . implode(', ', array_map(static fn(Ingredient $i): string => $i->id, $banned)));
            self::kind($before, $layer, $isMet, $say);
            $off = abs($layer->se - $before->se);
            // A crust whose sugar leaves may be a third less sweet: what it is made of then is seeds, nuts and one sweetener.
            $isSugarless = $before->baseWords !== null && ($brief->asks(Diet::Keto) || $brief->asks(Diet::ReducedSugar));
            $most = max(0.5, ($isSugarless ? ($isMet ? 0.36 : 0.5) : ($isMet ? 0.05 : 0.10)) * $before->se);
            $say(3, $off <= $most + 0.02, \sprintf('%s: %.1f of %.1f SE', $place, $layer->se, $before->se));
            $say(4, abs($layer->state->mass - $before->state->mass) <= 0.01 * $before->state->mass + 0.6, \sprintf('%s: %.0f of %.0f g', $place, $layer->state->mass, $before->state->mass));
            self::emulsion($before, $layer, $say);
            self::doses($before, $layer, $say);
            if ($isMet) {
                self::sound($before, $layer, $say);
            }
            foreach ($layer->layer->lines as $line) {
                $say(8, is_finite($line->grams) && $line->grams >= 0.0 && $line->text !== '', "$place: $line->text");
            }
            if ($before->baseWords === null && $before->set->ge > 0.12) {
                $steps = abs(Ladder::coordinate($layer->set->ge) - Ladder::coordinate($before->set->ge));
                $say(11, $steps <= ($isMet ? 0.62 : 1.0), \sprintf('%s: %s, was %s (%.2f of %.2f GE)', $place, Ladder::word($layer->set->ge), Ladder::word($before->set->ge), $layer->set->ge, $before->set->ge));
            }
        }
        self::kept($was, $now, $isMet, $say);
        self::honest($now, $brief, $standing, $say);
        self::without($now, $brief, $say);
        self::reached($was, $now, $brief, $say);
        $kcal = $now->portion['kcal'] / max(1.0, $was->portion['kcal']);
        $say(15, $kcal > 0.25 && $kcal < 1.5, \sprintf('%.0f of %.0f kcal', $now->portion['kcal'], $was->portion['kcal']));

        return $found;
    }

    /** @return list<Ingredient> */
    private static function used(LayerReading $layer): array
    {
        $used = [];
        foreach ($layer->state->model->portions as $i => $portion) {
            if ($layer->state->grams[$i] > 0.0) {
                $used[] = $portion->ingredient;
            }
        }

        return $used;
    }

    /** By what the thing is, not by the diet's own rules. */
    private static function bans(Brief $brief, Ingredient $in): bool
    {
        $animal = ['dairy', 'egg', 'gelatin', 'honey', 'meat'];
        $c = $in->composition;
        foreach ($brief->diets as $diet) {
            $out = match ($diet) {
                Diet::Vegan => array_intersect($animal, $in->origins) !== [] || array_intersect(['milk', 'eggs', 'fish'], $in->allergens) !== [],
                Diet::Eggless => \in_array('eggs', $in->allergens, true),
                Diet::DairyFree => \in_array('milk', $in->allergens, true),
                Diet::GlutenFree => array_diff($in->cereals, ['oats']) !== [] || \in_array('gluten', $in->origins, true),
                Diet::Keto => \in_array($in->group, ['sugar'], true) || ($in->class === 'wheat-flour') || (str_ends_with($in->class, '-crumb') && $c->family('sugar.') + $c->of100('starch') > 25.0),
                Diet::NutFree => array_intersect(['nuts', 'peanuts'], $in->allergens) !== [],
                Diet::SoyFree => \in_array('soybeans', $in->allergens, true),
                Diet::AlcoholFree => $c->of100('alcohol') > 1.0,
                Diet::Vegetarian => \in_array('gelatin', $in->origins, true),
                default => false,
            };
            if ($out) {
                return true;
            }
        }

        return false;
    }

    /** @param callable(int, bool, string=): void $say */
    private static function kind(LayerReading $was, LayerReading $now, bool $isMet, callable $say): void
    {
        $dry = static function (LayerReading $l): float {
            $sum = 0.0;
            foreach ($l->state->model->portions as $i => $p) {
                $in = $p->ingredient;
                $isDry = \in_array($in->group, ['base', 'nut'], true) || ($in->group === 'starch' && $in->composition->of100('water') < 20.0) || $in->class === 'cocoa' || \in_array($in->class, ['dried-fruit', 'fibre-flour', 'pulse-flour', 'seed', 'plant-protein', 'milk-protein', 'seed-gel'], true);
                // The fat worked into a dough or biscuit is no dry part of it, nor is its sugar.
                $sum += $isDry && $in->composition->of100('water') < 40.0 ? $l->state->share[$i] * (\in_array($in->class, ['meringue', 'marshmallow', 'ready-curd'], true) ? 0.0 : 1.0 - ($in->group === 'base' ? $in->composition->family('fat.') / 100 : 0.0) - $in->composition->family('sugar.') / 100 - ($in->group === 'base' ? $in->composition->of100('water') / 100 : 0.0)) : 0.0;
            }

            return $sum;
        };
        $place = $was->layer->name;
        if ($was->baseWords !== null) {
            // A sponge is wet as bases go; nothing becomes a paste.
            $say(2, $now->state->water < max(32.0, $was->state->water + 8.0) && $dry($now) >= 0.78 * $dry($was) - 2.0, \sprintf('%s: %.0f of %.0f %% dry', $place, $dry($now), $dry($was)));
        }
        $fruit = static fn(LayerReading $l): float => array_sum(array_map(static fn($p, float $s): float => $p->ingredient->group === 'fruit' && $p->ingredient->class !== 'acid' ? $s : 0.0, $l->state->model->portions, $l->state->share));
        // Chocolate may come apart; its cocoa does not leave.
        $cocoa = static fn(LayerReading $l): float => $l->state->of100('fat.cocoa') + array_sum(array_map(static fn($p, float $s): float => $p->ingredient->group === 'chocolate' ? $s * $p->ingredient->composition->of100('fibre') / 100 : 0.0, $l->state->model->portions, $l->state->share));
        if ($isMet && $fruit($was) > 20.0) {
            $say(2, $fruit($now) > 0.5 * $fruit($was), \sprintf('%s: %.0f of %.0f %% fruit', $place, $fruit($now), $fruit($was)));
        }
        if ($isMet && $cocoa($was) > 3.0) {
            $say(2, $cocoa($now) > 0.33 * $cocoa($was), \sprintf('%s: %.1f of %.1f %% cocoa', $place, $cocoa($now), $cocoa($was)));
        }
        if ($isMet && $was->airShare > 0.25) {
            $say(2, $now->airShare > 0.6 * $was->airShare, \sprintf('%s: air %.2f of %.2f', $place, $now->airShare, $was->airShare));
        }
    }

    /** @param callable(int, bool, string=): void $say */
    private static function emulsion(LayerReading $was, LayerReading $now, callable $say): void
    {
        $oil = static function (LayerReading $l): array {
            $free = $held = 0.0;
            foreach ($l->state->model->portions as $i => $p) {
                $in = $p->ingredient;
                $s = $l->state->share[$i];
                $fat = $in->composition->family('fat.');
                if (\in_array($in->group, ['fat'], true) || \in_array($in->class, ['butter', 'butterfat', 'plant-butter'], true)) {
                    $free += $s * $fat / 100;
                    $held += $in->class === 'plant-butter' ? 0.5 * $s : 0.0;
                }
                $protein = $in->composition->family('protein.casein') + $in->composition->family('protein.whey') + $in->composition->family('protein.soy') + $in->composition->family('protein.egg') + 0.8 * $in->composition->family('protein.pea') + $in->composition->family('protein.gelatin');
                $held += $s / 100 * ($protein * 4.0 + ($in->class === 'emulsifier' ? 1500.0 : 0.0) + ($in->class === 'egg-yolk' ? 300.0 : 0.0) + ($in->class === 'nut-cream' ? 40.0 : 0.0) + ($p->heated ? 2.0 * $in->composition->of100('starch') : 0.0) + ($in->class === 'coconut-milk' ? 10.0 : 0.0) + ($in->group === 'nut' ? 15.0 : 0.0) + ($in->group === 'chocolate' ? 30.0 : 0.0) + ($in->class === 'thickener' ? 800.0 : 0.0) + ($in->class === 'foam-liquid' ? 35.0 : 0.0) + (\in_array($in->class, ['plant-cheese', 'plant-pouring-cream', 'plant-whipping-cream', 'plant-condensed', 'creamer'], true) ? 15.0 : 0.0));
            }

            return [$free, $held];
        };
        if ($now->baseWords === null && $now->state->water > 25.0) {
            [$free, $held] = $oil($now);
            [$had, $heldThen] = $oil($was);
            $say(5, $free <= 2.0 || $free <= 1.05 * $held || $free - $held <= $had - $heldThen + 1.0, \sprintf('%s: %.1f %% free fat, %.1f held', $was->layer->name, $free, $held));
        }
    }

    /** @param callable(int, bool, string=): void $say */
    private static function doses(LayerReading $was, LayerReading $now, callable $say): void
    {
        $sums = static function (LayerReading $l): array {
            $s = array_fill_keys(['powder', 'polyols', 'oil', 'gum', 'gelatin', 'agar', 'starch', 'inulin'], 0.0);
            foreach ($l->state->model->portions as $i => $p) {
                $in = $p->ingredient;
                $share = $l->state->share[$i];
                $s['powder'] += $in->group === 'protein' ? $share : 0.0;
                $s['polyols'] += $share * $in->composition->family('polyol.') / 100;
                $s['oil'] += $in->class === 'oil' ? $share : 0.0;
                $s['gum'] += $in->class === 'thickener' ? $share : 0.0;
                $s['gelatin'] += $in->class === 'gelatin' ? $share : 0.0;
                $s['agar'] += str_starts_with($in->id, 'agar') ? $share : 0.0;
                $s['starch'] += $in->class === 'starch' ? $share : 0.0;
                $s['inulin'] += str_contains($in->id, 'inulin') && $in->composition->of100('fibre') > 80.0 ? $share : 0.0;
            }

            return $s;
        };
        $had = $sums($was);
        foreach ($sums($now) as $what => $share) {
            $most = self::MOST[$was->baseWords !== null && $what === 'powder' ? 'powder base' : $what];
            $isFree = $was->baseWords !== null && \in_array($what, ['starch', 'gum'], true);
            $say(6, $isFree || $share <= max($most, $had[$what] * 1.15 + 0.1), \sprintf('%s: %.2f %% %s', $was->layer->name, $share, $what));
        }
    }

    /**
     * What a cook would not send out: raw flour and raw egg, whey in a hot mass, grain and bitterness of sweeteners. Read from the
     * words of the treatment and the lines; what the original had of it is its own.
     *
     * @param callable(int, bool, string=): void $say
     */
    private static function sound(LayerReading $was, LayerReading $now, callable $say): void
    {
        $seen = static function (LayerReading $l) use ($was): array {
            $words = $l->layer->treatment->words();
            $bakes = str_contains($words, 'bake');
            $hot = $bakes || str_contains($words, 'boil') || (preg_match('/cook(?: to)? (\d+)/', $words, $m) === 1 && (int) $m[1] >= 70) || preg_match('/cook(?! to \d)/', $words) === 1;
            $isDry = $was->baseWords !== null || $l->baseWords !== null || ($bakes && $l->state->water < 30.0);
            $found = [];
            $polyol = $steviol = $sucralose = 0.0;
            foreach ($l->state->model->portions as $i => $p) {
                $in = $p->ingredient;
                $share = $l->state->share[$i];
                $line = array_values(array_filter($l->layer->lines, static fn(Line $one): bool => $one->ingredient === $in->id))[0] ?? null;
                $apart = $line !== null && array_intersect($line->prep, ['boiled', 'heated', 'baked']) !== [];
                $polyol += $share * $in->composition->of100('polyol.erythritol') / 100;
                $steviol += $share * ($in->composition->of100('active.rebaudioside-a') + $in->composition->of100('active.steviol-glycosides') + $in->composition->of100('active.rebaudioside-m')) / 100;
                $sucralose += $share * $in->composition->of100('active.sucralose') / 100;
                if (!$hot && !$apart && $share > 0.0) {
                    $found['raw flour'] = ($found['raw flour'] ?? false) || \in_array($in->class, ['wheat-flour', 'pulse-flour', 'puff-raw', 'short-raw', 'sweet-pastry-raw'], true) || (preg_match('/\b(?:rice|corn|maize|sorghum|buckwheat|teff|millet)\b.*flour|gluten-free flour/i', $in->name) === 1);
                    $found['raw egg'] = ($found['raw egg'] ?? false) || \in_array($in->class, ['whole-egg', 'egg-white', 'egg-yolk'], true) && preg_match('/pasteur|liquid|sugared|dried|powder/i', $in->name) !== 1;
                }
                if ($hot && !$isDry && $share > 0.3) {
                    $found['whey in the heat'] = ($found['whey in the heat'] ?? false) || str_starts_with($in->id, 'whey-');
                }
            }
            $found['grain of erythritol'] = !$isDry && $polyol > 3.0 && $polyol > 0.27 * $l->state->water;
            // mg per 100 g.
            $found['bitter'] = $steviol > 50.0 || $sucralose > 35.0;

            return $found;
        };
        $had = $seen($was);
        foreach ($seen($now) as $what => $is) {
            $say(9, !$is || ($had[$what] ?? false), \sprintf('%s: %s', $was->layer->name, $what));
        }
    }

    /** @param callable(int, bool, string=): void $say */
    private static function kept(DishReading $was, DishReading $now, bool $isMet, callable $say): void
    {
        if (!$isMet) {
            return;
        }
        $allergens = static function (DishReading $d): array {
            $all = [];
            foreach ($d->layers as $layer) {
                foreach (self::used($layer) as $in) {
                    $all = [...$all, ...$in->allergens];
                }
            }

            return array_unique($all);
        };
        $new = array_diff($allergens($now), $allergens($was));
        $say(7, $new === [], 'brings ' . implode(', ', $new));
    }

    /**
     * What it is called against what it is made of: no diet is called met that a line breaks, or that a packet has a question to.
     *
     * @param callable(int, bool, string=): void $say
     */
    private static function honest(DishReading $now, Brief $brief, string $standing, callable $say): void
    {
        if ($standing !== 'met' && $standing !== 'met_if') {
            return;
        }
        $free = ['dairy-free' => ['milk'], 'eggless' => ['eggs'], 'gluten-free' => ['gluten'], 'nut-free' => ['nuts', 'peanuts'], 'soy-free' => ['soybeans']];
        foreach ($brief->diets as $diet) {
            $wrong = $open = [];
            foreach ($now->layers as $layer) {
                foreach (self::used($layer) as $in) {
                    if (self::bans(Brief::of([$diet]), $in)) {
                        $wrong[] = $in->id;
                    }
                    $asks = match ($diet) {
                        Diet::Vegan => $in->askVegan !== null,
                        Diet::Vegetarian => $in->askVegetarian !== null,
                        Diet::GlutenFree => true,
                        Diet::AlcoholFree => $in->askAlcohol !== null,
                        default => false,
                    };
                    if ($asks || array_intersect($free[$diet->value] ?? [], $in->mayContain) !== []) {
                        $open[] = $in->id;
                    }
                }
            }
            $say(16, $wrong === [], $diet->value . ' with ' . implode(', ', $wrong));
            $say(16, $standing === 'met_if' || $open === [], $diet->value . ' called met, unasked: ' . implode(', ', $open));
        }
    }

    /** @param callable(int, bool, string=): void $say */
    private static function without(DishReading $now, Brief $brief, callable $say): void
    {
        foreach ($brief->without as $word) {
            $held = [];
            foreach ($now->layers as $layer) {
                foreach (self::used($layer) as $in) {
                    if (isset(self::WITHOUT[$word]) && preg_match(self::WITHOUT[$word], $in->name) === 1 && preg_match('/flavou?r|plant |peanut butter|nut butter|seed butter|cocoa butter|shea butter|vegan|allulose|sugar-free|without sugar|unsweetened/i', $in->name) !== 1 && preg_match('/^(?:coconut|oat|soy|almond|cashew)\b/i', $in->name) !== ($word === 'cream' ? 1 : 2)) {
                        $held[] = $in->id;
                    }
                }
            }
            $say(17, $held === [], "without $word: " . implode(', ', $held));
        }
    }

    /** @param callable(int, bool, string=): void $say */
    private static function reached(DishReading $was, DishReading $now, Brief $brief, callable $say): void
    {
        $p = $now->portion;
        foreach ($brief->diets as $diet) {
            if ($diet === Diet::Keto) {
                $say(12, $p['net_carbs_g'] <= 1.1 * ($brief->netCarbs ?? 6.0) + 0.05, \sprintf('%.1f g net carbs', $p['net_carbs_g']));
            }
            if ($diet === Diet::HighProtein) {
                $share = 1700 * $p['protein_g'] / max(1.0, $p['kj']);
                $say(12, $share >= 18.0, \sprintf('%.0f %% of energy from protein, was %.0f', $share, 1700 * $was->portion['protein_g'] / max(1.0, $was->portion['kj'])));
            }
        }
    }
}
