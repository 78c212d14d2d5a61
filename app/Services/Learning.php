<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Lot;
use App\Models\PotLadder;
use App\Models\Studio;
use App\Models\Trial;
use Illuminate\Support\Facades\Cache;
use Illuminate\Support\Facades\DB;
use Transmuta\Fault\Nonsense;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Reader;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Property\Setting\SetReading;
use Transmuta\Reference\Reference;
use Transmuta\Trial\Learning\Finding;
use Transmuta\Trial\Learning\KitchenFactors;
use Transmuta\Trial\Learning\Tried;
use Transmuta\Trial\Pots\DoseCurve;
use Transmuta\Trial\Reliability;

/**
 * What the trials of a studio say: factors of its mechanisms, proposed and taken over by a person; whether its chances came true; how far each mechanism
 * was off. Factors are always learnt against the shipped model, whatever was in use when a trial was noted.
 *
 * @phpstan-type Residual array{mechanism: string, name: string, n: int, mean: float, points: list<array<string, mixed>>}
 * @phpstan-type Packet array{lot_id: int, name: string, code: string, mechanism: string, factor: float, low: float, high: float, n: int, proposed: bool}
 * @phpstan-type Learned array{trials: int, factors: list<array{mechanism: string, factor: float, low: float, high: float, n: int, gain: float, proposed: bool}>, reliability: ?array<string, mixed>, residuals: list<Residual>, packets: list<Packet>}
 */
final readonly class Learning
{
    /** Latest trials looked at: the further back, the less it is the same kitchen. */
    private const MOST = 400;

    /** A mechanism is what missed where it gives so much of a set. */
    private const LEADS = 0.5;

    private const KEPT_SECONDS = 86400;

    /** Batches of one packet from which it is told by itself. */
    private const OF_A_PACKET = 3;

    public function __construct(private VersionShelf $shelves, private StudioShelf $shelf, private Reference $reference) {}

    /** @return array<string, mixed> */
    public function of(Studio $studio): array
    {
        $learned = $this->learned($studio);
        $known = array_column($learned['factors'], null, 'mechanism');
        $used = $studio->factors ?? [];
        foreach (array_diff_key($used, $known) as $mechanism => $one) {
            $known[$mechanism] = ['mechanism' => (string) $mechanism, 'factor' => 1.0, 'low' => 1.0, 'high' => 1.0, 'n' => 0, 'gain' => 0.0, 'proposed' => false];
        }

        return [
            'revision' => $studio->revision,
            'trials' => $learned['trials'],
            'factors' => array_map(fn(array $row): array => [...$row, 'name' => $this->name($row['mechanism']), 'in_use' => $used[$row['mechanism']] ?? null], array_values($known)),
            'reliability' => $learned['reliability'],
            'residuals' => $learned['residuals'],
            'packets' => array_map(fn(array $row): array => [...$row, 'mechanism_name' => $this->name($row['mechanism'])], $learned['packets']),
        ];
    }

    /**
     * Takes what is proposed of a mechanism over, or lets it go.
     *
     * @throws Nonsense where nothing is proposed
     */
    public function put(Studio $studio, string $mechanism, bool $use, ?int $seen): void
    {
        $row = $use ? array_column($this->learned($studio)['factors'], null, 'mechanism')[$mechanism] ?? null : null;
        if ($use && ($row === null || !$row['proposed'])) {
            throw Nonsense::of('mechanism', $mechanism, 'only what the trials speak for can be taken over: three batches or more, an interval without 1, and a gain on trials left out');
        }
        if (!$use && !isset($studio->factors[$mechanism])) {
            throw Nonsense::of('mechanism', $mechanism, 'no factor of it is in use');
        }
        DB::transaction(function () use ($studio, $mechanism, $row, $seen): void {
            $studio->asSeen($seen);
            $factors = $studio->factors ?? [];
            unset($factors[$mechanism]);
            if ($row !== null) {
                $factors[$mechanism] = ['factor' => $row['factor'], 'low' => $row['low'], 'high' => $row['high'], 'n' => $row['n'], 'on' => now()->toDateString(), 'who' => $this->shelf->author()];
            }
            $studio->update(['factors' => $factors]);
            $studio->turnShelf();
        });
    }

    /** @return list<Residual> how far off each mechanism was, the most trials first */
    public function residuals(Studio $studio): array
    {
        return $this->learned($studio)['residuals'];
    }

    /** @return Learned */
    private function learned(Studio $studio): array
    {
        $query = Trial::query();
        $stamp = (array) $query->where('studio_id', $studio->id)->toBase()->first([DB::raw('count(*) as n'), DB::raw('max(updated_at) as last'), DB::raw('max(id) as id'), DB::raw('sum(edition) as edition')]);
        $pots = PotLadder::query();
        $stamp[] = (array) $pots->where('studio_id', $studio->id)->toBase()->first([DB::raw('count(*) as n'), DB::raw('max(updated_at) as last'), DB::raw('sum(edition) as edition')]);
        // What is taken away or brought back, and what a dish chooses for itself, changes what is learned as a trial does.
        $stamp[] = (array) DB::table('dishes')->where('studio_id', $studio->id)->first([DB::raw("sum(crc32(concat_ws('|', id, deleted_at, schools))) as state")]);
        $stamp[] = (array) DB::table('versions')->where('studio_id', $studio->id)->first([DB::raw("sum(crc32(concat_ws('|', id, deleted_at))) as state")]);
        $key = "learning:$studio->id";
        $state = hash('xxh128', json_encode([$stamp, $this->shelf->state(), $this->shelf->schools()], JSON_THROW_ON_ERROR));
        /** @var array{string, Learned}|null $kept */
        $kept = Cache::get($key);
        if ($kept === null || $kept[0] !== $state) {
            $kept = [$state, $this->learn($studio)];
            Cache::put($key, $kept, self::KEPT_SECONDS);
        }

        return $kept[1];
    }

    /** @return Learned */
    private function learn(Studio $studio): array
    {
        $query = Trial::query();
        $query->with(['version.dish', 'revision', 'lots'])->whereHas('version.dish')->where('studio_id', $studio->id)->orderByDesc('made_on')->orderByDesc('id')->limit(self::MOST);
        $tried = $forecasts = $residuals = $readings = $byLot = [];
        $ranked = 0.0;
        foreach ($query->get() as $trial) {
            $foretold = $trial->foretoldChances();
            [$reading, $reader] = $readings[$trial->revision_id] ??= $this->read($trial);
            foreach ($trial->found['layers'] as $one) {
                $layer = $reading->layerOf($one['layer_id']);
                if ($layer === null || $layer->baseWords !== null) {
                    continue;
                }
                $finding = Finding::read($one);
                $tried[] = new Tried(($trial->run_id === null ? "trial $trial->id" : "run $trial->run_id") . " {$one['layer_id']}", $layer->set, $finding);
                $residuals[] = [$trial, $layer, $finding];
                foreach ($trial->lots as $lot) {
                    $mechanism = self::works($lot, $layer, $reader, $reading->formula->serveAt);
                    if ($mechanism !== null) {
                        $byLot["$lot->id $mechanism"] ??= ['lot' => $lot, 'mechanism' => $mechanism, 'tried' => []];
                        $byLot["$lot->id $mechanism"]['tried'][] = $tried[\count($tried) - 1];
                    }
                }
                $chances = $foretold[$one['layer_id']] ?? null;
                if ($chances !== null) {
                    $came = Ladder::standsOn($finding->u);
                    $likeliest = array_search(max($chances), $chances, true);
                    $forecasts[] = [max($chances), $likeliest === $came ? 1 : 0];
                    $ranked += Reliability::ranked($chances, $came);
                }
            }
        }
        $tried = [...$tried, ...$this->pots($studio)];
        $reliability = Reliability::of($forecasts);

        return [
            'trials' => \count($residuals),
            'factors' => KitchenFactors::of($tried),
            'reliability' => $reliability === null ? null : [...$reliability, 'ranked' => $ranked / \count($forecasts)],
            'residuals' => $this->off($residuals),
            'packets' => $this->packets($byLot),
        ];
    }

    /**
     * What trials of one packet say of the mechanism it works by, where there are enough of them.
     *
     * @param array<string, array{lot: Lot, mechanism: string, tried: list<Tried>}> $byLot
     *
     * @return list<Packet>
     */
    private function packets(array $byLot): array
    {
        $rows = [];
        foreach ($byLot as ['lot' => $lot, 'mechanism' => $mechanism, 'tried' => $tried]) {
            foreach (KitchenFactors::of($tried) as $row) {
                if ($row['n'] >= self::OF_A_PACKET && $row['mechanism'] === $mechanism) {
                    $rows[] = ['lot_id' => $lot->id, 'name' => $lot->name, 'code' => $lot->code, 'mechanism' => $row['mechanism'], 'factor' => $row['factor'], 'low' => $row['low'], 'high' => $row['high'], 'n' => $row['n'], 'proposed' => $row['proposed']];
                }
            }
        }

        return $rows;
    }

    /** @return list<Tried> pots of ladders that were judged; those of one ladder are of one base, and one batch */
    private function pots(Studio $studio): array
    {
        $query = PotLadder::query();
        $query->where('studio_id', $studio->id)->whereNotNull('fit')->orderByDesc('id')->limit(self::MOST);
        $tried = [];
        foreach ($query->get() as $ladder) {
            foreach (Ladders::tried($ladder) as $one) {
                $tried[] = $one;
            }
        }

        return $tried;
    }

    /** The mechanism a packet works by in a layer, as it is or in what the kitchen made of it; null where it sets nothing there. */
    private static function works(Lot $lot, LayerReading $layer, Reader $reader, float $celsius): ?string
    {
        foreach ($layer->state->model->portions as $line => $portion) {
            if (\in_array($lot->slug, array_column($portion->ingredient->raw(), 'ingredient'), true)) {
                return DoseCurve::mechanism($layer->state, $line, $reader, $celsius);
            }
        }

        return null;
    }

    /** @return array{DishReading, Reader} */
    private function read(Trial $trial): array
    {
        $made = $trial->version->as($trial->revision);
        $engine = $this->shelves->engine($made, isShipped: true);

        return [$engine->read($made->formula), $engine->reader];
    }

    /**
     * How far off each trial was, by the mechanism that gives most of its set.
     *
     * @param list<array{Trial, LayerReading, Finding}> $all
     *
     * @return list<Residual>
     */
    private function off(array $all): array
    {
        $by = [];
        foreach ($all as [$trial, $layer, $finding]) {
            $mechanism = self::leading($layer->set);
            $by[$mechanism][] = [
                'trial_id' => $trial->id, 'version_id' => $trial->version_id, 'dish' => $trial->version->dish->title, 'layer' => $layer->layer->name,
                'off' => round($finding->u - Ladder::coordinate($layer->set->ge), 3), 'sd' => round(sqrt($finding->variance), 3),
            ];
        }
        $rows = [];
        foreach ($by as $mechanism => $points) {
            $rows[] = ['mechanism' => (string) $mechanism, 'name' => $mechanism === '' ? 'several together' : $this->name((string) $mechanism), 'n' => \count($points), 'mean' => round(array_sum(array_column($points, 'off')) / \count($points), 3), 'points' => $points];
        }
        usort($rows, static fn(array $a, array $b): int => $b['n'] <=> $a['n']);

        return $rows;
    }

    private static function leading(SetReading $set): string
    {
        $first = array_key_first($set->mechanisms);

        return $first !== null && $set->ge > 0.0 && $set->mechanisms[$first] / $set->ge >= self::LEADS ? (string) $first : '';
    }

    private function name(string $mechanism): string
    {
        return $this->reference->mechanisms[$mechanism]['name'] ?? $mechanism;
    }
}
