<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Run;
use App\Models\RunEvent;
use App\Models\ServiceItem;
use App\Models\Version;
use App\Services\History;
use App\Services\RunView;
use Carbon\CarbonInterface;
use Illuminate\Support\Str;
use Transmuta\Instrument\SimulatedProbe;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\MakingStep;
use Transmuta\Process\Run\StepHeat;
use Transmuta\Process\Run\WeighOut;
use Transmuta\Quantity\Scale;

/** A run somebody is in the middle of: the first layer weighed and made, the mass of the next in the pot, followed by a probe. Invented. */
final readonly class HalfMadeRun
{
    private const WHO = 'Matteo';

    /** How often a probe is written down, s. */
    private const EVERY = 30;

    public function __construct(private RunView $view, private Making $making, private WeighOut $weighOut) {}

    public function of(ServiceItem $item): Run
    {
        $query = Version::query();
        $version = $query->findOrFail($item->version_id);
        $at = now()->subMinutes(70)->toMutable();
        /** @var Run $run */
        $run = Run::query()->create([
            'studio_id' => $version->studio_id, 'version_id' => $version->id, 'revision_id' => History::head($version)->id, 'service_item_id' => $item->id,
            'portions' => $item->portions, 'who' => self::WHO, 'started_at' => $at,
        ]);
        $run->refresh();
        $steps = $this->making->of($this->view->read($run));
        $weighing = $this->weighOut->of($this->view->read($run));
        $heats = array_column($this->view->heats($run), null, 'step');
        $pots = array_keys(array_filter($steps, static fn(MakingStep $step): bool => isset($heats[$step->id]) && $heats[$step->id]->where === 'pan'));
        $until = $pots[0] ?? intdiv(\count($steps), 2);
        foreach (\array_slice($steps, 0, $until + 1) as $n => $step) {
            foreach ($weighing as $i => $line) {
                if ($line->step === $step->id) {
                    $grams = $line->asked + $line->tolerance * 0.6 * sin(3 * $i + 1);
                    self::say($run, 'weighed', $step->id, $at->addMinute(), ['ingredient' => $line->ingredient, 'grams' => Scale::shown($grams)]);
                }
            }
            if ($n < $until) {
                self::say($run, 'done', $step->id, $at->addMinutes((int) ceil(min(6.0, $step->hands))));
                continue;
            }
            if (isset($heats[$step->id])) {
                self::followed($run, $heats[$step->id], $at);
            }
            self::say($run, 'note', $step->id, $at, ['text' => 'smells of the fruit; stirring to the bottom']);
        }

        return $run;
    }

    /** The first two thirds of what the models expect of a pot, as a probe would read it. */
    private static function followed(Run $run, StepHeat $heat, CarbonInterface $at): void
    {
        $probe = new SimulatedProbe($run->id);
        $probe->dip($heat->expected, 0.0);
        $end = 0.66 * ($heat->reaches(self::target($heat)) ?? 300.0);
        for ($seconds = self::EVERY; $seconds <= $end; $seconds += self::EVERY) {
            self::say($run, 'temperature', $heat->step, $at->addSeconds(self::EVERY), ['celsius' => $probe->read($seconds)->celsius, 'seconds' => $seconds]);
        }
    }

    private static function target(StepHeat $heat): float
    {
        foreach ($heat->marks as $mark) {
            if ($mark['kind'] === 'reach') {
                return $mark['celsius'];
            }
        }

        return 80.0;
    }

    /** @param array<string, mixed> $body */
    private static function say(Run $run, string $kind, string $step, CarbonInterface $at, array $body = []): void
    {
        RunEvent::query()->create([
            'studio_id' => $run->studio_id, 'run_id' => $run->id, 'client_id' => (string) Str::ulid(), 'kind' => $kind, 'step' => $step, 'body' => $body, 'at' => $at->format('Y-m-d\TH:i:s'), 'who' => self::WHO,
        ]);
    }
}
