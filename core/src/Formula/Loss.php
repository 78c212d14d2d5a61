<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/**
 * What a layer loses on the way: water by reducing or baking (a share of its mass, or down to a mass in g), and
 * everything alike by trimming (a share).
 */
final readonly class Loss
{
    private function __construct(public string $kind, public float $amount) {}

    public static function none(): self
    {
        return new self('none', 0.0);
    }

    /** Water boiled or baked off, as a share 0…0.95 of the layer's mass. */
    public static function reduceBy(float $share): self
    {
        return new self('reduce', self::share($share));
    }

    public static function reduceTo(float $grams): self
    {
        if ($grams <= 0.0) {
            throw Nonsense::of('loss', \sprintf('reduce to %s g', $grams), 'give a mass above 0 g');
        }

        return new self('reduce-to', $grams);
    }

    public static function trim(float $share): self
    {
        return new self('trim', self::share($share));
    }

    /**
     * Reads "reduce by 1/4", "reduce by 25 %", "reduce to 850 g", "bake 8 %", "trim 5 %" or "none".
     *
     * @throws Nonsense if it is none of these
     */
    public static function parse(string $text): self
    {
        $text = trim(mb_strtolower($text));
        if ($text === '' || $text === 'none') {
            return self::none();
        }
        if (preg_match('/^reduce to (\d+(?:\.\d+)?)\s*g$/', $text, $m)) {
            return self::reduceTo((float) $m[1]);
        }
        if (preg_match('#^(reduce by|reduce|bake|trim)\s+(\d+(?:\.\d+)?)\s*(?:/\s*(\d+)|(%))$#', $text, $m)) {
            $share = ($m[3] ?? '') !== '' ? (float) $m[2] / max(1.0, (float) $m[3]) : (float) $m[2] / 100;

            return $m[1] === 'trim' ? self::trim($share) : self::reduceBy($share);
        }

        throw Nonsense::of('loss', $text, 'write it like "reduce by 1/4", "reduce to 850 g", "bake 8 %" or "trim 5 %"');
    }

    /** Water lost, g, from a layer of this mass holding this much water. */
    public function waterLost(float $mass, float $water): float
    {
        $wanted = match ($this->kind) {
            'reduce' => $mass * $this->amount,
            'reduce-to' => max(0.0, $mass - $this->amount),
            default => 0.0,
        };

        return min($wanted, 0.98 * $water);
    }

    public function kept(): float
    {
        return $this->kind === 'trim' ? 1.0 - $this->amount : 1.0;
    }

    public function words(): string
    {
        return match ($this->kind) {
            'reduce' => \sprintf('reduce by %g %%', round($this->amount * 100, 1)),
            'reduce-to' => \sprintf('reduce to %g g', $this->amount),
            'trim' => \sprintf('trim %g %%', round($this->amount * 100, 1)),
            default => 'none',
        };
    }

    private static function share(float $share): float
    {
        if ($share < 0.0 || $share > 0.95) {
            throw Nonsense::of('loss', \sprintf('%g %%', $share * 100), 'give a share between 0 and 95 %');
        }

        return $share;
    }
}
