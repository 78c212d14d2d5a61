<?php

declare(strict_types=1);

namespace Transmuta\Trace;

use Transmuta\Property\LayerReading;
use Transmuta\Property\Reader;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Provenance\Mark;
use Transmuta\Provenance\Provenance;

/** Why a layer sets as it does: its mechanisms, the doses each counts, by line, and the coefficients with their marks. */
final readonly class WhySet
{
    /** What a dose is measured in, where it is not g per 100 g. */
    private const UNITS = [
        'agar-in-acid' => '0…1', 'raw-yolk' => '0…1', 'calcium' => 'mg per 100 g', 'ph' => 'pH', 'air-fullness' => 'of a full foam', 'space' => 'of the layer',
    ];

    public function __construct(private Reader $reader, private Leaves $leaves) {}

    public function whole(LayerReading $layer, float $celsius): Trace
    {
        if ($layer->baseWords !== null) {
            return Trace::of('How the base cuts', $layer->firmFat, 'g firm fat per 100 g', $layer->baseWords . ': by the fat that is solid when it is eaten, never by a GE', [$this->firmFat($layer, $celsius)]);
        }
        $reading = $this->reader->set->read($layer->state, $celsius);
        $inputs = array_map(fn(string $mechanism): Trace => $this->mechanism($layer, $mechanism, $celsius), array_keys($reading->mechanisms));

        return Trace::of(\sprintf('Set at %g °C', $celsius), $reading->ge, 'GE %', \sprintf('the mechanisms added up: %s', Ladder::word($reading->ge)), $inputs);
    }

    /** @throws UnknownNumber if the set has no such mechanism */
    public function mechanism(LayerReading $layer, string $mechanism, float $celsius): Trace
    {
        $row = $this->reader->reference->mechanisms[$mechanism] ?? throw UnknownNumber::path("set.$mechanism");
        $read = $this->reader->set->inputs($layer->state, $celsius);
        $inputs = [];
        foreach ($row['doses'] as $dose) {
            if ($dose === 'weighted-solid') {
                $inputs[] = $this->firmFat($layer, $celsius);
            } elseif (($read[$dose] ?? 0.0) > 1e-9) {
                $inputs[] = $this->dose($layer, $dose, $read[$dose]);
            }
        }
        $inputs[] = Trace::of('space left by sugar', $read['space'], 'of the layer', '1 − share × sugars and bulk sweeteners ÷ 100: the agents live in the rest', [
            $this->leaves->coefficient('set', 'agent-space.sugar', $this->reader->reference->set['agent-space.sugar'], '', 'share of its own mass that sugar takes'),
        ]);
        foreach ($row['coefficients'] as $key) {
            $inputs[] = $this->leaves->coefficient('set', $key, $this->reader->reference->set[$key], '', self::words($key));
        }
        $ge = $this->reader->set->read($layer->state, $celsius)->mechanisms[$mechanism] ?? 0.0;
        $factor = $this->reader->set->factor($mechanism);
        if ($factor !== 1.0) {
            $inputs[] = Trace::of('this kitchen', $factor, '×', 'by its own trials, taken over by somebody here');
        }

        return Trace::of($row['name'], $ge, 'GE %', $row['words'], $inputs, $this->reader->reference->sourceOf('mechanisms', $mechanism));
    }

    private function dose(LayerReading $layer, string $dose, float $value): Trace
    {
        $lines = [];
        foreach ($layer->state->model->portions as $i => $portion) {
            $brings = $this->reader->set->doses->from($portion, $layer->state->share[$i])[$dose] ?? 0.0;
            if ($brings > 1e-9) {
                $lines[] = Trace::of($portion->ingredient->name, $brings, self::UNITS[$dose] ?? 'g per 100 g', 'counted where its own condition is met', [$this->leaves->mass($layer, $i)], $this->source($portion->ingredient, $dose));
            }
        }

        return Trace::of(self::words($dose), $value, self::UNITS[$dose] ?? 'g per 100 g', '', $lines);
    }

    /** "starch.acid-ph" as "acid pH": the mechanism it belongs to stands above it. */
    private static function words(string $key): string
    {
        $words = str_replace('-', ' ', (string) preg_replace('/^[^.]+\./', '', $key));

        return (string) preg_replace(['/\bph\b/', '/\bc$/'], ['pH', '°C'], $words);
    }

    private function source(\Transmuta\Shelf\Ingredient $in, string $dose): Provenance
    {
        $part = match (true) {
            str_starts_with($dose, 'egg') => 'protein.egg',
            str_starts_with($dose, 'soy') => 'protein.soy',
            str_starts_with($dose, 'casein') => 'protein.casein',
            str_starts_with($dose, 'whey') => 'protein.whey',
            $dose === 'particles' => 'particles',
            $dose === 'calcium' && !isset($in->functions['calcium']) => 'calcium_mg',
            default => 'function:' . ($dose === 'gelatin-200' ? 'gelatin-bloom' : str_replace('starch-apart', 'starch', $dose)),
        };

        return $in->provenanceOf($part);
    }

    /** Fat that is solid at a temperature, whatever holds it, by kind of fat. */
    public function solidFat(LayerReading $layer, float $celsius): Trace
    {
        $inputs = [];
        foreach (array_keys($this->reader->reference->solidFat) as $kind) {
            $grams = $layer->state->of100("fat.$kind");
            if ($grams > 0.005) {
                $solid = $this->reader->fat->solidShare($kind, $celsius);
                $inputs[] = Trace::of("$kind fat", $grams * $solid, 'g solid per 100 g', \sprintf('%s g × %s solid at %g °C', Leaves::short($grams), Leaves::short($solid), $celsius), [
                    $this->leaves->coefficient('solid-fat', $kind, $solid, 'solid', "$kind fat"),
                    $this->leaves->part($layer, "$kind fat", ["fat.$kind"]),
                ]);
            }
        }

        return Trace::of(\sprintf('Solid fat at %g °C', $celsius), $this->reader->fat->solid($layer->state, $celsius), 'g per 100 g', 'each kind of fat by its table; cocoa butter and milk fat soften each other. Over 3 g at 35 °C feels waxy', $inputs);
    }

    /** Solid fat of the layer, by kind of fat and how it is held. */
    public function firmFat(LayerReading $layer, float $celsius): Trace
    {
        $inputs = [];
        foreach ($layer->state->model->portions as $i => $portion) {
            foreach ($portion->ingredient->composition->parts as $part => $per100) {
                $grams = $layer->state->share[$i] * $per100 / 100;
                if (str_starts_with($part, 'fat.') && $grams > 0.005) {
                    $kind = substr($part, 4);
                    $solid = $this->reader->fat->solidShare($kind, $celsius);
                    $inputs[] = Trace::of($portion->ingredient->name, $grams * $solid, 'g solid per 100 g', \sprintf('%s g fat × %s solid at %g °C; held as %s', Leaves::short($grams), Leaves::short($solid), $celsius, $portion->ingredient->fatState->value), [
                        $this->leaves->coefficient('solid-fat', $kind, $solid, 'solid', "$kind fat"),
                        $this->leaves->mass($layer, $i),
                    ], $portion->ingredient->provenanceOf($part));
                }
            }
        }
        usort($inputs, static fn(Trace $a, Trace $b): int => $b->value <=> $a->value);

        return Trace::of('Firm fat', $this->reader->fat->weightedSolid($layer->state, $celsius), 'g per 100 g', 'solid fat of each line × how much fat held like that can firm a layer; cocoa butter and milk fat soften each other', $inputs, Provenance::of(Mark::Memory, 'practice: setting'));
    }
}
