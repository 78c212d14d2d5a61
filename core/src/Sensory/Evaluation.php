<?php

declare(strict_types=1);

namespace Transmuta\Sensory;

use Transmuta\Fault\Nonsense;
use Transmuta\Statistics\Binomial;
use Transmuta\Statistics\Normal;

/** What a tasting says: exact, with its power, so that "not different" is never read out of too few tasters. */
final readonly class Evaluation
{
    private const MOST = 100_000;

    /** Tasters looked at at most for a wanted power. */
    private const MOST_NEEDED = 4000;

    /**
     * @param ?int $critical null where no count is
     * @param array{value: ?float, low: ?float, high: ?float} $apart null where all are right
     * @param array{value: float, low: float, high: float} $discriminators
     * @param ?array{first: int, safe: int} $needed null where no number up to 4000 is
     */
    private function __construct(
        public Method $method,
        public int $n,
        public int $right,
        public bool $isTwoSided,
        public float $p,
        public float $alpha,
        public ?int $critical,
        public array $apart,
        public array $discriminators,
        public float $power,
        public float $wantedPower,
        public float $wantedShare,
        public ?array $needed,
    ) {}

    /**
     * @param float $wantedShare of tasters who can tell, that must not be missed
     *
     * @throws Nonsense if the figures cannot be meant
     */
    public static function of(Method $method, int $n, int $right, bool $isTwoSided = false, float $alpha = 0.05, float $wantedPower = 0.9, float $wantedShare = 0.3): self
    {
        if ($n < 1 || $n > self::MOST) {
            throw Nonsense::of('n', (string) $n, 'say how many tasters answered, from 1 to ' . self::MOST);
        }
        if ($right < 0 || $right > $n) {
            throw Nonsense::of('correct', (string) $right, "say how many of the $n were right");
        }
        foreach (['alpha' => $alpha, 'power' => $wantedPower] as $name => $share) {
            if ($share <= 0.0 || $share >= 1.0) {
                throw Nonsense::of($name, (string) $share, 'give a share between 0 and 1, such as 0.05');
            }
        }
        if ($wantedShare <= 0.0 || $wantedShare > 1.0) {
            throw Nonsense::of('pd', (string) $wantedShare, 'give a share of tasters who can tell, over 0 and at most 1');
        }
        $guess = $method->guess();
        [$low, $high] = Binomial::limits($right, $n);
        $share = static fn(float $p): float => max(0.0, ($p - $guess) / (1.0 - $guess));

        return new self(
            $method,
            $n,
            $right,
            $isTwoSided,
            $isTwoSided ? min(1.0, 2 * Binomial::atLeast(max($right, $n - $right), $n, $guess)) : Binomial::atLeast($right, $n, $guess),
            $alpha,
            Binomial::critical($n, $guess, $isTwoSided ? $alpha / 2 : $alpha),
            ['value' => $method->apart($right / $n), 'low' => $method->apart($low), 'high' => $method->apart($high)],
            ['value' => $share($right / $n), 'low' => $share($low), 'high' => $share($high)],
            self::power($method, $n, $isTwoSided, $alpha, $wantedShare),
            $wantedPower,
            $wantedShare,
            self::needed($method, $isTwoSided, $alpha, $wantedPower, $wantedShare),
        );
    }

    public function isSignificant(): bool
    {
        return $this->p <= $this->alpha;
    }

    /** Chance that so many tasters show a difference that this share of them can tell. */
    public static function power(Method $method, int $n, bool $isTwoSided, float $alpha, float $share): float
    {
        $critical = Binomial::critical($n, $method->guess(), $isTwoSided ? $alpha / 2 : $alpha);
        if ($critical === null) {
            return 0.0;
        }
        $right = $method->guess() + (1.0 - $method->guess()) * $share;

        return Binomial::atLeast($critical, $n, $right) + ($isTwoSided ? 1.0 - Binomial::atLeast($n - $critical + 1, $n, $right) : 0.0);
    }

    /**
     * Power goes up and down like a saw as tasters are added: the first number that reaches it, and the first from which all larger do.
     *
     * @return ?array{first: int, safe: int}
     */
    private static function needed(Method $method, bool $isTwoSided, float $alpha, float $power, float $share): ?array
    {
        $first = $safe = null;
        for ($n = self::fewest($method, $isTwoSided ? $alpha / 2 : $alpha, $power, $share), $end = self::MOST_NEEDED; $n <= $end; ++$n) {
            if (self::power($method, $n, $isTwoSided, $alpha, $share) < $power) {
                $safe = null;
                continue;
            }
            $first ??= $n;
            $safe ??= $n;
            // No tooth of the saw is so long: well beyond the first, all that fail have failed.
            $end = min(self::MOST_NEEDED, max(2 * $first, $first + 60));
        }

        return $first === null || $safe === null ? null : ['first' => $first, 'safe' => $safe];
    }

    /** From where it is worth looking: well below what the normal form of the test asks for. */
    private static function fewest(Method $method, float $alpha, float $power, float $share): int
    {
        $guess = $method->guess();
        $right = $guess + (1.0 - $guess) * $share;
        $about = ((Normal::at(1.0 - $alpha) * sqrt($guess * (1.0 - $guess)) + Normal::at($power) * sqrt($right * (1.0 - $right))) / ($right - $guess)) ** 2;

        return max(1, (int) floor(0.6 * $about) - 12);
    }

    /** @return array<string, mixed> */
    public function write(): array
    {
        return [
            'test' => $this->method->value, 'n' => $this->n, 'correct' => $this->right, 'p0' => $this->method->guess(), 'sided' => $this->isTwoSided ? 'two' : 'one', 'p_value' => $this->p, 'alpha' => $this->alpha,
            'critical' => $this->critical, 'significant' => $this->isSignificant(), 'd_prime' => $this->apart, 'p_d' => $this->discriminators, 'power_here' => $this->power,
            'power' => $this->wantedPower, 'pd' => $this->wantedShare, 'tasters_needed' => $this->needed,
        ];
    }
}
