<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Tin;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Intake\TreatmentGrammar;

/** What the layers of a recipe say of each other: what is frozen or baked together, what is a part of another, what only lies on top, whose the tin is. */
final class Together
{
    /**
     * What stands under a layer that is frozen last is frozen with it.
     *
     * @param list<array{layer: Layer, treat: bool}> $layers
     * @param list<Inference> $inferred
     *
     * @return list<array{layer: Layer, treat: bool}>
     */
    public static function frozen(array $layers, array &$inferred): array
    {
        $last = \count($layers) - 1;
        if ($last < 1 || $layers[$last]['treat'] || !$layers[$last]['layer']->treatment->freezes()) {
            return $layers;
        }
        foreach ($layers as $n => $one) {
            if ($n === $last || $one['treat'] || $one['layer']->treatment->freezes()) {
                continue;
            }
            $inferred = array_values(array_filter($inferred, static fn(Inference $was): bool => $was->what !== 'treat' || $was->layer !== $n));
            $words = $one['layer']->treatment->words();
            $words = ($words === 'none' ? '' : $words . '; ') . 'freeze -18 C';
            $layers[$n]['layer'] = $one['layer']->treated(TreatmentGrammar::parse($words));
            $inferred[] = new Inference('treat', $n, $words, 'it is frozen with what stands on it');
        }

        return $layers;
    }

    /**
     * What stands under a layer that is baked is baked with it, where nothing is said of it.
     *
     * @param list<array{layer: Layer, treat: bool}> $layers
     * @param list<Inference> $inferred
     *
     * @return list<array{layer: Layer, treat: bool}>
     */
    public static function baked(array $layers, array &$inferred): array
    {
        foreach ($layers as $n => $one) {
            $bakes = null;
            for ($k = $n + 1; $k < \count($layers) && $bakes === null; ++$k) {
                $bakes = $layers[$k]['layer']->treatment->step(TreatmentKind::Bake);
            }
            if ($bakes === null || $one['treat'] || $one['layer']->treatment->words() !== 'none') {
                continue;
            }
            $baked = Treatment::sequence($bakes);
            $layers[$n]['layer'] = $one['layer']->treated($baked);
            $inferred[] = new Inference('treat', $n, $baked->words(), 'it is baked with what stands on it');
        }

        return array_values($layers);
    }

    /**
     * "grated chocolate" without an amount, of which the method says no more than to sprinkle it: no part of the formula.
     *
     * @param list<array{layer: Layer, treat: bool}> $layers
     * @param list<array{text: string, heading: string}> $steps
     * @param list<string> $aside
     *
     * @return list<array{layer: Layer, treat: bool}>
     */
    public static function garnished(array $layers, array $steps, array &$aside): array
    {
        $said = mb_strtolower(implode(' ', array_column($steps, 'text')));
        foreach ($layers as $n => $one) {
            $kept = [];
            foreach ($one['layer']->lines as $line) {
                $words = preg_split('/[^\p{L}]+/u', mb_strtolower($line->text), -1, \PREG_SPLIT_NO_EMPTY) ?: [''];
                $noun = preg_quote(rtrim($words[\count($words) - 1], 's'), '/');
                if ($line->ingredient === null && $line->suggestions !== [] && str_contains((string) $line->reason, 'No amount') && preg_match('/\b(?:sprinkl|scatter|decorat|dust|garnish|top(?:ped)?\s+with|serve\s+with|drizzl|finish)[^.;]*\b' . $noun . '/u', $said) === 1) {
                    $aside[] = $line->text;
                } else {
                    $kept[] = $line;
                }
            }
            if ($kept !== [] && \count($kept) < \count($one['layer']->lines)) {
                $layers[$n]['layer'] = $one['layer']->with($kept);
            }
        }

        return $layers;
    }

    /**
     * "reserved 1/2 cup filling", "the remaining crumb": a part of another layer, counted there already.
     *
     * @param list<array{layer: Layer, treat: bool}> $layers
     * @param list<string> $aside
     *
     * @return list<array{layer: Layer, treat: bool}>
     */
    public static function partsOfOthers(array $layers, array &$aside): array
    {
        $names = array_map(static fn(array $one): string => preg_quote(mb_strtolower($one['layer']->name), '/'), $layers);
        foreach ($layers as $n => $one) {
            $others = implode('|', array_values(array_diff_key($names, [$n => ''])));
            $kept = array_values(array_filter($one['layer']->lines, static fn(Line $line): bool => $others === '' || $line->ingredient !== null || preg_match("/^(?:the\\s+)?(?:reserved|remaining|rest\\s+of|leftover|left-over|\\d|half|a\\s+third)[^,]*\\b(?:$others)\\b\\s*(?:mixture|layer)?\\s*(?:\\(.*)?$/iu", trim($line->text)) !== 1));
            if ($kept !== [] && \count($kept) < \count($one['layer']->lines)) {
                array_push($aside, ...array_map(static fn(Line $line): string => $line->text, array_values(array_filter($one['layer']->lines, static fn(Line $line): bool => !\in_array($line, $kept, true)))));
                $layers[$n]['layer'] = $one['layer']->with($kept);
            }
        }

        return $layers;
    }

    /**
     * @param list<array{layer: Layer, treat: bool}> $layers
     * @param ?array{string, string} $tin
     * @param list<Inference> $inferred
     *
     * @return list<array{layer: Layer, treat: bool}>
     */
    public static function inTin(array $layers, ?array $tin, array &$inferred): array
    {
        if ($tin === null || array_filter($layers, static fn(array $one): bool => $one['layer']->tin !== null) !== []) {
            return $layers;
        }
        // The vessel is that of what fills it: the heaviest layer.
        $mass = array_map(static fn(array $one): float => array_sum(array_map(static fn(Line $line): float => $line->grams, $one['layer']->lines)), $layers);
        arsort($mass);
        $n = (int) array_key_first($mass);
        $layer = $layers[$n]['layer'];
        $layers[$n] = ['layer' => $layer->in(Tin::parse($tin[0])), 'treat' => $layers[$n]['treat']];
        $inferred[] = new Inference('tin', $n, $tin[0], \sprintf('“%s”', mb_strimwidth($tin[1], 0, 80, '…')));

        return array_values($layers);
    }
}
