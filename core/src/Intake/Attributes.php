<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Diet\Diet;
use Transmuta\Diet\DietRules;
use Transmuta\Shelf\Ingredient;

/** Whether an ingredient is what an identity word says: skimmed, dried, unsalted, vegan. Read off its composition, standing and own names. */
final class Attributes
{
    private const LIGHTER = '/\b(?:low[- ]fat|light|lite|reduced[- ]fat|semi[- ]skimmed|skimmed|skim|fat[- ]free|nonfat|half[- ]fat|third less|less fat|0 ?%)/';
    private const DRY = '/\b(?:dried|dry|desiccated|dehydrated|powder|flakes)\b/';

    public static function holds(string $attribute, Ingredient $in): bool
    {
        $own = mb_strtolower($in->name . ' | ' . implode(' | ', $in->called()));
        $c = $in->composition;
        $fat = $c->family('fat.');
        $has = static fn(string $pattern): bool => preg_match($pattern, $own) === 1;

        return match ($attribute) {
            'skimmed' => $fat <= 0.5 || ($fat <= 1.6 && ($c->of100('water') < 20.0 || $c->family('protein.') >= 8.0)),
            'low-fat' => $has(self::LIGHTER),
            'full-fat' => $fat >= 1.0 && !$has(self::LIGHTER),
            'dried' => $c->of100('water') < 35.0 && ($has(self::DRY) || ($c->of100('water') < 16.0 && \in_array($in->group, ['starch', 'flavour', 'agent'], true))),
            'freeze-dried' => $has('/freeze[- ]dried/'),
            'powder' => $c->of100('water') < 16.0 && ($has('/\b(?:powder|powdered|ground|flour|starch|granul\w+|extract|isolate|gum)\b/') || \in_array($in->group, ['agent', 'sweetener', 'acid', 'protein', 'base', 'nut'], true)),
            'ground' => self::holds('powder', $in) || \in_array($in->group, ['nut', 'base', 'flavour', 'starch'], true) && $c->of100('water') < 16.0,
            'condensed' => $has('/\b(?:condensed|evaporated|concentrate\w*|reduced)\b/'),
            'liquid' => $has('/\bliquid\b/') || ($c->of100('water') >= 15.0 && \in_array($in->group, ['sugar', 'sweetener'], true)),
            'sweetened' => $in->addedSugars() >= 3.0,
            // Sugar that enzymes make in a drink of grain does not make it a sweetened one.
            'unsweetened' => ($in->class === 'plant-milk' ? $c->of100('sugar.sucrose') < 1.5 : $in->addedSugars() < 1.5) && $in->group !== 'sugar',
            'sugar-free' => $in->group !== 'sugar' && $in->addedSugars() < 0.5 && $c->family('sugar.') < 5.0,
            'salted' => $c->of100('salt') >= 0.6,
            'unsalted' => $c->of100('salt') < 0.3,
            'vegan' => !DietRules::bans(Diet::Vegan, $in),
            'dairy-free' => !DietRules::bans(Diet::DairyFree, $in),
            'egg-free' => !DietRules::bans(Diet::Eggless, $in),
            'gluten-free' => !DietRules::bans(Diet::GlutenFree, $in),
            'nut-free' => !DietRules::bans(Diet::NutFree, $in),
            'vegetarian' => !DietRules::bans(Diet::Vegetarian, $in),
            'alcohol-free' => !DietRules::bans(Diet::AlcoholFree, $in),
            'lactose-free' => $has('/lactose[- ]free/') || ($c->of100('sugar.lactose') < 0.1 && !$in->comesFrom('dairy')),
            'canned' => $has('/\b(?:canned|tinned|can|in juice|in syrup)\b/') || isset($in->units['can']) || isset($in->units['can:us']) || $in->group === 'plant' || \in_array($in->class, ['jam', 'sharp-juice', 'sweet-juice'], true),
            'frozen' => $has('/\bfrozen\b/') || \in_array($in->group, ['fruit', 'base', 'plant'], true),
            'raw' => !$has('/\b(?:baked|cooked|roasted|toasted|candied|canned|brewed)\b/') || $has('/\braw\b/'),
            'baked' => $has('/\b(?:baked|cooked|roasted)\b/'),
            'instant' => $has('/\binstant\b/'),
            // A thin curd that some call thick is not a hung one.
            'thick' => $in->class !== 'cultured-thin' && $has('/\b(?:thick|strained|hung|greek|clotted)\b/') || !\in_array($in->class, ['cultured-thin', 'cultured-cream', 'plant-yogurt', 'milk', 'pouring-cream', 'whipping-cream'], true),
            default => false,
        };
    }
}
