<?php

declare(strict_types=1);

namespace Transmuta\Sensory;

use Transmuta\Fault\Nonsense;

/**
 * Who tastes what in which order under which code: every order as often as every other, to within one; the same seed gives the same sheet.
 * Orders of the standards (ISO 4120, 10399, 5495); Williams squares (1949) where samples are judged one by one.
 */
final class Design
{
    private const ORDERS = [
        'triangle' => ['AAB', 'ABA', 'BAA', 'BBA', 'BAB', 'ABB'],
        // The reference first, marked as such.
        'duo-trio' => ['AAB', 'ABA', 'BAB', 'BBA'],
        'paired' => ['AB', 'BA'],
    ];

    /** Each judged one by one: too little, right or too much, and how well it is liked. */
    public const JUST_RIGHT = 'just-right';

    /** Code of a marked reference. */
    public const REFERENCE = 0;

    private const MOST_TASTERS = 240;

    private const MOST_SAMPLES = 6;

    /**
     * @param string $method triangle, duo-trio, paired or just-right
     *
     * @return list<list<array{code: int, letter: string}>> by seat, in the order they are tasted
     *
     * @throws Nonsense if so many cannot be seated
     */
    public static function seats(string $method, int $samples, int $tasters, int $seed): array
    {
        if ($tasters < 1 || $tasters > self::MOST_TASTERS) {
            throw Nonsense::of('tasters', (string) $tasters, 'seat from 1 to ' . self::MOST_TASTERS . ' tasters');
        }
        $wanted = isset(self::ORDERS[$method]) ? [2, 2] : [1, self::MOST_SAMPLES];
        if ($samples < $wanted[0] || $samples > $wanted[1]) {
            throw Nonsense::of('samples', (string) $samples, isset(self::ORDERS[$method]) ? 'compare two samples' : 'judge one to six samples');
        }
        $dice = new Dice($seed);
        $letters = $dice->shuffled(array_map(static fn(int $n): string => \chr(65 + $n), range(0, $samples - 1)));
        $orders = self::ORDERS[$method] ?? self::williams($samples);
        $dealt = [];
        while (\count($dealt) < $tasters) {
            // Whole rounds first; what is left over is drawn without putting back.
            array_push($dealt, ...\array_slice($dice->shuffled($orders), 0, $tasters - \count($dealt)));
        }
        $seats = [];
        foreach ($dealt as $order) {
            $codes = new Codes($dice);
            $seat = [];
            foreach (str_split($order) as $n => $place) {
                $seat[] = ['code' => $method === 'duo-trio' && $n === 0 ? self::REFERENCE : $codes->next(), 'letter' => $letters[\ord($place) - 65]];
            }
            $seats[] = $seat;
        }

        return $seats;
    }

    /** Whether every order is used equally often. */
    public static function isBalanced(string $method, int $samples, int $tasters): bool
    {
        return $tasters % \count(self::ORDERS[$method] ?? self::williams($samples)) === 0;
    }

    /** How many tasters use every order once. */
    public static function round(string $method, int $samples): int
    {
        return \count(self::ORDERS[$method] ?? self::williams($samples));
    }

    /**
     * Each sample in each place equally often, and after each other equally often: first row 0, 1, k − 1, 2, …; row i adds i; for odd k every row
     * reversed as well.
     *
     * @return list<string>
     */
    public static function williams(int $k): array
    {
        $first = [0];
        for ($i = 1; \count($first) < $k; ++$i) {
            $first[] = $i;
            if (\count($first) < $k) {
                $first[] = $k - $i;
            }
        }
        $rows = [];
        for ($i = 0; $i < $k; ++$i) {
            $rows[] = implode('', array_map(static fn(int $of): string => \chr(65 + ($of + $i) % $k), $first));
        }

        return $k % 2 === 1 && $k > 1 ? [...$rows, ...array_map(strrev(...), $rows)] : $rows;
    }
}
