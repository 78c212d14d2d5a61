<?php

declare(strict_types=1);

namespace Transmuta\Tests\Atlas;

use Transmuta\Diet\Diet;
use Transmuta\Formula\Family;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Intake\TreatmentGrammar;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/** Dishes nobody wrote: a kind of layer, and members of the shelf's classes drawn for each of its parts; the same ones for the same seed. */
final class RandomDishes
{
    /** Kind of layer: family, treatment, and for each part the classes it is drawn from with its least and most grams. */
    private const FILLINGS = [
        'set cream' => ['cream', 'melt', [[['whipping-cream', 'pouring-cream', 'cultured-cream'], 150, 400], [['milk', 'cultured-thin', 'strained-cultured'], 100, 300], [['sugar', 'dark-sugar', 'honey', 'flavoured-syrup'], 50, 110], [['gelatin'], 3, 9]]],
        'citrus set' => ['other', 'none', [[['condensed-milk'], 250, 400], [['sharp-juice'], 70, 120], [['whipping-cream', 'soft-cheese'], 80, 250]]],
        'curd' => ['curd', 'cook to 82 C stirred', [[['sharp-juice'], 90, 160], [['whole-egg', 'egg-yolk'], 90, 180], [['sugar'], 110, 200], [['butter'], 60, 130]]],
        'pastry cream' => ['cream', 'boil 2 min stirred', [[['milk', 'evaporated-milk'], 350, 600], [['egg-yolk'], 40, 110], [['sugar', 'dark-sugar'], 60, 140], [['starch', 'custard-powder'], 25, 45], [['butter'], 10, 40]]],
        'mousse' => ['mousse', 'whip', [[['whipping-cream'], 200, 350], [['egg-white'], 60, 130], [['dark-chocolate', 'milk-chocolate', 'white-chocolate', 'nut-paste', 'berry', 'juicy-fruit'], 90, 250], [['sugar'], 30, 80], [['gelatin'], 2, 7]]],
        'frozen mousse' => ['mousse', 'whip; freeze -18 C', [[['whipping-cream'], 200, 350], [['egg-white', 'strained-cultured'], 80, 200], [['berry', 'juicy-fruit', 'nut-paste'], 80, 250], [['sugar', 'honey'], 60, 130]]],
        'baked cheesecake' => ['cheesecake', 'bake 150 C still', [[['soft-cheese', 'curd-cheese'], 350, 700], [['whole-egg'], 80, 180], [['sugar'], 80, 170], [['cultured-cream', 'whipping-cream', 'strained-cultured'], 60, 200]]],
        'cold cheesecake' => ['cheesecake', 'whip', [[['soft-cheese', 'rich-cream'], 250, 450], [['whipping-cream'], 120, 300], [['sugar', 'milk-caramel', 'condensed-milk'], 70, 160], [['gelatin'], 2, 8]]],
        'baked custard' => ['custard', 'bake 140 C still', [[['milk', 'whipping-cream', 'evaporated-milk', 'coconut-milk'], 350, 550], [['whole-egg', 'egg-yolk'], 90, 200], [['sugar', 'dark-sugar', 'flavoured-syrup'], 50, 120]]],
        'ganache' => ['other', 'melt', [[['dark-chocolate', 'milk-chocolate', 'white-chocolate'], 180, 300], [['whipping-cream', 'coconut-milk'], 150, 280], [['butter'], 10, 40]]],
        'pudding' => ['custard', 'boil 15 min stirred', [[['milk', 'plant-milk'], 500, 800], [['pudding-grain'], 40, 80], [['sugar', 'dark-sugar'], 50, 110]]],
        'plant set' => ['cream', 'boil 3 min stirred', [[['coconut-milk', 'plant-milk'], 350, 600], [['sugar', 'flavoured-syrup'], 50, 110], [['gel-agent'], 2, 4]]],
        'raw cake' => ['cheesecake', 'none', [[['nut-cream'], 200, 350], [['coconut-milk'], 80, 160], [['flavoured-syrup', 'dried-fruit'], 60, 120], [['coconut-fat'], 40, 90]]],
    ];

    private const BASES = [
        ['none', [[['plain-crumb', 'wholemeal-crumb', 'ginger-crumb', 'spiced-crumb', 'cocoa-crumb', 'oat-crumb', 'butter-crumb', 'vanilla-crumb', 'coconut-crumb'], 120, 240], [['butter', 'plant-butter', 'coconut-fat'], 40, 110]]],
        ['bake 170 C still', [[['wheat-flour'], 140, 260], [['butter'], 70, 150], [['sugar'], 30, 90]]],
        ['none', [[['sponge', 'sponge-fingers', 'sweet-pastry', 'short-pastry', 'puff-pastry'], 150, 260]]],
        ['none', [[['oats', 'nut'], 100, 200], [['honey', 'flavoured-syrup', 'dried-fruit'], 50, 110], [['butter', 'nut-paste'], 30, 80]]],
    ];

    private const BRIEFS = [
        [Diet::Vegan], [Diet::Eggless], [Diet::GlutenFree], [Diet::Keto], [Diet::HighProtein], [Diet::DairyFree], [Diet::Vegetarian], [Diet::NutFree], [Diet::SoyFree],
        [Diet::Vegan, Diet::GlutenFree], [Diet::Eggless, Diet::GlutenFree], [Diet::Vegan, Diet::NutFree], [Diet::Keto, Diet::Eggless], [Diet::Vegan, Diet::SoyFree], [Diet::AlcoholFree], [Diet::ReducedSugar],
    ];

    /** @var array<string, list<Ingredient>> */
    private array $byClass = [];

    public function __construct(private readonly Shelf $shelf, int $seed)
    {
        mt_srand($seed);
        foreach ($this->shelf->all() as $in) {
            $this->byClass[$in->class][] = $in;
        }
    }

    /** @return array{Formula, Brief, string} a dish, a brief, and what was drawn in words */
    public function next(): array
    {
        $kind = array_keys(self::FILLINGS)[mt_rand(0, \count(self::FILLINGS) - 1)];
        [$family, $treat, $parts] = self::FILLINGS[$kind];
        $layers = [];
        if (mt_rand(0, 2) > 0) {
            [$baseTreat, $baseParts] = self::BASES[mt_rand(0, \count(self::BASES) - 1)];
            $layers[] = $this->layer('Base', $baseTreat, $baseParts);
        }
        $layers[] = $this->layer(ucfirst($kind), $treat, $parts);
        $diets = self::BRIEFS[mt_rand(0, \count(self::BRIEFS) - 1)];
        $formula = Formula::of("Random $kind", $layers, Family::from($family), portions: mt_rand(5, 10), serveAt: str_contains($treat, 'freeze') ? -12.0 : 6.0);
        $words = implode('; ', array_map(static fn(Layer $l): string => $l->name . ': ' . implode(', ', array_map(static fn(Line $i): string => round($i->grams) . ' ' . $i->ingredient, $l->lines)), $layers));

        // One in three is asked for without something besides, or for that alone.
        $word = mt_rand(0, 2) === 0 ? array_keys(Laws::WITHOUT)[mt_rand(0, \count(Laws::WITHOUT) - 1)] : null;
        $diets = $word !== null && mt_rand(0, 1) === 0 ? [] : $diets;
        $asked = [...array_map(static fn(Diet $d): string => $d->value, $diets), ...($word === null ? [] : ["without $word"])];

        return [$formula, Brief::of($diets, without: $word === null ? [] : [$word]), implode('+', $asked) . ' of ' . $words];
    }

    /** @param list<array{list<string>, int, int}> $parts */
    private function layer(string $name, string $treat, array $parts): Layer
    {
        $lines = [];
        foreach ($parts as [$classes, $least, $most]) {
            $members = $this->byClass[$classes[mt_rand(0, \count($classes) - 1)]] ?? [];
            if ($members !== []) {
                $in = $members[mt_rand(0, \count($members) - 1)];
                $lines[] = Line::of($in->id, (float) mt_rand($least, $most), $in->name, prep: $in->class === 'gel-agent' ? ['boiled'] : []);
            }
        }

        return new Layer($name, $lines, TreatmentGrammar::parse($treat));
    }
}
