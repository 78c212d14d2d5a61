<?php

declare(strict_types=1);

namespace App\Exceptions;

use App\Support\Store;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Illuminate\Validation\ValidationException;
use Symfony\Component\HttpKernel\Exception\HttpExceptionInterface;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Transmuta\Fault\Nonsense;
use Transmuta\Intake\Unreadable;
use Transmuta\Shelf\ImpossiblePanel;
use Transmuta\Shelf\UnknownIngredient;
use Transmuta\Trace\UnknownNumber;

/** Every fault leaves as problem details (RFC 9457) with the place (`field`) and the mend. */
final class Problems
{
    public static function register(Exceptions $exceptions): void
    {
        $exceptions->dontReport([Conflict::class, Refused::class, Unreadable::class, Nonsense::class, ImpossiblePanel::class, UnknownNumber::class, UnknownIngredient::class]);
        // A statement is logged by its shape: what stood in it is what somebody wrote.
        $exceptions->report(static function (QueryException $e): void {
            Log::error('The store refused a statement.', ['sql' => $e->getSql(), 'code' => $e->getCode(), 'at' => $e->getFile() . ':' . $e->getLine()]);
        })->stop();
        $exceptions->render(static fn(\Throwable $e, Request $request): ?JsonResponse => $request->is('api/*') ? self::of($e) : null);
    }

    private static function of(\Throwable $e): JsonResponse
    {
        return match (true) {
            $e instanceof Refused => $e->answer(),
            $e instanceof Conflict => Problem::answer(request()->hasHeader('If-Match') ? 412 : 409, 'changed-elsewhere', $e->getMessage(), 'revision', $e->mend(), ['revision' => $e->revision, ...($e->version === null ? [] : ['version' => $e->version])]),
            $e instanceof Unreadable => Problem::answer(422, 'unreadable', $e->reason, 'line ' . $e->lineNumber, $e->mend, ['line' => $e->lineNumber]),
            $e instanceof Nonsense => Problem::answer(422, 'cannot-be-right', $e->getMessage(), $e->field, ucfirst($e->mend) . '.'),
            $e instanceof ImpossiblePanel => Problem::answer(422, 'impossible-panel', $e->getMessage(), (string) array_key_first($e->reasons), 'Check it against the packet; nothing typed is lost.', ['errors' => array_map(static fn(string $reason): array => [$reason], $e->reasons)]),
            $e instanceof UnknownNumber, $e instanceof UnknownIngredient => Problem::answer(404, 'not-found', $e->getMessage(), '', 'Choose one that is shown.'),
            $e instanceof ValidationException => Problem::answer($e->status, 'not-accepted', $e->validator->errors()->first(), (string) array_key_first($e->errors()), 'Correct the field and send it again.', ['errors' => $e->errors()]),
            $e instanceof \PDOException && Store::takesNothing($e) => Problem::answer(503, 'store-full', 'The store takes nothing down: it is full, or opened for reading only. Nothing was saved.', '', 'Keep this window open: your changes stay here and are saved when there is room. Whoever looks after the server makes it.'),
            $e instanceof \PDOException && Store::isBusy($e) => Problem::answer(503, 'store-busy', 'Others are writing to the same thing, so this was not saved.', '', 'Try again in a moment; what you typed stays.'),
            $e instanceof \PDOException && Store::isAway($e) => Problem::answer(503, 'store-away', 'The store cannot be reached, so nothing was saved.', '', 'Keep this window open: your changes stay here and are saved when the store is back.'),
            $e instanceof NotFoundHttpException => Problem::answer(404, 'not-found', 'There is no such dish, version or revision.', '', 'Go back to the Counter, or to the version’s history, and choose one that is there.'),
            $e instanceof HttpExceptionInterface && $e->getStatusCode() === 419 => Problem::answer(419, 'session-over', 'The session of this window is over.', '', 'Sign in, and do it again; what you typed stays.'),
            $e instanceof HttpExceptionInterface => Problem::answer($e->getStatusCode(), 'refused', $e->getMessage() !== '' ? $e->getMessage() : 'The request was refused.', '', 'Reload the page and try again.'),
            default => Problem::answer(500, 'fault', 'Something went wrong here that is not your doing.', '', 'Try again; what you typed stays on the screen.'),
        };
    }
}
