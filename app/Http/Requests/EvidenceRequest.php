<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Illuminate\Validation\Rule;
use Transmuta\Diet\Diet;

/** What was seen on a packet or a certificate. */
final class EvidenceRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'diet' => ['required', Rule::enum(Diet::class)],
            'meets' => ['required', 'boolean'],
            'note' => ['required', 'string', 'max:400'],
            'seen_on' => ['bail', 'required', 'string', 'date_format:Y-m-d', 'before_or_equal:tomorrow'],
            'expires_on' => ['bail', 'nullable', 'string', 'date_format:Y-m-d', 'after_or_equal:seen_on'],
            'who' => ['required', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'note.required' => 'Say what you saw: the words on the packet, or the certificate and its number.',
            'who.required' => 'Say who looked.',
            'seen_on.before_or_equal' => 'A packet cannot have been read in the future.',
            'expires_on.after_or_equal' => 'It cannot run out before it was seen.',
        ];
    }
}
