<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Transmuta\Engine;
use Transmuta\Formula\Formula;
use Transmuta\Intake\Unreadable;
use Transmuta\Quantity\UnitSystem;

/** A dish as text, with the measures assumed where the text names none. */
final class StoreDishRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'text' => ['required', 'string', 'max:400000'],
            'measures' => ['nullable', 'string', Rule::enum(UnitSystem::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['text.required' => 'There is nothing to save yet. Write at least one ingredient line, such as "120 g lemon juice".'];
    }

    /**
     * @throws Unreadable if the text cannot be read, or holds no line that is understood
     */
    public function formula(Engine $engine): Formula
    {
        $formula = $engine->recipe((string) $this->string('text'), UnitSystem::tryFrom((string) $this->string('measures')), guessPortions: true)->formula;
        foreach ($formula->layers as $layer) {
            if ($layer->understood() !== []) {
                return $formula;
            }
        }

        throw Unreadable::noLines();
    }
}
