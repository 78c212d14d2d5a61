<?php

declare(strict_types=1);

namespace Transmuta\Process\Words;

use Transmuta\Fault\Nonsense;
use Transmuta\Shelf\Ingredient;

/** A kitchen's own measures (a ladle of 120 ml): what is weighed, said in them too, where they say it near enough. The scale stays what counts. */
final readonly class Measures
{
    private const MOST = 12;

    private const LEAST_ML = 0.5;

    private const MOST_ML = 20000.0;

    /** As near as a quarter of a measure must come to what is weighed. */
    private const NEAR = 0.05;

    private const QUARTERS = [1 => '¼', 2 => '½', 3 => '¾'];

    /** More of one than this is counted wrong. */
    private const MOST_OF_ONE = 12.0;

    /** @param array<string, float> $ml by name, the largest first */
    private function __construct(public array $ml) {}

    /**
     * @param array<array-key, mixed> $list rows of `name` and `ml`
     *
     * @throws Nonsense if one cannot be meant
     */
    public static function read(array $list): self
    {
        if (\count($list) > self::MOST) {
            throw Nonsense::of('measures', (string) \count($list), 'keep at most ' . self::MOST . ' measures');
        }
        $ml = [];
        foreach (array_values($list) as $n => $row) {
            $name = \is_array($row) && \is_string($row['name'] ?? null) ? mb_strtolower(trim($row['name'])) : '';
            $of = \is_array($row) && is_numeric($row['ml'] ?? null) ? (float) $row['ml'] : 0.0;
            if ($name === '' || mb_strlen($name) > 30 || preg_match('/\d/', $name) === 1) {
                throw Nonsense::of("measures.$n.name", $name, 'name it in up to 30 letters, such as ladle');
            }
            if ($of < self::LEAST_ML || $of > self::MOST_ML) {
                throw Nonsense::of("measures.$n.ml", (string) $of, 'say how many ml it holds, from 0.5 to 20000');
            }
            if (isset($ml[$name])) {
                throw Nonsense::of("measures.$n.name", $name, 'each measure is named once');
            }
            $ml[$name] = $of;
        }
        arsort($ml);

        return new self($ml);
    }

    /** "2¼ ladles"; null where nothing says it near enough, or nobody knows how heavy a spoon of it is. */
    public function of(float $grams, Ingredient $ingredient): ?string
    {
        $density = $ingredient->density();
        if ($density === null || $density <= 0.0 || $grams <= 0.0) {
            return null;
        }
        foreach ($this->ml as $name => $ml) {
            $count = $grams / $density / $ml;
            $quarters = (int) round(4 * $count);
            if ($quarters >= 1 && $count <= self::MOST_OF_ONE && abs($quarters / 4 - $count) <= self::NEAR * $count) {
                $whole = intdiv($quarters, 4);

                return ($whole > 0 ? $whole : '') . (self::QUARTERS[$quarters % 4] ?? '') . " $name" . ($quarters > 4 ? 's' : '');
            }
        }

        return null;
    }

    /** @return list<array{name: string, ml: float}> the largest first */
    public function write(): array
    {
        return array_map(static fn(string $name, float $ml): array => ['name' => $name, 'ml' => $ml], array_map(strval(...), array_keys($this->ml)), array_values($this->ml));
    }
}
