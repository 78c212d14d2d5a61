<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Formula\Formula;
use Transmuta\Method\Act;
use Transmuta\Method\Method;
use Transmuta\Method\Part;
use Transmuta\Method\Sentence;
use Transmuta\Process\Making\MakingStep;
use Transmuta\Shelf\Shelf;

/** The maker's method as it was understood, for scripts and screens: every sentence with what became of it. */
final class MethodJson
{
    /**
     * @param list<MakingStep> $steps
     *
     * @return list<array{text: string, as: string, steps: list<string>}>
     */
    public static function sentences(Method $method, array $steps): array
    {
        $of = [];
        foreach ($steps as $step) {
            if ($step->origin->sentence !== null) {
                $of[$step->origin->sentence][] = $step->id;
            }
        }

        return array_map(static fn(int $n, Sentence $one): array => ['text' => $one->text, 'as' => $one->kind->value, 'steps' => $of[$n] ?? []], array_keys($method->sentences), $method->sentences);
    }

    /**
     * For somebody who has just typed it.
     *
     * @return array{sentences: list<array{step: int, text: string, as: string, acts: list<array{does: string, lines: list<array{name: string, share: float}>, celsius: ?float, oven: string, stages: list<array{celsius: ?float, minutes: ?float}>, minutes: ?float, until: string}>}>, unsaid: list<string>}
     */
    public static function read(Method $method, Formula $formula, Shelf $shelf): array
    {
        $told = static fn(Act $act): array => [
            'does' => $act->operation->name,
            'lines' => array_map(static fn(Part $part): array => ['name' => \in_array($part->named, ['everything', 'dry ingredients'], true) ? mb_strtolower($shelf->get((string) $formula->layers[$part->layer]->understood()[$part->line]->ingredient)->name) : $part->named, 'share' => round($part->share, 3)], $act->parts),
            'celsius' => $act->celsius,
            'oven' => $act->celsius !== null && $act->operation->heats === 'oven' ? ($act->oven?->set($act->celsius) ?? \sprintf('%g °C', round($act->celsius))) : '',
            'stages' => $act->stages,
            'minutes' => $act->time?->best,
            'until' => $act->sign,
        ];

        return [
            'sentences' => array_map(
                static fn(int $n, Sentence $one): array => ['step' => $one->step, 'text' => $one->text, 'as' => $one->kind->value, 'acts' => array_map($told, array_values(array_filter($method->acts, static fn(Act $act): bool => $act->sentence === $n)))],
                array_keys($method->sentences),
                $method->sentences,
            ),
            'unsaid' => array_map(static fn(Part $part): string => $part->named, $method->unsaid),
        ];
    }
}
