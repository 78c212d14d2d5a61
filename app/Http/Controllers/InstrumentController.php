<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Instruments\Instruments;
use App\Models\Run;
use App\Services\RunView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Transmuta\Fault\Nonsense;
use Transmuta\Instrument\Trouble;
use Transmuta\Process\Run\StepHeat;

/** The scale and the probe beside a run: what they show, and, where they are simulated, what is done with them. */
final class InstrumentController extends Controller
{
    #[OA\Get(
        path: '/api/runs/{run}/instruments',
        summary: 'What the scale and the probe show now',
        operationId: 'Instrument.show',
        parameters: [new InPath('run')],
        responses: [new Answered('Instruments'), new Wrong()],
    )]
    public function show(Run $run, Instruments $instruments): JsonResponse
    {
        Gate::authorize('view', $run);

        return new JsonResponse(self::said($instruments, $run));
    }

    #[OA\Post(
        path: '/api/runs/{run}/instruments',
        summary: 'Puts something on the scale, tares it, puts the probe in; or asks for trouble, where they are simulated',
        operationId: 'Instrument.act',
        parameters: [new InPath('run')],
        requestBody: new Asked('AtInstruments'),
        responses: [new Answered('Instruments'), new Wrong()],
    )]
    public function act(Request $request, Run $run, Instruments $instruments, RunView $view): JsonResponse
    {
        Gate::authorize('update', $run);
        $request->validate([
            'do' => ['required', Rule::in(['put', 'clear', 'tare', 'dip', 'lift', 'speed', 'trouble'])],
            'grams' => ['required_if:do,put', 'numeric', 'between:-10000,10000'],
            'step' => ['required_if:do,dip', 'string', 'max:12'],
            'speed' => ['required_if:do,speed', 'numeric', 'between:1,1000'],
            'of' => ['required_if:do,trouble', Rule::in(['scale', 'probe'])],
            'trouble' => ['required_if:do,trouble', Rule::enum(Trouble::class)],
        ]);
        $do = $request->string('do')->toString();
        $line = match ($do) {
            'put' => \sprintf('PUT %.3f', $request->float('grams')),
            'dip' => 'DIP ' . implode(' ', array_map(static fn(array $p): string => \sprintf('%.1f:%.2f', $p[0], $p[1]), $this->heat($view->heats($run), $request->string('step')->toString())->expected)),
            'speed' => \sprintf('SPEED %.1f', $request->float('speed')),
            'trouble' => 'FAULT ' . $request->string('of') . ' ' . $request->string('trouble'),
            default => strtoupper($do),
        };
        if (!$instruments->say(self::channel($run), $line) && $instruments->read(self::channel($run)) !== null) {
            throw Nonsense::of('do', $do, 'that cannot be done with this instrument');
        }

        return new JsonResponse(self::said($instruments, $run));
    }

    /**
     * @param list<StepHeat> $heats
     *
     * @throws Nonsense if nothing is heated or chilled in this step
     */
    private function heat(array $heats, string $step): StepHeat
    {
        foreach ($heats as $heat) {
            if ($heat->step === $step) {
                return $heat;
            }
        }

        throw Nonsense::of('step', $step, 'choose a step in which something is heated or chilled');
    }

    private static function channel(Run $run): string
    {
        return "run-$run->id";
    }

    /** @return array<string, mixed> */
    private static function said(Instruments $instruments, Run $run): array
    {
        $read = $instruments->read(self::channel($run));

        return [
            'is_there' => $read !== null,
            'is_simulated' => $read['is_simulated'] ?? false,
            'speed' => $read['speed'] ?? 1.0,
            'scale' => $read === null ? null : ['state' => $read['scale']->state, 'grams' => $read['scale']->grams, 'is_low' => $read['scale']->isLow],
            'probe' => $read === null ? null : ['state' => $read['probe']->state, 'celsius' => $read['probe']->celsius, 'elapsed' => $read['probe']->elapsed, 'is_low' => $read['probe']->isLow],
        ];
    }
}
