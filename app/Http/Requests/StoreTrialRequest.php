<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What was found when a version was made; the core reads what of it can be meant. */
final class StoreTrialRequest extends FormRequest
{
    private const FOUND = ['layers', 'set_step', 'sweetness', 'sharpness', 'grain', 'ph', 'brix', 'height_mm', 'weep_g', 'colour', 'cut', 'keeps', 'verdict', 'next', 'remark'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'made_on' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'after:2000-01-01'],
            'set_step' => ['nullable', 'integer', 'between:0,6'],
            'run_id' => ['nullable', 'integer'],
            'layers' => ['array', 'max:20'],
            'keeps' => ['array', 'max:4'],
            'lots' => ['array', 'max:60'],
            'lots.*' => ['integer', 'distinct'],
            'why' => ['nullable', 'string', 'max:400'],
        ];
    }

    /** @return array<string, mixed> what was found, as it was sent */
    public function said(): array
    {
        /** @var array<string, mixed> $said */
        $said = array_intersect_key($this->all(), array_flip(self::FOUND));

        return $said;
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
            'made_on.date_format' => 'Give the day it was made as year-month-day.',
        ];
    }
}
