<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\PotLadder;
use App\Models\Version;
use Illuminate\Support\Facades\DB;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Property\Setting\SetReading;
use Transmuta\Quantity\Scale;
use Transmuta\Trial\Learning\Finding;
use Transmuta\Trial\Learning\Tried;
use Transmuta\Trial\Pots\Asked;
use Transmuta\Trial\Pots\DoseCurve;
use Transmuta\Trial\Pots\PotFit;
use Transmuta\Trial\Pots\PotLadder as Design;
use Transmuta\Trial\Pots\PotSeries;
use Transmuta\Trial\Pots\RightDose;

/** Ladders of pots: designed for a layer of a version as it stands, judged, and taken over as a revision. */
final readonly class Ladders
{
    public function __construct(private VersionShelf $shelves, private StudioShelf $shelf, private History $history) {}

    /**
     * @param array{asked: string, layer_id: string, lines: list<string>, wanted: int, pots: int, step: float, pot_g: float} $asked lines by id
     *
     * @throws Nonsense naming what cannot be meant
     */
    public function begin(Version $version, array $asked, int $seed): PotLadder
    {
        $reading = $this->shelves->engine($version, isShipped: true);
        $dish = $reading->read($version->formula);
        $layer = self::layer($dish, $asked['layer_id']);
        $places = array_map(static fn(string $id): int => self::place($layer->layer, $id), $asked['lines']);
        $design = Design::of(Asked::from($asked['asked']), $layer, $places, $reading->reader, $dish->formula->serveAt, $asked['wanted'], new PotSeries($asked['pots'], $asked['step'], $asked['pot_g'], $seed));

        /** @var PotLadder $ladder */
        $ladder = DB::transaction(fn(): PotLadder => PotLadder::query()->create([
            'studio_id' => $version->studio_id, 'version_id' => $version->id, 'revision_id' => History::head($version)->id, 'layer_id' => $layer->layer->id,
            'asked' => [...$asked, 'seed' => $seed], 'design' => [...$design->write(), 'layer' => $layer->layer->name, 'serve_at' => $dish->formula->serveAt, 'curve' => $design->curve?->write()],
            'found' => [], 'fit' => null, 'made_on' => now()->toDateString(), 'who' => $this->shelf->author(),
        ]));

        return $ladder->refresh();
    }

    /**
     * What was found of each pot, by its code.
     *
     * @param array<array-key, mixed> $found
     *
     * @throws Nonsense naming the pot that is none, or whose step cannot be
     */
    public function judge(PotLadder $ladder, array $found, ?int $seen): PotLadder
    {
        $codes = self::codes($ladder);
        $all = [];
        foreach ($found as $code => $said) {
            if (!\in_array($code, $codes, true) || !\is_array($said) || \count($said) > 20) {
                throw Nonsense::of("found.$code", (string) $code, 'give a list for one of the codes ' . implode(', ', $codes));
            }
            $all[$code] = array_map(static fn(mixed $one): float|string => \is_int($one) || \is_float($one) ? (float) $one : (\is_string($one) ? $one : throw Nonsense::sent("found.$code", $one, 'give steps, or how it tastes')), array_values($said));
        }
        $fit = self::fit($ladder, $all);
        DB::transaction(static function () use ($ladder, $all, $fit, $seen): void {
            $ladder->asSeen($seen);
            $ladder->update(['found' => (object) array_filter($all), 'fit' => $fit]);
        });

        return $ladder->refresh();
    }

    /** Takes the dose that was found over into the version, as a revision of its own. */
    public function take(PotLadder $ladder, Version $version, int $seen): Version
    {
        $dose = $ladder->fit['dose']['value'] ?? null;
        if ($dose === null) {
            throw Nonsense::of('ladder', 'nothing', 'judge its pots first; a dose is found between them');
        }

        return $this->history->write($version, $seen, 'edited', fn(Version $held): array => ['formula' => $this->dosed($held, $ladder, $dose)]);
    }

    /** @return array<string, mixed> */
    public static function write(PotLadder $ladder): array
    {
        return [
            'id' => $ladder->id, 'edition' => $ladder->edition, 'version_id' => $ladder->version_id, 'version' => $ladder->version->name, 'dish' => $ladder->version->dish->title, 'revision' => $ladder->revision->number,
            'layer_id' => $ladder->layer_id, 'layer' => $ladder->design['layer'], 'asked' => $ladder->asked, 'design' => array_diff_key($ladder->design, ['curve' => 1]), 'found' => (object) $ladder->found, 'fit' => $ladder->fit,
            'made_on' => $ladder->made_on, 'who' => $ladder->who,
        ];
    }

    /** @return list<Tried> its pots as trials of one batch */
    public static function tried(PotLadder $ladder): array
    {
        $kept = $ladder->design['curve'] ?? null;
        if ($kept === null) {
            return [];
        }
        $curve = DoseCurve::read($kept);
        $tried = [];
        foreach ($ladder->design['pots'] as $pot) {
            foreach ($ladder->found[$pot['code']] ?? [] as $step) {
                $tried[] = new Tried("pots $ladder->id", SetReading::of($curve->parts((float) $pot['dose']), 'gel'), Finding::step((float) $step));
            }
        }

        return $tried;
    }

    /**
     * @param array<array-key, list<float|string>> $found
     *
     * @return ?array<string, mixed> null where nothing was judged
     */
    private static function fit(PotLadder $ladder, array $found): ?array
    {
        $pots = $ladder->design['pots'];
        $doses = array_column($pots, 'dose');
        $said = array_map(static fn(array $pot): array => $found[$pot['code']] ?? [], $pots);
        if (array_filter($said) === []) {
            return null;
        }
        $kept = $ladder->design['curve'] ?? null;
        if ($kept === null) {
            return RightDose::of($doses, array_map(static fn(array $of): array => array_map(strval(...), $of), $said))->write();
        }
        foreach ($said as $n => $of) {
            foreach ($of as $one) {
                if (!\is_float($one)) {
                    throw Nonsense::of("found.{$pots[$n]['code']}", $one, 'give a step from 0 (pours) to 6 (hard)');
                }
            }
        }
        $fit = PotFit::of(DoseCurve::read($kept), $doses, array_map(static fn(array $of): array => array_map(floatval(...), $of), $said), (int) $ladder->asked['wanted']);

        return [...$fit->write(), 'wanted_word' => Ladder::WORDS[(int) $ladder->asked['wanted']]];
    }

    /** The formula with the stepped lines at a dose, g in 100 g of the finished layer; the others are kept, as in the pots. */
    private function dosed(Version $version, PotLadder $ladder, float $dose): Formula
    {
        $formula = $version->formula;
        $lines = $ladder->asked['lines'];
        $isStepped = static fn(Line $line): bool => \in_array($line->id, $lines, true);
        $layers = [];
        $isThere = false;
        foreach ($formula->layers as $layer) {
            $stepped = array_filter($layer->understood(), $isStepped);
            if ($layer->id !== $ladder->layer_id || \count($stepped) !== \count($lines)) {
                $layers[] = $layer;
                continue;
            }
            $isThere = true;
            $state = self::layer($this->shelves->engine($version)->read($formula), $layer->id)->state;
            $now = DoseCurve::share($state, array_map(static fn(string $id): int => self::place($layer, $id), $lines));
            // What is added counts in the mass it is a share of.
            $times = $dose * (100 / $now - 1) / (100 - $dose);
            $layers[] = $layer->with(array_map(static fn(Line $line): Line => $isStepped($line) ? $line->weighing(Scale::shown($line->grams * $times)) : $line, $layer->lines));
        }
        if (!$isThere) {
            throw Nonsense::of('ladder', 'the line', 'it is not in this version any more; weigh it by hand');
        }

        return $formula->with($layers);
    }

    /** @return list<int> */
    private static function codes(PotLadder $ladder): array
    {
        return array_column($ladder->design['pots'], 'code');
    }

    private static function layer(DishReading $dish, string $id): LayerReading
    {
        return $dish->layerOf($id) ?? throw Nonsense::of('layer_id', $id, 'choose a layer of this version');
    }

    /** Where a line stands among those that are read. */
    private static function place(Layer $layer, string $id): int
    {
        foreach (array_values($layer->understood()) as $n => $line) {
            if ($line->id === $id) {
                return $n;
            }
        }
        throw Nonsense::of('lines', $id, 'choose a line of this layer that is understood');
    }
}
