<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\OwnIngredient;
use App\Models\Studio;
use Illuminate\Support\Facades\DB;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\ImpossiblePanel;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\PacketIngredient;
use Transmuta\Shelf\PacketPanel;
use Transmuta\Shelf\Shelf;

/** Packets a studio enters: each becomes an ingredient of its own or its own view of a reference row, which itself never changes. */
final readonly class OwnShelf
{
    /** Characters of a name, as its column holds them. */
    private const MOST_NAME = 160;

    public function __construct(private Shelf $shelf, private Reference $reference, private Preparations $preparations) {}

    /**
     * What a packet makes, without keeping it.
     *
     * @param array<string, mixed> $packet columns of {@see \Transmuta\Format\IngredientCsv}
     *
     * @throws ImpossiblePanel with every reason, by field
     */
    public function make(array $packet, string $slug): PacketIngredient
    {
        $text = static fn(string $key): ?string => \is_string($packet[$key] ?? null) && trim($packet[$key]) !== '' ? trim($packet[$key]) : null;
        $number = static fn(string $key): ?float => is_numeric($packet[$key] ?? null) ? (float) $packet[$key] : null;
        $list = static fn(string $key): ?array => \is_array($packet[$key] ?? null) ? array_values(array_filter($packet[$key], is_string(...))) : null;
        $name = (string) $text('name');
        if (mb_strlen($name) > self::MOST_NAME) {
            throw new ImpossiblePanel(['name' => \sprintf('A name has at most %d characters; this has %d. Is a quotation mark left open in the row?', self::MOST_NAME, mb_strlen($name))]);
        }
        if (preg_match('/[\p{Cc}\x{200B}-\x{200F}\x{202A}-\x{202E}\x{2060}-\x{2069}\x{FEFF}]/u', $name) === 1) {
            throw new ImpossiblePanel(['name' => 'There are signs in the name that cannot be seen. Type it anew.']);
        }
        $like = null;
        if ($text('like') !== null) {
            $like = $this->likeness((string) $text('like')) ?? throw new ImpossiblePanel(['like' => \sprintf('The shelf has no "%s": choose the ingredient it is most like.', $text('like'))]);
        }
        $panel = PacketPanel::of(array_combine(PacketPanel::FIELDS, array_map($number, PacketPanel::FIELDS)), $number('serving_g'), (bool) ($packet['carbohydrate_with_fibre'] ?? false));
        $about = ['id' => $slug, 'name' => $name, 'names' => $list('also_called') ?? []];
        if ($number('price_minor_per_kg') !== null) {
            $about['price_minor_per_kg'] = (int) $number('price_minor_per_kg');
        }
        foreach (['allergens', 'may_contain'] as $key) {
            if ($list($key) !== null) {
                $about[$key] = $list($key);
            }
        }

        $about['declared'] = $text('declared');
        $about['sulphites'] = $number('sulphites');

        return PacketIngredient::of($panel, $about, $like, $text('source') ?? 'packet', $this->reference);
    }

    /**
     * @param array<string, mixed> $packet
     * @param ?int $seen the revision a window has seen of it
     */
    public function keep(Studio $studio, array $packet, ?string $slug = null, ?int $seen = null): OwnIngredient
    {
        /** @var OwnIngredient $kept */
        $kept = DB::transaction(function () use ($studio, $packet, $slug, $seen): OwnIngredient {
            $slug ??= OwnIngredient::newSlug($studio, \is_string($packet['name'] ?? null) ? $packet['name'] : '', 'ingredient');
            $made = $this->make($packet, $slug);
            $own = OwnIngredient::put($studio, $slug, $made->row, $packet, $seen);
            $this->preparations->workThrough($studio);
            $studio->turnShelf();

            return $own;
        });

        return $kept;
    }

    public function forget(Studio $studio, string $slug): bool
    {
        /** @var bool $forgotten */
        $forgotten = DB::transaction(function () use ($studio, $slug): bool {
            $holding = str_starts_with($slug, 'own-') ? $this->preparations->holding($studio, $slug) : [];
            if ($holding !== []) {
                throw \Transmuta\Fault\Nonsense::of('ingredient', $slug, \sprintf('%s is made with it: take it out of that first', implode(', ', $holding)));
            }
            $own = OwnIngredient::query()->where('studio_id', $studio->id)->where('slug', $slug)->first();
            $gone = $own !== null && $own->delete() === true;
            $studio->turnShelf();

            return $gone;
        });

        return $forgotten;
    }

    private function likeness(string $word): ?Ingredient
    {
        $found = $this->shelf->find($word);
        if ($found !== null) {
            return $found;
        }
        foreach ($this->shelf->all() as $in) {
            if (mb_strtolower($in->name) === mb_strtolower($word)) {
                return $in;
            }
        }

        return null;
    }
}
