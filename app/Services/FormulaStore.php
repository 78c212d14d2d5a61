<?php

declare(strict_types=1);

namespace App\Services;

use Illuminate\Contracts\Container\Container;
use Transmuta\Engine;
use Transmuta\Format\FormulaJson;
use Transmuta\Formula\Formula;

/** Formulas as the store holds them, each taken apart once a request: a version, the revision it stands at and the one it is held by are one text. */
final class FormulaStore
{
    /** @var array<string, Formula> by its text */
    private array $read = [];

    public function __construct(private readonly Container $app) {}

    public function read(string $text): Formula
    {
        return $this->read[$text] ??= $this->parsed($text);
    }

    public function write(Formula $formula): string
    {
        $known = array_search($formula, $this->read, true);
        if ($known !== false) {
            return $known;
        }
        $text = json_encode(FormulaJson::write($formula), JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE);
        $this->read[$text] = $formula;

        return $text;
    }

    private function parsed(string $text): Formula
    {
        /** @var array<array-key, mixed> $data */
        $data = json_decode($text, true, 64, JSON_THROW_ON_ERROR);

        return $this->app->make(Engine::class)->json->read($data);
    }
}
