<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

/**
 * What 100 g of an ingredient holds, in grams, by part.
 *
 * Parts are flat names: `water`, `protein.<kind>`, `fat.<kind>`, `saturates`, `sugar.<species>`, `starch`, `dextrin` (other available
 * carbohydrate: syrups' higher saccharides, oligosaccharides), `polyol.<species>`, `allulose`, `fibre` and the `insoluble` part of it,
 * `particles` (counted for set only), `acid.<kind>`, `alcohol`, `salt`
 * (sodium × 2.5), `ash`, and `active.<species>` for high-potency sweeteners in milligrams. Absent means none.
 */
final readonly class Composition
{
    /** g of sodium in 1 g of salt: 22.99 of 58.44. */
    private const SODIUM = 0.393;

    /** @param array<string, float> $parts g per 100 g; only non-zero parts */
    private function __construct(public array $parts) {}

    /**
     * @param array<string, float> $parts g per 100 g (mg for `active.*`), none negative
     *
     * @throws ImpossibleComposition if a part is negative or the parts that weigh sum to more than 103 g, salt counted by its sodium
     */
    public static function of(array $parts): self
    {
        foreach ($parts as $part => $grams) {
            if ($grams < 0.0) {
                throw ImpossibleComposition::negative($part, $grams);
            }
        }
        $self = new self(array_filter($parts, static fn(float $g): bool => $g > 0.0));
        // Salt is what sodium is declared as: of soda or a citrate only the sodium itself surely weighs.
        $least = $self->sum() - (1.0 - self::SODIUM) * $self->of100('salt');
        if ($least > 103.0) {
            throw ImpossibleComposition::over($least);
        }

        return $self;
    }

    public function of100(string $part): float
    {
        return $this->parts[$part] ?? 0.0;
    }

    /** Sum of every part whose name starts with the given family, such as `protein.`. */
    public function family(string $prefix): float
    {
        $sum = 0.0;
        foreach ($this->parts as $part => $grams) {
            if (str_starts_with($part, $prefix)) {
                $sum += $grams;
            }
        }

        return $sum;
    }

    /** g per 100 g of everything that weighs: saturates, particles and actives are parts of others. */
    public function sum(): float
    {
        return self::weight($this->parts);
    }

    /**
     * The same of parts that are not yet a composition.
     *
     * @param array<string, float> $parts g per 100 g (mg for `active.*`)
     */
    public static function weight(array $parts): float
    {
        $sum = 0.0;
        foreach ($parts as $part => $grams) {
            $sum += match (true) {
                $part === 'saturates', $part === 'particles', $part === 'insoluble' => 0.0,
                str_starts_with($part, 'active.') => $grams / 1000,
                default => $grams,
            };
        }

        return $sum;
    }
}
