<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Run;
use App\Models\RunEvent;
use App\Models\Studio;
use App\Models\Version;
use Transmuta\Diagnosis\Diagnosis;
use Transmuta\Diagnosis\FaultBook;
use Transmuta\Diagnosis\NextTime;
use Transmuta\Diagnosis\PastTrials;
use Transmuta\Diagnosis\RunFacts;
use Transmuta\Diagnosis\RunTimeline;
use Transmuta\Fault\Nonsense;
use Transmuta\Process\Making\Making;
use Transmuta\Reformulation\Brief\Brief;

/** Why a version went wrong: by its own numbers, what its run says, and how the kitchen's trials came out before. */
final readonly class FaultView
{
    public function __construct(private VersionShelf $shelves, private RunView $runs, private Making $making, private Learning $learning, private History $history) {}

    /** @return list<array{fault: string, words: list<string>, causes: int}> every class of fault, with what people say */
    public static function all(): array
    {
        $book = FaultBook::standard();

        return array_map(static fn(string $fault, array $rows): array => ['fault' => $fault, 'words' => $book->saidFor($fault), 'causes' => \count($rows)], array_keys($book->causes), array_values($book->causes));
    }

    /**
     * @param array<array-key, mixed> $facts said by whoever asks; they count before what the run says
     *
     * @return array<string, mixed>
     *
     * @throws Nonsense naming what cannot be meant
     */
    public function of(Studio $studio, Version $version, string $fault, ?string $layer, ?int $run, array $facts): array
    {
        $of = $run === null ? null : Run::of($version, $run);
        $made = $of === null ? $version : $version->as($of->revision);
        $engine = $this->shelves->engine($made);
        $dish = $engine->read($made->formula);
        $meant = $layer === null ? null : $dish->layerOf($layer) ?? throw Nonsense::of('layer_id', $layer, 'choose a layer of this version');
        $read = $of === null ? [] : $this->facts($of, $meant === null ? null : (int) array_search($meant, $dish->layers, true));
        $said = array_filter($facts, static fn(mixed $value): bool => $value !== null);
        $known = RunFacts::read($said + $read);
        $past = [];
        foreach ($this->learning->residuals($studio) as $row) {
            $past[$row['mechanism']] = ['n' => $row['n'], 'mean' => $row['mean']];
        }

        return [...(new Diagnosis(FaultBook::standard(), $engine->reader, new PastTrials($past), Brief::from($version->brief)->diets))->of($dish, $fault, $meant === null ? null : [$meant], $known), 'facts' => (object) $read];
    }

    /**
     * Changes a version as a cause asks for next time, as a revision of its own.
     *
     * @throws Nonsense where nothing of it can be changed so
     */
    public function change(Version $version, string $fault, int $row, string $layer, int $seen): Version
    {
        return $this->history->write($version, $seen, 'edited', function (Version $held) use ($fault, $row, $layer): array {
            $engine = $this->shelves->engine($held);
            $dish = $engine->read($held->formula);
            $meant = $dish->layerOf($layer) ?? throw Nonsense::of('layer_id', $layer, 'choose a layer of this version');
            $changed = (new NextTime(FaultBook::standard(), $engine->reader, Brief::from($held->brief)->diets))->of($dish, $meant, $fault, $row) ?? throw Nonsense::of('fault', "$fault $row", 'nothing of this formula can be changed so by itself; change it by hand on the Bench');

            return ['formula' => $changed->formula];
        });
    }

    /** @return array<string, bool|float> */
    private function facts(Run $run, ?int $layer): array
    {
        $kinds = [];
        foreach ($this->making->of($this->runs->read($run)) as $step) {
            if ($layer === null || $step->layer === $layer) {
                $kinds[$step->id] = $step->kind->value;
            }
        }
        $query = RunEvent::query();
        $query->where('run_id', $run->id)->whereIn('kind', ['temperature', 'done'])->orderBy('at')->orderBy('id');
        $said = [];
        $began = null;
        foreach ($query->get() as $event) {
            $at = (float) strtotime("$event->at UTC");
            $began ??= $at;
            if (isset($kinds[$event->step])) {
                $celsius = $event->body['celsius'] ?? null;
                $said[] = ['kind' => $kinds[$event->step], 'seconds' => $at - $began, 'celsius' => is_numeric($celsius) ? (float) $celsius : null, 'what' => $event->kind];
            }
        }

        return $began === null ? [] : RunTimeline::facts($said, (float) now()->getTimestamp() - $began);
    }
}
