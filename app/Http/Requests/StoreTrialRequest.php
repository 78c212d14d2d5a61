<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What was found when a version was made. */
final class StoreTrialRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'made_on' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:2000-01-01'],
            'set_step' => ['required', 'integer', 'between:0,6'],
            'sweetness' => ['required', 'in:too little,right,too much'],
            'sharpness' => ['required', 'in:too little,right,too much'],
            'lots' => ['array', 'max:60'],
            'lots.*' => ['integer', 'distinct'],
            'remark' => ['nullable', 'string', 'max:4000'],
        ];
    }

    /** @return list<int> ids of the lots it was made of */
    public function lots(): array
    {
        return array_map(static fn(mixed $id): int => is_numeric($id) ? (int) $id : 0, array_values((array) $this->input('lots', [])));
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'set_step.required' => 'Say how it set: choose a rung of the ladder.',
            'made_on.date_format' => 'Give the day it was made as year-month-day.',
        ];
    }
}
