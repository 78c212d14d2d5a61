<?php

declare(strict_types=1);

namespace Transmuta\Formula;

use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Measured;

/** A dish as its maker writes it: layers of lines, portions (1…10000) and the temperature it is eaten at (−30…90 °C). */
final readonly class Formula
{
    public const MOST_PORTIONS = 10000;

    /**
     * @param list<Layer> $layers bottom first
     * @param list<string> $method the maker's own steps
     * @param list<Measured> $measured fruit as measured for this dish
     */
    private function __construct(
        public string $title,
        public Family $family,
        public UnitSystem $measures,
        public int $portions,
        public float $serveAt,
        public array $layers,
        public array $method,
        public array $measured,
    ) {}

    /**
     * @param list<Layer> $layers
     * @param list<string> $method
     * @param list<Measured> $measured
     *
     * @throws Nonsense if portions or the serving temperature cannot be meant
     */
    public static function of(
        string $title,
        array $layers,
        Family $family = Family::Other,
        UnitSystem $measures = UnitSystem::Metric,
        int $portions = 1,
        float $serveAt = 5.0,
        array $method = [],
        array $measured = [],
    ): self {
        if ($portions < 1 || $portions > self::MOST_PORTIONS) {
            throw Nonsense::of('portions', (string) $portions, 'give a whole number from 1 to 10000');
        }
        if ($serveAt < -30.0 || $serveAt > 90.0) {
            throw Nonsense::of('serve at', \sprintf('%s C', $serveAt), 'give a temperature between −30 and 90 °C');
        }

        return new self($title, $family, $measures, $portions, $serveAt, $layers, $method, $measured);
    }

    /** @param list<Layer> $layers */
    public function with(array $layers, ?string $title = null): self
    {
        return new self($title ?? $this->title, $this->family, $this->measures, $this->portions, $this->serveAt, $layers, $this->method, $this->measured);
    }

    /** @return list<Line> lines not understood, in order */
    public function unresolved(): array
    {
        $lines = [];
        foreach ($this->layers as $layer) {
            foreach ($layer->lines as $line) {
                if ($line->ingredient === null) {
                    $lines[] = $line;
                }
            }
        }

        return $lines;
    }
}
