<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Explanation;

use Transmuta\Property\LayerReading;
use Transmuta\Quantity\Scale;
use Transmuta\Reformulation\Deviation\Weights;

/** What left a layer, what came in, and why, told from the computed shares. */
final class Changes
{
    private const JOBS = [
        'set' => 'the set', 'sweet' => 'the sweetness', 'fat' => 'the fat', 'firm' => 'the firm fat', 'water' => 'the water binding', 'acid' => 'the acid',
        'air' => 'the air', 'protein' => 'the protein', 'brown' => 'the browning', 'colour' => 'the colour',
    ];

    /** A line that was there counts as coming in when it grows by more than this share. */
    private const GROWN = 0.2;

    /**
     * @return array{layer: string, layer_id: string, out: list<array{ingredient: string, name: string, grams: float, weigh: ?string}>, in: list<array{ingredient: string, name: string, grams: float, weigh: ?string}>, why: string}|null null when nothing left and nothing came
     */
    public static function between(LayerReading $before, LayerReading $after): ?array
    {
        $had = self::lines($before);
        $has = self::lines($after);
        $out = array_diff_key($had, $has);
        $in = array_diff_key($has, $had);
        foreach (array_intersect_key($has, $had) as $id => $line) {
            $more = $line['grams'] - $had[$id]['grams'];
            if ($more > self::GROWN * $had[$id]['grams']) {
                $in[$id] = ['grams' => $more, 'grew' => true] + $line;
            }
        }
        if ($out === [] && $in === []) {
            return null;
        }
        $left = array_map(static fn(array $line): string => $line['name'] . ' gave ' . self::shares($line['jobs']), array_filter($out, static fn(array $l): bool => self::shares($l['jobs']) !== ''));
        $came = array_map(static fn(array $line): string => ($line['grew'] ? 'more ' . lcfirst($line['name']) : $line['name']) . ' gives ' . self::shares($line['jobs']), array_filter($in, static fn(array $l): bool => self::shares($l['jobs']) !== ''));
        $plain = static fn(array $lines): array => array_values(array_map(static fn(array $l): array => ['ingredient' => $l['ingredient'], 'name' => $l['name'] . ($l['grew'] ? ', more' : ''), 'grams' => round($l['grams'], 2), 'weigh' => Scale::solution($l['grams'], $l['wet'])], $lines));
        $sentence = static fn(array $parts): string => $parts === [] ? '' : implode('; ', $parts) . '.';

        return ['layer' => $before->layer->name, 'layer_id' => $before->layer->id, 'out' => $plain($out), 'in' => $plain($in), 'why' => trim($sentence($left) . ' Now ' . lcfirst($sentence($came)))];
    }

    /** What will be different in the mouth beyond the package's own words. */
    public static function mouth(LayerReading $before, LayerReading $after): string
    {
        $words = [];
        $fat = $after->state->fat - $before->state->fat;
        if (abs($fat) > Weights::of('mouth.fat')) {
            $words[] = $fat < 0 ? 'leaner' : 'richer';
        }
        if ($after->baseWords === null) {
            $set = \Transmuta\Property\Setting\Ladder::coordinate($after->set->ge) - \Transmuta\Property\Setting\Ladder::coordinate($before->set->ge);
            if (abs($set) > Weights::of('mouth.set')) {
                $words[] = $set < 0 ? 'softer' : 'firmer';
            }
        }
        $se = $after->se - $before->se;
        if (abs($se) > max(1.0, Weights::of('mouth.sweet') * $before->se)) {
            $words[] = $se < 0 ? 'less sweet' : 'sweeter';
        }
        if ($after->solidAtMouth - $before->solidAtMouth > 1.0) {
            $words[] = 'waxier';
        }

        return $words === [] ? '' : '; ' . implode(', ', $words);
    }

    /** @param array<string, float> $jobs */
    private static function shares(array $jobs): string
    {
        $parts = [];
        // Shares that read alike keep the order in which a cook would tell them.
        uasort($jobs, static fn(float $a, float $b): int => round(20 * $b) <=> round(20 * $a));
        foreach ($jobs as $job => $share) {
            if ($share >= Weights::of('told.share') && \count($parts) < 4) {
                $parts[] = \sprintf('%.0f %% of %s', $share * 100, self::JOBS[$job]);
            }
        }

        return implode(', ', $parts);
    }

    /** @return array<string, array{ingredient: string, name: string, grams: float, jobs: array<string, float>, grew: bool, wet: bool}> */
    private static function lines(LayerReading $reading): array
    {
        $lines = [];
        foreach ($reading->layer->understood() as $i => $line) {
            if ($line->grams <= 0.0) {
                continue;
            }
            $id = (string) $line->ingredient;
            $in = $reading->state->model->portions[$i]->ingredient;
            // Two lines of one ingredient, one of them baked before, are told as one.
            $jobs = $reading->jobs[$i];
            foreach ($lines[$id]['jobs'] ?? [] as $job => $share) {
                $jobs[$job] = ($jobs[$job] ?? 0.0) + $share;
            }
            $lines[$id] = ['ingredient' => $id, 'name' => $in->name, 'grams' => ($lines[$id]['grams'] ?? 0.0) + $line->grams, 'jobs' => $jobs, 'grew' => false, 'wet' => $in->composition->of100('water') > 50.0];
        }

        return $lines;
    }
}
