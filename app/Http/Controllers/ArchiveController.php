<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Archive\Opened;
use App\Archive\Packer;
use App\Archive\Unpacker;
use App\Contract\Operation\Answered;
use App\Contract\Operation\Wrong;
use App\Exceptions\Refused;
use App\Http\Middleware\Edge;
use App\Models\User;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Str;
use OpenApi\Attributes as OA;
use Symfony\Component\HttpFoundation\BinaryFileResponse;

/** A whole studio as one file: taken along, and brought in as a new one. */
final class ArchiveController extends Controller
{
    private const LEFT_SECONDS = 3600;

    #[OA\Get(
        path: '/api/studio/archive',
        summary: 'The whole studio as an archive of open formats',
        operationId: 'Archive.export',
        responses: [new OA\Response(response: 200, description: 'A ZIP file', content: new OA\MediaType(mediaType: 'application/zip', schema: new OA\Schema(type: 'string', format: 'binary'))), new Wrong()],
    )]
    public function export(Packer $packer): BinaryFileResponse
    {
        $file = self::place();
        $packer->pack($this->studio(), $file);
        $name = \sprintf('%s-%s.zip', Str::slug($this->studio()->name) ?: 'studio', now()->toDateString());

        return (new BinaryFileResponse($file, 200, ['Content-Type' => 'application/zip', 'Cache-Control' => 'no-store, private']))->setContentDisposition('attachment', $name)->deleteFileAfterSend();
    }

    /** A new studio, owned by whoever brings it in. */
    #[OA\Post(
        path: '/api/archives',
        summary: 'Makes a new studio out of an archive',
        operationId: 'Archive.import',
        requestBody: new OA\RequestBody(required: true, content: new OA\MediaType(mediaType: 'application/zip', schema: new OA\Schema(type: 'string', format: 'binary'))),
        responses: [new Answered('BroughtIn', 201), new Wrong()],
    )]
    public function import(Request $request, Unpacker $unpacker): JsonResponse
    {
        $owner = $this->here()->user();
        \assert($owner instanceof User);
        if ($request->headers->get('Content-Type') !== Edge::ARCHIVE) {
            throw new Refused(415, 'not-an-archive', 'A studio is brought in as its archive.', 'Send the file with Content-Type: ' . Edge::ARCHIVE . '.');
        }
        $file = self::place();
        try {
            if (file_put_contents($file, $request->getContent(true)) === 0) {
                throw new Refused(422, 'nothing-sent', 'Nothing was sent.', 'Choose the file that was exported.');
            }
            ['studio' => $studio, 'rows' => $rows] = $unpacker->unpack($file, $owner, Opened::MOST_SENT);
        } finally {
            @unlink($file);
        }

        return new JsonResponse(['id' => $studio->id, 'name' => $studio->name, 'dishes' => $rows['dishes'], 'versions' => $rows['versions'], 'trials' => $rows['trials']], 201);
    }

    /** Where it stands while it is written or read: out of reach of the web, under a name nobody can guess. */
    private static function place(): string
    {
        // One that was left by a server that was stopped on the way goes with the next.
        foreach (glob(storage_path('framework/cache/*.zip')) ?: [] as $left) {
            if ((int) @filemtime($left) < time() - self::LEFT_SECONDS) {
                @unlink($left);
            }
        }

        return storage_path('framework/cache/' . Str::random(32) . '.zip');
    }
}
