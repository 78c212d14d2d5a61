<?php

declare(strict_types=1);

namespace Transmuta\Instrument;

/**
 * What is said to the simulated instruments and what they answer, a line each (docs/instruments.md). Channels are benches that know nothing of each
 * other: each has a scale and a probe. Time is told by the caller, in seconds, so that a test may let it pass.
 */
final class LineProtocol
{
    public const LONGEST = 8192;

    private const MOST_CHANNELS = 200;

    /** @var array<string, array{scale: SimulatedScale, probe: SimulatedProbe, speed: float}> the one used last at the end */
    private array $channels = [];

    /**
     * @param string $channel the bench this line is for
     *
     * @return string one line, without its end
     */
    public function answer(string $channel, string $line, float $at): string
    {
        if (preg_match('/^[a-z0-9-]{1,40}$/', $channel) !== 1) {
            return 'ERR name a channel of 1 to 40 letters, digits or hyphens: CHANNEL run-7';
        }
        $words = preg_split('/\s+/', trim($line)) ?: [''];
        $word = strtoupper(array_shift($words));
        $bench = $this->bench($channel, $at);

        return match ($word) {
            'HELLO' => \sprintf('OK simulated scale %g g by %g g, simulated probe by %g C', SimulatedScale::CAPACITY, SimulatedScale::STEP, SimulatedProbe::STEP),
            'SCALE' => self::scale($bench['scale']->read($at)),
            'PROBE' => self::probe($bench['probe']->read($at), $bench['speed']),
            'PUT' => self::with(self::number($words, -1e5, 1e5), 'PUT 120.5, in g from -100000 to 100000', static fn(float $grams) => $bench['scale']->put($grams, $at)),
            'CLEAR' => self::done(static fn() => $bench['scale']->clear($at)),
            'TARE' => self::done(static fn() => $bench['scale']->tare($at)),
            'DIP' => self::with(self::curve($words), 'DIP 0:20 60:31.5, seconds from 0 upwards and Celsius from -60 to 350, at most 400', static fn(array $body) => $bench['probe']->dip($body, $at)),
            'LIFT' => self::done(static fn() => $bench['probe']->lift($at)),
            'SPEED' => self::with(self::number($words, 1.0, 1000.0), 'SPEED 20, from 1 to 1000', function (float $speed) use ($channel, $bench, $at): void {
                $bench['probe']->speed($speed, $at);
                $this->channels[$channel]['speed'] = $speed;
            }),
            'FAULT' => self::with(self::trouble($words), 'FAULT scale|probe none|battery|gone, or FAULT probe out', static fn(array $asked) => $asked[0] === 'scale' ? $bench['scale']->suffers($asked[1]) : $bench['probe']->suffers($asked[1], $at)),
            default => 'ERR say HELLO, SCALE, PROBE, PUT, CLEAR, TARE, DIP, LIFT, SPEED or FAULT',
        };
    }

    /** @return array{scale: SimulatedScale, probe: SimulatedProbe, speed: float} */
    private function bench(string $channel, float $at): array
    {
        $seed = crc32($channel);
        $bench = $this->channels[$channel] ?? ['scale' => new SimulatedScale($seed, $at), 'probe' => new SimulatedProbe($seed + 1), 'speed' => 1.0];
        unset($this->channels[$channel]);
        $this->channels[$channel] = $bench;
        if (\count($this->channels) > self::MOST_CHANNELS) {
            array_shift($this->channels);
        }

        return $bench;
    }

    private static function scale(ScaleReading $reading): string
    {
        return \sprintf('SCALE %s %s %s', $reading->state, $reading->grams === null ? '-' : \sprintf('%.1f', $reading->grams), $reading->isLow ? 'low' : 'ok');
    }

    private static function probe(ProbeReading $reading, float $speed): string
    {
        $figure = static fn(?float $value): string => $value === null ? '-' : \sprintf('%.1f', $value);

        return \sprintf('PROBE %s %s %s %s %g', $reading->state, $figure($reading->celsius), $figure($reading->elapsed), $reading->isLow ? 'low' : 'ok', $speed);
    }

    /** @param \Closure(): mixed $do */
    private static function done(\Closure $do): string
    {
        $do();

        return 'OK';
    }

    /**
     * @template T
     *
     * @param ?T $asked null where it cannot be meant
     * @param \Closure(T): mixed $do
     */
    private static function with(mixed $asked, string $mend, \Closure $do): string
    {
        if ($asked === null) {
            return "ERR $mend";
        }
        $do($asked);

        return 'OK';
    }

    /** @param list<string> $words */
    private static function number(array $words, float $least, float $most): ?float
    {
        return \count($words) === 1 && is_numeric($words[0]) && (float) $words[0] >= $least && (float) $words[0] <= $most ? (float) $words[0] : null;
    }

    /**
     * @param list<string> $words
     *
     * @return ?non-empty-list<array{float, float}>
     */
    private static function curve(array $words): ?array
    {
        $curve = [];
        foreach ($words as $word) {
            [$seconds, $celsius] = [...explode(':', $word, 2), ''];
            if (!is_numeric($seconds) || !is_numeric($celsius) || (float) $celsius < -60.0 || (float) $celsius > 350.0 || (float) $seconds < ($curve === [] ? 0.0 : $curve[\count($curve) - 1][0])) {
                return null;
            }
            $curve[] = [(float) $seconds, (float) $celsius];
        }

        return $curve === [] || \count($curve) > 400 ? null : $curve;
    }

    /**
     * @param list<string> $words
     *
     * @return ?array{'scale'|'probe', Trouble}
     */
    private static function trouble(array $words): ?array
    {
        $of = $words[0] ?? '';
        $trouble = Trouble::tryFrom($words[1] ?? '');
        if ($trouble === null || \count($words) !== 2 || !\in_array($of, ['scale', 'probe'], true) || ($of === 'scale' && $trouble === Trouble::Out)) {
            return null;
        }

        return [$of, $trouble];
    }
}
