<?php

declare(strict_types=1);

namespace App\Instruments;

use Transmuta\Instrument\LineProtocol;
use Transmuta\Instrument\ProbeReading;
use Transmuta\Instrument\ScaleReading;

/** Instruments that speak lines over a local socket (docs/instruments.md). */
final readonly class LineInstruments implements Instruments
{
    /** How long an answer is waited for, s: a hand at the scale does not wait longer. */
    private const PATIENCE = 1.0;

    public function __construct(private string $socket) {}

    public function read(string $channel): ?array
    {
        $said = $this->exchange($channel, ['HELLO', 'SCALE', 'PROBE']);
        if ($said === null) {
            return null;
        }
        $scale = explode(' ', $said[1]);
        $probe = explode(' ', $said[2]);
        $figure = static fn(?string $word): ?float => is_numeric($word) ? (float) $word : null;
        $scaleState = $scale[1] ?? '';
        $probeState = $probe[1] ?? '';
        if (!\in_array($scaleState, ['stable', 'moving', 'over', 'gone'], true) || !\in_array($probeState, ['steady', 'moving', 'air', 'gone'], true)) {
            return null;
        }

        return [
            'scale' => new ScaleReading($scaleState, $figure($scale[2] ?? null), ($scale[3] ?? '') === 'low'),
            'probe' => new ProbeReading($probeState, $figure($probe[2] ?? null), $figure($probe[3] ?? null), ($probe[4] ?? '') === 'low'),
            'speed' => $figure($probe[5] ?? null) ?? 1.0,
            'is_simulated' => str_contains($said[0], 'simulated'),
        ];
    }

    public function say(string $channel, string $line): bool
    {
        return ($this->exchange($channel, [$line])[0] ?? '') === 'OK';
    }

    /**
     * @param non-empty-list<string> $lines
     *
     * @return ?non-empty-list<string> an answer for each; null where nobody answers, or not in time
     */
    private function exchange(string $channel, array $lines): ?array
    {
        if ($this->socket === '') {
            return null;
        }
        set_error_handler(static fn(): bool => true);
        try {
            $socket = stream_socket_client("unix://$this->socket", $code, $why, self::PATIENCE);
            if ($socket === false) {
                return null;
            }
            stream_set_timeout($socket, (int) self::PATIENCE);
            fwrite($socket, "CHANNEL $channel\n" . implode("\n", $lines) . "\n");
            $answers = [];
            for ($i = 0; $i <= \count($lines); ++$i) {
                $answer = fgets($socket, LineProtocol::LONGEST);
                if ($answer === false) {
                    return null;
                }
                if ($i > 0) {
                    $answers[] = rtrim($answer, "\r\n");
                }
            }
            fclose($socket);

            return $answers === [] ? null : $answers;
        } finally {
            restore_error_handler();
        }
    }
}
