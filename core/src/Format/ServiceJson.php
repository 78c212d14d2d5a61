<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Diet\Diet;
use Transmuta\Fault\Failure;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Scaling;
use Transmuta\Process\Plan\Hours;
use Transmuta\Process\Plan\Kitchen;
use Transmuta\Process\Plan\Moment;
use Transmuta\Process\Plan\Order;
use Transmuta\Process\Plan\Service;
use Transmuta\Property\DishReading;

/** A service as a file or a screen gives it: when, in what kitchen, which dishes for how many. What cannot be meant is refused by its place. */
final readonly class ServiceJson
{
    private const MOST_ITEMS = 30;

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
    public function service(array $data): Service
    {
        $serve = Moment::parse(self::text($data, 'serve_at', 'serve_at'), 'serve_at');
        $now = ($data['now'] ?? null) === null ? null : Moment::parse(self::text($data, 'now', 'now'), 'now');
        if ($now !== null && $now->offset !== $serve->offset) {
            throw Nonsense::of('now', $now->words(), 'give it by the same clock as serve_at: with the same offset, or both without');
        }
        if ($now !== null && $now->seconds > $serve->seconds) {
            throw Nonsense::of('now', $now->words(), 'the service would be over; give a later serve_at');
        }
        $items = $data['items'] ?? null;
        if (!\is_array($items) || $items === [] || !array_is_list($items)) {
            throw Nonsense::of('items', self::shown($items), 'give a list with at least one dish');
        }
        if (\count($items) > self::MOST_ITEMS) {
            throw Nonsense::of('items', (string) \count($items), \sprintf('one service takes at most %d dishes', self::MOST_ITEMS));
        }

        return new Service($serve, $now, self::kitchen($data['kitchen'] ?? null), array_map($this->order(...), $items, array_keys($items)));
    }

    /** @throws Nonsense if something in it cannot be meant */
    public static function kitchen(mixed $data): Kitchen
    {
        if (!\is_array($data)) {
            throw Nonsense::of('kitchen', self::shown($data), 'say what there is: cooks, hours, ovens, rings, mixers, fridge_shelves, freezer_shelves');
        }
        $hours = $data['hours'] ?? null;
        if (!\is_array($hours)) {
            throw Nonsense::of('kitchen.hours', self::shown($hours), 'say when somebody is there, such as [["07:00", "22:00"]]; the night is never assumed');
        }
        $windows = [];
        foreach (array_values($hours) as $n => $window) {
            if (!\is_array($window) || \count($window) !== 2 || !\is_string($window[0] ?? null) || !\is_string($window[1] ?? null)) {
                throw Nonsense::of("kitchen.hours[$n]", self::shown($window), 'write it as ["07:00", "22:00"]');
            }
            $windows[] = [$window[0], $window[1]];
        }
        $mixers = $data['mixers'] ?? [];
        if (!\is_array($mixers)) {
            throw Nonsense::of('kitchen.mixers', self::shown($mixers), 'give a list such as [{"litres": 5}]');
        }
        $litres = [];
        foreach (array_values($mixers) as $n => $mixer) {
            $size = \is_array($mixer) ? ($mixer['litres'] ?? null) : $mixer;
            if (!\is_int($size) && !\is_float($size) || $size < 0.2 || $size > 400) {
                throw Nonsense::of("kitchen.mixers[$n].litres", self::shown($size), 'give the litres of its bowl, from 0.2 to 400');
            }
            $litres[] = (float) $size;
        }

        return new Kitchen(
            self::count($data, 'cooks', 1, 50),
            Hours::of($windows),
            self::count($data, 'ovens', 0, 50),
            self::count($data, 'rings', 0, 50),
            $litres,
            self::count($data, 'fridge_shelves', 0, 500),
            self::count($data, 'freezer_shelves', 0, 500),
            \array_key_exists('blenders', $data) ? self::count($data, 'blenders', 0, 50) : 1,
        );
    }

    private function order(mixed $item, int $n): Order
    {
        if (!\is_array($item)) {
            throw Nonsense::of("items[$n]", self::shown($item), 'give {"dish": …, "portions": …}');
        }
        $portions = $item['portions'] ?? null;
        if (!\is_int($portions) || $portions < 1 || $portions > 10000) {
            throw Nonsense::of("items[$n].portions", self::shown($portions), 'give a whole number from 1 to 10000');
        }
        try {
            return new Order(($this->read)(Scaling::toService(($this->dish)(self::dish($item['dish'] ?? null, "items[$n].dish")), $portions)), self::diets($item['diet'] ?? null, "items[$n].diet"));
        } catch (Failure $failure) {
            throw $failure instanceof Nonsense && str_starts_with($failure->field, 'items[') ? $failure : Nonsense::in("items[$n].dish", $failure);
        }
    }

    /**
     * A dish as text, or as the JSON of it that was already taken apart.
     *
     * @throws Nonsense if it is neither
     */
    public static function dish(mixed $dish, string $field): string
    {
        $text = \is_array($dish) ? json_encode($dish, \JSON_THROW_ON_ERROR) : $dish;

        return \is_string($text) && trim($text) !== '' ? $text : throw Nonsense::of($field, self::shown($dish), 'give a formula as text or JSON');
    }

    /**
     * One word, or a list of several that must all hold.
     *
     * @return list<Diet>
     */
    private static function diets(mixed $diets, string $field): array
    {
        $all = [];
        foreach (\is_array($diets) && array_is_list($diets) ? $diets : [$diets] as $n => $one) {
            $diet = self::diet($one, \is_array($diets) ? "{$field}[$n]" : $field);
            $all[$diet->value ?? ''] = $diet;
        }

        return array_values(array_filter($all));
    }

    public static function diet(mixed $diet, string $field): ?Diet
    {
        if ($diet === null || $diet === '' || $diet === []) {
            return null;
        }

        return (\is_string($diet) ? Diet::tryFrom(str_replace('_', '-', strtolower(trim($diet)))) : null)
            ?? throw Nonsense::of($field, self::shown($diet), 'use one of ' . implode(', ', array_column(Diet::cases(), 'value')));
    }

    /** @param array<array-key, mixed> $data */
    private static function count(array $data, string $key, int $least, int $most): int
    {
        $value = $data[$key] ?? null;
        if (!\is_int($value) || $value < $least || $value > $most) {
            throw Nonsense::of("kitchen.$key", self::shown($value), \sprintf('give a whole number from %d to %d', $least, $most));
        }

        return $value;
    }

    /** @param array<array-key, mixed> $data */
    private static function text(array $data, string $key, string $field): string
    {
        return \is_string($data[$key] ?? null) ? $data[$key] : throw Nonsense::of($field, self::shown($data[$key] ?? null), 'write a date and a time such as 2026-12-05T19:30');
    }

    public static function shown(mixed $value): string
    {
        return mb_substr(\is_string($value) ? $value : (string) json_encode($value, \JSON_UNESCAPED_UNICODE | \JSON_PARTIAL_OUTPUT_ON_ERROR), 0, 60);
    }
}
