<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Transmuta\Engine;
use Transmuta\Formula\Formula;

/** A formula in its JSON form and the revision it was based on. */
final class SaveVersionRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'revision' => ['required', 'integer', 'min:1'],
            'formula' => ['required', 'array'],
        ];
    }

    /** @throws \Transmuta\Intake\Unreadable if the formula is not of the schema */
    public function formula(Engine $engine): Formula
    {
        return $engine->json->read((array) $this->input('formula'));
    }
}
