<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Service;
use App\Models\ServiceItem;
use App\Models\ServiceStep;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Transmuta\Diet\Diet;
use Transmuta\Format\ServiceJson;
use Transmuta\Formula\Scaling;
use Transmuta\Process\Plan\Fixed;
use Transmuta\Process\Plan\FixedState;
use Transmuta\Process\Plan\Moment;
use Transmuta\Process\Plan\Order;
use Transmuta\Process\Plan\Service as Asked;
use Transmuta\Property\DishReading;

/** A service of the store as the core plans it: each version read by the values it was computed with, for its portions. */
final readonly class Planning
{
    /** What a kitchen is asked to correct, where none was ever described. */
    public const KITCHEN = ['cooks' => 2, 'hours' => [['08:00', '22:00']], 'ovens' => 1, 'rings' => 4, 'mixers' => [['litres' => 5]], 'blenders' => 1, 'fridge_shelves' => 4, 'freezer_shelves' => 1];

    public function __construct(private VersionShelf $shelves) {}

    /** @param ?string $now by the clock on the kitchen's wall; null where it is not to be considered */
    public function asked(Service $service, ?string $now): Asked
    {
        $items = self::items($service);
        $orders = $fixed = [];
        foreach ($items as $place => $item) {
            $orders[] = new Order($this->read($item), array_map(Diet::from(...), $item->diets));
            foreach ($item->steps as $step) {
                $fixed[] = Fixed::of((int) $place, $step->step, $step->batch === 0 ? null : $step->batch, FixedState::from($step->state), Moment::parse($step->at, 'at')->seconds, $step->unit);
            }
        }

        return new Asked(Moment::parse($service->serve_at, 'serve_at'), $now === null ? null : Moment::parse($now, 'now'), ServiceJson::kitchen($service->kitchen), $orders, $fixed);
    }

    /** @return Collection<int, ServiceItem> with their versions and dishes, removed ones too */
    private static function items(Service $service): Collection
    {
        return $service->items()->with(['version.dish' => static fn(Relation $dish) => $dish->withoutGlobalScope(SoftDeletingScope::class), 'steps'])->get();
    }

    /** @return list<array{string, DishReading}> each dish with what it is called, read for its portions */
    public function dishes(Service $service): array
    {
        return array_map(static fn(array $one): array => [$one['what'], $one['dish']], $this->forDiets($service));
    }

    /** @return list<array{what: string, dish: DishReading, diets: list<string>}> each dish with what it is called and what it is made for */
    public function forDiets(Service $service): array
    {
        return array_values(self::items($service)->map(fn(ServiceItem $item): array => ['what' => $item->version->dish->title . ($item->version->parent_id === null ? '' : ', ' . $item->version->name), 'dish' => $this->read($item), 'diets' => $item->diets])->all());
    }

    public function read(ServiceItem $item): DishReading
    {
        $version = $item->version;

        return $this->shelves->engine($version)->read(Scaling::toService($version->formula, $item->portions));
    }

    /** @return array<string, mixed> */
    public static function write(Service $service): array
    {
        $items = self::items($service);

        return [
            ...self::head($service, $items->count(), array_sum(array_map(static fn(ServiceItem $item): int => $item->portions, $items->all()))),
            'kitchen' => $service->kitchen,
            'guests' => $service->guests,
            'margin' => $service->margin,
            'items' => array_values($items->map(static fn(ServiceItem $item): array => [
                'id' => $item->id, 'version_id' => $item->version_id, 'dish_id' => $item->version->dish_id, 'dish' => $item->version->dish->title, 'version' => $item->version->name,
                'is_removed' => $item->version->deleted_at !== null, 'portions' => $item->portions, 'diets' => $item->diets,
            ])->all()),
            'said' => array_values($items->flatMap(static fn(ServiceItem $item) => $item->steps->map(static fn(ServiceStep $step): array => [
                'item_id' => $item->id, 'step' => $step->step, 'batch' => $step->batch === 0 ? null : $step->batch, 'state' => $step->state, 'at' => $step->at, 'who' => $step->who,
            ]))->all()),
        ];
    }

    /** @return array{id: int, revision: int, name: string, serve_at: string, dishes: int, portions: int} */
    public static function head(Service $service, int $dishes, int $portions): array
    {
        return ['id' => $service->id, 'revision' => $service->revision, 'name' => $service->name, 'serve_at' => $service->serve_at, 'dishes' => $dishes, 'portions' => $portions];
    }
}
