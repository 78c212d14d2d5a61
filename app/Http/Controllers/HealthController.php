<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Wrong;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

/** For whoever keeps it running: what is there, what is full, when it was last saved elsewhere. */
final class HealthController extends Controller
{
    /** Under this much room writes are soon refused, bytes. */
    private const ROOM = 500_000_000;

    /** A backup older than this is none, h. */
    private const OLD_H = 48;

    #[OA\Get(
        path: '/api/health',
        summary: 'Whether everything is in order, for whoever keeps it running',
        operationId: 'Health',
        responses: [new Answered('Health'), new Wrong()],
    )]
    public function __invoke(): JsonResponse
    {
        $start = hrtime(true);
        $version = DB::selectOne('select version() v');
        $store = (hrtime(true) - $start) / 1e6;
        $room = (float) disk_free_space(storage_path());
        $saved = self::lastBackup();
        $age = $saved === null ? null : (time() - $saved) / 3600;
        $checks = [
            ['what' => 'Store', 'is_well' => $store < 250, 'says' => \sprintf('%s, answers in %.1f ms', \is_object($version) && \is_string($version->v ?? null) ? $version->v : 'MariaDB', $store)],
            ['what' => 'Server', 'is_well' => !\function_exists('posix_geteuid') || posix_geteuid() !== 0, 'says' => \sprintf('PHP %s as %s', \PHP_VERSION, \function_exists('posix_geteuid') ? ((posix_getpwuid(posix_geteuid()) ?: [])['name'] ?? 'a user') : get_current_user())],
            ['what' => 'Room', 'is_well' => $room > self::ROOM, 'says' => \sprintf('%.1f GB free', $room / 1e9)],
            ['what' => 'Queue', 'is_well' => true, 'says' => 'none: what can wait is done after the answer, in the same process'],
            ['what' => 'Last backup', 'is_well' => $age !== null && $age < self::OLD_H, 'says' => $age === null ? 'never: bin/backup makes one' : ($age < 1 ? 'within the hour' : \sprintf('%.0f h ago', $age))],
        ];

        return new JsonResponse(['is_well' => array_filter($checks, static fn(array $one): bool => !$one['is_well']) === [], 'checks' => $checks]);
    }

    private static function lastBackup(): ?int
    {
        $note = storage_path('app/last-backup');

        return is_file($note) ? (int) file_get_contents($note) : null;
    }
}
