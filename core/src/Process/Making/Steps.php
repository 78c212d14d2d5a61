<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

/** The steps of one layer, or of the whole, as they are put down: an id is the letter of the layer and a number, whatever the portions. */
final class Steps
{
    private int $count = 0;

    /** @param string $name of the layer, said before each step; '' for the whole */
    public function __construct(private readonly Graph $graph, private readonly int $layer, private readonly string $name = '') {}

    /**
     * @param list<array{ingredient: string, grams: float}> $lines what enters the mass here
     * @param list<?string> $after ids; null for what is not there
     *
     * @return string its id
     */
    public function add(StepKind $kind, string $text, array $lines, array $after, StepDetail $detail = new StepDetail()): string
    {
        $id = \chr(\ord('a') + min(24, $this->layer)) . ++$this->count;
        $book = $this->graph->book;
        $grams = $detail->mass ?? array_sum(array_column($lines, 'grams'));
        $words = $book->words($kind);
        $this->graph->put(new MakingStep(
            $id,
            $this->layer,
            $kind,
            $this->name === '' ? $text : "$this->name: $text",
            $lines,
            $detail->target,
            $detail->endpoint ?? $words['endpoint'],
            $book->hands($kind, $detail->counted ?? \count($lines), $grams / 1000, $this->graph->vessels, $this->graph->isSmall, $this->graph->portions) + $detail->attended,
            $detail->wait ?? $book->wait($kind),
            $book->station($kind),
            $book->tools($kind),
            array_values(array_unique(array_filter($after, is_string(...)))),
            $detail->thing === null ? null : $book->holds($detail->thing),
            $detail->reason,
            $words['wrong'],
            $words['rescue'],
            $detail->origin,
        ));

        return $id;
    }
}
