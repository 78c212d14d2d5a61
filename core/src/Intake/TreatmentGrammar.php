<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Oven;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Formula\TreatmentStep;

/**
 * The one grammar of what is done to a layer, in text, JSON and interface alike: steps in order, parted by semicolons or "then":
 * "cook to 82 C, stirred", "whip; freeze -18 C", "boil 2 min; bake 150 C", "bake 160 C fan 15 min", "bake gas 4", "melt", "none".
 */
final class TreatmentGrammar
{
    /** Words kitchens use for one of the kinds. */
    private const SAME = ['steam' => 'bake', 'simmer' => 'boil', 'whisk' => 'whip', 'heat' => 'cook'];

    /**
     * What a page offers to choose from, in this grammar's own words, with what it is called.
     *
     * @return list<array{words: string, name: string}>
     */
    public static function choices(): array
    {
        return [
            ['words' => 'none', 'name' => 'nothing: mixed or pressed cold'],
            ['words' => 'melt', 'name' => 'melted together, warm'],
            ['words' => 'whip', 'name' => 'whipped'],
            ['words' => 'cook to 82 C stirred', 'name' => 'cooked to 82 °C, stirred'],
            ['words' => 'boil 2 min stirred', 'name' => 'boiled 2 min, stirred'],
            ['words' => 'bake 150 C', 'name' => 'baked at 150 °C'],
            ['words' => 'bake 170 C', 'name' => 'baked at 170 °C'],
            ['words' => 'boil 2 min stirred; bake 150 C', 'name' => 'boiled 2 min, then baked at 150 °C'],
            ['words' => 'whip; bake 150 C', 'name' => 'whipped, then baked at 150 °C'],
            ['words' => 'freeze -18 C', 'name' => 'frozen at −18 °C'],
            ['words' => 'whip; freeze -18 C', 'name' => 'whipped, then frozen at −18 °C'],
        ];
    }

    /** @throws Nonsense if a step is none of the kinds, or says something that is not understood */
    public static function parse(string $text): Treatment
    {
        $plain = mb_strtolower(Numbers::plain($text));
        $steps = [];
        foreach (preg_split('/\s*(?:;|,?\s*\bthen\b)\s*/u', trim($plain)) ?: [] as $part) {
            if (trim($part) !== '') {
                $steps[] = self::step(trim($part), $text);
            }
        }
        if ($steps === []) {
            throw self::nonsense($text);
        }

        return Treatment::sequence(...$steps);
    }

    private static function step(string $plain, string $whole): TreatmentStep
    {
        if (!preg_match('/^(cook|bake|boil|whip|melt|freeze|none|steam|simmer|whisk|heat)\b(.*)$/u', $plain, $m)) {
            throw self::nonsense($whole);
        }
        $rest = $m[2];
        $known = preg_replace('/-?\d+(?:\.\d+)?\s*(?:°\s*)?(?:c|f|min|minutes|h|hours|%)(?![a-z])/u', ' ', $rest) ?? $rest;
        $known = preg_replace('/\b(?:to|at|for|stirred|still|static|conventional|air|fan|fan-?forced|convection|gas|mark|steam|oven|about|in|stages|a|the)\b|[\s,°\d.()\/-]+/u', '', $known);
        if ($known !== '' && $known !== null) {
            throw self::nonsense($whole);
        }
        $minutes = match (true) {
            preg_match('/(\d+(?:\.\d+)?)\s*(?:min|minutes)\b/u', $rest, $t) === 1 => (float) $t[1],
            preg_match('/(\d+(?:\.\d+)?)\s*(?:h|hours)\b/u', $rest, $t) === 1 => 60.0 * (float) $t[1],
            default => null,
        };
        $air = preg_match('/air\s*(\d+(?:\.\d+)?)\s*%/u', $rest, $a) ? (float) $a[1] / 100 : null;
        $stirred = str_contains($rest, 'stirred') ? true : (str_contains($rest, 'still') ? false : null);

        [$celsius, $oven] = ($m[1] === 'steam' || $m[1] === 'bake') ? HeatWords::oven($rest) ?? [HeatWords::celsius($rest), null] : [HeatWords::celsius($rest), null];

        return TreatmentStep::of(TreatmentKind::from(self::SAME[$m[1]] ?? $m[1]), $celsius, $minutes, $stirred, $air, $m[1] === 'steam' ? $oven ?? Oven::Steam : $oven, preg_match('/\bin\s+stages\b/u', $rest) === 1);
    }

    private static function nonsense(string $text): Nonsense
    {
        return Nonsense::of('treat', $text, 'use cook, bake, boil, whip, melt, freeze or none, several in order with semicolons: "cook to 82 C, stirred", "whip; freeze -18 C", "boil 2 min; bake 150 C", "bake 160 C fan 15 min"');
    }
}
