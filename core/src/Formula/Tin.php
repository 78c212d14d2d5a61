<?php

declare(strict_types=1);

namespace Transmuta\Formula;

use Transmuta\Fault\Nonsense;

/** A vessel by inner size in mm, possibly several of them; a glass is given by its volume in ml. */
final readonly class Tin
{
    private function __construct(
        public string $shape,
        public int $count,
        public float $a,
        public float $b,
        public float $height,
    ) {}

    public static function round(int $count, float $diameterMm, float $heightMm): self
    {
        self::check($count, $diameterMm, $heightMm);

        return new self('round', $count, $diameterMm, $diameterMm, $heightMm);
    }

    public static function rect(int $count, float $lengthMm, float $widthMm, float $heightMm): self
    {
        self::check($count, $lengthMm, $heightMm);
        self::check($count, $widthMm, $heightMm);

        return new self('rect', $count, $lengthMm, $widthMm, $heightMm);
    }

    /** A straight glass as high as it is wide. */
    public static function glass(int $count, float $volumeMl): self
    {
        if ($count < 1 || $count > 10000) {
            throw Nonsense::of('tin', \sprintf('%d x glass', $count), 'give a number from 1 to 10000');
        }
        if ($volumeMl < 5.0 || $volumeMl > 20000.0) {
            throw Nonsense::of('tin', \sprintf('glass %s ml', $volumeMl), 'give a volume between 5 and 20000 ml');
        }
        $side = (4000.0 * $volumeMl / \M_PI) ** (1 / 3);

        return new self('glass', $count, $side, $side, $side);
    }

    /**
     * Reads "round 200 x 60 mm", "12 x round 8 x 2 cm", "rect 12 x 8 x 1.5 in" or "glass 150 ml"; sizes without a unit are mm.
     *
     * @throws Nonsense if it is none of these
     */
    public static function parse(string $text): self
    {
        $n = '(\d+(?:\.\d+)?)';
        $count = '(?:(\d+)\s*[x×]\s*)?';
        $unit = '(?:\s*(mm|cm|in(?:ch(?:es)?)?|"))?';
        $mm = static fn(string $value, ?string $unit): float => round((float) $value * match (mb_strtolower($unit ?? '')) {
            '', 'mm' => 1.0,
            'cm' => 10.0,
            default => 25.4,
        }, 1);
        if (preg_match("/^\\s*{$count}round\\s+$n\\s*[x×]\\s*$n$unit\\s*$/iu", $text, $m)) {
            return self::round($m[1] === '' ? 1 : (int) $m[1], $mm($m[2], $m[4] ?? null), $mm($m[3], $m[4] ?? null));
        }
        if (preg_match("/^\\s*{$count}rect\\s+$n\\s*[x×]\\s*$n\\s*[x×]\\s*$n$unit\\s*$/iu", $text, $m)) {
            return self::rect($m[1] === '' ? 1 : (int) $m[1], $mm($m[2], $m[5] ?? null), $mm($m[3], $m[5] ?? null), $mm($m[4], $m[5] ?? null));
        }
        if (preg_match("/^\\s*{$count}glass\\s+$n\\s*(?:ml)?\\s*$/iu", $text, $m)) {
            return self::glass($m[1] === '' ? 1 : (int) $m[1], (float) $m[2]);
        }

        throw Nonsense::of('tin', $text, 'write it like "round 200 x 60 mm", "12 x round 80 x 20 mm", "rect 300 x 200 x 40 mm" or "glass 150 ml"');
    }

    /** As many of the same vessel. */
    public function times(int $count): self
    {
        self::check($count, $this->a, $this->height);

        return new self($this->shape, $count, $this->a, $this->b, $this->height);
    }

    /** The same as deep as that; a glass is as high as its volume makes it. */
    public function deep(float $heightMm): self
    {
        self::check($this->count, $this->a, $heightMm);

        return $this->shape === 'glass' ? $this : new self($this->shape, $this->count, $this->a, $this->b, $heightMm);
    }

    /** Floor area of all vessels together, mm². */
    public function area(): float
    {
        return $this->count * ($this->shape === 'rect' ? $this->a * $this->b : \M_PI / 4 * $this->a ** 2);
    }

    /** ml of all vessels together. */
    public function volume(): float
    {
        return $this->area() * $this->height / 1000;
    }

    public function words(): string
    {
        $many = $this->count > 1 ? $this->count . ' x ' : '';

        return $many . match ($this->shape) {
            'rect' => \sprintf('rect %g x %g x %g mm', $this->a, $this->b, $this->height),
            'glass' => \sprintf('glass %g ml', round($this->volume() / $this->count)),
            default => \sprintf('round %g x %g mm', $this->a, $this->height),
        };
    }

    private static function check(int $count, float $length, float $height): void
    {
        if ($count < 1 || $count > 10000 || $length < 5.0 || $length > 2000.0 || $height < 2.0 || $height > 500.0) {
            throw Nonsense::of('tin', \sprintf('%d x %g x %g mm', $count, $length, $height), 'sizes go from 5 to 2000 mm across and 2 to 500 mm deep');
        }
    }
}
