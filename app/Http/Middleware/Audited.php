<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\Ability;
use App\Access\Here;
use App\Models\Audit;
use Closure;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Writes down who changed what, from which revision to which, once it was done. */
final readonly class Audited
{
    /** Addresses that are read and leave with all that is in them: the whole studio, its own ingredients, its record. */
    private const LEAVES = ['api/studio/archive', 'api/shelf/own.csv', 'api/audit.csv'];

    public function __construct(private Here $here) {}

    public function handle(Request $request, Closure $next): Response
    {
        $from = $request->input('revision');
        $response = $next($request);
        \assert($response instanceof Response);
        $studio = $this->here->studio();
        if ($studio === null || $response->getStatusCode() >= 300 || ($request->isMethod('GET') ? !\in_array($request->route()?->uri(), self::LEAVES, true) : self::changesNothing($request))) {
            return $response;
        }
        $tag = $response->getEtag();
        $row = Audit::row(Traced::id($request), [
            'studio_id' => $studio->id, 'user_id' => $this->here->user()?->id, 'who' => $this->here->signature(),
            'what' => self::what($request), 'subject' => self::subject($request),
            'from_revision' => is_numeric($from) ? (int) $from : null,
            'to_revision' => $tag !== null && preg_match('/^"(\d+)-/', $tag, $m) === 1 ? (int) $m[1] : null,
        ]);
        defer(static fn() => Audit::query()->insert($row));

        return $response;
    }

    /**
     * Asking for routes or a reading is sent as a write, for its size, and is none; a token is made by whoever may read. Who sat at which seat of a tasting
     * is written down nowhere.
     */
    private static function changesNothing(Request $request): bool
    {
        if (str_starts_with((string) $request->route()?->uri(), 'api/tables')) {
            return true;
        }

        return $request->route()?->getAction('needs') === Ability::Read->value && !str_starts_with((string) $request->route()->uri(), 'api/tokens');
    }

    private static function what(Request $request): string
    {
        $uri = (string) $request->route()?->uri();

        return $request->getMethod() . ' ' . preg_replace('/^api\//', '', $uri);
    }

    private static function subject(Request $request): string
    {
        $named = [];
        foreach ($request->route()?->parameters() ?? [] as $name => $value) {
            $id = $value instanceof Model ? $value->getKey() : $value;
            // A link's secret is nobody's to read.
            if ($name !== 'secret' && \is_scalar($id)) {
                $named[] = "$name $id";
            }
        }

        return implode(', ', $named);
    }
}
