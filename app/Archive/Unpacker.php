<?php

declare(strict_types=1);

namespace App\Archive;

use App\Access\Role;
use App\Models\Membership;
use App\Models\OwnIngredient;
use App\Models\Studio;
use App\Models\User;
use App\Models\Version;
use App\Services\Doors;
use App\Services\Photos;
use App\Services\Tastings;
use Illuminate\Database\QueryException;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Schema;
use Transmuta\Engine;
use Transmuta\Fault\Failure;
use Transmuta\Fault\Nonsense;
use Transmuta\Process\Costing\Rates;
use Transmuta\Process\Shopping\Article;
use Transmuta\Process\Words\Measures;
use Transmuta\Process\Words\OwnStep;
use Transmuta\Property\Setting\Strengths;
use Transmuta\Shelf\IngredientRow;
use Transmuta\Trial\Learning\Finding;
use Transmuta\Trial\Pots\DoseCurve;

/**
 * Makes a new studio out of an archive that {@see Packer} wrote. Nothing is unpacked to the disk and nothing of what is there is touched: every
 * id is given anew, every file must be what the manifest says, every formula and ingredient is read by the core before it counts, and a state
 * of an ingredient must be what its fingerprint says, since those are shared between studios. All of it comes, or nothing.
 */
final class Unpacker
{
    /** @var array<string, array<int, int>> by table: the id here for the id there */
    private array $ids = [];

    public function __construct(private readonly Engine $engine) {}

    /**
     * @return array{studio: Studio, rows: array<string, int>}
     *
     * @throws Nonsense naming the file and the row that cannot be right
     */
    public function unpack(string $file, User $owner, int $most = Opened::MOST_BYTES): array
    {
        $zip = Opened::of($file, $most);
        try {
            $counts = $zip->checked();

            /** @var array{studio: Studio, rows: array<string, int>} $made */
            $made = DB::transaction(function () use ($zip, $owner, $counts): array {
                $studio = $this->studio($zip, $owner);
                $rows = ['states' => $this->states($zip)];
                foreach (array_keys(Contents::TABLES) as $table) {
                    $rows[$table] = $this->table($zip, $studio, $table);
                }
                foreach ($rows as $table => $n) {
                    $name = $table === 'states' ? 'states.jsonl' : Contents::place($table);
                    if ($n !== ($counts[$name] ?? null)) {
                        throw Nonsense::of($name, "$n rows", 'the manifest says ' . ($counts[$name] ?? 'none') . '; export it again');
                    }
                }
                self::derive($studio);

                return ['studio' => $studio, 'rows' => $rows];
            });

            return $made;
        } finally {
            $zip->close();
        }
    }

    private function studio(Opened $zip, User $owner): Studio
    {
        foreach ($zip->rows('studio.jsonl') as $at => $row) {
            self::onlyColumns('studio.jsonl', $at, $row, Contents::STUDIO);
            self::read('studio.jsonl', static fn() => Shapes::of('studio.jsonl', 'studio', self::map($row)));
            $name = \is_string($row['name']) ? trim($row['name']) : '';
            $currency = \is_string($row['currency']) ? $row['currency'] : '';
            if ($name === '' || mb_strlen($name) > 120 || preg_match('/^[A-Z]{3}$/', $currency) !== 1) {
                throw Nonsense::of('studio.jsonl', "$name, $currency", 'it needs a name and the three letters of a currency');
            }
            self::read('studio.jsonl', static fn() => Measures::read($row['measures'] === null ? [] : self::map($row['measures'])));
            self::read('studio.jsonl', static fn() => Rates::read(($row['rates'] ?? null) === null ? [] : self::map($row['rates'])));
            self::read('studio.jsonl', fn() => Strengths::read($row['factors'] === null ? [] : self::map($row['factors']), $this->engine->reader->reference));
            $studio = Studio::query()->create(['slug' => Doors::freeSlug($name), 'name' => $name, 'currency' => $currency, 'schools' => [], 'shelf_revision' => 1]);
            DB::table('studios')->where('id', $studio->id)->update(['schools' => self::text($row['schools']), 'kitchen' => self::text($row['kitchen']), 'measures' => self::text($row['measures']), 'factors' => self::text($row['factors']), 'rates' => self::text($row['rates'] ?? null)]);
            Membership::query()->create(['user_id' => $owner->id, 'studio_id' => $studio->id, 'role' => Role::Owner]);

            return $studio->refresh();
        }
        throw Nonsense::of('studio.jsonl', 'nothing', 'it needs a studio');
    }

    private function states(Opened $zip): int
    {
        $n = 0;
        foreach ($zip->rows('states.jsonl') as $at => $row) {
            self::onlyColumns('states.jsonl', $at, $row, ['hash', 'slug', 'content']);
            $content = self::map($row['content']);
            if (OwnIngredient::fingerprint($content) !== $row['hash'] || ($content['id'] ?? $row['slug']) !== $row['slug']) {
                throw Nonsense::of("states.jsonl, row $at", \is_string($row['slug']) ? $row['slug'] : '?', 'it is not what its fingerprint says; export the studio again');
            }
            self::read("states.jsonl, row $at", static fn() => IngredientRow::ingredient($content));
            DB::table('ingredient_states')->insertOrIgnore(['hash' => $row['hash'], 'slug' => $row['slug'], 'content' => self::text($row['content'])]);
            ++$n;
        }

        return $n;
    }

    private function table(Opened $zip, Studio $studio, string $table): int
    {
        $name = Contents::place($table);
        $isByVersion = \in_array($table, Contents::BY_VERSION, true);
        $columns = array_values(array_diff(Schema::getColumnListing($table), ['studio_id', ...Contents::MADE_ANEW[$table] ?? []]));
        $hasId = \in_array('id', $columns, true);
        $n = 0;
        foreach ($zip->rows($name) as $at => $row) {
            $where = "$name, row $at";
            $row = Earlier::asNow($table, $row);
            self::onlyColumns($name, $at, $row, $columns);
            $this->understood($where, $table, $row);
            foreach (Contents::JSON[$table] ?? [] as $column) {
                $row[$column] = self::text($row[$column]);
            }
            foreach (Contents::TABLES[$table] as $column => $to) {
                $row[$column] = $row[$column] === null ? null : $this->here($where, $column, $to, $row[$column]);
            }
            if ($table === 'tastings') {
                $row['samples'] = self::text($this->samples($row['samples']));
                // What opens its table is a secret of the store.
                $row['code'] = Tastings::freeCode();
            }
            $there = $row['id'] ?? null;
            unset($row['id']);
            foreach ($row as $column => $value) {
                if ($value !== null && !\is_scalar($value)) {
                    throw Nonsense::of($where, $column, 'a single value stands there');
                }
            }
            try {
                $query = DB::table($table);
                $own = $isByVersion ? $row : ['studio_id' => $studio->id] + $row;
                if ($hasId) {
                    if (!\is_int($there)) {
                        throw Nonsense::of($where, 'id', 'a whole number stands there');
                    }
                    $this->ids[$table][$there] = $query->insertGetId($own);
                } else {
                    $query->insert($own);
                }
            } catch (QueryException) {
                throw Nonsense::of($where, 'the row', 'the store cannot hold it so; export the studio again');
            }
            ++$n;
        }

        return $n;
    }

    /**
     * What was tasted, by the versions it is of here; of one that is not among what came, its name and what it contained are kept.
     *
     * @return list<array<string, mixed>>
     */
    private function samples(mixed $text): array
    {
        $samples = [];
        foreach (self::map(json_decode(\is_string($text) ? $text : '[]', true, Contents::DEPTH)) as $one) {
            $one = \is_array($one) ? $one : [];
            foreach (['version_id' => 'versions', 'revision_id' => 'revisions'] as $column => $table) {
                $there = $one[$column] ?? null;
                $one[$column] = \is_int($there) ? ($this->ids[$table][$there] ?? null) : null;
            }
            $samples[] = $one;
        }

        return $samples;
    }

    /** The id here of a row that stood there. */
    private function here(string $where, string $column, string $table, mixed $there): int
    {
        $here = \is_int($there) ? ($this->ids[$table][$there] ?? null) : null;
        if ($here === null) {
            throw Nonsense::of($where, \sprintf('%s %s', $column, json_encode($there)), "no row of $table is that one");
        }

        return $here;
    }

    /**
     * Reads what only the core can judge.
     *
     * @param array<string, mixed> $row
     */
    private function understood(string $where, string $table, array $row): void
    {
        self::read($where, static fn() => Shapes::of($where, $table, self::map($row)));
        if (\array_key_exists('formula', $row)) {
            self::read($where, fn() => $this->engine->json->read(self::map($row['formula'])));
        }
        if ($table === 'price_lists') {
            self::read($where, static fn() => array_map(static fn(mixed $one): Article => Article::read('', self::map($one)), self::map($row['articles'])));
        }
        if ($table === 'trials') {
            self::read($where, static fn() => self::trial(self::map($row['found'])));
        }
        if ($table === 'pot_ladders') {
            self::read($where, static fn() => self::ladder(self::map($row['design']), self::map($row['asked'])));
        }
        if ($table === 'trial_photos') {
            self::read($where, static fn() => Photos::drawnAnew(\is_string($row['jpeg']) ? $row['jpeg'] : ''));
        }
        if ($table === 'versions' && $row['method'] !== null) {
            self::read($where, static fn() => array_map(static fn(mixed $one): OwnStep => OwnStep::read(self::map($one)), self::map($row['method'])));
        }
        if ($table === 'own_ingredients') {
            $content = self::map($row['content']);
            self::read($where, static fn() => IngredientRow::ingredient($content));
            if (OwnIngredient::fingerprint($content) !== $row['hash']) {
                throw Nonsense::of($where, 'hash', 'it is not what its fingerprint says; export the studio again');
            }
        }
    }

    /** @param array<string, mixed> $found */
    private static function trial(array $found): void
    {
        foreach (\is_array($found['layers'] ?? null) ? $found['layers'] : throw Nonsense::of('found', 'layers', 'it has a list of layers') as $one) {
            $one = \is_array($one) ? $one : [];
            Finding::read($one);
            if (!\is_string($one['layer_id'] ?? null) || !is_numeric($one['u'] ?? null) || !is_numeric($one['sd'] ?? null)) {
                throw Nonsense::of('found', 'layers', 'each names its layer, and where on the ladder it was found');
            }
        }
        foreach (['grain', 'ph', 'brix', 'height_mm', 'weep_g', 'colour', 'cut', 'keeps'] as $key) {
            if (!\array_key_exists($key, $found)) {
                throw Nonsense::of('found', $key, 'it stands there, as nothing where nobody looked');
            }
        }
    }

    /**
     * @param array<string, mixed> $design
     * @param array<string, mixed> $asked
     */
    private static function ladder(array $design, array $asked): void
    {
        if (!\is_string($design['layer'] ?? null) || !\is_array($design['agents'] ?? null) || !\is_array($design['pots'] ?? null) || !\is_array($asked['lines'] ?? null) || !is_numeric($asked['wanted'] ?? null)) {
            throw Nonsense::of('design', 'the pots', 'it has a layer, what is stepped, and its pots');
        }
        foreach ($design['pots'] as $pot) {
            if (!\is_array($pot) || !\is_int($pot['code'] ?? null) || !is_numeric($pot['dose'] ?? null)) {
                throw Nonsense::of('design', 'a pot', 'each has its code and its dose');
            }
        }
        if (isset($design['curve'])) {
            /** @var array{mechanism: string, dose: float, doses: list<float>, parts: list<array<string, float>>} $curve */
            $curve = $design['curve'];
            if (!is_finite(DoseCurve::read($curve)->ge(1.0))) {
                throw Nonsense::of('design', 'its curve', 'it says what a dose comes to');
            }
        }
    }

    /** @param callable(): mixed $read */
    private static function read(string $where, callable $read): void
    {
        try {
            $read();
        } catch (Failure|\TypeError|\ValueError|\ErrorException $wrong) {
            throw Nonsense::of($where, 'what it holds', lcfirst(rtrim($wrong instanceof Failure ? $wrong->getMessage() : 'it is not of its kind', '.')));
        }
    }

    /** What is made anew of what came. */
    private static function derive(Studio $studio): void
    {
        foreach (Version::withTrashed()->where('studio_id', $studio->id)->lazyById(200) as $version) {
            $version->hold($version->formula->holds());
        }
    }

    /**
     * @param array<string, mixed> $row
     * @param list<string> $columns
     */
    private static function onlyColumns(string $name, int $at, array $row, array $columns): void
    {
        $odd = [...array_diff($columns, array_keys($row)), ...array_diff(array_keys($row), $columns)];
        if ($odd !== []) {
            throw Nonsense::of("$name, row $at", implode(', ', $odd), 'a row has just these: ' . implode(', ', $columns));
        }
    }

    private static function text(mixed $value): ?string
    {
        return $value === null ? null : json_encode($value, \JSON_THROW_ON_ERROR | \JSON_UNESCAPED_UNICODE);
    }

    /** @return array<string, mixed> */
    private static function map(mixed $value): array
    {
        /** @var array<string, mixed> $map */
        $map = (array) json_decode((string) json_encode($value), true, Contents::DEPTH);

        return $map;
    }
}
