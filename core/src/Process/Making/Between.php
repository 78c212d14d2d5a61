<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

use Transmuta\Method\Operation;
use Transmuta\Process\Degrees;
use Transmuta\Property\DishReading;
use Transmuta\Property\Heat\Cooling;
use Transmuta\Property\LayerReading;
use Transmuta\Reference\Table;

/** How this formula looks before a step is done, and what is no fault yet: counted from its own window and cooling where they say it, else by the operation. */
final readonly class Between
{
    /** Share of the set of a layer from which a mechanism carries it. */
    private const CARRIES = 0.25;

    public function __construct(private Making $making) {}

    /** '' where nothing is to be said. */
    public function of(MakingStep $step, DishReading $dish): string
    {
        $layer = $dish->layers[$step->layer] ?? null;
        if ($layer !== null) {
            foreach (Table::of('process/between') as $row) {
                if ($row['kind'] === $step->kind->value && self::carries($layer, $row['mechanism'])) {
                    $said = $this->filled($row['text'], $row['mechanism'], $layer, $dish, $step->layer);
                    if ($said !== null) {
                        return $said;
                    }
                }
            }
        }

        return $step->kind === StepKind::Weigh ? '' : Operation::of($this->making->operation($step))->between;
    }

    private static function carries(LayerReading $layer, string $mechanism): bool
    {
        return $mechanism === '' ? $layer->set->ge > 0.0 : ($layer->set->mechanisms[$mechanism] ?? 0.0) >= self::CARRIES * max(1e-9, $layer->set->ge) && ($layer->set->mechanisms[$mechanism] ?? 0.0) > 0.0;
    }

    /** Null where the models do not say what the words need. */
    private function filled(string $text, string $mechanism, LayerReading $layer, DishReading $dish, int $n): ?string
    {
        $onset = $mechanism === '' ? null : Cooling::onset([$mechanism => 1.0]);
        $firm = ($dish->stack->coolings[$n] ?? null)?->firmHours;
        $values = [
            '{thickens}' => $layer->window === null ? null : Degrees::in(\sprintf('%.0f °C', $layer->window->thickens)),
            '{sets}' => $onset === null ? null : Degrees::in(\sprintf('%g °C', $onset)),
            '{firm}' => $firm === null || $firm <= 0.0 ? null : self::hours($firm),
        ];
        foreach ($values as $name => $value) {
            if ($value === null && str_contains($text, $name)) {
                return null;
            }
        }

        return strtr($text, array_filter($values, is_string(...)));
    }

    private static function hours(float $hours): string
    {
        return $hours < 1.0 ? \sprintf('%d min', (int) (5 * ceil(12 * $hours))) : \sprintf('%g h', round(2 * $hours) / 2);
    }
}
