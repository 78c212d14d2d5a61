<?php

declare(strict_types=1);

namespace Transmuta\Diagnosis;

/** One cause of a fault, with what speaks for and against it here. */
final readonly class Cause
{
    /**
     * @param float $score log-odds
     * @param list<string> $for
     * @param list<string> $against
     * @param ?string $asks what would decide; null where nothing is open
     * @param list<Cure> $now what can still be done
     * @param list<Cure> $next what to change
     */
    public function __construct(public string $fault, public int $row, public string $cause, public float $score, public array $for, public array $against, public ?string $asks, public array $now, public array $next) {}

    /** @return array<string, mixed> */
    public function write(float $chance, ?Changed $change): array
    {
        return [
            'fault' => $this->fault, 'row' => $this->row, 'cause' => $this->cause, 'chance' => $chance,
            // What nothing speaks for is never called likely, though it be the only one.
            'word' => $chance > 0.6 && $this->for !== [] ? 'likely' : ($chance >= 0.25 ? 'possible' : 'unlikely'),
            'for' => $this->for, 'against' => $this->against, 'asks' => $this->asks, 'now' => array_map(static fn(Cure $c): array => $c->write(), $this->now), 'next' => array_map(static fn(Cure $c): array => $c->write(), $this->next),
            'change' => $change?->write(),
        ];
    }
}
