<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\Version;
use App\Services\History;
use App\Services\MakingView;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Identity;
use Transmuta\Formula\Step;
use Transmuta\Process\Words\OwnMethod;
use Transmuta\Process\Words\OwnStep;
use Transmuta\Process\Words\ToldStep;

/** The method of a version in its makers' own words. */
final class MethodController extends Controller
{
    public function __construct(private readonly VersionShelf $shelves, private readonly OwnMethod $method, private readonly MakingView $making, private readonly History $history) {}

    #[OA\Get(
        path: '/api/versions/{version}/method',
        summary: 'The method as it is told, in own words where somebody wrote some, with what does not agree with the formula any more',
        operationId: 'Method.show',
        parameters: [new InPath('version')],
        responses: [new Answered('Method'), new Wrong()],
    )]
    public function show(Version $version): JsonResponse
    {
        Gate::authorize('view', $version);

        return $this->said($version);
    }

    #[OA\Put(
        path: '/api/versions/{version}/method',
        summary: 'Keeps the method in own words; with no steps it is told as the formula asks for it',
        operationId: 'Method.update',
        parameters: [new InPath('version')],
        requestBody: new Asked('MethodInput'),
        responses: [new Answered('Method'), new Wrong()],
    )]
    public function update(Request $request, Version $version): JsonResponse
    {
        Gate::authorize('update', $version);
        $request->validate([
            'steps' => ['present', 'array', 'max:200'],
            'steps.*' => ['array'],
            'steps.*.id' => ['required', 'string', 'regex:/^[0-9A-Za-z]{1,26}$/'],
            'steps.*.step' => ['present', 'nullable', 'string', 'max:12'],
            'steps.*.text' => ['present', 'nullable', 'string', 'max:2000'],
        ]);
        $typed = [];
        foreach (array_values($request->array('steps')) as $row) {
            \assert(\is_array($row));
            $typed[] = ['id' => \is_string($row['id'] ?? null) ? $row['id'] : '', 'step' => \is_string($row['step'] ?? null) ? $row['step'] : null, 'text' => \is_string($row['text'] ?? null) ? $row['text'] : ''];
        }
        $dish = $this->shelves->engine($version)->read($version->formula);
        if ($this->shelves->engine($version)->method->methodOf($dish) !== null) {
            return $this->said($this->rewritten($version, $typed));
        }
        $kept = $typed === [] ? [] : $this->method->kept($typed, $dish);
        DB::transaction(fn(): bool => $version->asSeen($this->lastSeen($request))->update(['method' => $kept === [] ? null : array_map(static fn(OwnStep $one): array => $one->write(), $kept)]));

        return $this->said($version->refresh());
    }

    /**
     * The formula's own method in other words, steps, or order: the making is read from it anew. With no steps it is drafted.
     *
     * @param list<array{id: string, step: ?string, text: string}> $typed
     *
     * @throws Nonsense if a step is empty or too long
     */
    private function rewritten(Version $version, array $typed): Version
    {
        $steps = [];
        foreach ($typed as $n => $one) {
            $text = trim($one['text']);
            if ($text === '') {
                throw Nonsense::of("steps.$n.text", '', 'write what is done, or take the step out');
            }
            $steps[] = new Step($text, preg_match(Identity::PATTERN, $one['id']) === 1 ? $one['id'] : '');
        }
        $formula = $version->formula->withMethod($steps);

        return $this->history->write($version, $version->revision, 'edited', fn(Version $held): array => ['formula' => $formula, 'shelf' => $this->shelves->stamp($formula, $held->shelf)]);
    }

    private function said(Version $version): JsonResponse
    {
        $dish = $this->shelves->engine($version)->read($version->formula);
        $isFormulas = $this->shelves->engine($version)->method->methodOf($dish) !== null;

        return new JsonResponse([
            'said' => $version->said,
            'is_own' => $isFormulas || $version->method !== null,
            'is_formulas' => $isFormulas,
            'steps' => $isFormulas
                ? array_map(static fn(Step $step, int $n): array => (new ToldStep($step->id === '' ? "row$n" : $step->id, null, $step->text, true, null, '', ''))->write(), $version->formula->method, array_keys($version->formula->method))
                : $this->making->told($version, $dish),
            'out' => $isFormulas ? [] : $this->method->out($version->ownMethod(), $dish),
        ]);
    }
}
