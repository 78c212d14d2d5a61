<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\Service;
use App\Models\ServiceStep;
use App\Models\Version;
use App\Services\Planning;
use App\Services\RoutesForGuests;
use App\Services\ShoppingView;
use App\Services\VersionShelf;
use App\Support\Calendar;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Transmuta\Fault\Nonsense;
use Transmuta\Format\CoverJson;
use Transmuta\Format\PlanJson;
use Transmuta\Process\Covers\Covers;
use Transmuta\Process\Plan\FixedState;
use Transmuta\Process\Plan\Moment;
use Transmuta\Process\Plan\Planner;
use Transmuta\Process\PullList;
use Transmuta\Property\DishReading;

/** The plan of a service, made anew from what has been begun, done or locked; and who is served by what. */
final class PlanController extends Controller
{
    #[OA\Get(
        path: '/api/services/{service}/plan',
        summary: 'When every step is done, by whom and where; from a moment on where one is given',
        operationId: 'Plan.show',
        parameters: [new InPath('service'), new OA\Parameter(name: 'now', in: 'query', required: false, schema: new OA\Schema(type: 'string'))],
        responses: [new Answered('Plan'), new Wrong()],
    )]
    public function show(Request $request, Service $service, Planning $planning, Planner $planner): JsonResponse
    {
        Gate::authorize('view', $service);
        $request->validate(['now' => ['sometimes', 'nullable', 'string', 'max:25']]);
        $asked = $planning->asked($service, $request->filled('now') ? (string) $request->string('now') : null);

        return new JsonResponse($asked->orders === [] ? PlanJson::nothing() : PlanJson::write($planner->plan($asked)));
    }

    #[OA\Put(
        path: '/api/services/{service}/steps',
        summary: 'Says that a step is begun, done, or not to be moved; or takes that back',
        operationId: 'Plan.say',
        parameters: [new InPath('service')],
        requestBody: new Asked('StepSaid'),
        responses: [new Done(), new Wrong()],
    )]
    public function say(Request $request, Service $service): JsonResponse
    {
        Gate::authorize('update', $service);
        $request->validate([
            'item_id' => ['required', 'integer'],
            'step' => ['required', 'string', 'max:12', 'regex:/^[a-z]\d{1,3}$/'],
            'batch' => ['sometimes', 'nullable', 'integer', 'min:1', 'max:1000'],
            'state' => ['present', 'nullable', Rule::enum(FixedState::class)],
            'at' => ['required_with:state', 'nullable', 'string', 'max:25'],
            'unit' => ['sometimes', 'nullable', 'integer', 'min:1', 'max:500'],
        ]);
        $item = $service->items()->whereKey($request->integer('item_id'))->first() ?? throw Nonsense::of('item_id', (string) $request->integer('item_id'), 'choose a dish of this service');
        $key = ['service_item_id' => $item->id, 'step' => (string) $request->string('step'), 'batch' => $request->integer('batch')];
        DB::transaction(function () use ($request, $key, $service): void {
            if (!$request->filled('state')) {
                ServiceStep::query()->where($key)->delete();

                return;
            }
            ServiceStep::query()->updateOrCreate($key, [
                'studio_id' => $service->studio_id,
                'state' => (string) $request->string('state'),
                'at' => substr(Moment::parse((string) $request->string('at'), 'at')->words(), 0, 19),
                'unit' => $request->filled('unit') ? $request->integer('unit') : null,
                'who' => $this->here()->signature(),
            ]);
        });

        return new JsonResponse(null, 204);
    }

    #[OA\Post(
        path: '/api/services/{service}/covers',
        summary: 'Which versions serve those who come, of the versions of a dish',
        operationId: 'Plan.covers',
        parameters: [new InPath('service')],
        requestBody: new Asked('AskCovers'),
        responses: [new Answered('CoverAnswer'), new Wrong()],
    )]
    public function covers(Request $request, Service $service, VersionShelf $shelves, RoutesForGuests $routes): JsonResponse
    {
        Gate::authorize('view', $service);
        $request->validate(['dish_id' => ['required', 'integer']]);
        $query = Version::query();
        $query->with('dish')->where('studio_id', $service->studio_id)->where('dish_id', $request->integer('dish_id'))->orderBy('id')->limit(40);
        $versions = $query->get();
        if ($versions->isEmpty()) {
            throw Nonsense::of('dish_id', (string) $request->integer('dish_id'), 'choose a dish that is there');
        }
        $covers = new Covers(CoverJson::guests($service->guests), array_values($versions->map(static fn(Version $v): DishReading => $shelves->engine($v)->read($v->formula->named($v->name, $v->formula->family)))->all()), $service->margin);
        $fewest = $covers->cover();
        $cheapest = $covers->cheapest();

        return new JsonResponse([
            'versions' => array_values($versions->map(static fn(Version $v): array => ['id' => $v->id, 'name' => $v->name, 'fit' => is_numeric($v->origin['fit'] ?? null) ? (float) $v->origin['fit'] : null, 'taste' => self::taste($v)])->all()),
            'fewest' => CoverJson::write($fewest),
            'cheapest' => CoverJson::write($cheapest),
            'routes' => $routes->of($versions->firstOrFail(), CoverJson::guests($service->guests), array_column($fewest->unserved, 'guest')),
            'fewest_minor' => (int) round($fewest->cost),
            'cheapest_minor' => (int) round($cheapest->cost),
        ]);
    }

    #[OA\Get(
        path: '/api/services/{service}/pull',
        summary: 'What is fetched for all its dishes, every ingredient once',
        operationId: 'Plan.pull',
        parameters: [new InPath('service')],
        responses: [new Answered('ServicePull'), new Wrong()],
    )]
    public function pull(Service $service, Planning $planning): JsonResponse
    {
        Gate::authorize('view', $service);

        return new JsonResponse(['pull' => PullList::ofAll($planning->dishes($service))]);
    }

    #[OA\Get(
        path: '/api/services/{service}/shopping',
        summary: 'What is bought for all its dishes, in whole packs, by supplier',
        operationId: 'Plan.shopping',
        parameters: [new InPath('service')],
        responses: [new Answered('ServiceShopping'), new Wrong()],
    )]
    public function shopping(Service $service, ShoppingView $shopping): JsonResponse
    {
        Gate::authorize('view', $service);

        return new JsonResponse($shopping->of($service));
    }

    #[OA\Get(
        path: '/api/services/{service}/shopping.csv',
        summary: 'The shopping as a table',
        operationId: 'Plan.shoppingTable',
        parameters: [new InPath('service')],
        responses: [
            new OA\Response(response: 200, description: 'A table', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string'))),
            new Wrong(),
        ],
    )]
    public function shoppingTable(Service $service, ShoppingView $shopping): Response
    {
        Gate::authorize('view', $service);

        return new Response($shopping->csv($service), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"shopping-$service->id.csv\""]);
    }

    #[OA\Get(
        path: '/api/services/{service}/plan.ics',
        summary: 'The plan as a calendar (RFC 5545)',
        operationId: 'Plan.calendar',
        parameters: [new InPath('service')],
        responses: [
            new OA\Response(response: 200, description: 'A calendar', content: new OA\MediaType(mediaType: 'text/calendar', schema: new OA\Schema(type: 'string'))),
            new Wrong(),
        ],
    )]
    public function calendar(Service $service, Planning $planning, Planner $planner): Response
    {
        Gate::authorize('view', $service);
        $asked = $planning->asked($service, null);

        return new Response(Calendar::of($service, $asked->orders === [] ? [] : $planner->plan($asked)->steps), 200, ['Content-Type' => 'text/calendar; charset=utf-8', 'Content-Disposition' => "attachment; filename=\"service-$service->id.ics\""]);
    }

    /**
     * What a version cost in taste when it was taken, in the words of its route; none for an original.
     *
     * @return list<string>
     */
    private static function taste(Version $version): array
    {
        $words = $version->origin['words'] ?? [];

        return \is_array($words) ? array_values(array_filter($words, is_string(...))) : (\is_string($words) && $words !== '' ? [$words] : []);
    }
}
