<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\Version;
use App\Services\VersionFiles;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Format\Form;

/** A version as files that others can read. */
final class FileController extends Controller
{
    #[OA\Get(
        path: '/api/versions/{version}/files',
        summary: 'The forms a version can be passed on in, and what each cannot hold',
        operationId: 'File.index',
        parameters: [new InPath('version')],
        responses: [new AnsweredList('FileForm'), new Wrong()],
    )]
    public function index(Version $version, VersionFiles $files): JsonResponse
    {
        Gate::authorize('view', $version);

        return new JsonResponse($files->forms($version));
    }

    #[OA\Get(
        path: '/api/versions/{version}/files/{form}',
        summary: 'The version in one of them',
        operationId: 'File.show',
        parameters: [new InPath('version'), new InPath('form', 'string')],
        responses: [
            new OA\Response(response: 200, description: 'The file', content: new OA\MediaType(mediaType: 'text/plain', schema: new OA\Schema(type: 'string'))),
            new Wrong(),
        ],
    )]
    public function show(Version $version, string $form, VersionFiles $files): Response
    {
        Gate::authorize('view', $version);
        $form = Form::read($form);

        return new Response($files->in($version, $form)->text, 200, ['Content-Type' => $form->mime() . '; charset=utf-8', 'Content-Disposition' => 'attachment; filename="' . $files->name($version, $form) . '"']);
    }
}
