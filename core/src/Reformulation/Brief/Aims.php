<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Brief;

use Transmuta\Fault\Nonsense;

/**
 * What is wanted otherwise than in the original: sweetness, sharpness and richness as a factor (1 is the same), set in steps of the ladder
 * (0 is the same, negative is softer).
 */
final readonly class Aims
{
    private function __construct(public float $sweetness, public float $set, public float $sharpness, public float $richness) {}

    public static function same(): self
    {
        return new self(1.0, 0.0, 1.0, 1.0);
    }

    /** @throws Nonsense if one is out of range */
    public static function of(float $sweetness = 1.0, float $set = 0.0, float $sharpness = 1.0, float $richness = 1.0): self
    {
        foreach (['sweetness' => $sweetness, 'sharpness' => $sharpness, 'richness' => $richness] as $name => $factor) {
            if ($factor < 0.2 || $factor > 2.0) {
                throw Nonsense::of($name, (string) $factor, 'give a factor between 0.2 and 2; 1 is as the original');
            }
        }
        if ($set < -4.0 || $set > 4.0) {
            throw Nonsense::of('set', (string) $set, 'give steps of the ladder between −4 and 4; 0 is as the original');
        }

        return new self($sweetness, $set, $sharpness, $richness);
    }

    public function isSame(): bool
    {
        return $this->sweetness === 1.0 && $this->set === 0.0 && $this->sharpness === 1.0 && $this->richness === 1.0;
    }

    /** @return array{sweetness: float, set: float, sharpness: float, richness: float} */
    public function toArray(): array
    {
        return ['sweetness' => $this->sweetness, 'set' => $this->set, 'sharpness' => $this->sharpness, 'richness' => $this->richness];
    }
}
