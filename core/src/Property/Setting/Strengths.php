<?php

declare(strict_types=1);

namespace Transmuta\Property\Setting;

use Transmuta\Fault\Nonsense;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Reference;
use Transmuta\Reference\Table;

/**
 * By what factor each mechanism sets firmer (over 1) or softer in this kitchen than the shipped model says, and how sure that is: those a person took
 * over from the kitchen's own trials ({@see \Transmuta\Trial\Learning\KitchenFactors}). None of them is ever put to use by itself.
 */
final class Strengths
{
    /** @param array<string, array{factor: float, spread: float}> $of by mechanism; spread is a standard deviation of ln factor */
    private function __construct(private readonly array $of) {}

    public static function none(): self
    {
        return new self([]);
    }

    /**
     * @param array<array-key, mixed> $of by mechanism: its factor and the low and high of its 95 % interval
     *
     * @throws Nonsense naming the mechanism that is none, or whose figures cannot be
     */
    public static function read(array $of, Reference $reference): self
    {
        $known = [];
        foreach ($of as $mechanism => $given) {
            if (!isset($reference->mechanisms[$mechanism])) {
                throw Nonsense::of('factors', (string) $mechanism, 'choose one of ' . implode(', ', array_keys($reference->mechanisms)));
            }
            $figure = static fn(string $key): float => \is_array($given) && is_numeric($given[$key] ?? null) ? (float) $given[$key] : 0.0;
            [$factor, $low, $high] = [$figure('factor'), $figure('low'), $figure('high')];
            if ($low <= 0.0 || $low > $factor || $factor > $high || $high > Figure::SetFurthest->number() || $low < 1 / Figure::SetFurthest->number()) {
                throw Nonsense::of("factors, $mechanism", "$factor ($low to $high)", \sprintf('give a factor from %g to %g that lies in its interval', 1 / Figure::SetFurthest->number(), Figure::SetFurthest->number()));
            }
            $known[(string) $mechanism] = ['factor' => $factor, 'spread' => log($high / $low) / (2 * 1.96)];
        }

        return new self($known);
    }

    /**
     * @param array<string, float> $ge GE % by mechanism, by the shipped model
     *
     * @return array<string, float> as this kitchen makes it
     */
    public function applied(array $ge): array
    {
        foreach ($this->of as $mechanism => ['factor' => $factor]) {
            if (isset($ge[$mechanism])) {
                $ge[$mechanism] *= $factor;
            }
        }

        return $ge;
    }

    /** 1 where nobody has said otherwise. */
    public function factor(string $mechanism): float
    {
        return $this->of[$mechanism]['factor'] ?? 1.0;
    }

    /** Standard deviation of ln factor. */
    public function spread(string $mechanism): float
    {
        return $this->of[$mechanism]['spread'] ?? Figure::SetKitchens->number();
    }

    /**
     * How far one packet is from another of its kind, as a standard deviation of ln: told only where the kitchen's own factor is known, for what nobody
     * knows of a kitchen holds it already.
     */
    public function packet(string $mechanism): float
    {
        if (!isset($this->of[$mechanism])) {
            return 0.0;
        }
        $packets = Kept::once(self::class, static fn(): array => array_map(floatval(...), array_column(Table::of('trial/packets'), 'spread', 'mechanism')));

        return $packets[$mechanism] ?? 0.0;
    }

    /**
     * @param array<string, float> $mechanisms
     *
     * @return array<string, float> factors other than the shipped ones that bear on these
     */
    public function used(array $mechanisms): array
    {
        return array_map(static fn(array $one): float => $one['factor'], array_intersect_key($this->of, $mechanisms));
    }
}
