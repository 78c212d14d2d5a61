<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Tasting;
use App\Models\TastingSeat;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Str;
use Transmuta\Fault\Nonsense;
use Transmuta\Sensory\Seat;

/** The tasters' side of a tasting: opened by its code and nothing else, a seat for whoever sits down, what it contains read before anything is said. */
final class TastingTable
{
    /** @throws \Illuminate\Database\Eloquent\ModelNotFoundException if no table is opened by it */
    public static function opened(string $code): Tasting
    {
        $query = Tasting::query();

        return $query->where('code', $code)->firstOrFail();
    }

    /** @return array<string, mixed> what is seen from a seat: nothing that tells one sample from another */
    public static function write(Tasting $tasting): array
    {
        /** @var \Closure(string): list<string> $all */
        $all = static fn(string $what): array => array_values(array_unique(array_merge([], ...array_filter(array_column($tasting->samples, $what), is_array(...)))));

        return [
            'title' => $tasting->title, 'method' => $tasting->method, 'question' => $tasting->plan['question'], 'attributes' => $tasting->plan['attributes'], 'is_closed' => $tasting->closed_at !== null, 'samples' => \count($tasting->samples),
            'contains' => $all('contains'), 'may_contain' => $all('may_contain'), 'unknown' => $all('unknown'), 'cautions' => $all('cautions'),
        ];
    }

    /** Seats that may be taken from one place within a minute: a table that sits down together, not a script that sits at all of it. */
    private const A_MINUTE = 6;

    /**
     * @param string $window whatever tells one window from another
     * @param string $place where it asks from
     *
     * @return array{seat: array<string, mixed>, secret: string} a seat nobody sits at yet
     *
     * @throws Nonsense where the window still sits at one, or too many sit down from one place at once
     */
    public static function sit(Tasting $tasting, string $window, string $place): array
    {
        $secret = Str::random(40);
        [$holder, $from] = [self::unnamed($tasting, $window), self::unnamed($tasting, $place)];
        if (RateLimiter::tooManyAttempts("seats:$from", self::A_MINUTE)) {
            throw Nonsense::of('table', $tasting->title, \sprintf('%d have just sat down from here; wait %d s, then sit down', self::A_MINUTE, RateLimiter::availableIn("seats:$from")));
        }

        /** @var TastingSeat $seat */
        $seat = DB::transaction(static function () use ($tasting, $secret, $holder, $from): TastingSeat {
            self::mustBeOpen($tasting);
            $sits = TastingSeat::query();
            if ($sits->where('tasting_id', $tasting->id)->where('holder', $holder)->whereNull('answered_at')->lockForUpdate()->exists()) {
                throw Nonsense::of('table', $tasting->title, 'this window already sits at a seat: answer there first, or have it freed by whoever laid the table');
            }
            $query = TastingSeat::query();
            $query->where('tasting_id', $tasting->id)->whereNull('secret')->orderBy('number')->lockForUpdate();
            $seat = $query->first() ?? throw Nonsense::of('table', $tasting->title, 'every seat is taken; ask whoever laid the table');
            $seat->update(['secret' => hash('sha256', $secret), 'holder' => $holder, 'place' => $from]);

            return $seat;
        });

        RateLimiter::hit("seats:$from", 60);

        return ['seat' => self::seat($seat), 'secret' => $secret];
    }

    /**
     * Frees a seat of an open tasting, with what was said there: for one that was left, or taken by a hand that sits at others too. Nobody can choose by what
     * was said, which is sealed.
     */
    public static function free(Tasting $tasting, int $number): void
    {
        DB::transaction(static function () use ($tasting, $number): void {
            self::mustBeOpen($tasting);
            $query = TastingSeat::query();
            $query->where('tasting_id', $tasting->id)->where('number', $number)->lockForUpdate();
            $query->firstOrFail()->update(['secret' => null, 'holder' => null, 'place' => null, 'acknowledged_at' => null, 'answer' => null, 'answered_at' => null]);
        });
    }

    /** What tells one from another within this tasting, and nobody from anybody outside of it. */
    private static function unnamed(Tasting $tasting, string $of): string
    {
        $key = config('app.key');

        return hash_hmac('sha256', "$tasting->id|$of", \is_string($key) ? $key : '');
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
        if ($answer !== null && $seat->acknowledged_at === null && !$acknowledges) {
            throw Nonsense::of('acknowledged', 'no', 'read what the samples contain first, and say so');
        }
        $kept = $answer === null ? null : Seat::read($tasting->method, $seat->served, $tasting->plan['attributes'], $answer)->said;
        DB::transaction(static function () use ($tasting, $seat, $acknowledges, $kept): void {
            self::mustBeOpen($tasting);
            $seat->update(['acknowledged_at' => $seat->acknowledged_at ?? ($acknowledges ? now() : null), ...($kept === null ? [] : ['answer' => $kept, 'answered_at' => now()])]);
        });

        return $seat->refresh();
    }

    /** Held until the transaction it is asked in ends: what is closed meanwhile takes nothing more. */
    private static function mustBeOpen(Tasting $tasting): void
    {
        $query = Tasting::query();
        $query->sharedLock();
        if ($query->findOrFail($tasting->id)->closed_at !== null) {
            throw Nonsense::of('table', $tasting->title, 'the tasting is closed; nothing more is taken');
        }
    }
}
