<?php

declare(strict_types=1);

namespace Transmuta\Process\Costing;

use Transmuta\Fault\Nonsense;

/** What a studio reckons with beside what it buys. Money in integer minor units; what it never said is an example from memory ({@see Costing}). */
final readonly class Rates
{
    private const MOST = 10_000_000;

    /**
     * @param ?int $labour an hour of hands
     * @param ?int $energy a kWh
     * @param int $packaging a portion
     * @param string $taxWord "VAT", "GST"; '' where it names none
     * @param float $taxPercent that is within the price a portion sells for
     */
    private function __construct(public ?int $labour, public ?int $energy, public int $packaging, public string $taxWord, public float $taxPercent) {}

    /**
     * @param array<array-key, mixed> $data
     *
     * @throws Nonsense naming what cannot be meant
     */
    public static function read(array $data): self
    {
        $minor = static function (string $key) use ($data): ?int {
            $value = $data[$key] ?? null;
            if ($value !== null && (!\is_int($value) || $value < 0 || $value > self::MOST)) {
                throw Nonsense::sent($key, $value, 'give whole minor units, from 0 to ' . self::MOST);
            }

            return $value;
        };
        $word = $data['tax_word'] ?? '';
        $percent = $data['tax_percent'] ?? 0.0;
        if (!\is_string($word) || mb_strlen($word) > 20) {
            throw Nonsense::sent('tax_word', $word, 'name the tax in up to 20 letters, such as VAT');
        }
        if ((!\is_int($percent) && !\is_float($percent)) || $percent < 0.0 || $percent > 60.0) {
            throw Nonsense::sent('tax_percent', $percent, 'give per cent, from 0 to 60');
        }

        return new self($minor('labour'), $minor('energy'), $minor('packaging') ?? 0, trim($word), (float) $percent);
    }

    /** What is left of a price when the tax within it is handed on, minor units. */
    public function withoutTax(int $price): int
    {
        return (int) round($price / (1 + $this->taxPercent / 100));
    }

    /** @return array{labour: ?int, energy: ?int, packaging: int, tax_word: string, tax_percent: float} */
    public function write(): array
    {
        return ['labour' => $this->labour, 'energy' => $this->energy, 'packaging' => $this->packaging, 'tax_word' => $this->taxWord, 'tax_percent' => $this->taxPercent];
    }
}
