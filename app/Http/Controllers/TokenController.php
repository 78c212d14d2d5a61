<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Ability;
use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\AccessToken;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Transmuta\Fault\Nonsense;

/** Tokens for one's scripts: of one studio, for so much and no more, taken back at any time. */
final class TokenController extends Controller
{
    #[OA\Get(
        path: '/api/tokens',
        summary: 'One’s tokens at this studio',
        operationId: 'Token.index',
        responses: [new AnsweredList('Token'), new Wrong()],
    )]
    public function index(): JsonResponse
    {
        $query = AccessToken::query();
        $query->where('tokenable_id', $this->here()->user()?->id)->where('studio_id', $this->studio()->id)->orderByDesc('id');

        return new JsonResponse(array_map(self::token(...), array_values($query->get()->all())));
    }

    #[OA\Post(
        path: '/api/tokens',
        summary: 'A new token, told once',
        operationId: 'Token.store',
        requestBody: new Asked('NewToken'),
        responses: [new Answered('MadeToken', 201), new Wrong()],
    )]
    public function store(Request $request): JsonResponse
    {
        // A token makes no token: it would outlive the one that made it.
        $this->bySession();
        $request->validate(['name' => ['required', 'string', 'max:80'], 'may' => ['required', Rule::enum(Ability::class)], 'days' => ['required', 'integer', 'min:1', 'max:366']], ['name.required' => 'Say what it is for.']);
        $most = Ability::from((string) $request->string('may'));
        if (!$this->here()->may($most)) {
            throw Nonsense::of('may', $most->value, 'a token may do no more than you');
        }
        $secret = Str::random(48);
        /** @var AccessToken $token */
        $token = DB::transaction(fn(): AccessToken => AccessToken::query()->create([
            'tokenable_type' => $this->here()->user()?->getMorphClass(), 'tokenable_id' => $this->here()->user()?->id, 'studio_id' => $this->studio()->id, 'name' => (string) $request->string('name')->squish(),
            'token' => hash('sha256', $secret), 'abilities' => array_map(static fn(Ability $one): string => $one->value, self::upTo($most)), 'expires_at' => now()->addDays($request->integer('days')),
        ]));

        return new JsonResponse([...self::token($token), 'secret' => "$token->id|$secret"], 201);
    }

    #[OA\Delete(
        path: '/api/tokens/{token}',
        summary: 'Takes a token back',
        operationId: 'Token.destroy',
        parameters: [new InPath('token')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(int $token): JsonResponse
    {
        $this->bySession();
        $query = AccessToken::query();
        $found = $query->where('tokenable_id', $this->here()->user()?->id)->where('studio_id', $this->studio()->id)->findOrFail($token);
        DB::transaction(static fn(): ?bool => $found->delete());

        return new JsonResponse(null, 204);
    }

    /** @return list<Ability> what goes with it: who develops also records and reads */
    private static function upTo(Ability $most): array
    {
        $all = Ability::cases();

        return \array_slice($all, 0, 1 + (int) array_search($most, $all, true));
    }

    /** @return array<string, mixed> */
    private static function token(AccessToken $token): array
    {
        return ['id' => $token->id, 'name' => $token->name, 'may' => $token->abilities[\count($token->abilities) - 1] ?? 'read', 'used_at' => $token->last_used_at?->toIso8601String(), 'expires_at' => $token->expires_at?->toIso8601String()];
    }
}
