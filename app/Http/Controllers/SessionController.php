<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Ability;
use App\Access\Here;
use App\Access\Knocks;
use App\Access\TriedFirst;
use App\Access\Tries;
use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\Membership;
use App\Models\User;
use App\Services\Doors;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Hash;
use Illuminate\Validation\Rules\Password;
use Illuminate\Validation\ValidationException;
use OpenApi\Attributes as OA;
use Transmuta\Fault\Nonsense;

/** Signing in and out, at which studio one stands, one's sessions and password. */
final class SessionController extends Controller
{
    #[OA\Get(
        path: '/api/session',
        summary: 'Who is signed in, at which studio, as what',
        operationId: 'Session.show',
        responses: [new Answered('Session'), new Wrong()],
    )]
    public function show(): JsonResponse
    {
        $user = $this->here()->user();
        $studio = $this->here()->studio();
        $of = Membership::query();
        $of->with('studio')->where('user_id', $user->id ?? 0)->orderBy('id');

        return new JsonResponse([
            'user' => $user === null ? null : ['id' => $user->id, 'name' => $user->name, 'email' => $user->email],
            'studio' => $studio === null ? null : ['id' => $studio->id, 'name' => $studio->name],
            'role' => $this->here()->role()?->value,
            'may' => array_values(array_map(static fn(Ability $one): string => $one->value, array_filter(Ability::cases(), $this->here()->may(...)))),
            'studios' => array_map(static fn(Membership $one): array => ['id' => $one->studio_id, 'name' => $one->studio->name, 'role' => $one->role->value], array_values($of->get()->all())),
            'demo' => self::demo() !== null,
            'is_new' => Doors::isNew(),
        ]);
    }

    #[OA\Post(
        path: '/api/session',
        summary: 'Signs in',
        operationId: 'Session.store',
        requestBody: new Asked('SignIn'),
        responses: [new Answered('Session'), new Wrong()],
    )]
    public function store(Request $request): JsonResponse
    {
        $request->validate(['email' => ['required', 'string', 'max:190'], 'password' => ['required', 'string', 'max:200']]);
        $email = mb_strtolower((string) $request->string('email')->trim());
        $place = (string) $request->ip();
        Tries::count($email, $place);
        $query = User::query();
        $query->where('email', $email);
        $user = $query->first();
        // As long for a name nobody has as for one somebody has.
        $fits = Hash::check((string) $request->string('password'), $user->password ?? self::nobody());
        if ($user === null || !$fits || !$user->isLetIn()) {
            Knocks::note($email, $place, 'sign-in refused');
            throw ValidationException::withMessages(['email' => 'Nobody signs in with that address and password.']);
        }
        Tries::clear($email, $place);
        if (Hash::needsRehash($user->password)) {
            $user->forceFill(['password' => (string) $request->string('password')])->save();
        }
        app(Doors::class)->in($request, $user);

        return $this->show();
    }

    /** The demo, with one press, and only where there is one. */
    #[OA\Post(
        path: '/api/session/demo',
        summary: 'Signs in to the demo',
        operationId: 'Session.demo',
        responses: [new Answered('Session'), new Wrong()],
    )]
    public function storeDemo(Request $request): JsonResponse
    {
        $user = self::demo();
        if ($user === null) {
            abort(404);
        }
        app(Doors::class)->in($request, $user);

        return $this->show();
    }

    #[OA\Delete(
        path: '/api/session',
        summary: 'Signs out',
        operationId: 'Session.destroy',
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(Request $request): JsonResponse
    {
        app(Doors::class)->out($request);

        return new JsonResponse(null, 204);
    }

    #[OA\Put(
        path: '/api/session/studio',
        summary: 'Stands at another of one’s studios',
        operationId: 'Session.studio',
        requestBody: new Asked('StandAt'),
        responses: [new Answered('Session'), new Wrong()],
    )]
    public function stand(Request $request): JsonResponse
    {
        $request->validate(['studio_id' => ['required', 'integer']]);
        $of = Membership::query();
        $found = $of->where('user_id', $this->here()->user()?->id)->where('studio_id', $request->integer('studio_id'))->firstOrFail();
        if ($request->hasSession()) {
            $request->session()->put(Here::STUDIO, $found->studio_id);
        }
        $this->here()->forget();

        return $this->show();
    }

    #[OA\Get(
        path: '/api/sessions',
        summary: 'Where one is signed in',
        operationId: 'Session.index',
        responses: [new AnsweredList('OpenSession'), new Wrong()],
    )]
    public function index(Request $request): JsonResponse
    {
        $own = $request->hasSession() ? $request->session()->getId() : '';
        $rows = DB::table('sessions')->where('user_id', $this->here()->user()?->id)->orderByDesc('last_activity')->limit(100)->get()->all();

        return new JsonResponse(array_values(array_map(static fn(object $row): array => [
            // The id of a session opens it: only a fingerprint of it is told.
            'id' => hash('xxh128', (string) $row->id), 'is_this' => $row->id === $own, 'browser' => mb_substr((string) $row->user_agent, 0, 160), 'seen_at' => date(\DATE_ATOM, (int) $row->last_activity),
        ], $rows)));
    }

    #[OA\Delete(
        path: '/api/sessions',
        summary: 'Signs out everywhere else',
        operationId: 'Session.clear',
        responses: [new Done(), new Wrong()],
    )]
    public function clear(Request $request): JsonResponse
    {
        $this->bySession();
        $user = $this->here()->user();
        \assert($user !== null);
        DB::transaction(static fn(): int => Doors::endOthers($user, $request->hasSession() ? $request->session()->getId() : null));

        return new JsonResponse(null, 204);
    }

    #[OA\Delete(
        path: '/api/sessions/{session}',
        summary: 'Ends one of one’s sessions',
        operationId: 'Session.end',
        parameters: [new InPath('session', 'string')],
        responses: [new Done(), new Wrong()],
    )]
    public function end(string $session): JsonResponse
    {
        $this->bySession();
        $ids = DB::table('sessions')->where('user_id', $this->here()->user()?->id)->pluck('id')->all();
        $found = array_filter($ids, static fn(mixed $id): bool => \is_string($id) && hash('xxh128', $id) === $session);
        abort_if($found === [], 404);
        DB::transaction(static fn(): int => DB::table('sessions')->whereIn('id', $found)->delete());

        return new JsonResponse(null, 204);
    }

    #[OA\Put(
        path: '/api/password',
        summary: 'Chooses another password, and signs out everywhere else',
        operationId: 'Session.password',
        requestBody: new Asked('NewPassword'),
        responses: [new Done(), new Wrong()],
    )]
    public function password(Request $request): JsonResponse
    {
        $this->bySession();
        $user = $this->here()->user();
        \assert($user !== null);
        if ($user->is_demo) {
            throw Nonsense::of('password', 'the demo', 'the demo has none: it is signed in to with one press');
        }
        $request->validate(['current' => ['required', 'string', 'max:200'], 'password' => self::chosen(self::about($this->here()->user()))], self::words());
        if (!Hash::check((string) $request->string('current'), $user->password)) {
            throw ValidationException::withMessages(['current' => 'That is not your password now.']);
        }
        DB::transaction(static function () use ($request, $user): void {
            $user->forceFill(['password' => (string) $request->string('password')])->save();
            Doors::endOthers($user, $request->hasSession() ? $request->session()->getId() : null);
            Doors::endTokens($user);
        });

        return new JsonResponse(null, 204);
    }

    /** The first owner, while nobody but the demo's people is known. */
    #[OA\Post(
        path: '/api/owner',
        summary: 'Makes a studio and its first owner, where there is none yet',
        operationId: 'Session.owner',
        requestBody: new Asked('FirstOwner'),
        responses: [new Answered('Session', 201), new Wrong()],
    )]
    public function owner(Request $request): JsonResponse
    {
        $request->validate(['studio' => ['required', 'string', 'max:120'], 'name' => ['required', 'string', 'max:80'], 'email' => ['required', 'email', 'max:190'], 'password' => self::chosen([(string) $request->string('studio'), (string) $request->string('name'), (string) $request->string('email')])], self::words());
        $user = DB::transaction(static function () use ($request): ?User {
            // Two who come first at once: the second finds the first.
            DB::table('users')->lockForUpdate()->count();
            if (!Doors::isNew()) {
                return null;
            }

            return Doors::found((string) $request->string('studio')->squish(), (string) $request->string('name')->squish(), (string) $request->string('email'), (string) $request->string('password'));
        });
        if (!$user instanceof User) {
            abort(404);
        }
        app(Doors::class)->in($request, $user);

        return $this->show()->setStatusCode(201);
    }

    /**
     * @param list<string> $own what is known of whoever chooses
     *
     * @return list<mixed>
     */
    public static function chosen(array $own): array
    {
        // Length before signs: NIST SP 800-63B §5.1.1.2.
        return ['bail', 'required', 'string', 'max:200', Password::min(12), new TriedFirst($own)];
    }

    /** @return array<string, string> */
    public static function words(): array
    {
        return ['password.min' => 'Twelve characters or more: a few words with spaces are good.', 'email.email' => 'That is no address.', 'studio.required' => 'A studio needs a name.', 'name.required' => 'Say how you sign what you write.'];
    }

    /** @return list<string> what anybody may know of somebody */
    public static function about(?User $user): array
    {
        return $user === null ? [] : [$user->name, $user->email];
    }

    private static function demo(): ?User
    {
        $query = User::query();
        $query->where('is_demo', true)->orderBy('id');

        return config('transmuta.demo') === true ? $query->first() : null;
    }

    /** What a password is compared with where nobody has the name. */
    private static function nobody(): string
    {
        static $hash = null;
        $hash ??= Hash::make('nobody at all');
        \assert(\is_string($hash));

        return $hash;
    }
}
