<?php

declare(strict_types=1);

namespace App\Http\Requests;

use Illuminate\Foundation\Http\FormRequest;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Scaling;
use Transmuta\Formula\Tin;
use Transmuta\Intake\Recipe\Tins;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;

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

    /**
     * @param callable(): DishReading $reading read where it is another tin: bases go by its area
     *
     * @return array{Formula, string} with the words a version is named by
     */
    public function scaled(Formula $formula, callable $reading): array
    {
        if ($this->filled('tin')) {
            $said = (string) $this->string('tin');
            $bases = array_keys(array_filter($reading()->layers, static fn(LayerReading $one): bool => $one->baseWords !== null));
            $scaled = Scaling::toTin($formula, Tins::read($said), Tins::statesDepth($said), $bases);
            $tins = array_filter(array_map(static fn(Layer $one): ?Tin => $one->tin, $scaled->layers));

            return [$scaled, 'In ' . (array_values($tins)[0] ?? Tins::read($said))->words()];
        }
        if ($this->filled('cut_into')) {
            return [Scaling::cutInto($formula, $this->integer('cut_into')), 'Cut into ' . $this->integer('cut_into')];
        }

        return [Scaling::toPortions($formula, $this->integer('portions')), 'For ' . $this->integer('portions')];
    }
}
