<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Role;
use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\AccessToken;
use App\Models\Link;
use App\Models\Membership;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Transmuta\Fault\Nonsense;

/** Who works at the studio and as what; links to join and to choose another password. */
final class PeopleController extends Controller
{
    #[OA\Get(
        path: '/api/people',
        summary: 'Who works here, and as what',
        operationId: 'People.index',
        responses: [new AnsweredList('Person'), new Wrong()],
    )]
    public function index(): JsonResponse
    {
        $query = Membership::query();
        $query->with('user')->where('studio_id', $this->studio()->id)->orderBy('id');

        return new JsonResponse(array_map(fn(Membership $one): array => $this->person($one), array_values($query->get()->all())));
    }

    #[OA\Put(
        path: '/api/people/{person}',
        summary: 'Has somebody work here as something else',
        operationId: 'People.update',
        parameters: [new InPath('person')],
        requestBody: new Asked('AsRole'),
        responses: [new Answered('Person'), new Wrong()],
    )]
    public function update(Request $request, int $person): JsonResponse
    {
        $request->validate(['role' => ['required', Rule::enum(Role::class)]]);
        $role = Role::from((string) $request->string('role'));
        /** @var Membership $changed */
        $changed = DB::transaction(function () use ($request, $person, $role): Membership {
            $one = $this->member($person)->asSeen($this->lastSeen($request));
            $this->keepsAnOwner($one, $role);
            $one->update(['role' => $role]);

            return $one;
        });

        return new JsonResponse($this->person($changed));
    }

    #[OA\Delete(
        path: '/api/people/{person}',
        summary: 'Somebody works here no more',
        operationId: 'People.destroy',
        parameters: [new InPath('person')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(int $person): JsonResponse
    {
        DB::transaction(function () use ($person): void {
            $one = $this->member($person);
            $this->keepsAnOwner($one, null);
            AccessToken::query()->where('tokenable_id', $one->user_id)->where('studio_id', $one->studio_id)->delete();
            Link::query()->where('studio_id', $one->studio_id)->where('user_id', $one->user_id)->delete();
            $one->delete();
        });

        return new JsonResponse(null, 204);
    }

    #[OA\Post(
        path: '/api/people/links',
        summary: 'A link for one to join as something',
        operationId: 'People.invite',
        requestBody: new Asked('AsRole'),
        responses: [new Answered('MadeLink', 201), new Wrong()],
    )]
    public function invite(Request $request): JsonResponse
    {
        $this->bySession();
        $request->validate(['role' => ['required', Rule::enum(Role::class)]]);
        /** @var array{Link, string} $made */
        $made = DB::transaction(fn(): array => Link::inviting($this->studio(), Role::from((string) $request->string('role'))));

        return self::told($made);
    }

    #[OA\Post(
        path: '/api/people/{person}/links',
        summary: 'A link for one person to choose another password',
        operationId: 'People.reset',
        parameters: [new InPath('person')],
        responses: [new Answered('MadeLink', 201), new Wrong()],
    )]
    public function reset(int $person): JsonResponse
    {
        $this->bySession();
        /** @var array{Link, string} $made */
        $made = DB::transaction(function () use ($person): array {
            $one = $this->member($person);
            // Somebody who works at other studios too would be handed over with them.
            if (!$one->user->isOnlyOf($one->studio_id)) {
                throw Nonsense::of('person', $one->user->name, 'they work at another studio as well, so no owner of one alone may reset their password');
            }

            return Link::resetting($this->studio(), $one->user);
        });

        return self::told($made);
    }

    #[OA\Get(
        path: '/api/people/links',
        summary: 'Links that are still good: who they let in as what, or whose password they reset; never their secret',
        operationId: 'People.links',
        responses: [new AnsweredList('OpenLink'), new Wrong()],
    )]
    public function links(): JsonResponse
    {
        $query = $this->open();
        $query->with('user')->orderByDesc('id');

        return new JsonResponse(array_values($query->get()->map(static fn(Link $one): array => ['id' => $one->id, 'role' => $one->role?->value, 'name' => $one->user?->name, 'expires_at' => $one->expires_at->toIso8601String()])->all()));
    }

    #[OA\Delete(
        path: '/api/people/links/{link}',
        summary: 'Withdraws a link: whoever has it comes in no more',
        operationId: 'People.withdraw',
        parameters: [new InPath('link')],
        responses: [new Done(), new Wrong()],
    )]
    public function withdraw(int $link): JsonResponse
    {
        $query = $this->open();
        $found = $query->findOrFail($link);
        DB::transaction(static fn(): bool => $found->update(['expires_at' => now()]));

        return new JsonResponse(null, 204);
    }

    /** @return Builder<Link> */
    private function open(): Builder
    {
        $query = Link::open();
        $query->where('studio_id', $this->studio()->id);

        return $query;
    }

    /** @param array{Link, string} $made */
    private static function told(array $made): JsonResponse
    {
        [$link, $secret] = $made;

        return new JsonResponse(['path' => "/join/$secret", 'role' => $link->role?->value, 'expires_at' => $link->expires_at->toIso8601String()], 201);
    }

    private function member(int $person): Membership
    {
        $query = Membership::query();
        $query->with('user')->where('studio_id', $this->studio()->id)->where('user_id', $person)->lockForUpdate();

        return $query->firstOrFail();
    }

    private function keepsAnOwner(Membership $one, ?Role $becomes): void
    {
        if ($one->role !== Role::Owner || $becomes === Role::Owner) {
            return;
        }
        $others = Membership::query();
        if (!$others->where('studio_id', $one->studio_id)->where('role', Role::Owner)->whereKeyNot($one->id)->lockForUpdate()->exists()) {
            throw Nonsense::of('role', $one->user->name, 'a studio keeps at least one owner: make another first');
        }
    }

    /** @return array<string, mixed> */
    private function person(Membership $one): array
    {
        return ['revision' => $one->revision, 'id' => $one->user_id, 'name' => $one->user->name, 'email' => $one->user->email, 'role' => $one->role->value, 'is_you' => $one->user_id === $this->here()->user()?->id];
    }
}
