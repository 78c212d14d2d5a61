<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\Lot;
use App\Models\Run;
use App\Models\RunEvent;
use App\Models\RunEventKind;
use App\Models\ServiceItem;
use App\Models\Version;
use App\Services\History;
use App\Services\RunView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Transmuta\Fault\Nonsense;
use Transmuta\Process\Plan\Moment;

/** What is made at the stove: a revision, step by step, and everything that happened. */
final class RunController extends Controller
{
    private const MOST_EVENTS = 200;

    #[OA\Get(
        path: '/api/runs',
        summary: 'What is being made, and what was, the latest first',
        operationId: 'Run.index',
        responses: [new AnsweredList('RunHead'), new Wrong()],
    )]
    public function index(): JsonResponse
    {
        $query = Run::query();
        $query->with(['version.dish', 'revision:id,number'])->where('studio_id', $this->studio()->id)->whereHas('version.dish')->orderByDesc('id')->limit(100);

        return new JsonResponse(array_values($query->get()->map(RunView::head(...))->all()));
    }

    #[OA\Post(
        path: '/api/versions/{version}/runs',
        summary: 'Begins to make a version as it stands',
        operationId: 'Run.store',
        parameters: [new InPath('version')],
        requestBody: new Asked('NewRun'),
        responses: [new Answered('Run', 201), new Wrong()],
    )]
    public function store(Request $request, Version $version, RunView $view): JsonResponse
    {
        Gate::authorize('view', $version);
        $request->validate(['portions' => ['required', 'integer', 'min:1', 'max:10000'], 'service_item_id' => ['sometimes', 'nullable', 'integer']]);
        $item = $request->filled('service_item_id') ? $this->item($request->integer('service_item_id'), $version) : null;
        /** @var Run $run */
        $run = DB::transaction(fn(): Run => Run::query()->create([
            'studio_id' => $version->studio_id, 'version_id' => $version->id, 'revision_id' => History::head($version)->id, 'service_item_id' => $item,
            'portions' => $request->integer('portions'), 'who' => $this->here()->signature(), 'started_at' => now(),
        ]));

        return new JsonResponse($view->of($run->refresh()), 201);
    }

    #[OA\Get(
        path: '/api/runs/{run}',
        summary: 'A run as it stands: its steps, what is weighed, what was noted',
        operationId: 'Run.show',
        parameters: [new InPath('run')],
        responses: [new Answered('Run'), new Wrong()],
    )]
    public function show(Run $run, RunView $view): JsonResponse
    {
        Gate::authorize('view', $run);

        return new JsonResponse($view->of($run));
    }

    #[OA\Post(
        path: '/api/runs/{run}/events',
        summary: 'Says what happened; an event that was said before is not said twice',
        operationId: 'Run.say',
        parameters: [new InPath('run')],
        requestBody: new Asked('RunEvents'),
        responses: [new Answered('Run'), new Wrong()],
    )]
    public function say(Request $request, Run $run, RunView $view): JsonResponse
    {
        Gate::authorize('update', $run);
        $request->validate([
            'events' => ['required', 'array', 'min:1', 'max:' . self::MOST_EVENTS],
            'events.*' => ['array'],
            'events.*.client_id' => ['required', 'string', 'regex:/^[0-9A-Za-z]{26}$/'],
            'events.*.kind' => ['required', Rule::enum(RunEventKind::class)],
            'events.*.step' => ['sometimes', 'nullable', 'string', 'max:12'],
            'events.*.body' => ['sometimes', 'array'],
            'events.*.at' => ['required', 'string', 'max:25'],
        ]);
        $rows = [];
        foreach (array_values($request->array('events')) as $n => $event) {
            \assert(\is_array($event));
            $rows[] = $this->row($event, $n, $run, $view);
        }
        DB::transaction(static function () use ($rows, $run): void {
            $query = Run::query();
            $held = $query->whereKey($run->id)->lockForUpdate()->first();
            \assert($held instanceof Run);
            $isOver = $held->finished_at !== null;
            foreach ($rows as $row) {
                $known = RunEvent::query()->where('run_id', $run->id)->where('client_id', $row['client_id'])->exists();
                if ($known) {
                    continue;
                }
                if ($isOver && $row['kind'] !== RunEventKind::Note->value) {
                    throw Nonsense::of('events', $row['kind'], 'the run is finished; only a note can be added');
                }
                RunEvent::query()->create($row);
                if ($row['kind'] === RunEventKind::Finished->value) {
                    $held->update(['finished_at' => now()]);
                    $isOver = true;
                }
            }
        });

        return new JsonResponse($view->of($run->refresh()));
    }

    #[OA\Get(
        path: '/api/runs/{run}/record.csv',
        summary: 'The record of a run as a table',
        operationId: 'Run.record',
        parameters: [new InPath('run')],
        responses: [
            new OA\Response(response: 200, description: 'A table', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string'))),
            new Wrong(),
        ],
    )]
    public function record(Run $run, RunView $view): Response
    {
        Gate::authorize('view', $run);

        return new Response($view->csv($run), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"run-$run->id.csv\""]);
    }

    /** @throws Nonsense if it is no dish of a service of this studio that is of this version */
    private function item(int $id, Version $version): int
    {
        $query = ServiceItem::query();
        $query->where('studio_id', $version->studio_id)->where('version_id', $version->id)->whereKey($id);

        return $query->first()->id ?? throw Nonsense::of('service_item_id', (string) $id, 'choose a dish of a service that is of this version');
    }

    /**
     * @param array<array-key, mixed> $event
     *
     * @return array{studio_id: int, run_id: int, client_id: string, kind: string, step: string, lot_id: ?int, body: array<array-key, mixed>, at: string, who: string}
     *
     * @throws Nonsense if it lacks what its kind must bring
     */
    private function row(array $event, int $n, Run $run, RunView $view): array
    {
        $text = static fn(string $key): string => \is_string($event[$key] ?? null) ? $event[$key] : '';
        $body = \is_array($event['body'] ?? null) ? array_intersect_key($event['body'], array_flip(['ingredient', 'grams', 'celsius', 'text', 'factor', 'layer', 'minutes', 'seconds', 'lot', 'simulated', 'to'])) : [];
        $needs = RunEventKind::from($text('kind'))->brings();
        if ($needs === 'to') {
            $known = RunEvent::query()->where('run_id', $run->id)->where('client_id', $text('client_id'))->exists();
            // Heard before, it is not asked again: it was taken then.
            $body['to'] = $known ? '' : $view->mayTake($run, $text('step'), \is_string($body['ingredient'] ?? null) ? $body['ingredient'] : '', \is_string($body['to'] ?? null) ? mb_substr($body['to'], 0, 120) : '');
        } elseif ($needs === 'text' ? (!\is_string($body['text'] ?? null) || trim($body['text']) === '' || mb_strlen($body['text']) > 500) : ($needs !== null && !self::isFigure($needs, $body[$needs] ?? null))) {
            throw Nonsense::sent("events.$n.body.$needs", $body[$needs] ?? null, $needs === 'text' ? 'write what was seen, at most 500 letters' : 'give a number that can be meant');
        }

        if (isset($body['simulated'])) {
            $body['simulated'] = $body['simulated'] === true;
        }
        $lot = $body['lot'] ?? null;
        unset($body['lot']);
        if ($lot !== null && (!\is_int($lot) || !Lot::query()->where('studio_id', $run->studio_id)->where('slug', $body['ingredient'] ?? '')->whereKey($lot)->exists())) {
            throw Nonsense::sent("events.$n.body.lot", $lot, 'choose a lot of that ingredient');
        }
        if (isset($body['seconds']) && !self::isFigure('seconds', $body['seconds'])) {
            throw Nonsense::sent("events.$n.body.seconds", $body['seconds'], 'give the seconds since the probe went in');
        }

        return [
            'studio_id' => $run->studio_id, 'run_id' => $run->id, 'client_id' => $text('client_id'), 'kind' => $text('kind'), 'step' => $text('step'), 'lot_id' => $lot, 'body' => $body,
            'at' => substr(Moment::parse($text('at'), "events.$n.at")->words(), 0, 19), 'who' => $this->here()->signature(),
        ];
    }

    private static function isFigure(string $of, mixed $value): bool
    {
        [$least, $most] = ['grams' => [0.0, 1e6], 'celsius' => [-60.0, 350.0], 'factor' => [0.05, 20.0], 'minutes' => [0.0, 20160.0], 'seconds' => [0.0, 1e7]][$of] ?? [0.0, 0.0];

        return (\is_int($value) || \is_float($value)) && $value >= $least && $value <= $most;
    }
}
