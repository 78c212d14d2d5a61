<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Transmuta\Diet\Allergens;
use Transmuta\Shelf\PacketPanel;

/** A packet's panel as it was typed; whether it can be is the core's to say. */
final class PacketRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        $number = ['nullable', 'numeric'];

        return [
            'name' => ['required', 'string', 'max:160'],
            'like' => ['nullable', 'string', 'max:160'],
            'serving_g' => $number,
            'carbohydrate_with_fibre' => ['nullable', 'boolean'],
            'price_minor_per_kg' => ['nullable', 'integer', 'min:0', 'max:10000000'],
            'allergens' => ['nullable', 'array'],
            'allergens.*' => ['string', Rule::in(Allergens::EU)],
            'may_contain' => ['nullable', 'array'],
            'may_contain.*' => ['string', Rule::in(Allergens::EU)],
            'also_called' => ['nullable', 'array', 'max:20'],
            'also_called.*' => ['string', 'max:80'],
            'source' => ['nullable', 'string', 'max:200'],
            'declared' => ['nullable', 'string', 'max:2000'],
            'sulphites' => ['nullable', 'numeric', 'min:0', 'max:20000'],
            ...array_fill_keys(PacketPanel::FIELDS, $number),
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['name.required' => 'Give it the name your kitchen calls it by.', 'sulphites.max' => 'Sulphites are given in mg of sulphur dioxide a kilogram, at most 20,000.', 'sulphites.min' => 'Sulphites cannot be below zero.'];
    }

    /** @return array<string, mixed> */
    public function packet(): array
    {
        /** @var array<string, mixed> $packet */
        $packet = $this->validated();

        return $packet;
    }
}
