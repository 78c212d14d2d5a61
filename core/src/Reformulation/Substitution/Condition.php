<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Property\LayerReading;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Reference\Figure;
use Transmuta\Shelf\Ingredient;

/** For what a helper of a substitution is meant, where it is not for all: the fat of what is replaced, which thing it is, or what its layer has to do. */
final readonly class Condition
{
    private function __construct(private string $kind, private string $of) {}

    /** Null where nobody knows the words: `fat>25`, `is:litchi`, `slices`, `base`, `soda`. */
    public static function read(string $text): ?self
    {
        return match (true) {
            preg_match('/^fat>(\d+(?:\.\d+)?)$/', $text, $m) === 1 => new self('fat', $m[1]),
            preg_match('/^is:([a-z0-9-]+)$/', $text, $m) === 1 => new self('is', $m[1]),
            \in_array($text, ['slices', 'base', 'soda'], true) => new self($text, ''),
            default => null,
        };
    }

    /** The ingredient it names; null where it names none. */
    public function names(): ?string
    {
        return $this->kind === 'is' ? $this->of : null;
    }

    /** Whether it can hold where this is replaced; what hangs on the layer is open still. */
    public function mayHoldFor(Ingredient $replaced): bool
    {
        return match ($this->kind) {
            'fat' => $replaced->composition->family('fat.') > (float) $this->of,
            'is' => $replaced->id === $this->of || $replaced->basedOn === $this->of,
            default => true,
        };
    }

    /** Whether it holds in this layer. */
    public function holdsIn(LayerReading $layer): bool
    {
        return match ($this->kind) {
            'slices' => Ladder::coordinate($layer->set->ge) >= Figure::ConditionSlices->number(),
            'base' => $layer->baseWords !== null,
            'soda' => array_filter($layer->state->model->portions, static fn($one): bool => $one->ingredient->composition->of100('salt') > 20.0 && $one->ingredient->does('alkali') > 0.0) !== [],
            default => true,
        };
    }
}
