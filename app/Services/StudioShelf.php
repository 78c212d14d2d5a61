<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Evidence;
use App\Models\OwnIngredient;
use App\Models\Studio;
use Illuminate\Support\Facades\DB;
use Transmuta\Diet\Diet;
use Transmuta\Diet\Evidence as Seen;
use Transmuta\Diet\EvidenceBook;
use Transmuta\Diet\Kitchen;
use Transmuta\Property\Setting\Strengths;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\IngredientList;
use Transmuta\Shelf\Shelf;

/**
 * A studio's shelf out of the store: reference rows, its own over them, what its packets proved. Compiled once per state of the shelf into a
 * file that the opcode cache keeps, since every request reads it and hardly any changes it.
 *
 * @phpstan-type State array{rows: array<string, array<string, mixed>>, hashes: array<string, string>, own: list<string>, evidence: list<array{string, string, bool, string, string, ?string, string}>}
 */
final class StudioShelf
{
    /** @var ?State read when it is first asked for: a kept reading needs none of it */
    private ?array $compiled = null;

    private ?Shelf $shelf = null;

    /** @param ?string $author how whoever writes signs it; the studio's own name where nobody does */
    public function __construct(private readonly Studio $studio, private readonly ?string $author = null) {}

    public function shelf(): Shelf
    {
        return $this->shelf ??= IngredientList::byId($this->load()['rows']);
    }

    public function evidence(): EvidenceBook
    {
        return EvidenceBook::on(now()->toDateString(), array_map(
            static fn(array $e): Seen => new Seen($e[0], Diet::from($e[1]), $e[2], $e[3], $e[4], $e[5], $e[6]),
            array_filter($this->load()['evidence'], static fn(array $e): bool => Diet::tryFrom($e[1]) !== null),
        ));
    }

    /** What the row of an ingredient holds, as a fingerprint; null where the shelf has none. */
    public function hash(string $slug): ?string
    {
        return $this->load()['hashes'][$slug] ?? null;
    }

    /** @return array<string, mixed>|null */
    public function row(string $slug): ?array
    {
        return $this->load()['rows'][$slug] ?? null;
    }

    /**
     * @return list<string> ids of what is called so: every word sought begins a word of the name
     */
    public function called(string $sought): array
    {
        $parts = array_filter(explode(' ', mb_strtolower($sought)), static fn(string $part): bool => $part !== '');
        if ($parts === []) {
            return [];
        }
        $begins = static fn(string $name, string $part): bool => preg_match('/(?<![\p{L}\p{N}])' . preg_quote($part, '/') . '/u', $name) === 1;

        $rows = $this->load()['rows'];

        return array_values(array_filter(
            array_map(strval(...), array_keys($rows)),
            static function (string $slug) use ($rows, $parts, $begins): bool {
                $name = mb_strtolower(\is_string($name = $rows[$slug]['name'] ?? null) ? $name : $slug);

                return array_filter($parts, static fn(string $part): bool => !$begins($name, $part)) === [];
            },
        ));
    }

    public function isOwn(string $slug): bool
    {
        return \in_array($slug, $this->load()['own'], true);
    }

    /** @return array<string, mixed> what the studio has chosen where practitioners disagree */
    public function schools(): array
    {
        return $this->studio->schools ?? [];
    }

    /** Whether anything is read otherwise than the shipped model says. */
    public function isLearned(): bool
    {
        return ($this->studio->factors ?? []) !== [];
    }

    /** What the kitchen's own trials say of the set, where somebody took that over. */
    public function strengths(Reference $reference): Strengths
    {
        return Strengths::read($this->studio->factors ?? [], $reference);
    }

    /** What the kitchen handles and shares. */
    public function kitchen(): Kitchen
    {
        return Kitchen::from($this->studio->kitchen ?? []);
    }

    /** Who writes. */
    public function author(): string
    {
        return $this->author ?? $this->studio->name;
    }

    /** Changes with every write to the shelf. */
    public function state(): string
    {
        return $this->studio->id . '.' . $this->studio->shelf_revision;
    }

    /** @return State */
    private function load(): array
    {
        return $this->compiled ??= Compiled::of($this->family(), (string) $this->studio->shelf_revision, $this->compile(...), $this->isSettled());
    }

    /** Whether what is read now will stand: a change that is taken back leaves its number to the next one. A test is a transaction itself. */
    private function isSettled(): bool
    {
        return DB::transactionLevel() <= (app()->runningUnitTests() ? 1 : 0);
    }

    /** What its compiled files are called by: one database is told from another, so that a store made anew never meets the file of the one before. */
    public function family(): string
    {
        return 'shelf-' . $this->studio->id . '-' . substr(hash('xxh128', $this->studio->created_at . DB::connection()->getDatabaseName()), 0, 8);
    }

    /** @return State */
    private function compile(): array
    {
        $rows = $hashes = $own = [];
        foreach (DB::table('reference_ingredients')->orderBy('id')->get(['slug', 'hash', 'content']) as $row) {
            $rows[(string) $row->slug] = self::decode($row->content);
            $hashes[(string) $row->slug] = (string) $row->hash;
        }
        $owned = OwnIngredient::query();
        $owned->where('studio_id', $this->studio->id)->orderBy('id');
        foreach ($owned->get() as $ingredient) {
            $rows[$ingredient->slug] = $ingredient->content;
            $hashes[$ingredient->slug] = $ingredient->hash;
            $own[] = $ingredient->slug;
        }
        $seen = Evidence::query();
        $seen->where('studio_id', $this->studio->id)->orderBy('id');
        $evidence = $seen->get()->map(static fn(Evidence $e): array => [$e->slug, $e->diet, $e->meets, $e->note, $e->seen_on, $e->expires_on, $e->who])->values()->all();

        return ['rows' => $rows, 'hashes' => $hashes, 'own' => $own, 'evidence' => array_values($evidence)];
    }

    /** @return array<string, mixed> */
    private static function decode(mixed $json): array
    {
        /** @var array<string, mixed> $row */
        $row = json_decode(\is_string($json) ? $json : '{}', true, 32, JSON_THROW_ON_ERROR);

        return $row;
    }
}
