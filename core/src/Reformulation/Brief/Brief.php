<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Brief;

use Transmuta\Diet\Diet;
use Transmuta\Fault\Nonsense;
use Transmuta\Reference\Figure;

/** What is asked of a reformulation: diets, limits per portion (g, kcal), what is wanted otherwise, and ingredients that cannot be had or eaten. */
final readonly class Brief
{
    /** The largest limit per portion that can be meant, g or kcal. */
    public const MOST = 5000.0;

    /**
     * @param list<Diet> $diets
     * @param list<string> $without words for what is not on hand or a guest cannot have, as {@see Exclusions} reads them
     */
    private function __construct(
        public array $diets,
        public ?float $netCarbs,
        public ?float $protein,
        public ?float $kcal,
        public ?float $sugars,
        public ?float $fat,
        public Aims $aims,
        public array $without,
        public bool $proteinByPortion = false,
    ) {}

    /**
     * @param list<Diet> $diets
     * @param list<string> $without
     *
     * @throws Nonsense if a limit is negative or beyond 5000
     */
    public static function of(array $diets, ?float $netCarbs = null, ?float $protein = null, ?float $kcal = null, ?float $sugars = null, ?float $fat = null, ?Aims $aims = null, array $without = []): self
    {
        foreach (['net carbs' => $netCarbs, 'protein' => $protein, 'kcal' => $kcal, 'sugars' => $sugars, 'fat' => $fat] as $name => $limit) {
            if ($limit !== null && ($limit < 0.0 || $limit > self::MOST || !is_finite($limit))) {
                throw Nonsense::of($name, (string) $limit, 'give a limit per portion between 0 and 5000');
            }
        }

        return new self($diets, $netCarbs, $protein, $kcal, $sugars, $fat, $aims ?? Aims::same(), $without);
    }

    /**
     * Out of what {@see toArray} writes, or somebody sends: what is not there is not asked.
     *
     * @param array<array-key, mixed> $data
     *
     * @throws Nonsense if a limit or an aim is out of its range
     */
    public static function from(array $data): self
    {
        $limit = static fn(string $key): ?float => is_numeric($data[$key] ?? null) ? (float) $data[$key] : null;
        $listed = static fn(string $key): array => array_values(array_filter(\is_array($data[$key] ?? null) ? $data[$key] : [], is_string(...)));
        $aims = \is_array($data['aims'] ?? null) ? $data['aims'] : [];
        $aim = static fn(string $key, float $same): float => is_numeric($aims[$key] ?? null) ? (float) $aims[$key] : $same;

        return self::of(
            array_values(array_filter(array_map(Diet::tryFrom(...), $listed('diets')))),
            $limit('net_carbs_g'),
            $limit('protein_g'),
            $limit('kcal'),
            $limit('sugars_g'),
            $limit('fat_g'),
            Aims::of($aim('sweetness', 1.0), $aim('set', 0.0), $aim('sharpness', 1.0), $aim('richness', 1.0)),
            $listed('without'),
        );
    }

    public function asks(Diet $diet): bool
    {
        return \in_array($diet, $this->diets, true);
    }

    /** Nothing is asked: the original is the answer. */
    public function asksNothing(): bool
    {
        return $this->diets === [] && $this->without === [] && $this->aims->isSame()
            && $this->netCarbs === null && $this->protein === null && $this->kcal === null && $this->sugars === null && $this->fat === null;
    }

    /** Net carbs a portion may hold, g: the brief's own limit, or the keto one. */
    public function netCarbLimit(): ?float
    {
        return $this->netCarbs ?? ($this->asks(Diet::Keto) ? Figure::KetoNetCarbs->number() : null);
    }

    /**
     * Sugars a portion may hold, g: the brief's own limit, or the share of the original's that "reduced" allows, whichever is less.
     */
    public function sugarLimit(float $originalSugars): ?float
    {
        $limits = array_filter([$this->sugars, $this->asks(Diet::ReducedSugar) ? Figure::ReducedSugarShare->number() * $originalSugars : null], static fn(?float $v): bool => $v !== null);

        return $limits === [] ? null : min($limits);
    }

    /** Fat a portion may hold, g: the brief's own limit, or what "low fat" allows of a portion's mass. */
    public function fatLimit(float $portionGrams): ?float
    {
        $limits = array_filter([$this->fat, $this->asks(Diet::LowFat) ? Figure::LowFatFat->number() / 100 * $portionGrams : null], static fn(?float $v): bool => $v !== null);

        return $limits === [] ? null : min($limits);
    }

    /** High protein meant as at least so many g a portion, rather than as a share of the energy. */
    public function byPortion(float $grams): self
    {
        return new self($this->diets, $this->netCarbs, max($grams, $this->protein ?? 0.0), $this->kcal, $this->sugars, $this->fat, $this->aims, $this->without, true);
    }

    /** Whether protein must come to a fifth of the energy. */
    public function asksProteinShare(): bool
    {
        return $this->asks(Diet::HighProtein) && !$this->proteinByPortion;
    }

    public function aiming(Aims $aims): self
    {
        return new self($this->diets, $this->netCarbs, $this->protein, $this->kcal, $this->sugars, $this->fat, $aims, $this->without, $this->proteinByPortion);
    }

    /** @return array{diets: list<string>, net_carbs_g: ?float, protein_g: ?float, kcal: ?float, sugars_g: ?float, fat_g: ?float, aims: array{sweetness: float, set: float, sharpness: float, richness: float}, without: list<string>} */
    public function toArray(): array
    {
        return [
            'diets' => array_map(static fn(Diet $d): string => $d->value, $this->diets), 'net_carbs_g' => $this->netCarbs, 'protein_g' => $this->protein, 'kcal' => $this->kcal,
            'sugars_g' => $this->sugars, 'fat_g' => $this->fat, 'aims' => $this->aims->toArray(), 'without' => $this->without,
        ];
    }
}
