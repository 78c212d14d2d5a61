<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** A lot as its packets say it. */
final class LotRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'code' => ['required', 'string', 'max:60'],
            'came_on' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before_or_equal:tomorrow'],
            'best_before' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after:2000-01-01'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'code.required' => 'Give the lot as it is printed on the packet, often after an L.',
            'came_on.before_or_equal' => 'It cannot have come in the future.',
        ];
    }

    public function code(): string
    {
        return (string) $this->string('code')->squish()->upper();
    }
}
