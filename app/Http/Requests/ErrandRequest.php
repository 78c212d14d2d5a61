<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;

/** What is next with a dish. */
final class ErrandRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'words' => ['required', 'string', 'max:200'],
            'due_on' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after:2000-01-01', 'before:2100-01-01'],
            'waits_for' => ['nullable', 'string', 'max:80'],
            'done' => ['sometimes', 'boolean'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['words.required' => 'Say what is to be done: bake it again softer, ask the maker.'];
    }

    /** @return array{words: string, due_on: ?string, waits_for: string} */
    public function said(): array
    {
        return [
            'words' => (string) $this->string('words')->squish(),
            'due_on' => $this->filled('due_on') ? (string) $this->string('due_on') : null,
            'waits_for' => (string) $this->string('waits_for')->squish(),
        ];
    }
}
