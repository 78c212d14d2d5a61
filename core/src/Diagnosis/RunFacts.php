<?php

declare(strict_types=1);

namespace Transmuta\Diagnosis;

use Transmuta\Fault\Nonsense;

/** What is known of how it was made: temperatures °C, times min or h as their names say; each may be missing. */
final readonly class RunFacts
{
    /** Least and most that can be meant. */
    private const NUMBERS = [
        't_max_c' => [-30.0, 300.0], 'boil_min' => [0.0, 600.0], 'join_c' => [-20.0, 200.0], 'fold_c' => [-20.0, 120.0], 'fold_to_fill_min' => [0.0, 600.0], 'pour_c' => [-20.0, 200.0], 'oven_c' => [0.0, 350.0],
        'whip_c' => [-20.0, 120.0], 'cold_h' => [0.0, 8760.0], 'core_c' => [-40.0, 150.0], 'out_min' => [0.0, 10080.0], 'out_c' => [-30.0, 60.0], 'yield_percent' => [1.0, 300.0], 'ph_found' => [0.0, 14.0],
        'brix_found' => [0.0, 100.0], 'density_g_ml' => [0.05, 3.0], 'density_target_g_ml' => [0.05, 3.0],
    ];

    private const FLAGS = ['bath', 'bowl_cold', 'frozen'];

    /** @param array<string, float> $known flags as 0 or 1 */
    private function __construct(public array $known) {}

    /**
     * @param array<array-key, mixed> $data
     *
     * @throws Nonsense naming what cannot be meant
     */
    public static function read(array $data): self
    {
        $known = [];
        foreach ($data as $name => $value) {
            $name = (string) $name;
            if ($value === null) {
                continue;
            }
            if (\in_array($name, self::FLAGS, true)) {
                $known[$name] = \is_bool($value) ? (float) $value : throw Nonsense::sent("run.$name", $value, 'say true or false');
                continue;
            }
            [$least, $most] = self::NUMBERS[$name] ?? throw Nonsense::sent("run.$name", $value, 'name one of ' . implode(', ', [...array_keys(self::NUMBERS), ...self::FLAGS]));
            if ((!\is_int($value) && !\is_float($value)) || $value < $least || $value > $most) {
                throw Nonsense::sent("run.$name", $value, "give a number from $least to $most");
            }
            $known[$name] = (float) $value;
        }

        return new self($known);
    }

    /** @return list<array{id: string, words: string, low: ?float, high: ?float}> what can be said, flags without limits */
    public static function asked(): array
    {
        $all = [];
        foreach (self::NUMBERS as $name => [$low, $high]) {
            $all[] = ['id' => $name, 'words' => Metrics::words($name), 'low' => $low, 'high' => $high];
        }
        foreach (self::FLAGS as $name) {
            $all[] = ['id' => $name, 'words' => Metrics::words($name), 'low' => null, 'high' => null];
        }

        return $all;
    }

    public function of(string $name): ?float
    {
        return $this->known[$name] ?? null;
    }
}
