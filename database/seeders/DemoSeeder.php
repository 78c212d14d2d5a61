<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Access\Role;
use App\Http\Controllers\PriceListController;
use App\Models\Dish;
use App\Models\Errand;
use App\Models\Membership;
use App\Models\PriceList;
use App\Models\Service;
use App\Models\ServiceItem;
use App\Models\ServiceStep;
use App\Models\Studio;
use App\Models\User;
use App\Models\Version;
use App\Services\History;
use App\Services\Planning;
use App\Services\Preparations;
use App\Services\RouteFinder;
use App\Services\RunView;
use App\Services\StudioShelf;
use App\Services\VersionShelf;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Seeder;
use Illuminate\Support\Facades\Artisan;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Str;
use Transmuta\Diet\Diet;
use Transmuta\Engine;
use Transmuta\Format\FormulaJson;
use Transmuta\Format\PriceListCsv;
use Transmuta\Formula\Formula;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Plan\FixedState;
use Transmuta\Process\Plan\Planner;
use Transmuta\Process\Run\WeighOut;
use Transmuta\Process\Shopping\Article;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Ranking\Route;
use Transmuta\Shelf\IngredientList;

/**
 * The tea room of a hill observatory that opens at night. Its dishes are invented here; every reformulated version is
 * what the engine found when the demo was made.
 */
final class DemoSeeder extends Seeder
{
    /** @var list<array{file: string, versions: list<array{diets: list<Diet>, net_carbs?: float}>}> */
    private const DISHES = [
        ['file' => 'passion-fruit-curd-tartlet', 'versions' => [
            ['diets' => [Diet::Vegan]],
            ['diets' => [Diet::GlutenFree]],
        ]],
        ['file' => 'bay-leaf-cream-slice', 'versions' => [['diets' => [Diet::Eggless]], ['diets' => [Diet::ReducedSugar]]]],
        ['file' => 'roasted-hazelnut-mousse-pot', 'versions' => [['diets' => [Diet::Vegan]], ['diets' => [Diet::NutFree]]]],
        ['file' => 'blackcurrant-baked-cheesecake', 'versions' => [
            ['diets' => [Diet::Eggless]],
            ['diets' => [Diet::Keto]],
        ]],
        ['file' => 'cardamom-set-custard', 'versions' => [['diets' => [Diet::Vegan]], ['diets' => [Diet::HighProtein]], ['diets' => [Diet::Keto], 'net_carbs' => 8.0]]],
        ['file' => 'rhubarb-buttermilk-cream', 'versions' => [['diets' => [Diet::Vegetarian]], ['diets' => [Diet::Vegan]]]],
        ['file' => 'night-sky-lime-icebox-pie', 'versions' => [['diets' => [Diet::Vegan]], ['diets' => [Diet::Keto]]]],
        ['file' => 'comet-trail-coffee-cheesecake', 'versions' => [['diets' => [Diet::Eggless]], ['diets' => [Diet::HighProtein]]]],
        ['file' => 'dark-hours-chestnut-pot', 'versions' => [['diets' => [Diet::GlutenFree]], ['diets' => [Diet::ReducedSugar]]]],
        ['file' => 'frozen-quince-bar', 'versions' => [['diets' => [Diet::Vegan]], ['diets' => [Diet::GlutenFree]]]],
    ];

    /** @var list<array{string, string, ?int, string}> dish, what is next, in how many days, who is waited for */
    private const ERRANDS = [
        ['Blackcurrant baked cheesecake', 'bake the eggless one again, firmer', -1, 'Ilka'],
        ['Passion-fruit curd tartlet', 'taste the vegan curd beside the egg one', 2, 'Ilka'],
        ['Roasted-hazelnut mousse pot', 'ask whether the chocolate is made beside milk', null, 'the chocolate maker'],
    ];

    /** @var list<array{string, string, int, ?Diet}> dish, version, portions, what it must be free for: an evening of 24 */
    private const EVENING = [
        ['Cardamom set custard', 'Vegan 1', 5, Diet::Vegan],
        ['Roasted-hazelnut mousse pot', 'Original', 24, null],
        ['Passion-fruit curd tartlet', 'Original', 24, null],
        ['Blackcurrant baked cheesecake', 'Original', 12, null],
    ];

    /** Whose run is half done. */
    private const IN_THE_POT = 'Passion-fruit curd tartlet';

    private const COMING = [
        ['count' => 3, 'diets' => ['vegan'], 'without' => []],
        ['count' => 1, 'diets' => ['gluten-free'], 'without' => []],
        ['count' => 1, 'diets' => ['gluten-free'], 'without' => ['nuts']],
        ['count' => 19, 'diets' => [], 'without' => []],
    ];

    private History $history;

    public function run(): void
    {
        Artisan::call('shelf:sync');
        if (Studio::query()->where('slug', 'observatory')->exists()) {
            return;
        }
        DB::transaction(function (): void {
            $studio = Studio::query()->create(['slug' => 'observatory', 'name' => 'Observatory tea room']);
            self::people($studio);
            $shelf = new StudioShelf($studio->refresh(), 'Ilka');
            $this->history = new History(new VersionShelf($shelf, app()), $shelf);
            $this->preparation($studio);
            $engine = Engine::over(IngredientList::shipped());
            foreach (self::DISHES as $dish) {
                $this->dish($studio, $engine, $dish);
            }
            foreach (self::ERRANDS as [$title, $words, $days, $whom]) {
                $query = Dish::query();
                $dish = $query->where('studio_id', $studio->id)->where('title', $title)->firstOrFail();
                Errand::query()->create(['studio_id' => $studio->id, 'dish_id' => $dish->id, 'words' => $words, 'due_on' => $days === null ? null : now()->addDays($days)->toDateString(), 'waits_for' => $whom]);
            }
            (new DemoLearning($studio, $shelf, $this->history))->make();
            self::evening($studio);
            $sold = PriceListCsv::read((string) file_get_contents(PriceListController::file()), PriceListController::SIMULATED, IngredientList::shipped());
            // What it asked in the autumn: butter, cream and chocolate have gone up since.
            $then = array_map(static fn(Article $one): array => ['minor' => (int) round($one->minor * (preg_match('/butter|cream|chocolate/i', $one->name) === 1 ? 0.86 : 0.985))] + $one->write(), $sold);
            PriceList::query()->create(['studio_id' => $studio->id, 'supplier' => PriceListController::SIMULATED, 'dated_on' => now()->subDays(72)->toDateString(), 'articles' => $then]);
            PriceList::query()->create(['studio_id' => $studio->id, 'supplier' => PriceListController::SIMULATED, 'dated_on' => now()->subDays(9)->toDateString(), 'articles' => array_map(static fn(Article $one): array => $one->write(), $sold)]);
        });
    }

    /** The next evening that is far enough away to be made, with what should be done by now done. */
    private static function evening(Studio $studio): void
    {
        $served = now()->setTime(21, 30)->addDays(now()->hour < 9 ? 0 : 1);
        $service = Service::query()->create([
            'studio_id' => $studio->id, 'name' => 'Night of the long exposure', 'serve_at' => $served->format('Y-m-d\TH:i'),
            'kitchen' => ['hours' => [['09:00', '23:30']], 'freezer_shelves' => 2] + Planning::KITCHEN, 'guests' => self::COMING, 'margin' => 0.1,
        ]);
        foreach (self::EVENING as $position => [$title, $name, $portions, $diet]) {
            $version = Version::query();
            $version->where('studio_id', $studio->id)->where('name', $name)->whereHas('dish', static fn(Builder $dish): Builder => $dish->where('title', $title));
            ServiceItem::query()->create(['studio_id' => $studio->id, 'service_id' => $service->id, 'version_id' => $version->firstOrFail()->id, 'position' => $position, 'portions' => $portions, 'diets' => $diet === null ? [] : [$diet->value]]);
        }
        $shelf = new StudioShelf($studio->refresh(), 'Ilka');
        $plan = Planner::standard()->plan((new Planning(new VersionShelf($shelf, app())))->asked($service, null));
        $items = ServiceItem::query()->where('service_id', $service->id)->orderBy('position')->pluck('id')->all();
        $now = now()->format('Y-m-d\TH:i:s');
        foreach ($plan->steps as $step) {
            $moment = static fn(int $seconds): string => $plan->service->serveAt->at($seconds)->words();
            if ($step->task === null || $step->item === null || $moment($step->start) > $now) {
                continue;
            }
            $isDone = $moment($step->end) <= $now;
            ServiceStep::query()->create([
                'studio_id' => $studio->id, 'service_item_id' => $items[$step->item], 'step' => $step->step, 'batch' => $step->batch ?? 0, 'unit' => $step->unit, 'who' => 'Matteo',
                'state' => ($isDone ? FixedState::Done : FixedState::Begun)->value, 'at' => $moment($isDone ? $step->end : $step->start),
            ]);
        }
        // The one that is in the pot.
        $query = ServiceItem::query();
        $query->where('service_id', $service->id)->whereHas('version', static fn(Builder $version): Builder => $version->whereHas('dish', static fn(Builder $dish): Builder => $dish->where('title', self::IN_THE_POT)));
        (new HalfMadeRun(app()->make(RunView::class, ['shelves' => new VersionShelf($shelf, app())]), app(Making::class), app(WeighOut::class)))->of($query->firstOrFail());
    }

    /** Who works at the tea room. Nobody knows their passwords: the demo is signed in to with one press. */
    private static function people(Studio $studio): void
    {
        foreach ([['Ilka', Role::Owner], ['Jorun', Role::Developer], ['Matteo', Role::Cook], ['Sunniva', Role::Taster]] as [$name, $role]) {
            $user = User::query()->create(['name' => $name, 'email' => mb_strtolower($name) . '@observatory.example', 'password' => Str::random(40), 'is_demo' => true]);
            Membership::query()->create(['user_id' => $user->id, 'studio_id' => $studio->id, 'role' => $role]);
        }
    }

    /** What the tea room makes for itself. */
    private function preparation(Studio $studio): void
    {
        $text = "1 litre whole milk\n200 g caster sugar\n\nMethod\nSimmer milk and sugar, stirring now and then, for about an hour, until it weighs 420 g.";
        (new Preparations(new StudioShelf($studio)))->keep($studio, [
            'name' => 'Observatory condensed milk', 'text' => $text, 'measures' => 'metric', 'formula' => FormulaJson::write(Engine::over(IngredientList::shipped())->parse($text)),
            'yield_g' => 420.0, 'boiled_off' => true, 'keeps_days' => 14, 'beside' => 'condensed-milk', 'also_called' => [],
        ]);
    }

    /** @param array{file: string, versions: list<array{diets: list<Diet>, net_carbs?: float}>} $plan */
    private function dish(Studio $studio, Engine $engine, array $plan): void
    {
        $formula = $engine->parse((string) file_get_contents(base_path('core/data/demo/' . $plan['file'] . '.txt')));
        $dish = Dish::query()->create(['studio_id' => $studio->id, 'title' => $formula->title, 'family' => $formula->family->value]);
        $original = $this->version($dish, null, 'Original', Brief::of([]), $formula, ['kind' => 'typed']);
        foreach ($plan['versions'] as $wanted) {
            $brief = Brief::of($wanted['diets'], netCarbs: $wanted['net_carbs'] ?? null);
            $route = $engine->reformulate($original->formula, $brief)[0] ?? null;
            if (!$route instanceof Route) {
                throw new \LogicException("$plan[file] has no route for " . $wanted['diets'][0]->value);
            }
            $this->version($dish, $original, ucfirst($brief->diets[0]->value) . ' 1', $brief, $route->result->formula, RouteFinder::origin(RouteFinder::write($route)));
        }
    }

    /** @param array<string, mixed> $origin */
    private function version(Dish $dish, ?Version $parent, string $name, Brief $brief, Formula $formula, array $origin): Version
    {
        return $this->history->born([
            'studio_id' => $dish->studio_id, 'dish_id' => $dish->id, 'parent_id' => $parent?->id, 'name' => $name,
            'brief' => $brief->toArray(), 'formula' => $formula, 'origin' => $origin,
        ], $origin['kind'] === 'route' ? 'route' : 'typed', [$parent === null ? 'Written down' : "From $parent->name"]);
    }
}
