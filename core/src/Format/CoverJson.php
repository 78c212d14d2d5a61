<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Diet\Allergens;
use Transmuta\Diet\Diet;
use Transmuta\Fault\Failure;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Formula;
use Transmuta\Process\Covers\Chosen;
use Transmuta\Process\Covers\Cover;
use Transmuta\Process\Covers\Covers;
use Transmuta\Process\Covers\Guests;
use Transmuta\Property\DishReading;

/** Who comes and what there is to give them, in; what is made for whom, out. */
final readonly class CoverJson
{
    private const MOST_VERSIONS = 40;

    private const MOST_GUESTS = 100;

    /**
     * @param \Closure(string): Formula $dish any form a formula is read in
     * @param \Closure(Formula): DishReading $read
     */
    public function __construct(private \Closure $dish, private \Closure $read) {}

    /**
     * @param array<array-key, mixed> $data
     *
     * @throws Nonsense if something in it cannot be meant
     */
    public function covers(array $data): Covers
    {
        $versions = self::list($data, 'versions', self::MOST_VERSIONS, 'give a list with at least one formula');

        return new Covers(self::guests($data['guests'] ?? null), array_map($this->version(...), $versions, array_keys($versions)), self::margin($data['margin'] ?? null));
    }

    /** @return array{chosen: list<array{version: int, portions: int, serves: list<int>}>, unserved: list<array{guest: int, why: string}>, questions: list<string>} */
    public static function write(Cover $cover): array
    {
        return [
            'chosen' => array_map(static fn(Chosen $c): array => ['version' => $c->version, 'portions' => $c->portions, 'serves' => $c->serves], $cover->chosen),
            'unserved' => $cover->unserved,
            'questions' => $cover->questions,
            ...($cover->dearer > 0.5 ? ['at_most_dearer_minor' => (int) ceil($cover->dearer)] : []),
        ];
    }

    /**
     * @return list<Guests>
     *
     * @throws Nonsense
     */
    public static function guests(mixed $data): array
    {
        $all = [];
        foreach (self::list(['guests' => $data], 'guests', self::MOST_GUESTS, 'say who comes, such as [{"count": 3, "diets": ["vegan"], "without": []}]') as $n => $one) {
            $count = \is_array($one) ? ($one['count'] ?? null) : null;
            if (!\is_array($one) || !\is_int($count) || $count < 1 || $count > 10000) {
                throw Nonsense::of("guests[$n].count", ServiceJson::shown($count), 'give a whole number from 1 to 10000');
            }
            $diets = [];
            foreach (self::words($one['diets'] ?? [], "guests[$n].diets") as $diet) {
                $diets[] = ServiceJson::diet($diet, "guests[$n].diets") ?? throw Nonsense::of("guests[$n].diets", $diet, 'use one of ' . implode(', ', array_column(Diet::cases(), 'value')));
            }
            $without = [];
            foreach (self::words($one['without'] ?? [], "guests[$n].without") as $allergen) {
                $name = mb_strtolower(trim($allergen));
                $without[] = \in_array($name, Allergens::EU, true) ? $name : throw Nonsense::of("guests[$n].without", $allergen, 'use one of ' . implode(', ', Allergens::EU));
            }
            $all[] = new Guests($count, $diets, $without);
        }

        return $all;
    }

    /** @throws Nonsense */
    public static function margin(mixed $margin): float
    {
        if ($margin === null) {
            return 0.0;
        }
        if ((!\is_int($margin) && !\is_float($margin)) || $margin < 0 || $margin > 1000) {
            throw Nonsense::of('margin', ServiceJson::shown($margin), 'give a share such as 0.1, or from 1 on portions of each version');
        }

        return (float) $margin;
    }

    private function version(mixed $dish, int $n): DishReading
    {
        $text = ServiceJson::dish($dish, "versions[$n]");
        try {
            return ($this->read)(($this->dish)($text));
        } catch (Failure $failure) {
            throw Nonsense::in("versions[$n]", $failure);
        }
    }

    /** @return list<string> */
    private static function words(mixed $data, string $field): array
    {
        $words = \is_array($data) ? array_values(array_filter($data, is_string(...))) : null;

        return $words !== null && \count($words) === \count((array) $data) ? $words : throw Nonsense::of($field, ServiceJson::shown($data), 'give a list of names');
    }

    /**
     * @param array<array-key, mixed> $data
     *
     * @return non-empty-list<mixed>
     */
    private static function list(array $data, string $key, int $most, string $mend): array
    {
        $list = $data[$key] ?? null;
        if (!\is_array($list) || $list === [] || !array_is_list($list)) {
            throw Nonsense::of($key, ServiceJson::shown($list), $mend);
        }
        if (\count($list) > $most) {
            throw Nonsense::of($key, (string) \count($list), "at most $most are taken");
        }

        return $list;
    }
}
