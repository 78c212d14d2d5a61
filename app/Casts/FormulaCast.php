<?php

declare(strict_types=1);

namespace App\Casts;

use Illuminate\Contracts\Database\Eloquent\CastsAttributes;
use Illuminate\Database\Eloquent\Model;
use Transmuta\Engine;
use Transmuta\Format\FormulaJson;
use Transmuta\Formula\Formula;

/** @implements CastsAttributes<Formula, Formula> */
final class FormulaCast implements CastsAttributes
{
    public function get(Model $model, string $key, mixed $value, array $attributes): Formula
    {
        /** @var array<array-key, mixed> $data */
        $data = json_decode(\is_string($value) ? $value : '{}', true, 64, JSON_THROW_ON_ERROR);

        return app(Engine::class)->json->read($data);
    }

    public function set(Model $model, string $key, mixed $value, array $attributes): string
    {
        \assert($value instanceof Formula);

        return json_encode(FormulaJson::write($value), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
    }
}
