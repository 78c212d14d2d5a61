<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Illuminate\Console\Command;
use Transmuta\Instrument\LineProtocol;

/** The simulated scale and probe: a small server of lines on a local socket, one process, as long as it is let (docs/instruments.md). */
final class InstrumentsServe extends Command
{
    use Said;

    protected $signature = 'instruments:serve {socket : Path of the local socket it listens on}';

    protected $description = 'Serve the simulated scale and probe on a local socket';

    /** More than a kitchen's tablets hold open at once. */
    private const MOST_CLIENTS = 64;

    /** A client that says nothing for so long is let go, s. */
    private const QUIET = 30.0;

    public function handle(): int
    {
        $path = $this->said('socket');
        // One that a process left behind when it was killed.
        if (file_exists($path) && filetype($path) === 'socket') {
            unlink($path);
        }
        $server = stream_socket_server("unix://$path", $code, $why);
        if ($server === false) {
            $this->error("It cannot listen at $path: $why");

            return 2;
        }
        chmod($path, 0660);
        stream_set_blocking($server, false);
        $protocol = new LineProtocol();
        /** @var array<int, array{stream: resource, channel: string, rest: string, heard: float}> $clients */
        $clients = [];
        for (;;) {
            $read = [$server, ...array_column($clients, 'stream')];
            $write = $except = null;
            if (stream_select($read, $write, $except, 5) === false) {
                return 0;
            }
            $now = hrtime(true) / 1e9;
            if (\in_array($server, $read, true) && ($stream = stream_socket_accept($server, 0)) !== false) {
                stream_set_blocking($stream, false);
                if (\count($clients) >= self::MOST_CLIENTS) {
                    fclose($stream);
                } else {
                    $clients[(int) $stream] = ['stream' => $stream, 'channel' => '', 'rest' => '', 'heard' => $now];
                }
            }
            foreach ($clients as $id => $client) {
                $isOver = $now - $client['heard'] > self::QUIET;
                if (\in_array($client['stream'], $read, true)) {
                    $heard = fread($client['stream'], LineProtocol::LONGEST);
                    $isOver = $heard === false || $heard === '' || \strlen($client['rest'] .= $heard) > 2 * LineProtocol::LONGEST;
                    $client['heard'] = $now;
                    while (!$isOver && ($end = strpos($client['rest'], "\n")) !== false) {
                        $line = rtrim(substr($client['rest'], 0, $end), "\r");
                        $client['rest'] = substr($client['rest'], $end + 1);
                        if (str_starts_with($line, 'CHANNEL ')) {
                            $client['channel'] = substr($line, 8);
                            $answer = $protocol->answer($client['channel'], 'HELLO', $now);
                        } else {
                            $answer = $protocol->answer($client['channel'], $line, $now);
                        }
                        // A client that does not listen is let go: nobody else waits for it.
                        $isOver = fwrite($client['stream'], $answer . "\n") === false;
                    }
                }
                if ($isOver) {
                    fclose($client['stream']);
                    unset($clients[$id]);
                } else {
                    $clients[$id] = $client;
                }
            }
        }
    }
}
