<?php

declare(strict_types=1);

namespace Transmuta\Trace;

use Transmuta\Property\LayerReading;
use Transmuta\Provenance\Provenance;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Ingredient;

/** The ends of a trace: what each line brings to a layer, and what a table says. */
final readonly class Leaves
{
    public function __construct(private Reference $reference) {}

    /** A coefficient with its mark, by table and key. */
    public function coefficient(string $table, string $key, float $value, string $unit = '', ?string $label = null): Trace
    {
        return Trace::of($label ?? $key, $value, $unit, '', [], $this->reference->sourceOf($table, $key));
    }

    /**
     * g per 100 g of some parts of a layer, line by line.
     *
     * @param list<string> $parts as {@see \Transmuta\Shelf\Composition} names them; one that ends in a dot is a family
     */
    public function part(LayerReading $layer, string $label, array $parts, string $unit = 'g per 100 g'): Trace
    {
        $inputs = [];
        $sum = 0.0;
        foreach ($layer->state->model->portions as $i => $portion) {
            $per100 = self::held($portion->ingredient, $parts);
            $share = $layer->state->share[$i];
            $grams = $share * $per100 / 100;
            if ($grams > 1e-9) {
                $sum += $grams;
                $inputs[] = Trace::of(
                    $portion->ingredient->name,
                    $grams,
                    $unit,
                    \sprintf('%s g in 100 g of the layer × %s %s ÷ 100', self::short($share), self::short($per100), str_starts_with($parts[0], 'active.') ? 'mg per 100 g' : 'g per 100 g'),
                    [$this->mass($layer, $i)],
                    self::sourceOf($portion->ingredient, $parts),
                );
            }
        }
        $whole = array_sum(array_map(static fn(string $p): float => self::held100($layer, $p), $parts));
        usort($inputs, static fn(Trace $a, Trace $b): int => $b->value <=> $a->value);
        $lost = abs($whole - $sum) > 1e-6 * max(1.0, $whole) ? '; what is cooked off or strained out is taken away' : '';

        return Trace::of($label, $whole, $unit, 'what each line brings to 100 g of the layer' . $lost, $inputs);
    }

    /** The mass of one line, and how its words became grams. */
    public function mass(LayerReading $layer, int $index): Trace
    {
        $line = $layer->layer->understood()[$index];
        $in = $layer->state->model->portions[$index]->ingredient;
        $trace = $line->trace !== '' ? $line->trace : 'as weighed';
        $inputs = [];
        if (preg_match('~([\d.]+) g/m[lL]~u', $trace, $m) === 1) {
            foreach ($in->densities as $form => $density) {
                if (abs($density - (float) $m[1]) < 0.006) {
                    $inputs[] = Trace::of('bulk density' . ($form === '' ? '' : ", $form"), $density, 'g/ml', '', [], $in->provenanceOf("density:$form"));
                    break;
                }
            }
        }
        foreach ($in->units as $unit => $grams) {
            if (str_contains($trace, '× ' . self::short($grams) . ' g')) {
                $inputs[] = Trace::of(str_replace(':', ', ', $unit), $grams, 'g', '', [], $in->provenanceOf("unit:$unit"));
                break;
            }
        }

        return Trace::of($line->text !== '' ? $line->text : $in->name, $line->grams, 'g', $trace, $inputs);
    }

    /**
     * Sum of a layer over the masses of its lines, g.
     */
    public function layerMass(LayerReading $layer): Trace
    {
        $inputs = [];
        foreach (array_keys($layer->state->grams) as $i) {
            $inputs[] = $this->mass($layer, $i);
        }
        $loss = $layer->layer->loss;

        return Trace::of($layer->layer->name, $layer->state->mass, 'g', 'its lines added up' . ($loss === null ? '' : ', less the loss: ' . $loss->words()), $inputs);
    }

    public static function short(float $value): string
    {
        return (string) (float) \sprintf('%.4g', $value);
    }

    /** @param list<string> $parts */
    private static function held(Ingredient $in, array $parts): float
    {
        $sum = 0.0;
        foreach ($parts as $part) {
            $sum += str_ends_with($part, '.') ? $in->composition->family($part) : $in->composition->of100($part);
        }

        return $sum;
    }

    private static function held100(LayerReading $layer, string $part): float
    {
        if (!str_ends_with($part, '.')) {
            return $layer->state->of100($part);
        }
        $sum = 0.0;
        foreach ($layer->state->parts as $name => $grams) {
            $sum += str_starts_with($name, $part) ? $grams : 0.0;
        }

        return $sum;
    }

    /** @param list<string> $parts */
    private static function sourceOf(Ingredient $in, array $parts): Provenance
    {
        foreach (array_keys($in->composition->parts) as $part) {
            foreach ($parts as $wanted) {
                if ($part === $wanted || (str_ends_with($wanted, '.') && str_starts_with($part, $wanted))) {
                    return $in->provenanceOf($part);
                }
            }
        }

        return $in->provenance;
    }
}
