<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Revision;
use App\Models\Version;
use Transmuta\Engine;
use Transmuta\Format\FormulaChanges;
use Transmuta\Format\FormulaJson;
use Transmuta\Format\MethodJson;
use Transmuta\Format\ReadingChanges;
use Transmuta\Format\ReadingJson;
use Transmuta\Formula\Formula;
use Transmuta\Formula\LayerKeys;
use Transmuta\Method\Reading\MethodReader;
use Transmuta\Property\DishReading;
use Transmuta\Property\Look\Section;
use Transmuta\Property\Warning;
use Transmuta\Reformulation\Brief\Schools;
use Transmuta\Reformulation\Deviation\Rail;
use Transmuta\Watch\Cure;

/**
 * What the Bench shows of a version: its reading and section beside the original's, the rails between them, the watch.
 *
 * @phpstan-import-type Member from Version
 */
final readonly class BenchView
{
    public function __construct(private StudioShelf $shelf, private VersionShelf $shelves, private KeptReadings $kept) {}

    /** @return string the answer as JSON; what was kept of a reading goes out as it was written the first time */
    public function of(Version $version): string
    {
        $original = $version->aim();
        $lineage = $version->lineage();
        $fresh = self::json([
            'version' => [
                'id' => $version->id,
                'dish_id' => $version->dish_id,
                'dish_title' => $version->dish->title,
                'family' => $version->dish->family,
                'parent_id' => $version->parent_id,
                'name' => $version->name,
                'brief' => $version->brief,
                'origin' => $version->origin,
                'notes' => $version->notes,
                'said' => $version->said,
                'dish_revision' => $version->dish->revision,
                'wanted' => (object) $version->wanted,
                'schools' => (object) $version->dish->schools,
                'schools_at_work' => Schools::atWork(...$this->shelves->schools($version)),
                'revision' => $version->revision,
                'standing' => $version->standing(),
                'aim' => $this->aimed($version, $lineage),
                'saved_at' => $version->updated_at->toIso8601String(),
            ],
            'lineage' => array_map(static fn(array $one): array => array_intersect_key($one, ['id' => 1, 'name' => 1, 'parent_id' => 1, 'aims_at' => 1]), $lineage),
            'trials' => $version->trials->map(TrialBook::write(...))->all(),
        ]);
        $read = $this->kept->of($version, $original, fn(): string => self::json($this->read($version, $original)));

        return substr($fresh, 0, -1) . ',' . substr($read, 1);
    }

    /**
     * What it aims at: for a version the revision of the original, and whether that has moved on since; for the original the versions that aim
     * at an earlier state of it.
     *
     * @param list<Member> $lineage
     *
     * @return array{number: ?int, is_behind: bool, behind: list<array{id: int, name: string}>}
     */
    private function aimed(Version $version, array $lineage): array
    {
        $now = $lineage[0]['number'] ?? 0;
        $own = array_column($lineage, 'aims_at', 'id')[$version->id] ?? null;
        $behind = array_values(array_filter($lineage, static fn(array $one): bool => $one['aims_at'] !== null && $one['aims_at'] !== $now));

        return ['number' => $own, 'is_behind' => $own !== null && $own !== $now, 'behind' => $version->parent_id === null ? array_map(static fn(array $one): array => ['id' => $one['id'], 'name' => $one['name']], $behind) : []];
    }

    /** @return array<string, mixed> two states of a version: both sides, what was done, and what it came to */
    public function compareRevisions(Version $version, Revision $a, Revision $b): array
    {
        $as = static fn(Revision $then): Version => $version->as($then)->fill(['name' => "Revision $then->number"]);

        return [
            ...$this->compare($as($a), $as($b)),
            'words' => (new FormulaChanges($this->shelf->shelf()))->between($a->formula, $b->formula),
        ];
    }

    /**
     * Two states of a dish, of whichever versions.
     *
     * @param array{Version, Revision} $a
     * @param array{Version, Revision} $b
     *
     * @return array<string, mixed>
     */
    public function compareAny(array $a, array $b): array
    {
        $as = static fn(Version $version, Revision $then): Version => $version->as($then)->fill(['name' => "$version->name, revision $then->number"]);

        return [...$this->compare($as(...$a), $as(...$b)), 'words' => (new FormulaChanges($this->shelf->shelf()))->between($a[1]->formula, $b[1]->formula)];
    }

    /** @param array<string, mixed> $of */
    private static function json(array $of): string
    {
        return json_encode($of, JSON_THROW_ON_ERROR);
    }

    /** @return array<string, mixed> what has to be computed of it */
    private function read(Version $version, Version $original): array
    {
        $engine = $this->shelves->engine($version);
        $before = $this->shelves->engine($original)->read($original->formula);
        $now = $original->id === $version->id ? $before : $engine->reader->read($version->formula, original: $before);
        $was = $this->side($original->formula, $before);

        return [
            'now' => $now === $before ? $was : $this->side($version->formula, $now),
            'original' => ['version_id' => $original->id, 'name' => $original->name, ...$was],
            'kitchen' => $this->shelf->kitchen()->beside($now->contains),
            'layer_keys' => LayerKeys::of($now->formula->layers),
            'rails' => (object) array_map(static fn(array $rails): array => array_map(self::rail(...), $rails), $engine->balancer->rails($now, $before, wanted: $version->wanted)),
            'watch' => array_map(fn(Warning $w): array => [...self::warning($w), 'cure' => Cure::ready($w->cure, $this->shelf->shelf()), 'cure_words' => $w->cure === null ? null : Cure::words($w->cure, $this->shelf->shelf())], $now->watch),
            'changed_ingredients' => $this->shelves->named($version),
        ];
    }

    /** @return array<string, mixed> two versions of a dish: both sides, and what differs */
    public function compare(Version $version, Version $other): array
    {
        $a = $this->shelves->against($version);
        $b = $this->shelves->against($other);

        return [
            'a' => ['id' => $version->id, 'name' => $version->name, ...$this->side($version->formula, $a)],
            'b' => ['id' => $other->id, 'name' => $other->name, ...$this->side($other->formula, $b)],
            'changes' => ReadingChanges::between($a, $b),
        ];
    }

    /** @return array<string, mixed> a formula with its reading, section and the names of its ingredients */
    public function side(Formula $formula, DishReading $reading): array
    {
        $names = [];
        $fruit = [];
        foreach ($formula->layers as $layer) {
            foreach ($layer->lines as $line) {
                foreach ([$line->ingredient, ...$line->suggestions] as $id) {
                    if ($id !== null) {
                        $in = $this->shelf->shelf()->find($id);
                        $names[$id] = $in->name ?? $id;
                        if ($in !== null && $in->group === 'fruit') {
                            $fruit[$id] = true;
                        }
                    }
                }
            }
        }

        return [
            'formula' => FormulaJson::write($formula),
            'reading' => ReadingJson::write($reading),
            'section' => Section::of($reading),
            'treated' => array_map(static fn(\Transmuta\Formula\Layer $layer): string => $layer->treatment->told(), $formula->layers),
            'names' => (object) $names,
            'fruit' => array_keys($fruit),
            'candidates' => (object) $this->candidates($formula),
            'method' => MethodJson::read($reading->method ?? (new MethodReader())->by($this->shelf->shelf(), $formula), $formula, $this->shelf->shelf()),
        ];
    }

    /**
     * What a line that is not sure may mean instead: a name that is read back as just that, and what 100 g of it hold.
     *
     * @return array<string, array{name: string, called: string, glance: string}>
     */
    private function candidates(Formula $formula): array
    {
        $found = [];
        foreach ($formula->layers as $layer) {
            foreach ($layer->lines as $line) {
                $ids = $line->ingredient === null ? $line->suggestions : ($line->isProvisional() ? [$line->ingredient, ...$line->suggestions] : []);
                foreach ($ids as $id) {
                    $in = $this->shelf->shelf()->find($id);
                    if ($in !== null && !isset($found[$id])) {
                        $found[$id] = ['name' => $in->name, 'called' => app(Engine::class)->lines->nameOf($id, $formula->measures), 'glance' => $in->glance()];
                    }
                }
            }
        }

        return $found;
    }

    /** How far a target can be drawn by hand in one go, tolerances either way. */
    private const REACH = 3.0;

    /** @return array<string, mixed> */
    public static function rail(Rail $rail): array
    {
        return [
            'property' => $rail->property,
            'unit' => $rail->unit,
            'target' => round($rail->target, 3),
            'now' => round($rail->now, 3),
            'tolerance' => $rail->tolerance,
            'residual' => round($rail->residual, 3),
            'met' => $rail->isMet(),
            'target_word' => $rail->targetWord,
            'now_word' => $rail->nowWord,
            'reach' => [round($rail->moved(-self::REACH), 3), round($rail->moved(self::REACH), 3)],
            'low' => $rail->low === null ? null : round($rail->low, 3),
            'high' => $rail->high === null ? null : round($rail->high, 3),
        ];
    }

    /** @return array<string, mixed> */
    public static function warning(Warning $warning): array
    {
        return [...ReadingJson::warning($warning), 'layer' => $warning->layer, 'cure' => $warning->cure];
    }
}
