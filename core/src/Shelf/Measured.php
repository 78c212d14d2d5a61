<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Fault\Nonsense;
use Transmuta\Provenance\Mark;
use Transmuta\Provenance\Provenance;

/**
 * A fruit as a refractometer and a titration found it: °Brix (g soluble solids per 100 g, 1…80) and acid (g as citric per 100 g, 0…15).
 * It overrides the table on one dish.
 */
final readonly class Measured
{
    private function __construct(public string $ingredient, public ?float $brix, public ?float $acid) {}

    /** @throws Nonsense if neither is given or one is out of range */
    public static function of(string $ingredient, ?float $brix, ?float $acid): self
    {
        if ($brix === null && $acid === null) {
            throw Nonsense::of('measured', $ingredient, 'give a Brix, an acid or both, such as "measured: passion-fruit juice brix 14.5 acid 2.8"');
        }
        if ($brix !== null && ($brix < 1.0 || $brix > 80.0)) {
            throw Nonsense::of('measured', \sprintf('brix %g', $brix), 'a refractometer reads 1 to 80 °Brix');
        }
        if ($acid !== null && ($acid < 0.0 || $acid > 15.0)) {
            throw Nonsense::of('measured', \sprintf('acid %g', $acid), 'give the acid as citric, 0 to 15 g per 100 g');
        }
        if ($brix !== null && $acid !== null && $acid > $brix) {
            throw Nonsense::of('measured', \sprintf('acid %g of brix %g', $acid, $brix), 'acid is part of the soluble solids and cannot be above the Brix');
        }

        return new self($ingredient, $brix, $acid);
    }

    /**
     * Acids are scaled to the titration and sugars to the Brix less the acids (soluble solids are taken as sugars and acids); water makes up
     * the hundred again. An ingredient without sugars or acids takes fructose or citric acid.
     */
    public function applyTo(Ingredient $in): Ingredient
    {
        $parts = $in->composition->parts;
        $scale = static function (array $parts, string $family, float $wanted, string $else): array {
            $had = array_sum(array_filter($parts, static fn(string $part): bool => str_starts_with($part, $family), \ARRAY_FILTER_USE_KEY));
            if ($had <= 0.0) {
                return [...$parts, $else => $wanted];
            }
            foreach ($parts as $part => $grams) {
                if (str_starts_with($part, $family)) {
                    $parts[$part] = $grams * $wanted / $had;
                }
            }

            return $parts;
        };
        $before = $in->composition->sum();
        if ($this->acid !== null) {
            $parts = $scale($parts, 'acid.', $this->acid, 'acid.citric');
        }
        $acid = array_sum(array_filter($parts, static fn(string $part): bool => str_starts_with($part, 'acid.'), \ARRAY_FILTER_USE_KEY));
        if ($this->brix !== null) {
            $parts = $scale($parts, 'sugar.', max(0.0, $this->brix - $acid), 'sugar.fructose');
        }
        $after = Composition::weight($parts);
        $parts['water'] = max(0.0, ($parts['water'] ?? 0.0) + $before - $after);

        return $in->holding(Composition::of($parts), Provenance::of(Mark::Measured, $this->words()));
    }

    public function words(): string
    {
        return trim(($this->brix === null ? '' : \sprintf('%g °Brix', $this->brix)) . ($this->acid === null ? '' : \sprintf(' acid %g %%', $this->acid)));
    }
}
