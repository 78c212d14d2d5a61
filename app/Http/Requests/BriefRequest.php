<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Transmuta\Diet\Diet;
use Transmuta\Reformulation\Aims;
use Transmuta\Reformulation\Brief;

/** Diets and limits per portion; `route` or `formula` where a version is to be made of it. */
final class BriefRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'diets' => ['present', 'array', 'max:13'],
            'diets.*' => ['string', 'distinct', Rule::enum(Diet::class)],
            'net_carbs_g' => ['nullable', 'numeric', 'min:0', 'max:5000'],
            'protein_g' => ['nullable', 'numeric', 'min:0', 'max:5000'],
            'kcal' => ['nullable', 'numeric', 'min:0', 'max:5000'],
            'sugars_g' => ['nullable', 'numeric', 'min:0', 'max:5000'],
            'fat_g' => ['nullable', 'numeric', 'min:0', 'max:5000'],
            'aims' => ['nullable', 'array'],
            'aims.*' => ['numeric'],
            'without' => ['nullable', 'array', 'max:60'],
            'without.*' => ['string', 'max:80'],
            'route' => ['sometimes', 'string', 'max:200'],
            'formula' => ['sometimes', 'array'],
        ];
    }

    public function brief(): Brief
    {
        $limit = fn(string $key): ?float => is_numeric($this->input($key)) ? (float) $this->input($key) : null;
        /** @var list<string> $diets */
        $diets = array_values((array) $this->input('diets'));

        $aims = (array) $this->input('aims', []);
        $aim = static fn(string $key, float $same): float => is_numeric($aims[$key] ?? null) ? (float) $aims[$key] : $same;
        /** @var list<string> $without */
        $without = array_values((array) $this->input('without', []));

        return Brief::of(
            array_map(Diet::from(...), $diets),
            $limit('net_carbs_g'),
            $limit('protein_g'),
            $limit('kcal'),
            $limit('sugars_g'),
            $limit('fat_g'),
            Aims::of($aim('sweetness', 1.0), $aim('set', 0.0), $aim('sharpness', 1.0), $aim('richness', 1.0)),
            $without,
        );
    }
}
