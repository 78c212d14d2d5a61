<?php

declare(strict_types=1);

namespace Transmuta\Trial\Outcome;

use Transmuta\Fault\Nonsense;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Sensory\Just;
use Transmuta\Trial\Learning\Finding;

/**
 * What came out of a trial: how each layer set, by the step or measured, and whatever else somebody looked at. Nothing is judged that nobody said:
 * what was not looked at is not there.
 */
final readonly class Outcome
{
    public const VERDICTS = ['keep', 'change', 'drop'];

    public const GRAINS = ['smooth', 'a little grainy', 'grainy', 'lumpy'];

    /** What is measured of the whole, with what can be meant. */
    public const MEASURES = [
        'ph' => ['low' => 1.5, 'high' => 9.0, 'unit' => 'pH'], 'brix' => ['low' => 0.0, 'high' => 90.0, 'unit' => '°Bx'], 'height_mm' => ['low' => 1.0, 'high' => 400.0, 'unit' => 'mm'],
        'weep_g' => ['low' => 0.0, 'high' => 100.0, 'unit' => 'g of 100 g in 24 h'],
    ];

    private const WORDS = ['colour', 'cut'];

    private const LONGEST = 400;

    /** Days on which it is looked at how it keeps. */
    private const LAST_DAY = 4;

    /**
     * @param array<string, array{set: array<string, float|string>, finding: Finding}> $layers by the layer's id
     * @param array<string, float> $measures
     * @param array<string, string> $words
     * @param list<array{day: int, words: string}> $keeps
     */
    private function __construct(
        public array $layers,
        public ?string $sweetness,
        public ?string $sharpness,
        public ?string $grain,
        public array $measures,
        public array $words,
        public array $keeps,
        public ?string $verdict,
        public string $next,
        public string $remark,
    ) {}

    /**
     * @param array<array-key, mixed> $said
     * @param list<string> $layers ids of the layers whose set can be judged
     *
     * @throws Nonsense naming the place of what cannot be meant, or that nothing was said
     */
    public static function read(array $said, array $layers): self
    {
        $keeps = self::keeps($said['keeps'] ?? []);
        $measures = $words = [];
        foreach (self::MEASURES as $name => $of) {
            $value = $said[$name] ?? null;
            if ($value !== null) {
                $measures[$name] = self::within($name, $value, $of['low'], $of['high'], $of['unit']);
            }
        }
        foreach (self::WORDS as $name) {
            $told = self::text($name, $said[$name] ?? null);
            if ($told !== '') {
                $words[$name] = $told;
            }
        }
        $just = array_column(Just::cases(), 'value');
        $one = new self(
            self::layers($said['layers'] ?? [], $layers),
            self::chosen('sweetness', $said['sweetness'] ?? null, $just),
            self::chosen('sharpness', $said['sharpness'] ?? null, $just),
            self::chosen('grain', $said['grain'] ?? null, self::GRAINS),
            $measures,
            $words,
            $keeps,
            self::chosen('verdict', $said['verdict'] ?? null, self::VERDICTS),
            self::text('next', $said['next'] ?? null),
            self::text('remark', $said['remark'] ?? null, 4000),
        );
        if ($one->layers === [] && $one->sweetness === null && $one->sharpness === null && $one->grain === null && $measures === [] && $words === [] && $keeps === [] && $one->verdict === null && $one->remark === '') {
            throw Nonsense::of('found', 'nothing', 'say at least one thing that was found: how it set, how sweet, a measure or a remark');
        }

        return $one;
    }

    /** @return array<string, mixed> as it is kept and read back */
    public function write(): array
    {
        return [
            'layers' => array_map(static fn(string $id, array $one): array => ['layer_id' => $id, ...$one['set'], 'u' => round($one['finding']->u, 3), 'sd' => round(sqrt($one['finding']->variance), 3)], array_keys($this->layers), array_values($this->layers)),
            'grain' => $this->grain, ...array_fill_keys([...array_keys(self::MEASURES), ...self::WORDS], null), ...$this->measures, ...$this->words, 'keeps' => $this->keeps,
        ];
    }

    /** The step a layer was found at: the one its place on the ladder stands on; null where it was not looked at. */
    public function step(string $layer): ?int
    {
        return isset($this->layers[$layer]) ? Ladder::standsOn($this->layers[$layer]['finding']->u) : null;
    }

    /**
     * @param list<string> $known
     *
     * @return array<string, array{set: array<string, float|string>, finding: Finding}>
     */
    private static function layers(mixed $said, array $known): array
    {
        if (!\is_array($said) || !array_is_list($said) || \count($said) > 20) {
            throw Nonsense::sent('layers', $said, 'give a list of layers and what was found of each');
        }
        $found = [];
        foreach ($said as $n => $one) {
            $id = \is_array($one) ? ($one['layer_id'] ?? null) : null;
            if (!\is_array($one) || !\is_string($id) || !\in_array($id, $known, true)) {
                throw Nonsense::sent("layers.$n.layer_id", $id, 'name a layer of this revision that sets; a base is judged in words');
            }
            if (isset($found[$id])) {
                throw Nonsense::of("layers.$n.layer_id", $id, 'say each layer once');
            }
            $set = array_intersect_key($one, ['step_index' => 1, 'protocol' => 1, 'value' => 1, 'force_g' => 1]);
            try {
                $finding = Finding::read($set);
            } catch (Nonsense $nonsense) {
                throw Nonsense::in("layers.$n", $nonsense);
            }
            $set = array_map(static fn(mixed $v): float|string => \is_string($v) ? strtoupper($v) : (is_numeric($v) ? (float) $v : 0.0), array_filter($set, static fn(mixed $v): bool => $v !== null));
            $found[$id] = ['set' => $set, 'finding' => $finding];
        }

        return $found;
    }

    /** @return list<array{day: int, words: string}> by the day */
    private static function keeps(mixed $said): array
    {
        if (!\is_array($said) || !array_is_list($said)) {
            throw Nonsense::sent('keeps', $said, 'give a list of days and words');
        }
        $days = [];
        foreach ($said as $n => $one) {
            $day = \is_array($one) ? ($one['day'] ?? null) : null;
            if (!\is_array($one) || !\is_int($day) || $day < 1 || $day > self::LAST_DAY || isset($days[$day])) {
                throw Nonsense::sent("keeps.$n.day", $day, 'give each day from 1 to ' . self::LAST_DAY . ' once');
            }
            $words = self::text("keeps.$n.words", $one['words'] ?? null);
            if ($words !== '') {
                $days[$day] = ['day' => $day, 'words' => $words];
            }
        }
        ksort($days);

        return array_values($days);
    }

    private static function within(string $name, mixed $value, float $low, float $high, string $unit): float
    {
        if ((!\is_int($value) && !\is_float($value)) || $value < $low || $value > $high) {
            throw Nonsense::sent($name, $value, "give a figure from $low to $high $unit");
        }

        return (float) $value;
    }

    /** @param list<string> $of */
    private static function chosen(string $name, mixed $value, array $of): ?string
    {
        if ($value !== null && (!\is_string($value) || !\in_array($value, $of, true))) {
            throw Nonsense::sent($name, $value, 'choose one of ' . implode(', ', $of) . ', or leave it unsaid');
        }

        return $value;
    }

    private static function text(string $name, mixed $value, int $longest = self::LONGEST): string
    {
        if ($value === null) {
            return '';
        }
        if (!\is_string($value) || mb_strlen($value) > $longest) {
            throw Nonsense::sent($name, \is_string($value) ? mb_substr($value, 0, 40) . '…' : $value, "give at most $longest letters");
        }

        return trim($value);
    }
}
