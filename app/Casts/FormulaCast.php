<?php

declare(strict_types=1);

namespace App\Casts;

use App\Services\FormulaStore;
use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Transmuta\Formula\Formula;

/** @implements CastsAttributes<Formula, Formula> */
final class FormulaCast implements CastsAttributes
{
    /** A formula cannot change, so Eloquent need not write it anew whenever it looks whether something has; {@see FormulaStore} keeps it. */
    public bool $withoutObjectCaching = true;

    public function get(Model $model, string $key, mixed $value, array $attributes): Formula
    {
        return app(FormulaStore::class)->read(\is_string($value) ? $value : '{}');
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        \assert($value instanceof Formula);

        return app(FormulaStore::class)->write($value);
    }
}
