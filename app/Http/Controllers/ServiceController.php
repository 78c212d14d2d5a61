<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Http\Requests\ServiceRequest;
use App\Models\Service;
use App\Models\ServiceItem;
use App\Services\Planning;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Services of a studio: when, in what kitchen, who comes, and what is made for them. */
final class ServiceController extends Controller
{
    #[OA\Get(
        path: '/api/services',
        summary: 'The services, the latest first',
        operationId: 'Service.index',
        responses: [new AnsweredList('ServiceHead'), new Wrong()],
    )]
    public function index(): JsonResponse
    {
        $query = Service::query();
        $query->where('studio_id', $this->studio()->id)->withCount('items')->withSum('items', 'portions')->orderByDesc('serve_at')->orderByDesc('id')->limit(200);

        return new JsonResponse(array_values($query->get()->map(static fn(Service $s): array => Planning::head($s, self::number($s, 'items_count'), self::number($s, 'items_sum_portions')))->all()));
    }

    #[OA\Post(
        path: '/api/services',
        summary: 'Writes a service down',
        operationId: 'Service.store',
        requestBody: new Asked('NewService'),
        responses: [new Answered('Service', 201), new Wrong()],
    )]
    public function store(ServiceRequest $request): JsonResponse
    {
        $said = $request->said();
        $studio = $this->studio();
        $items = $request->items($studio->id);
        $last = Service::query();
        $last->where('studio_id', $studio->id)->orderByDesc('id');
        // A kitchen is what it was the last time.
        $kitchen = $said['kitchen'] ?? $last->first()->kitchen ?? Planning::KITCHEN;
        /** @var Service $service */
        $service = DB::transaction(function () use ($said, $kitchen, $studio, $items): Service {
            $service = Service::query()->create([...$said, 'kitchen' => $kitchen, 'studio_id' => $studio->id]);
            $this->keep($service, $items ?? []);
            $service->saveQuietly();

            return $service;
        });

        return new JsonResponse(Planning::write($service->refresh()), 201);
    }

    #[OA\Get(
        path: '/api/services/{service}',
        summary: 'A service, and what has been begun, done or locked of it',
        operationId: 'Service.show',
        parameters: [new InPath('service')],
        responses: [new Answered('Service'), new Wrong()],
    )]
    public function show(Service $service): JsonResponse
    {
        Gate::authorize('view', $service);

        return new JsonResponse(Planning::write($service));
    }

    #[OA\Patch(
        path: '/api/services/{service}',
        summary: 'Says it otherwise; a list of dishes replaces the one before',
        operationId: 'Service.update',
        parameters: [new InPath('service')],
        requestBody: new Asked('ServiceInput'),
        responses: [new Answered('Service'), new Wrong()],
    )]
    public function update(ServiceRequest $request, Service $service): JsonResponse
    {
        Gate::authorize('update', $service);
        $said = $request->said();
        $items = $request->items($service->studio_id);
        DB::transaction(function () use ($request, $service, $said, $items): void {
            $service->asSeen($this->lastSeen($request))->fill($said);
            if ($items !== null) {
                $this->keep($service, $items);
            }
            $service->save();
        });

        return new JsonResponse(Planning::write($service->refresh()));
    }

    #[OA\Delete(
        path: '/api/services/{service}',
        summary: 'Takes a service away',
        operationId: 'Service.destroy',
        parameters: [new InPath('service')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(Service $service): JsonResponse
    {
        Gate::authorize('update', $service);
        DB::transaction(static fn(): ?bool => $service->delete());

        return new JsonResponse(null, 204);
    }

    /**
     * The dishes of a service as they are now said; one that stays keeps what was ticked off of it.
     *
     * @param list<array{id: ?int, version_id: int, portions: int, diets: list<string>}> $items
     */
    private function keep(Service $service, array $items): void
    {
        $were = $service->items()->get()->keyBy('id');
        $kept = [];
        foreach ($items as $position => $item) {
            $was = $item['id'] === null ? null : $were->get($item['id']);
            $is = $was instanceof ServiceItem && $was->version_id === $item['version_id'] ? $was : new ServiceItem(['studio_id' => $service->studio_id, 'service_id' => $service->id, 'version_id' => $item['version_id']]);
            $is->fill(['position' => $position, 'portions' => $item['portions'], 'diets' => $item['diets']])->save();
            $kept[] = $is->id;
        }
        ServiceItem::query()->where('service_id', $service->id)->whereKeyNot($kept)->delete();
        $service->items_are = hash('xxh128', json_encode($items, \JSON_THROW_ON_ERROR));
    }

    private static function number(Service $service, string $attribute): int
    {
        $value = $service->getAttribute($attribute);

        return is_numeric($value) ? (int) $value : 0;
    }
}
