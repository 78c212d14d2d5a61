<?php

declare(strict_types=1);

namespace Transmuta\Trace;

use Transmuta\Property\LayerReading;
use Transmuta\Property\LineJobs;
use Transmuta\Property\Reader;

/** Why a line provides what it does: the layer with it and without it. */
final readonly class WhyJobs
{
    /** What each job is measured by: its words and unit. */
    private const MEASURES = [
        'set' => ['the set', 'GE %'], 'sweet' => ['the sweetness', 'SE'], 'fat' => ['the fat', 'g per 100 g'], 'firm' => ['the firm fat', 'g per 100 g'], 'water' => ['the water binding', '1 − aw'],
        'acid' => ['the acid', 'g per 100 g'], 'air' => ['the air', 'ml'], 'protein' => ['the protein', 'g per 100 g'], 'brown' => ['the browning', '√(reducing sugars × protein)'],
    ];

    public function __construct(private Reader $reader, private Leaves $leaves) {}

    public function of(LayerReading $layer, int $line, float $serveAt): Trace
    {
        $jobs = $layer->jobs[$line];
        $whole = LineJobs::measures($layer->state, $this->reader, $serveAt, $layer->baseWords !== null);
        $without = LineJobs::measures($layer->state->without($line), $this->reader, $serveAt, $layer->baseWords !== null);
        $inputs = [];
        foreach (self::MEASURES as $job => [$words, $unit]) {
            if ($jobs[$job] >= 0.005) {
                $inputs[] = Trace::of("of $words", 100 * $jobs[$job], '%', '(with it − without it) ÷ with it', [
                    Trace::of('with it', $whole[$job], $job === 'set' && $layer->baseWords !== null ? 'g solid fat per 100 g' : $unit),
                    Trace::of('without it', $without[$job], $job === 'set' && $layer->baseWords !== null ? 'g solid fat per 100 g' : $unit),
                    ...($job === 'set' ? array_map(static fn(string $by, float $share): Trace => Trace::of('by ' . str_replace('-', ' ', $by), 100 * $share, '% of the whole set'), array_keys($layer->setBy[$line]), $layer->setBy[$line]) : []),
                ]);
            }
        }
        if ($jobs['colour'] >= 0.005) {
            $inputs[] = Trace::of('of the colour', 100 * $jobs['colour'], '%', 'its part of the strongest hue; whose colour it is, not its shade', [], $layer->state->model->portions[$line]->ingredient->provenanceOf('function:colour'));
        }

        return Trace::of($layer->state->model->portions[$line]->ingredient->name, null, '', 'what is missing when the line is taken away and the layer read again, with nothing in its place', [...$inputs, $this->leaves->mass($layer, $line)]);
    }
}
