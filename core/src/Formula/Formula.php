<?php

declare(strict_types=1);

namespace Transmuta\Formula;

use Transmuta\Fault\Nonsense;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Measured;

/** A dish as its maker writes it: layers of lines, portions (1…10000) and the temperature it is eaten at (−30…90 °C). */
final readonly class Formula
{
    public const MOST_PORTIONS = 10000;

    /**
     * @param list<Layer> $layers bottom first
     * @param list<Step> $method the maker's own steps
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
     * @param list<Step> $method
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

    public function named(string $title, Family $family): self
    {
        return new self($title, $family, $this->measures, $this->portions, $this->serveAt, $this->layers, $this->method, $this->measured);
    }

    /**
     * What the steps of before did to its lines is not known of these.
     *
     * @param list<Step> $method
     */
    public function withMethod(array $method): self
    {
        $layers = array_map(static fn(Layer $layer): Layer => $layer->with(array_map(static fn(Line $line): Line => $line->meeting(null), $layer->lines)), $this->layers);

        return new self($this->title, $this->family, $this->measures, $this->portions, $this->serveAt, $layers, $method, $this->measured);
    }

    /** @return array<string, float> g of each ingredient in all its layers, by id */
    public function holds(): array
    {
        $holds = [];
        foreach ($this->layers as $layer) {
            foreach ($layer->understood() as $line) {
                $holds[(string) $line->ingredient] = ($holds[(string) $line->ingredient] ?? 0.0) + $line->grams;
            }
        }

        return $holds;
    }

    /** @return list<Line> lines computed from a guess that nobody has confirmed, in order */
    public function provisional(): array
    {
        return array_merge(...array_map(static fn(Layer $layer): array => array_values(array_filter($layer->lines, static fn(Line $line): bool => $line->isProvisional())), $this->layers), ...[[]]);
    }

    /**
     * What has to be answered before anything can be stated of the dish: lines nobody understands, and guesses nobody has confirmed.
     *
     * @return list<string>
     */
    public function questions(): array
    {
        $questions = [];
        foreach ($this->unresolved() as $line) {
            $questions[] = \sprintf(str_contains((string) $line->reason, 'No amount') ? 'How much is meant by “%s”?' : 'What is “%s”?', mb_strimwidth($line->text, 0, 80, '…'));
        }
        foreach ($this->provisional() as $line) {
            $questions[] = \sprintf('What is “%s”? It is read as a guess.', mb_strimwidth($line->text === '' ? (string) $line->ingredient : $line->text, 0, 80, '…'));
        }

        return array_values(array_unique($questions));
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
