<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\Ability;
use App\Access\Here;
use App\Exceptions\Refused;
use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/** Closed by default: an address is open to nobody until its route says what it needs, and then to those who may do that. */
final readonly class Allowed
{
    /** What a route of nobody in particular says it needs: signing in, a link, whether anybody is signed in. */
    public const NOTHING = 'nothing';

    /** What a route for oneself needs: to be signed in, at a studio or not. */
    public const ONESELF = 'oneself';

    public function __construct(private Here $here) {}

    public function handle(Request $request, Closure $next): Response
    {
        $needs = $request->route()?->getAction('needs');
        if ($needs !== self::NOTHING) {
            if ($this->here->user() === null) {
                throw new Refused(401, 'not-signed-in', 'Nobody is signed in.', 'Sign in, and do it again; what you typed stays.');
            }
            $ability = \is_string($needs) ? Ability::tryFrom($needs) : null;
            if ($needs !== self::ONESELF && ($ability === null || !$this->here->may($ability))) {
                throw new Refused(403, 'not-allowed', self::words($this->here, $ability), 'Ask an owner of the studio.');
            }
        }
        $response = $next($request);
        \assert($response instanceof Response);

        return $response;
    }

    private static function words(Here $here, ?Ability $ability): string
    {
        $as = $here->role();
        if ($as === null) {
            return 'You work at no studio yet.';
        }

        return \sprintf('As %s you may %s.', $as->value, match ($ability) {
            Ability::Read => 'not look at this',
            Ability::Record => 'look, and write nothing down',
            Ability::Develop => 'not change dishes or ingredients',
            Ability::Govern => 'not decide about the studio and its people',
            null => 'not do this',
        });
    }
}
