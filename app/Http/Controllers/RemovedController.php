<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Exceptions\Refused;
use App\Models\Dish;
use App\Models\Version;
use App\Services\Drawer;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What was removed and can be brought back, until it is removed for good. */
final class RemovedController extends Controller
{
    private const MOST = 200;

    #[OA\Get(
        path: '/api/removed',
        summary: 'What was removed, the latest first of each kind',
        operationId: 'Removed.index',
        responses: [new Answered('Removed'), new Wrong()],
    )]
    public function index(): JsonResponse
    {
        $at = static fn(mixed $when): string => $when instanceof \DateTimeInterface ? $when->format(\DATE_ATOM) : '';
        $dishes = $this->dishes();
        $dishes->withCount(['versions' => static fn(Builder $with): Builder => $with->withoutGlobalScope(SoftDeletingScope::class)])->orderByDesc('deleted_at')->limit(self::MOST);
        $versions = $this->versions();
        $versions->with('dish')->orderByDesc('deleted_at')->limit(self::MOST);

        return new JsonResponse([
            'dishes' => array_map(static fn(Dish $dish): array => ['id' => $dish->id, 'title' => $dish->title, 'versions' => (int) $dish->versions_count, 'removed_at' => $at($dish->deleted_at)], array_values($dishes->get()->all())),
            'versions' => array_map(static fn(Version $version): array => ['id' => $version->id, 'name' => $version->name, 'dish' => $version->dish->title, 'removed_at' => $at($version->deleted_at)], array_values($versions->get()->all())),
            'others' => Drawer::others($this->studio()),
        ]);
    }

    #[OA\Put(
        path: '/api/removed/{kind}/{id}',
        summary: 'Brings back what was removed',
        operationId: 'Removed.restore',
        parameters: [new InPath('kind', 'string'), new InPath('id')],
        responses: [new Done(), new Wrong()],
    )]
    public function restore(string $kind, int $id): JsonResponse
    {
        $needs = Drawer::needs($kind);
        if (!$this->here()->may($needs)) {
            throw new Refused(403, 'not-allowed', 'What developed the dish brings it back, not what records.', 'Ask whoever develops here.');
        }
        Drawer::back($kind, $id, $this->studio());

        return new JsonResponse(null, 204);
    }

    #[OA\Delete(
        path: '/api/removed/{kind}/{id}',
        summary: 'Removes something for good, with what hangs on it',
        operationId: 'Removed.destroy',
        parameters: [new InPath('kind', 'string'), new InPath('id')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(string $kind, int $id): JsonResponse
    {
        Drawer::away($kind, $id, $this->studio());

        return new JsonResponse(null, 204);
    }

    /** @return Builder<Dish> */
    private function dishes(): Builder
    {
        $query = Dish::onlyTrashed();
        $query->where('studio_id', $this->studio()->id);

        return $query;
    }

    /** @return Builder<Version> those of dishes that are there */
    private function versions(): Builder
    {
        $query = Version::onlyTrashed();
        $query->where('studio_id', $this->studio()->id)->whereHas('dish');

        return $query;
    }
}
