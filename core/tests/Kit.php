<?php

declare(strict_types=1);

namespace Transmuta\Tests;

use Transmuta\Engine;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Loss;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Property\LayerReading;
use Transmuta\Property\LayerState;
use Transmuta\Shelf\IngredientList;
use Transmuta\Shelf\Shelf;

/** What every core test needs, made once: the shipped shelf and the engine over it. */
final class Kit
{
    private static ?Engine $engine = null;
    private static ?Shelf $shelf = null;

    public static function shelf(): Shelf
    {
        return self::$shelf ??= IngredientList::shipped();
    }

    public static function engine(): Engine
    {
        return self::$engine ??= Engine::over(self::shelf());
    }

    /** @param array<string, float|int> $grams by ingredient */
    public static function layer(array $grams, ?Treatment $treatment = null, ?Loss $loss = null, string $name = 'Filling'): Layer
    {
        $lines = [];
        foreach ($grams as $id => $mass) {
            $lines[] = Line::of($id, (float) $mass);
        }

        return new Layer($name, $lines, $treatment ?? Treatment::none(), null, $loss);
    }

    /** @param array<string, float|int> $grams */
    public static function state(array $grams, ?Treatment $treatment = null, ?Loss $loss = null): LayerState
    {
        $layer = self::layer($grams, $treatment, $loss);

        return LayerState::ofLayer($layer, self::shelf());
    }

    /** @param array<string, float|int> $grams */
    public static function reading(array $grams, ?Treatment $treatment = null, float $serveAt = 5.0): LayerReading
    {
        return self::engine()->reader->layer(self::layer($grams, $treatment), $serveAt);
    }

    public static function heat(string $kind, ?float $celsius = null, ?bool $stirred = null): Treatment
    {
        return Treatment::of(TreatmentKind::from($kind), $celsius, null, $stirred);
    }

    public static function demo(string $name): Formula
    {
        return self::engine()->parse((string) file_get_contents(\dirname(__DIR__) . "/data/demo/$name.txt"));
    }

    /** @return array<string, array{string}> */
    public static function demos(): array
    {
        $names = [];
        foreach (glob(\dirname(__DIR__) . '/data/demo/*.txt') ?: [] as $file) {
            $names[basename($file, '.txt')] = [basename($file, '.txt')];
        }

        return $names;
    }
}
