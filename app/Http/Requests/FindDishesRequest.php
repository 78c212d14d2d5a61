<?php

declare(strict_types=1);

namespace App\Http\Requests;

use App\Services\DishSearch;
use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Transmuta\Diet\Allergens;
use Transmuta\Diet\Diet;
use Transmuta\Formula\Family;

/**
 * Which dishes are asked for, and in which order.
 *
 * @phpstan-import-type Wanted from DishSearch
 */
final class FindDishesRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $listed = static fn(array $of, string $words): \Closure => static function (string $attribute, mixed $value, \Closure $fail) use ($of, $words): void {
            foreach (self::parts($value) as $one) {
                if (!\in_array($one, $of, true)) {
                    $fail("“{$one}” is none of $words.");
                }
            }
        };

        return [
            'q' => ['nullable', 'string', 'max:160'],
            'family' => ['nullable', Rule::enum(Family::class)],
            'diet' => ['nullable', 'string', 'max:200', $listed(array_column(Diet::cases(), 'value'), 'the diets')],
            'free' => ['nullable', 'string', 'max:200', $listed(Allergens::EU, 'the fourteen allergens')],
            'state' => ['nullable', Rule::in(DishSearch::STATES)],
            'sort' => ['nullable', Rule::in(DishSearch::SORTS)],
            'cursor' => ['nullable', 'string', 'max:600'],
        ];
    }

    /** @return Wanted */
    public function wanted(): array
    {
        $text = fn(string $key): ?string => $this->filled($key) ? (string) $this->string($key) : null;

        return [
            'q' => (string) $this->string('q')->squish(),
            'family' => $text('family'),
            'diets' => array_map(Diet::from(...), self::parts($text('diet'))),
            'free' => self::parts($text('free')),
            'state' => $text('state'),
            'sort' => $text('sort') ?? 'touched',
        ];
    }

    /** @return list<string> */
    private static function parts(mixed $value): array
    {
        return array_values(array_filter(explode(',', \is_string($value) ? $value : ''), static fn(string $part): bool => $part !== ''));
    }
}
