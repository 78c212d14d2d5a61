<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Scaling;
use Transmuta\Intake\Recipe\Tins;

/** Another number of portions, the same mass cut otherwise, or another tin: one of the three. */
final class ScaleRequest extends FormRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'portions' => ['required_without_all:tin,cut_into', 'nullable', 'integer', 'min:1', 'max:10000'],
            'cut_into' => ['nullable', 'integer', 'min:1', 'max:10000'],
            'tin' => ['nullable', 'string', 'max:80'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return ['portions.required_without_all' => 'Give a number of portions, or a tin.'];
    }

    /** @return array{Formula, string} with the words a version is named by */
    public function scaled(Formula $formula): array
    {
        if ($this->filled('tin')) {
            $tin = Tins::read((string) $this->string('tin'));

            return [Scaling::toTin($formula, $tin), 'In ' . $tin->words()];
        }
        if ($this->filled('cut_into')) {
            return [Scaling::cutInto($formula, $this->integer('cut_into')), 'Cut into ' . $this->integer('cut_into')];
        }

        return [Scaling::toPortions($formula, $this->integer('portions')), 'For ' . $this->integer('portions')];
    }
}
