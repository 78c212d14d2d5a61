<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Dish;
use App\Models\Studio;
use App\Models\Trial;
use App\Models\Version;
use App\Support\Like;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Query\Builder as Query;
use Illuminate\Support\Facades\DB;
use Transmuta\Diet\Allergens;
use Transmuta\Diet\Diet;
use Transmuta\Diet\DietRules;
use Transmuta\Diet\EvidenceBook;
use Transmuta\Diet\FreeFrom;
use Transmuta\Engine;
use Transmuta\Shelf\Ingredient;

/**
 * Finds dishes as a kitchen asks for them. Diets and allergens are answered from what each version holds by today's shelf, so that a packet
 * changed this morning counts; a version with an open line answers none of them. A diet that is a matter of amounts is answered by what a
 * version was made for, and says so.
 *
 * @phpstan-type Wanted array{q: string, family: ?string, diets: list<Diet>, free: list<string>, state: ?string, sort: string}
 */
final readonly class DishSearch
{
    public const PAGE = 60;

    /** Words of a search that are looked for one by one; more than these are a sentence. */
    private const MOST_WORDS = 6;

    public const STATES = ['due', 'waiting', 'open', 'unmade', 'off', 'foretold', 'away'];

    public const SORTS = ['touched', 'name', 'due', 'made'];

    /** How a version answers what was asked: nothing speaks against it, or packets have to be asked first. */
    public const CLEAR = 'clear';

    public const ASK = 'ask';

    /** What it was made for: an amount that no ingredient decides by itself. */
    public const MADE_FOR = 'made for';

    public function __construct(private StudioShelf $shelf, private Uses $uses) {}

    /**
     * @param Wanted $wanted
     * @param list<callable(Query): mixed> $fits what a version must fulfil ({@see fits})
     *
     * @return Builder<Dish> in the order asked, without their versions
     */
    public function of(Studio $studio, array $wanted, array $fits): Builder
    {
        $query = Dish::query();
        $query->where('dishes.studio_id', $studio->id)->select('dishes.*');
        $wanted['state'] === 'away' ? $query->whereNotNull('away_at') : $query->whereNull('away_at');
        if ($wanted['family'] !== null) {
            $query->where('family', $wanted['family']);
        }
        if ($wanted['q'] !== '') {
            $this->sought($query, $studio, $wanted['q']);
        }
        if (\in_array($wanted['state'], ['due', 'waiting'], true)) {
            $query->whereExists(static function (Query $errand) use ($wanted): void {
                $errand->from('errands')->whereColumn('errands.dish_id', 'dishes.id')->whereNull('done_on');
                $wanted['state'] === 'due' ? $errand->where('due_on', '<=', now()->addDays(7)->toDateString()) : $errand->where('waits_for', '!=', '');
            });
        }
        if ($fits !== []) {
            $query->whereExists(static function (Query $version) use ($fits): void {
                $version->from('versions')->whereColumn('versions.dish_id', 'dishes.id')->whereNull('versions.deleted_at');
                foreach ($fits as $fit) {
                    $fit($version);
                }
            });
        }

        return self::sorted($query, $wanted['sort']);
    }

    /**
     * How each version answers, by id; those that do not are not in it, and nothing is where no diet and no allergen was asked for.
     *
     * @param Wanted $wanted
     * @param list<callable(Query): mixed> $fits what a version must fulfil ({@see fits})
     * @param list<int> $dishes ids
     *
     * @return array<int, string>
     */
    public function answers(array $wanted, array $fits, array $dishes): array
    {
        if (($wanted['diets'] === [] && $wanted['free'] === []) || $dishes === []) {
            return [];
        }
        $found = Version::query()->toBase()->whereIn('dish_id', $dishes);
        foreach ($fits as $fit) {
            $fit($found);
        }
        /** @var list<int> $ids */
        $ids = $found->pluck('versions.id')->all();
        $amounts = array_filter($wanted['diets'], self::isByPortion(...));
        $rules = array_filter($wanted['diets'], static fn(Diet $diet): bool => !self::isByPortion($diet));
        $book = $this->shelf->evidence();
        $asking = $rules === [] ? [] : $this->slugs(static fn(Ingredient $in): bool => array_filter($rules, static fn(Diet $diet): bool => self::asks($book, $diet, $in)) !== []);
        foreach ($wanted['free'] as $allergen) {
            $asking = [...$asking, ...$this->slugs(static fn(Ingredient $in): bool => !FreeFrom::speaksOf($in, $allergen) && !FreeFrom::isClear($in, $allergen))];
        }
        /** @var list<int> $asks */
        $asks = $asking === [] ? [] : DB::table('version_ingredients')->whereIn('version_id', $ids)->whereIn('slug', $asking)->distinct()->pluck('version_id')->all();
        // No calculation shows 20 mg/kg: gluten-free is always asked.
        $all = \in_array(Diet::GlutenFree, $rules, true);

        return array_combine($ids, array_map(static fn(int $id): string => match (true) {
            $all || \in_array($id, $asks, true) => self::ASK,
            $amounts !== [] => self::MADE_FOR,
            default => self::CLEAR,
        }, $ids));
    }

    /** @return list<string> ids of the shelf that a search for these words means, with what is made of them */
    private function holding(Studio $studio, string $sought): array
    {
        // By its name on the shelf, and by whatever a kitchen calls it: gelatine, single cream, cornstarch.
        $meant = app(Engine::class)->lines->ingredientNamed($sought);
        $called = array_values(array_unique([...$this->shelf->called($sought), ...($meant === null ? [] : [$meant])]));

        return $called === [] ? [] : $this->uses->with($studio, $called);
    }

    /**
     * What is written is sought as it stands, and word by word: "custard 300" is the set custard no. 300, "eggless yolk" an eggless version of a dish with yolk.
     *
     * @param Builder<Dish> $query
     */
    private function sought(Builder $query, Studio $studio, string $sought): void
    {
        $words = \array_slice(array_values(array_filter(preg_split('/\s+/u', $sought) ?: [], static fn(string $word): bool => $word !== '')), 0, self::MOST_WORDS);
        $whole = $this->answering($studio, $sought);
        $each = \count($words) < 2 ? [] : array_map(fn(string $word): \Closure => $this->answering($studio, $word), $words);
        $query->where(static function (Builder $either) use ($whole, $each): void {
            $either->where($whole);
            if ($each !== []) {
                $either->orWhere(static function (Builder $all) use ($each): void {
                    foreach ($each as $one) {
                        $all->where($one);
                    }
                });
            }
        });
    }

    /** @return \Closure(Builder<Dish>): void what a dish fulfils whose name, version, ingredient or errand these words mean */
    private function answering(Studio $studio, string $sought): \Closure
    {
        $like = Like::holding($sought);
        $slugs = $this->holding($studio, $sought);

        return static function (Builder $any) use ($like, $slugs): void {
            $any->where('title', 'like', $like)->orWhereExists(static function (Query $version) use ($like, $slugs): void {
                $version->from('versions')->whereColumn('versions.dish_id', 'dishes.id')->whereNull('versions.deleted_at')->where(static function (Query $either) use ($like, $slugs): void {
                    $either->where('versions.name', 'like', $like);
                    if ($slugs !== []) {
                        $either->orWhereExists(static fn(Query $held) => $held->from('version_ingredients')->whereColumn('version_id', 'versions.id')->whereIn('slug', $slugs));
                    }
                });
            })->orWhereExists(static fn(Query $errand) => $errand->from('errands')->whereColumn('errands.dish_id', 'dishes.id')->whereNull('done_on')->where(
                static fn(Query $either) => $either->where('waits_for', 'like', $like)->orWhere('words', 'like', $like),
            ));
        };
    }

    /**
     * What one version must fulfil, all of it the same one.
     *
     * @param Wanted $wanted
     *
     * @return list<callable(Query): mixed>
     */
    public function fits(array $wanted): array
    {
        $fits = [];
        $barred = [];
        $book = $this->shelf->evidence();
        foreach ($wanted['diets'] as $diet) {
            if (self::isByPortion($diet)) {
                $fits[] = static fn(Query $version) => $version->whereJsonContains('versions.brief->diets', $diet->value);
            } else {
                $barred = [...$barred, ...$this->slugs(static fn(Ingredient $in): bool => self::breaks($book, $diet, $in))];
            }
        }
        foreach ($wanted['free'] as $allergen) {
            $barred = [...$barred, ...$this->slugs(static fn(Ingredient $in): bool => FreeFrom::speaksOf($in, $allergen))];
        }
        if ($wanted['free'] !== [] || $wanted['diets'] !== []) {
            $fits[] = static fn(Query $version) => $version->where('versions.open_lines', 0)->whereNotExists(static fn(Query $held) => $held->from('version_ingredients')->whereColumn('version_id', 'versions.id')->whereIn('slug', array_values(array_unique($barred))));
        }
        $state = self::state($wanted['state']);

        return $state === null ? $fits : [...$fits, $state];
    }

    /** @return ?callable(Query): mixed what a version in a state fulfils; null for a state of the dish */
    public static function state(?string $state): ?callable
    {
        $latest = static fn(string $sign): \Closure => static fn(Query $version) => $version->whereExists(static fn(Query $trial) => $trial->from('trials')->whereColumn('trials.version_id', 'versions.id')
            ->whereRaw('trials.id = (select max(last.id) from trials last where last.version_id = versions.id)')
            ->whereRaw("trials.set_step $sign " . Trial::foretold()));

        return match ($state) {
            'open' => static fn(Query $version) => $version->where('versions.open_lines', '>', 0),
            'unmade' => static fn(Query $version) => $version->whereNotNull('versions.parent_id')->whereNotExists(static fn(Query $trial) => $trial->from('trials')->whereColumn('trials.version_id', 'versions.id')),
            'off' => $latest('<>'),
            'foretold' => $latest('='),
            default => null,
        };
    }

    /**
     * @param Builder<Dish> $query
     *
     * @return Builder<Dish>
     */
    private static function sorted(Builder $query, string $sort): Builder
    {
        $soonest = '(select coalesce(min(due_on), \'9999-12-31\') from errands where errands.dish_id = dishes.id and done_on is null)';
        $touched = '(select coalesce(max(versions.updated_at), dishes.updated_at) from versions where versions.dish_id = dishes.id)';
        match ($sort) {
            'name' => $query->orderBy('title')->orderBy('dishes.id'),
            'due' => $query->selectRaw("$soonest as soonest")->orderBy('soonest')->orderBy('dishes.id'),
            'made' => $query->orderByDesc('dishes.id'),
            default => $query->selectRaw("$touched as touched")->orderByDesc('touched')->orderByDesc('dishes.id'),
        };

        return $query;
    }

    private static function breaks(EvidenceBook $book, Diet $diet, Ingredient $in): bool
    {
        $seen = $book->of($in->id, $diet);

        return DietRules::bans($diet, $in) || ($seen !== null && !$seen->meets);
    }

    private static function asks(EvidenceBook $book, Diet $diet, Ingredient $in): bool
    {
        return $book->of($in->id, $diet) === null && DietRules::question($diet, $in) !== null;
    }

    /** Whether a portion's figures decide, or what is done to it: no list of ingredients answers it. */
    private static function isByPortion(Diet $diet): bool
    {
        return $diet->isByAmount() || $diet === Diet::Keto || $diet === Diet::Raw;
    }

    /**
     * @param callable(Ingredient): bool $is
     *
     * @return list<string>
     */
    private function slugs(callable $is): array
    {
        return array_values(array_map(static fn(Ingredient $in): string => $in->id, array_filter($this->shelf->shelf()->all(), $is)));
    }
}
