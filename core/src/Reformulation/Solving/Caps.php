<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Solving;

use Transmuta\Property\LayerReading;
use Transmuta\Property\LayerState;
use Transmuta\Property\Reader;
use Transmuta\Property\Setting\Smooth;
use Transmuta\Property\Water\Crystals;
use Transmuta\Reference\Figure;
use Transmuta\Reformulation\Substitution\MeansBook;
use Transmuta\Reformulation\Substitution\Place;
use Transmuta\Shelf\Ingredient;

/**
 * What several things together may come to in a layer, g per 100 g: protein powders, polyols, gums, liquid oils; what would be grain or bitter. Never
 * less than the original held.
 */
final readonly class Caps
{
    /** How sharply each is held, g per 100 g. */
    private const WIDTH = ['powder' => 0.02, 'polyol' => 0.5, 'gum' => 0.02, 'oil' => 0.3];

    /** How sharply grain is held, g over what stays dissolved per 100 g, and bitterness, share of a receptor's most. */
    private const GRAIN = 0.15;
    private const BITTER = 0.01;

    /**
     * @param array<string, float> $most g per 100 g, by what is summed
     * @param ?float $grain g of polyol per 100 g over what stays dissolved cold that the original held already; null in a base, which is eaten dry
     * @param float $bitter how far past their ceilings its high-potency sweeteners ran already
     */
    private function __construct(private array $most, private ?float $grain, private float $bitter, private Reader $reader) {}

    public static function of(LayerReading $was, Place $place, Reader $reader): self
    {
        $most = [];
        foreach (self::sums($was->state) as $what => $had) {
            $most[$what] = max($had, MeansBook::together($what, $place->value), $what === 'polyol' ? Figure::PolyolOfSugar->number() * $was->state->sugars : 0.0);
        }

        return new self($most, $place === Place::Base ? null : Crystals::excess($was->state, $reader->reference), $reader->sweetness->aboveCeilings($was->state), $reader);
    }

    /** @return list<float> residuals of what is over, in widths; the same rows for every weighing */
    public function over(LayerState $state): array
    {
        $rows = [];
        foreach (self::sums($state) as $what => $has) {
            $rows[] = Smooth::positive($has - $this->most[$what], 0.4 * self::WIDTH[$what]) / self::WIDTH[$what];
        }
        $rows[] = $this->grain === null ? 0.0 : max(0.0, Crystals::excess($state, $this->reader->reference) - $this->grain) / self::GRAIN;
        $rows[] = self::isPotent($state) ? max(0.0, $this->reader->sweetness->aboveCeilings($state) - $this->bitter) / self::BITTER : 0.0;

        return $rows;
    }

    private static function isPotent(LayerState $state): bool
    {
        foreach ($state->model->portions as $portion) {
            if ($portion->potent) {
                return true;
            }
        }

        return false;
    }

    /** @return array{powder: float, polyol: float, gum: float, oil: float} g per 100 g */
    private static function sums(LayerState $state): array
    {
        $sums = ['powder' => 0.0, 'polyol' => $state->polyols, 'gum' => 0.0, 'oil' => 0.0];
        foreach ($state->model->portions as $i => $portion) {
            $what = self::what($portion->ingredient);
            if ($what !== null) {
                $sums[$what] += $state->share[$i];
            }
        }

        return $sums;
    }

    /** @return 'powder'|'gum'|'oil'|null */
    private static function what(Ingredient $in): ?string
    {
        return match (true) {
            $in->group === 'protein' => 'powder',
            $in->class === 'thickener' => 'gum',
            $in->class === 'oil' => 'oil',
            default => null,
        };
    }
}
