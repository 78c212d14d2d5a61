<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Formula;
use Transmuta\Intake\Unreadable;
use Transmuta\Property\DishReading;
use Transmuta\Trial\Learning\Finding;
use Transmuta\Trial\Learning\KitchenFactors;
use Transmuta\Trial\Learning\Tried;

/** Trials as a script brings them, and the factors they speak for (docs/learning.md). */
final readonly class TrialsJson
{
    private const MOST = 2000;

    /**
     * @param \Closure(string): Formula $parse
     * @param \Closure(Formula): DishReading $read
     */
    public function __construct(private \Closure $parse, private \Closure $read) {}

    /**
     * @param array<array-key, mixed> $data
     *
     * @return array{factors: list<array{mechanism: string, factor: float, low: float, high: float, n: int, gain: float, proposed: bool}>}
     *
     * @throws Nonsense naming the trial, if one cannot be meant
     */
    public function learn(array $data): array
    {
        $rows = $data['trials'] ?? null;
        if (!\is_array($rows) || !array_is_list($rows)) {
            throw Nonsense::sent('trials', $rows, 'give a list of trials');
        }
        if (\count($rows) > self::MOST) {
            throw Nonsense::of('trials', (string) \count($rows), 'give at most ' . self::MOST);
        }
        $tried = $readings = [];
        foreach ($rows as $n => $row) {
            $place = "trials.$n";
            if (!\is_array($row)) {
                throw Nonsense::sent($place, $row, 'give formula, layer, batch and found');
            }
            $tried[] = $this->tried($row, $place, $readings);
        }

        return ['factors' => KitchenFactors::of($tried)];
    }

    /**
     * @param array<array-key, mixed> $row
     * @param array<string, DishReading> $readings those that were read already, by what was sent
     */
    private function tried(array $row, string $place, array &$readings): Tried
    {
        $formula = $row['formula'] ?? null;
        $text = \is_string($formula) ? $formula : (\is_array($formula) ? json_encode($formula, \JSON_THROW_ON_ERROR) : '');
        if ($text === '') {
            throw Nonsense::sent("$place.formula", $formula, 'give the formula as it was made, as text or as JSON');
        }
        try {
            $dish = $readings[$text] ??= ($this->read)(($this->parse)($text));
        } catch (Unreadable $unreadable) {
            throw Nonsense::in("$place.formula", $unreadable);
        }
        $layer = $dish->layersNamed(\is_string($row['layer'] ?? null) ? $row['layer'] : '', "$place.layer")[0];
        $batch = $row['batch'] ?? null;
        if (!\is_string($batch) && !\is_int($batch)) {
            throw Nonsense::sent("$place.batch", $batch, 'say of which batch, so that one tasted twice counts once');
        }
        $found = $row['found'] ?? null;
        if (!\is_array($found)) {
            throw Nonsense::sent("$place.found", $found, 'say what was found: step_index, ge, or protocol and value');
        }
        try {
            return new Tried($batch . ' ' . $layer->layer->name, $layer->set, Finding::read($found));
        } catch (Nonsense $nonsense) {
            throw Nonsense::in("$place.found", $nonsense);
        }
    }
}
