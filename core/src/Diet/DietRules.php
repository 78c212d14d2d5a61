<?php

declare(strict_types=1);

namespace Transmuta\Diet;

use Transmuta\Reference\Figure;
use Transmuta\Reference\Kept;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Nature;

/** Whether one ingredient may stay in a diet, and what its packet must still answer. */
final class DietRules
{
    private const BY_THE_PINCH = ['aromatic', 'extract', 'vanilla', 'cocoa', 'cocoa-mass', 'coffee', 'colour', 'mineral', 'acid', 'zest', 'gel-agent', 'thickener', 'seed-gel', 'emulsifier', 'setting-salt', 'sharp-juice', 'rennet', 'fibre-flour', 'spirit'];

    /** Allergens that a "free" diet leaves out, so that a packet's warning of them counts. Vegan and vegetarian are no allergy statements. */
    private const FREE_OF = ['dairy-free' => ['milk'], 'eggless' => ['eggs'], 'gluten-free' => ['gluten'], 'nut-free' => ['nuts', 'peanuts'], 'soy-free' => ['soybeans']];

    public static function bans(Diet $diet, Ingredient $in): bool
    {
        // What was found of an ingredient before, by diet: a planner asks again and again.
        /** @var \WeakMap<Ingredient, array<string, bool>> $banned */
        $banned = Kept::once(self::class . ' banned', static fn(): \WeakMap => new \WeakMap());
        $known = $banned[$in] ?? [];
        if (!isset($known[$diet->value])) {
            $known[$diet->value] = self::findBan($diet, $in);
            $banned[$in] = $known;
        }

        return $known[$diet->value];
    }

    /** Whether its amount decides and not its name: a little fruit is within a keto portion, which its number tells. */
    public static function isByAmount(Diet $diet, Ingredient $in): bool
    {
        return $diet === Diet::Keto && $in->group === 'fruit' && self::bans($diet, $in);
    }

    private static function findBan(Diet $diet, Ingredient $in): bool
    {
        return match ($diet) {
            // What is an allergen of an animal is of that animal, whoever forgot to say so; and what holds alcohol is of alcohol.
            Diet::Vegan => array_filter(['dairy', 'egg', 'gelatin', 'honey', 'meat'], $in->comesFrom(...)) !== [] || array_intersect(['milk', 'eggs', 'fish', 'crustaceans', 'molluscs'], $in->allergens) !== [],
            Diet::Eggless => $in->comesFrom('egg') || \in_array('eggs', $in->allergens, true),
            Diet::Vegetarian => $in->comesFrom('gelatin') || $in->comesFrom('meat') || array_intersect(['fish', 'crustaceans', 'molluscs'], $in->allergens) !== [],
            Diet::DairyFree => $in->comesFrom('dairy') || \in_array('milk', $in->allergens, true),
            Diet::GlutenFree => $in->comesFrom('gluten'),
            Diet::Keto => $in->addedSugars() >= Figure::SugaredFrom->number() || self::starchy($in),
            Diet::HighProtein, Diet::ReducedSugar, Diet::LowFat => false,
            Diet::Raw => self::cooked($in),
            Diet::NutFree => \in_array('nuts', $in->allergens, true) || \in_array('peanuts', $in->allergens, true),
            Diet::SoyFree => \in_array('soybeans', $in->allergens, true),
            Diet::AlcoholFree => $in->comesFrom('alcohol') || $in->composition->of100('alcohol') > Figure::AlcoholFrom->number(),
        };
    }

    /** The question to put to the packet before this ingredient counts as meeting the diet. */
    public static function question(Diet $diet, Ingredient $in): ?string
    {
        /** @var \WeakMap<Ingredient, array<string, ?string>> $asked */
        $asked = Kept::once(self::class . ' asked', static fn(): \WeakMap => new \WeakMap());
        $known = $asked[$in] ?? [];
        if (!\array_key_exists($diet->value, $known)) {
            $known[$diet->value] = self::findQuestion($diet, $in);
            $asked[$in] = $known;
        }

        return $known[$diet->value];
    }

    private static function findQuestion(Diet $diet, Ingredient $in): ?string
    {
        $own = match ($diet) {
            Diet::Vegan => $in->askVegan,
            Diet::DairyFree => $in->askVegan !== null && preg_match('/milk|casein|butter|lacto|whey/i', $in->askVegan) === 1 ? $in->askVegan : null,
            Diet::Eggless => $in->askVegan !== null && preg_match('/egg|albumen/i', $in->askVegan) === 1 ? $in->askVegan : null,
            Diet::GlutenFree => $in->askGluten ?? (\in_array('gluten', $in->allergens, true) && !$in->comesFrom('gluten') ? 'Is it certified gluten-free?' : null),
            Diet::NutFree => \in_array('tree nuts', Allergens::inTheUs($in), true) && !\in_array('nuts', $in->allergens, true) ? 'A tree nut by US rules: does it count as one where this is eaten?' : null,
            Diet::Vegetarian => $in->askVegetarian ?? ($in->askVegan !== null && preg_match('/animal|gelatin|shellac|fish|isinglass|carmine/i', $in->askVegan) === 1 ? $in->askVegan : null),
            Diet::Raw => $in->is(Nature::RawAsked) ? 'Was it kept under about 46 °C, or is it roasted, steamed or pasteurised?' : null,
            Diet::AlcoholFree => $in->askAlcohol,
            Diet::Keto, Diet::HighProtein, Diet::SoyFree, Diet::ReducedSugar, Diet::LowFat => null,
        };

        return $own ?? self::packet($diet, $in) ?? self::traces($diet, $in);
    }

    /** What a packet's own list leaves to ask: a word that is not understood may be anything. Diets of numbers alone ask nothing of it. */
    private static function packet(Diet $diet, Ingredient $in): ?string
    {
        if (\in_array($diet, [Diet::Keto, Diet::HighProtein, Diet::ReducedSugar, Diet::LowFat], true)) {
            return null;
        }
        $list = $in->packet();
        $unread = $list->unread === [] ? [] : [\sprintf('What is “%s” on its packet?', implode(', ', $list->unread))];

        return implode(' ', [...$list->asks[$diet->value] ?? [], ...$unread]) ?: null;
    }

    /** What "free" diets ask of a packet that commonly warns of what they leave out. */
    private static function traces(Diet $diet, Ingredient $in): ?string
    {
        $warned = array_values(array_intersect(self::FREE_OF[$diet->value] ?? [], $in->mayContain));

        return $warned === [] ? null : \sprintf('Does the packet warn of %s?', implode(' or ', $warned));
    }

    /**
     * Carries too much sugar or starch of its own for a keto portion: from 10 g net carbohydrate per 100 g on, 11 in fruit, 20 in nuts; flours and
     * drinks made from cereals (common practice). What is used by the pinch (spices, extracts, cocoa, gelling agents) and protein powders stay.
     */
    private static function starchy(Ingredient $in): bool
    {
        $c = $in->composition;
        $net = $c->family('sugar.') + $c->of100('starch') + $c->of100('dextrin');

        return match (true) {
            \in_array($in->class, self::BY_THE_PINCH, true) => false,
            $in->group === 'sugar' => true,
            $in->group === 'sweetener', $in->group === 'protein' => $net >= 50.0,
            $in->isFlour() => true,
            $in->group === 'plant' && $c->of100('dextrin') + $c->of100('sugar.maltose') >= 3.0 => true,
            $in->group === 'fruit' => $net >= 11.0,
            $in->group === 'nut' => $net >= 20.0,
            default => $net >= 10.0,
        };
    }

    /** Comes to the kitchen already cooked, refined by heat, or is not eaten without it. Raw egg is no raw-food ingredient: it is a hazard. */
    private static function cooked(Ingredient $in): bool
    {
        return !$in->is(Nature::RawKept) && match ($in->group) {
            'fruit', 'nut', 'flavour', 'acid', 'basic' => $in->is(Nature::HeatedAtSource),
            default => true,
        };
    }
}
