<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Studio;
use App\Models\Tasting;
use App\Models\TastingSeat;
use App\Models\Version;
use Illuminate\Support\Facades\DB;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Line;
use Transmuta\Property\Warning;
use Transmuta\Sensory\Design;
use Transmuta\Sensory\Evaluation;
use Transmuta\Sensory\Method;
use Transmuta\Sensory\Seat;
use Transmuta\Sensory\Similarity;
use Transmuta\Sensory\Tally;

/**
 * Tastings: laid out before they begin, counted when they are closed. Which sample stood under which code is told to whoever pours, and to nobody else
 * until then; the tasters' own side is the {@see TastingTable}.
 *
 * @phpstan-type Sample array{letter: string, name: string, version_id: ?int, revision_id: ?int, contains: list<string>, may_contain: list<string>, unknown: list<string>, cautions: list<string>}
 */
final readonly class Tastings
{
    /** Ways to taste, as a rule of what is sent names them. */
    public const METHODS = 'triangle,duo-trio,paired,just-right';

    /** What a taster is told of a sample beside its allergens (handbook: a tasting in a kitchen). */
    private const TOLD = ['raw-egg-or-flour', 'alcohol-stays', 'polyols-laxative', 'choking-gum', 'cheese-of-raw-milk', 'restricted-plants', 'potent-sweetener-over-ceiling', 'sweetener-daily-guide'];

    /** Letters of a code that are not taken for one another when read aloud. */
    private const LETTERS = 'abcdefghjkmnpqrstuvwxyz23456789';

    public function __construct(private VersionShelf $shelves, private StudioShelf $shelf) {}

    public static function freeCode(): string
    {
        do {
            $code = '';
            for ($n = 0; $n < 10; ++$n) {
                $code .= self::LETTERS[random_int(0, \strlen(self::LETTERS) - 1)];
            }
        } while (Tasting::query()->where('code', $code)->exists());

        return $code;
    }

    /**
     * @param array{title: string, method: string, question: string, sided: string, tasters: int, alpha: float, power: float, pd: float, expects: ?string, attributes: list<string>} $plan
     * @param list<array{version_id: ?int, name: string}> $samples
     *
     * @throws Nonsense naming what cannot be meant
     */
    public function lay(Studio $studio, array $plan, array $samples, int $seed): Tasting
    {
        $told = [];
        foreach (array_values($samples) as $n => $sample) {
            $told[] = $this->sample($studio, $sample, \chr(65 + $n), $n);
        }
        $method = $plan['method'];
        if ($method !== Design::JUST_RIGHT) {
            // What it can show is looked at before anybody tastes.
            Evaluation::of(Method::from($method), $plan['tasters'], 0, $plan['sided'] === 'two', $plan['alpha'], $plan['power'], $plan['pd']);
        }
        $seats = Design::seats($method, \count($told), $plan['tasters'], $seed);

        /** @var Tasting $tasting */
        $tasting = DB::transaction(function () use ($studio, $plan, $told, $seats, $seed): Tasting {
            $tasting = Tasting::query()->create(['studio_id' => $studio->id, 'title' => $plan['title'], 'method' => $plan['method'], 'plan' => [...array_diff_key($plan, ['title' => 1, 'method' => 1]), 'seed' => $seed], 'samples' => $told, 'code' => self::freeCode(), 'who' => $this->shelf->author()]);
            foreach ($seats as $n => $served) {
                TastingSeat::query()->create(['studio_id' => $studio->id, 'tasting_id' => $tasting->id, 'number' => $n + 1, 'served' => $served]);
            }

            return $tasting;
        });

        return $tasting->refresh();
    }

    public function close(Tasting $tasting, ?int $seen): Tasting
    {
        DB::transaction(static function () use ($tasting, $seen): void {
            $tasting->asSeen($seen);
            if ($tasting->closed_at === null) {
                $tasting->update(['closed_at' => now()]);
            }
        });

        return $tasting->refresh();
    }

    /** @return array<string, mixed> */
    public function write(Tasting $tasting): array
    {
        $seats = self::all($tasting);
        $isClosed = $tasting->closed_at !== null;
        $places = array_values(array_unique(array_filter(array_map(static fn(TastingSeat $seat): ?string => $seat->place, $seats), is_string(...))));

        return [
            ...self::head($tasting, $seats),
            // Its seed is the key: from it anybody lays the same table.
            'plan' => $isClosed ? $tasting->plan : [...$tasting->plan, 'seed' => null],
            'samples' => $tasting->samples,
            'code' => $tasting->code,
            'power' => self::power($tasting),
            'balanced' => Design::isBalanced($tasting->method, \count($tasting->samples), $tasting->plan['tasters']),
            'round' => Design::round($tasting->method, \count($tasting->samples)),
            'seats' => array_map(static fn(TastingSeat $seat): array => [
                'number' => $seat->number, 'codes' => array_column($seat->served, 'code'), 'is_taken' => $seat->secret !== null, 'has_answered' => $seat->answered_at !== null, 'from' => $seat->place === null ? null : 1 + (int) array_search($seat->place, $places, true),
                // Sealed until it is closed.
                'letters' => $isClosed ? array_column($seat->served, 'letter') : null, 'answer' => $isClosed && $seat->answer !== null ? (object) $seat->answer : null,
            ], $seats),
            'result' => $isClosed ? self::counted($tasting, $seats) : null,
        ];
    }

    /**
     * @param ?list<TastingSeat> $seats
     *
     * @return array<string, mixed>
     */
    public static function head(Tasting $tasting, ?array $seats = null): array
    {
        $seats ??= array_values($tasting->seats->all());

        return [
            'id' => $tasting->id, 'edition' => $tasting->edition, 'title' => $tasting->title, 'method' => $tasting->method, 'who' => $tasting->who, 'laid_on' => $tasting->created_at->toDateString(), 'closed_at' => $tasting->closed_at?->toIso8601ZuluString(),
            'tasters' => $tasting->plan['tasters'], 'taken' => \count(array_filter($seats, static fn(TastingSeat $s): bool => $s->secret !== null)), 'answered' => \count(array_filter($seats, static fn(TastingSeat $s): bool => $s->answered_at !== null)),
            'versions' => array_values(array_filter(array_column($tasting->samples, 'version_id'))), 'names' => array_column($tasting->samples, 'name'),
        ];
    }

    /** @return list<array{number: int, pours: list<array{code: int, letter: string, name: string}>}> what whoever pours has to know */
    public static function key(Tasting $tasting): array
    {
        $names = array_column($tasting->samples, 'name', 'letter');

        return array_map(static fn(TastingSeat $seat): array => [
            'number' => $seat->number, 'pours' => array_map(static fn(array $one): array => [...$one, 'name' => $names[$one['letter']] ?? ''], $seat->served),
        ], self::all($tasting));
    }

    /** @return list<TastingSeat> by number */
    private static function all(Tasting $tasting): array
    {
        $query = TastingSeat::query();
        $query->where('tasting_id', $tasting->id)->orderBy('number');

        return array_values($query->get()->all());
    }

    /** @return ?array<string, mixed> what so many tasters can show, before anybody tastes */
    private static function power(Tasting $tasting): ?array
    {
        if ($tasting->method === Design::JUST_RIGHT) {
            return null;
        }
        $plan = $tasting->plan;
        $method = Method::from($tasting->method);
        $of = Evaluation::of($method, $plan['tasters'], 0, $plan['sided'] === 'two', $plan['alpha'], $plan['power'], $plan['pd']);

        return ['here' => $of->power, 'critical' => $of->critical, 'needed' => $of->needed, 'alike' => $plan['sided'] === 'two' ? null : Similarity::most($method, $plan['tasters'], $plan['pd'])];
    }

    /**
     * @param list<TastingSeat> $seats
     *
     * @return array<string, mixed>
     */
    private static function counted(Tasting $tasting, array $seats): array
    {
        $answered = [];
        foreach ($seats as $seat) {
            if ($seat->answer !== null) {
                $answered[] = new Seat($seat->served, $seat->answer);
            }
        }

        return Tally::of($tasting->method, $tasting->plan, array_column($tasting->samples, 'name', 'letter'), $answered);
    }

    /**
     * @param array{version_id: ?int, name: string} $sample
     *
     * @return Sample
     */
    private function sample(Studio $studio, array $sample, string $letter, int $n): array
    {
        if ($sample['version_id'] === null) {
            throw Nonsense::of("samples.$n.version_id", '', 'choose a version: what it contains has to be told before anybody tastes');
        }
        $query = Version::query();
        $version = $query->where('studio_id', $studio->id)->with('dish')->find($sample['version_id']) ?? throw Nonsense::of("samples.$n.version_id", (string) $sample['version_id'], 'choose a version of this studio');
        $reading = $this->shelves->engine($version)->read($version->formula);
        $beside = $this->shelf->kitchen()->mayCarry($reading->contains);
        $revision = History::head($version);

        return [
            'letter' => $letter, 'name' => $sample['name'] !== '' ? $sample['name'] : "{$version->dish->title}, $version->name", 'version_id' => $version->id, 'revision_id' => $revision->id,
            'contains' => $reading->contains, 'may_contain' => array_values(array_unique([...$reading->mayContain, ...$beside])), 'unknown' => array_values(array_unique(array_map(static fn(Line $line): string => $line->text === '' ? (string) $line->ingredient : $line->text, [...$version->formula->unresolved(), ...$version->formula->provisional()]))),
            'cautions' => array_values(array_unique(array_map(static fn(Warning $w): string => $w->text, array_filter($reading->watch, static fn(Warning $w): bool => \in_array($w->rule, self::TOLD, true))))),
        ];
    }
}
