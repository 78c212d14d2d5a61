<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Studio;
use App\Models\Tasting;
use App\Models\TastingSeat;
use App\Models\Version;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Line;
use Transmuta\Property\Warning;
use Transmuta\Sensory\Design;
use Transmuta\Sensory\Evaluation;
use Transmuta\Sensory\Method;
use Transmuta\Sensory\Penalty;
use Transmuta\Sensory\Similarity;

/**
 * Tastings: laid out before they begin, opened by a code and nothing else, counted when they are closed. Which sample stood under which code is told to
 * whoever pours, and to nobody else until then.
 *
 * @phpstan-type Sample array{letter: string, name: string, version_id: ?int, revision_id: ?int, contains: list<string>, may_contain: list<string>, unknown: list<string>, cautions: list<string>}
 */
final readonly class Tastings
{
    /** Each judged one by one: too little, right or too much, and how well it is liked. */
    public const JUST_RIGHT = 'just-right';

    private const JUST = ['too little' => -1, 'right' => 0, 'too much' => 1];

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
        if ($method !== self::JUST_RIGHT) {
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

        return [
            ...self::head($tasting, $seats),
            'plan' => $tasting->plan,
            'samples' => $tasting->samples,
            'code' => $tasting->code,
            'power' => self::power($tasting),
            'balanced' => Design::isBalanced($tasting->method, \count($tasting->samples), $tasting->plan['tasters']),
            'round' => Design::round($tasting->method, \count($tasting->samples)),
            'seats' => array_map(static fn(TastingSeat $seat): array => [
                'number' => $seat->number, 'codes' => array_column($seat->served, 'code'), 'is_taken' => $seat->secret !== null, 'has_answered' => $seat->answered_at !== null,
                // Sealed until it is closed.
                'letters' => $isClosed ? array_column($seat->served, 'letter') : null, 'answer' => $isClosed && $seat->answer !== null ? (object) $seat->answer : null,
            ], $seats),
            'result' => $isClosed ? self::result($tasting, $seats) : null,
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

    /**
     * Whether what an archive brings of a tasting can be laid and counted.
     *
     * @param array<string, mixed> $plan of a tasting; or what is served at a seat
     * @param array<array-key, mixed> $samples
     *
     * @throws Nonsense naming what is not there
     */
    public static function understood(string $table, array $plan, array $samples): void
    {
        if ($table === 'tasting_seats') {
            foreach (\is_array($plan['served'] ?? null) ? $plan['served'] : throw Nonsense::of('served', '', 'a seat is served in an order') as $one) {
                if (!\is_array($one) || !\is_int($one['code'] ?? null) || !\is_string($one['letter'] ?? null)) {
                    throw Nonsense::sent('served', $one, 'each has its code and its letter');
                }
            }

            return;
        }
        foreach (['question', 'sided', 'tasters', 'alpha', 'power', 'pd', 'seed', 'attributes'] as $key) {
            if (!\array_key_exists($key, $plan)) {
                throw Nonsense::of('plan', $key, 'it was fixed beforehand and stands there');
            }
        }
        foreach ($samples as $sample) {
            foreach (['letter', 'name', 'contains', 'may_contain', 'unknown', 'cautions'] as $key) {
                if (!\is_array($sample) || !\array_key_exists($key, $sample)) {
                    throw Nonsense::of('samples', $key, 'each says what it is and what it contains');
                }
            }
        }
    }

    /** @throws \Illuminate\Database\Eloquent\ModelNotFoundException if no table is opened by it */
    public static function opened(string $code): Tasting
    {
        $query = Tasting::query();

        return $query->where('code', $code)->firstOrFail();
    }

    /** @return array<string, mixed> what is seen from a seat: nothing that tells one sample from another */
    public static function table(Tasting $tasting): array
    {
        /** @var \Closure(string): list<string> $all */
        $all = static fn(string $what): array => array_values(array_unique(array_merge([], ...array_filter(array_column($tasting->samples, $what), is_array(...)))));

        return [
            'title' => $tasting->title, 'method' => $tasting->method, 'question' => $tasting->plan['question'], 'attributes' => $tasting->plan['attributes'], 'is_closed' => $tasting->closed_at !== null, 'samples' => \count($tasting->samples),
            'contains' => $all('contains'), 'may_contain' => $all('may_contain'), 'unknown' => $all('unknown'), 'cautions' => $all('cautions'),
        ];
    }

    /** @return array{seat: array<string, mixed>, secret: string} a seat nobody sits at yet */
    public static function sit(Tasting $tasting): array
    {
        self::mustBeOpen($tasting);
        $secret = Str::random(40);

        /** @var TastingSeat $seat */
        $seat = DB::transaction(static function () use ($tasting, $secret): TastingSeat {
            $query = TastingSeat::query();
            $query->where('tasting_id', $tasting->id)->whereNull('secret')->orderBy('number')->lockForUpdate();
            $seat = $query->first() ?? throw Nonsense::of('table', $tasting->title, 'every seat is taken; ask whoever laid the table');
            $seat->update(['secret' => hash('sha256', $secret)]);

            return $seat;
        });

        return ['seat' => self::seat($seat), 'secret' => $secret];
    }

    /** @throws \Illuminate\Database\Eloquent\ModelNotFoundException for whoever does not sit there */
    public static function seated(Tasting $tasting, int $number, string $secret): TastingSeat
    {
        $query = TastingSeat::query();

        return $query->where('tasting_id', $tasting->id)->where('number', $number)->where('secret', hash('sha256', $secret))->firstOrFail();
    }

    /** @return array<string, mixed> */
    public static function seat(TastingSeat $seat): array
    {
        return ['number' => $seat->number, 'codes' => array_column($seat->served, 'code'), 'acknowledged' => $seat->acknowledged_at !== null, 'answered' => $seat->answered_at !== null];
    }

    /**
     * @param ?array<array-key, mixed> $answer
     *
     * @throws Nonsense naming what cannot be meant
     */
    public static function say(Tasting $tasting, TastingSeat $seat, bool $acknowledges, ?array $answer): TastingSeat
    {
        self::mustBeOpen($tasting);
        if ($answer !== null && $seat->acknowledged_at === null && !$acknowledges) {
            throw Nonsense::of('acknowledged', 'no', 'read what the samples contain first, and say so');
        }
        $kept = $answer === null ? null : self::answered($tasting, $seat, $answer);
        DB::transaction(static fn(): bool => $seat->update([
            'acknowledged_at' => $seat->acknowledged_at ?? ($acknowledges ? now() : null), ...($kept === null ? [] : ['answer' => $kept, 'answered_at' => now()]),
        ]));

        return $seat->refresh();
    }

    private static function mustBeOpen(Tasting $tasting): void
    {
        if ($tasting->closed_at !== null) {
            throw Nonsense::of('table', $tasting->title, 'the tasting is closed; nothing more is taken');
        }
    }

    /**
     * @param array<array-key, mixed> $answer
     *
     * @return array<string, mixed>
     */
    private static function answered(Tasting $tasting, TastingSeat $seat, array $answer): array
    {
        $codes = array_values(array_filter(array_column($seat->served, 'code'), static fn(int $code): bool => $code !== Design::REFERENCE));
        if ($tasting->method !== self::JUST_RIGHT) {
            $chosen = $answer['chosen'] ?? null;
            if (!\is_int($chosen) || !\in_array($chosen, $codes, true)) {
                throw Nonsense::sent('answer.chosen', $chosen, 'choose one of ' . implode(', ', $codes));
            }

            return ['chosen' => $chosen];
        }
        $said = [];
        foreach ($codes as $code) {
            $one = \is_array($answer['samples'] ?? null) ? $answer['samples'][$code] ?? null : null;
            if (!\is_array($one)) {
                throw Nonsense::sent("answer.samples.$code", $one, 'judge every sample');
            }
            foreach ($tasting->plan['attributes'] as $attribute) {
                $just = $one[$attribute] ?? null;
                $said[$code][$attribute] = \is_string($just) && isset(self::JUST[$just]) ? $just : throw Nonsense::sent("answer.samples.$code.$attribute", $just, 'say too little, right or too much');
            }
            $liking = $one['liking'] ?? null;
            $said[$code]['liking'] = \is_int($liking) && $liking >= 1 && $liking <= 9 ? $liking : throw Nonsense::sent("answer.samples.$code.liking", $liking, 'give 1 (dislike extremely) to 9 (like extremely)');
        }

        return ['samples' => $said];
    }

    /** @return ?array<string, mixed> what so many tasters can show, before anybody tastes */
    private static function power(Tasting $tasting): ?array
    {
        if ($tasting->method === self::JUST_RIGHT) {
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
    private static function result(Tasting $tasting, array $seats): array
    {
        $answered = array_values(array_filter($seats, static fn(TastingSeat $s): bool => $s->answer !== null));
        if ($tasting->method === self::JUST_RIGHT) {
            return ['answered' => \count($answered), 'evaluation' => null, 'words' => [], 'judged' => self::judged($tasting, $answered)];
        }
        $plan = $tasting->plan;
        $method = Method::from($tasting->method);
        $n = \count($answered);
        if ($n === 0) {
            return ['answered' => 0, 'evaluation' => null, 'words' => ['Nobody answered.'], 'judged' => []];
        }
        $counts = array_count_values(array_map(static fn(TastingSeat $seat): string => self::chosen($seat), $answered));
        $names = array_column($tasting->samples, 'name', 'letter');
        if ($tasting->method === 'paired') {
            arsort($counts);
            $most = (string) array_key_first($counts);
            $of = $plan['sided'] === 'one' && \is_string($plan['expects'] ?? null) ? $plan['expects'] : $most;
            $evaluation = Evaluation::of($method, $n, $counts[$of] ?? 0, $plan['sided'] === 'two', $plan['alpha'], $plan['power'], $plan['pd']);
            $words = [\sprintf('%d of %d chose %s.', $counts[$of] ?? 0, $n, $names[$of] ?? $of), $evaluation->isSignificant() ? 'More than chance gives.' : 'No more than chance may give. That is not the same as being alike: two camps give it too.'];
        } else {
            $right = \count(array_filter($answered, static fn(TastingSeat $seat): bool => self::isRight($tasting->method, $seat)));
            $evaluation = Evaluation::of($method, $n, $right, false, $plan['alpha'], $plan['power'], $plan['pd']);
            $words = [
                \sprintf('%d of %d were right; by chance %.1f would be.', $right, $n, $n * $method->guess()),
                $evaluation->isSignificant() ? 'They can be told apart.' : \sprintf('No difference was shown. With so many tasters a difference that %d %% can tell is missed %d times in a hundred.', (int) round(100 * $plan['pd']), (int) round(100 * (1 - $evaluation->power))),
                Similarity::words($method, $n, $right, $plan['pd']),
            ];
        }

        return ['answered' => $n, 'evaluation' => $evaluation->write(), 'words' => $words, 'judged' => []];
    }

    private static function chosen(TastingSeat $seat): string
    {
        return array_column($seat->served, 'letter', 'code')[\is_int($seat->answer['chosen'] ?? null) ? $seat->answer['chosen'] : -1] ?? '';
    }

    private static function isRight(string $method, TastingSeat $seat): bool
    {
        $letters = array_column($seat->served, 'letter');
        $counts = array_count_values($letters);

        return $method === 'triangle' ? ($counts[self::chosen($seat)] ?? 0) === 1 : self::chosen($seat) === $letters[0];
    }

    /**
     * @param list<TastingSeat> $answered
     *
     * @return list<array<string, mixed>> each sample: its liking and, attribute by attribute, who finds it off and what that costs
     */
    private static function judged(Tasting $tasting, array $answered): array
    {
        $all = [];
        foreach ($tasting->samples as $sample) {
            $said = [];
            foreach ($answered as $seat) {
                foreach ($seat->served as $one) {
                    $of = \is_array($seat->answer['samples'] ?? null) ? $seat->answer['samples'][$one['code']] ?? null : null;
                    if ($one['letter'] === $sample['letter'] && \is_array($of) && \is_int($of['liking'] ?? null)) {
                        $said[] = $of;
                    }
                }
            }
            $likings = array_column($said, 'liking');
            $attributes = [];
            foreach ($tasting->plan['attributes'] as $attribute) {
                $attributes[] = ['attribute' => $attribute, ...Penalty::of(array_map(static fn(array $one): array => ['just' => self::JUST[\is_string($one[$attribute] ?? null) ? $one[$attribute] : ''] ?? 0, 'liking' => $one['liking']], $said))];
            }
            $all[] = ['letter' => $sample['letter'], 'name' => $sample['name'], 'n' => \count($said), 'liking' => $likings === [] ? null : array_sum($likings) / \count($likings), 'attributes' => $attributes];
        }

        return $all;
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
