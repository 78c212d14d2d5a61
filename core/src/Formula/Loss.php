<?php

declare(strict_types=1);

namespace Transmuta\Formula;

use Transmuta\Fault\Nonsense;
use Transmuta\Reference\Figure;

/**
 * What a layer loses on the way, in order: water by reducing or baking (a share of its mass, or down to a mass in g), pomace by
 * straining and everything alike by trimming (shares of its mass).
 */
final readonly class Loss
{
    /** @param list<array{kind: 'reduce'|'reduce-to'|'strain'|'trim', amount: float}> $steps */
    private function __construct(public array $steps) {}

    public static function none(): self
    {
        return new self([]);
    }

    /** Water boiled or baked off, as a share 0…0.95 of the layer's mass. */
    public static function reduceBy(float $share): self
    {
        return new self([['kind' => 'reduce', 'amount' => self::share($share)]]);
    }

    public static function reduceTo(float $grams): self
    {
        if ($grams <= 0.0) {
            throw Nonsense::of('loss', \sprintf('reduce to %s g', $grams), 'give a mass above 0 g');
        }

        return new self([['kind' => 'reduce-to', 'amount' => $grams]]);
    }

    public static function trim(float $share): self
    {
        return new self([['kind' => 'trim', 'amount' => self::share($share)]]);
    }

    public static function strain(float $share): self
    {
        return new self([['kind' => 'strain', 'amount' => self::share($share)]]);
    }

    /** For a layer of another mass: only a mass to reduce to is not a share. */
    public function times(float $factor): self
    {
        return new self(array_map(static fn(array $step): array => $step['kind'] === 'reduce-to' ? ['kind' => 'reduce-to', 'amount' => $step['amount'] * $factor] : $step, $this->steps));
    }

    public function then(self $next): self
    {
        return new self([...$this->steps, ...$next->steps]);
    }

    /**
     * Reads "reduce by 1/4", "reduce by 25 %", "reduce to 850 g", "bake 8 %", "strain 12 %", "trim 5 %", several after another
     * with commas, or "none".
     *
     * @throws Nonsense if it is none of these
     */
    public static function parse(string $text): self
    {
        $loss = self::none();
        foreach (explode(',', trim(mb_strtolower($text))) as $step) {
            $loss = $loss->then(self::step(trim($step), $text));
        }

        return $loss;
    }

    /**
     * Takes every step from a layer.
     *
     * @param array<string, float> $parts g of each part in the whole layer
     *
     * @return array{mass: float, parts: array<string, float>, kept: float} mass and parts left, g, and the share 0…1 of what does not evaporate or strain off
     */
    public function take(float $mass, array $parts): array
    {
        $kept = 1.0;
        foreach ($this->steps as ['kind' => $kind, 'amount' => $amount]) {
            if ($kind === 'trim') {
                $kept *= 1.0 - $amount;
                $mass *= 1.0 - $amount;
                foreach ($parts as $part => $grams) {
                    $parts[$part] = $grams * (1.0 - $amount);
                }
            } elseif ($kind === 'strain') {
                [$mass, $parts] = self::strained($mass, $parts, $amount);
            } else {
                $water = $parts['water'] ?? 0.0;
                $lost = min($kind === 'reduce' ? $mass * $amount : max(0.0, $mass - $amount), 0.98 * $water);
                $mass -= $lost;
                $parts['water'] = $water - $lost;
            }
        }

        return ['mass' => $mass, 'parts' => $parts, 'kept' => $kept];
    }

    public function isNone(): bool
    {
        return $this->steps === [];
    }

    public function words(): string
    {
        return $this->steps === [] ? 'none' : implode(', ', array_map(static fn(array $step): string => match ($step['kind']) {
            'reduce' => \sprintf('reduce by %g %%', round($step['amount'] * 100, 2)),
            'reduce-to' => \sprintf('reduce to %g g', $step['amount']),
            'strain' => \sprintf('strain %g %%', round($step['amount'] * 100, 2)),
            'trim' => \sprintf('trim %g %%', round($step['amount'] * 100, 2)),
        }, $this->steps));
    }

    private static function step(string $text, string $whole): self
    {
        if ($text === '' || $text === 'none') {
            return self::none();
        }
        if (preg_match('/^reduce to (\d+(?:\.\d+)?)\s*g$/', $text, $m)) {
            return self::reduceTo((float) $m[1]);
        }
        if (preg_match('#^(reduce by|reduce|bake|strain|trim)\s+(\d+(?:\.\d+)?)\s*(?:/\s*(\d+)|(%))$#', $text, $m)) {
            $share = ($m[3] ?? '') !== '' ? (float) $m[2] / max(1.0, (float) $m[3]) : (float) $m[2] / 100;

            return match ($m[1]) {
                'trim' => self::trim($share),
                'strain' => self::strain($share),
                default => self::reduceBy($share),
            };
        }

        throw Nonsense::of('loss', $whole, 'write it like "reduce by 1/4", "reduce to 850 g", "bake 8 %", "strain 12 %" or "trim 5 %"');
    }

    /**
     * @param array<string, float> $parts
     *
     * @return array{0: float, 1: array<string, float>}
     */
    private static function strained(float $mass, array $parts, float $share): array
    {
        $pomace = $mass * $share;
        $fibre = $parts['fibre'] ?? 0.0;
        $solids = min(0.95 * $fibre, $pomace * Figure::PomaceSolids->number() / 100);
        $left = $fibre > 0.0 ? 1.0 - $solids / $fibre : 1.0;
        foreach (['fibre', 'insoluble', 'particles'] as $part) {
            if (isset($parts[$part])) {
                $parts[$part] *= $left;
            }
        }
        $rest = $mass - $solids;
        $kept = $rest > 0.0 ? ($rest - ($pomace - $solids)) / $rest : 1.0;
        foreach ($parts as $part => $grams) {
            $parts[$part] = $grams * $kept;
        }

        return [$mass - $pomace, $parts];
    }

    private static function share(float $share): float
    {
        if ($share < 0.0 || $share > 0.95) {
            throw Nonsense::of('loss', \sprintf('%g %%', $share * 100), 'give a share between 0 and 95 %');
        }

        return $share;
    }
}
