<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Dish;
use App\Models\Service;
use App\Models\ServiceItem;
use App\Models\Studio;
use App\Models\Version;
use Transmuta\Label\OnMenu;

/** What the front of the house is told, read anew every time: a sheet that stands behind its formulas helps nobody. */
final readonly class MenuView
{
    /** Versions read at once. */
    private const PAGE = 60;

    public function __construct(private VersionShelf $shelves, private StudioShelf $shelf) {}

    /** @return array<string, mixed> */
    public function ofDish(Dish $dish): array
    {
        return $this->shown($dish->title, array_values($dish->load('versions.dish')->versions->all()));
    }

    /** @return array<string, mixed> */
    public function ofService(Service $service): array
    {
        return $this->shown($service->name, array_values($service->load('items.version.dish')->items->map(static fn(ServiceItem $item): Version => $item->version)->unique('id')->all()));
    }

    /** @return array<string, mixed> */
    public function ofStudio(Studio $studio, int $after): array
    {
        $query = Version::query()->with('dish');
        $query->where('studio_id', $studio->id)->whereIn('dish_id', Dish::query()->where('studio_id', $studio->id)->whereNull('away_at')->select('id'))->where('id', '>', $after)->orderBy('id')->limit(self::PAGE + 1);
        [$page, $next] = Page::of(array_values($query->get()->all()), self::PAGE, static fn(Version $version): int => $version->id);

        return $this->shown($studio->name, $page, $next);
    }

    /**
     * @param list<Version> $versions
     *
     * @return array<string, mixed>
     */
    private function shown(string $of, array $versions, ?int $next = null): array
    {
        $kitchen = $this->shelf->kitchen();

        return ['of' => $of, 'kitchen' => $kitchen->words(), 'states' => (object) OnMenu::STATES, 'next' => $next, 'rows' => array_map(fn(Version $version): array => [
            'version_id' => $version->id, 'dish_id' => $version->dish_id, 'dish' => $version->dish->title, 'version' => $version->name, 'revision' => $version->standing()['number'],
            ...OnMenu::of($this->shelves->against($version), $kitchen),
        ], $versions)];
    }
}
