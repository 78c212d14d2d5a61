<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Diet\Diet;
use Transmuta\Formula\Nonsense;

/** What is asked of a reformulation: diets, and limits per portion (g net carbs, g protein, kcal). */
final readonly class Brief
{
    /** @param list<Diet> $diets */
    private function __construct(public array $diets, public ?float $netCarbs, public ?float $protein, public ?float $kcal) {}

    /**
     * @param list<Diet> $diets
     *
     * @throws Nonsense if a limit is negative or beyond 5000
     */
    public static function of(array $diets, ?float $netCarbs = null, ?float $protein = null, ?float $kcal = null): self
    {
        foreach (['net carbs' => $netCarbs, 'protein' => $protein, 'kcal' => $kcal] as $name => $limit) {
            if ($limit !== null && ($limit < 0.0 || $limit > 5000.0 || !is_finite($limit))) {
                throw Nonsense::of($name, (string) $limit, 'give a limit per portion between 0 and 5000');
            }
        }

        return new self($diets, $netCarbs, $protein, $kcal);
    }

    public function asks(Diet $diet): bool
    {
        return \in_array($diet, $this->diets, true);
    }

    /** Net carbs a portion may hold, g: the brief's own limit, or the keto one. */
    public function netCarbLimit(): ?float
    {
        return $this->netCarbs ?? ($this->asks(Diet::Keto) ? \Transmuta\Diet\DietJudge::KETO_NET_CARBS : null);
    }

    /** @return array{diets: list<string>, net_carbs_g: ?float, protein_g: ?float, kcal: ?float} */
    public function toArray(): array
    {
        return ['diets' => array_map(static fn(Diet $d): string => $d->value, $this->diets), 'net_carbs_g' => $this->netCarbs, 'protein_g' => $this->protein, 'kcal' => $this->kcal];
    }
}
