<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Transmuta\Diet\Diet;
use Transmuta\Reformulation\Brief\Brief;

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
        return Brief::from($this->all());
    }
}
