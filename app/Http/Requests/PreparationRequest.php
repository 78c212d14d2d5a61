<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Transmuta\Engine;
use Transmuta\Format\FormulaJson;
use Transmuta\Quantity\UnitSystem;

/** What a kitchen makes for itself: a name, its recipe as text, what it comes to, how long it keeps, and what it stands beside. */
final class PreparationRequest extends FormRequest
{
    public function authorize(): bool
    {
        return true;
    }

    /** @return array<string, list<\Illuminate\Validation\Rules\Enum|string>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:160'],
            'text' => ['required', 'string', 'max:100000'],
            'measures' => ['nullable', 'string', Rule::enum(UnitSystem::class)],
            'yield_g' => ['nullable', 'numeric', 'min:0.1', 'max:1000000'],
            'boiled_off' => ['nullable', 'boolean'],
            'keeps_days' => ['nullable', 'integer', 'min:1', 'max:730'],
            'beside' => ['nullable', 'string', 'max:80'],
            'also_called' => ['nullable', 'array', 'max:20'],
            'also_called.*' => ['string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Give it a name, such as "Hazelnut praline".', 'text.required' => 'Write what goes in, such as "200 g hazelnuts".', 'yield_g.min' => 'Give what it weighs when it is done, in grams.'];
    }

    /** @return array<string, mixed> as it is kept: the formula in the open JSON form, the text beside it */
    public function preparation(Engine $engine): array
    {
        $formula = $engine->parse((string) $this->string('text'), UnitSystem::tryFrom((string) $this->string('measures')));

        return [
            'name' => trim((string) $this->string('name')),
            'text' => (string) $this->string('text'),
            'measures' => $this->input('measures'),
            'formula' => FormulaJson::write($formula),
            'yield_g' => $this->input('yield_g') === null ? null : (float) $this->float('yield_g'),
            'boiled_off' => $this->boolean('boiled_off', true),
            'keeps_days' => $this->input('keeps_days') === null ? null : $this->integer('keeps_days'),
            'beside' => $this->input('beside'),
            'also_called' => array_values(array_filter((array) $this->input('also_called', []), is_string(...))),
        ];
    }
}
