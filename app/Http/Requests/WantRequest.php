<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** Single properties wanted of layers, by the layer's key: `set` in GE %, `sweetness` in SE, the others in g per 100 g. */
final class WantRequest extends FormRequest
{
    private const PROPERTIES = ['set', 'sweetness', 'acid', 'fat', 'water', 'protein'];

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer', 'min:1'],
            'wanted' => ['present', 'array', 'max:30'],
            'wanted.*' => ['array:' . implode(',', self::PROPERTIES)],
            'wanted.*.*' => ['numeric', 'min:0', 'max:100'],
        ];
    }

    /** @return array<string, array<string, float>> */
    public function wanted(): array
    {
        $wanted = [];
        foreach ((array) $this->input('wanted') as $layer => $properties) {
            foreach (\is_array($properties) ? $properties : [] as $property => $value) {
                if (is_numeric($value)) {
                    $wanted[(string) $layer][(string) $property] = (float) $value;
                }
            }
        }

        return $wanted;
    }
}
