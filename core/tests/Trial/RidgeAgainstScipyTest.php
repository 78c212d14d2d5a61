<?php

declare(strict_types=1);

namespace Transmuta\Tests\Trial;

use PHPUnit\Framework\TestCase;
use Transmuta\Trial\Learning\Ridge;

/** The ridge fit of kitchen factors against an outside reference: scipy's least squares on the rows weighted and stacked over the prior, forty random kitchens. */
final class RidgeAgainstScipyTest extends TestCase
{
    private const PYTHON = <<<'PY'
        import json, sys
        import numpy as np
        from scipy.linalg import lstsq, inv
        for line in sys.stdin:
            p = json.loads(line)
            S, r, sigma, tau = np.array(p['s']), np.array(p['r']), np.array(p['sigma']), p['tau']
            A = np.vstack([S / sigma[:, None], np.eye(S.shape[1]) / tau])
            b = np.concatenate([r / sigma, np.zeros(S.shape[1])])
            theta = lstsq(A, b)[0]
            cov = inv(A.T @ A)
            out = []
            for i in range(len(r)):
                keep = [j for j in range(len(r)) if j != i]
                t = lstsq(np.vstack([S[keep] / sigma[keep][:, None], np.eye(S.shape[1]) / tau]), np.concatenate([r[keep] / sigma[keep], np.zeros(S.shape[1])]))[0]
                out.append(float(r[i] - S[i] @ t))
            print(json.dumps({'theta': theta.tolist(), 'se': np.sqrt(np.diag(cov)).tolist(), 'left': out}))
        PY;

    public function testFortyRandomKitchensFitAsThere(): void
    {
        mt_srand(20261127);
        $random = static fn(float $low, float $high): float => $low + ($high - $low) * mt_rand() / mt_getrandmax();
        $problems = [];
        for ($k = 0; $k < 40; ++$k) {
            $m = mt_rand(1, 4);
            $n = mt_rand(3, 25);
            $problems[] = [
                's' => array_map(static fn(): array => array_map(static fn(): float => mt_rand(0, 2) === 0 ? 0.0 : $random(0.0, 2.5), range(1, $m)), range(1, $n)),
                'r' => array_map(static fn(): float => $random(-1.5, 1.5), range(1, $n)), 'sigma' => array_map(static fn(): float => $random(0.2, 0.8), range(1, $n)), 'tau' => $random(0.1, 0.6),
            ];
        }
        $file = (string) tempnam(sys_get_temp_dir(), 'ridge');
        file_put_contents($file, implode("\n", array_map(static fn(array $p): string => json_encode($p, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION), $problems)) . "\n");
        $answer = (string) shell_exec('/usr/bin/python3 -c ' . escapeshellarg(self::PYTHON) . ' < ' . escapeshellarg($file));
        unlink($file);
        $lines = array_filter(explode("\n", $answer));
        self::assertCount(40, $lines, 'scipy answered every one');
        foreach (array_values($lines) as $k => $line) {
            $there = (array) json_decode($line, true);
            $here = Ridge::fit(...$problems[$k]);
            self::assertEqualsWithDelta($there['theta'], $here->theta, 1e-9);
            self::assertEqualsWithDelta($there['left'], $here->leftOut, 1e-8, 'left out without refitting, and refitted');
            foreach ($there['se'] as $i => $se) {
                self::assertEqualsWithDelta($se, sqrt($here->covariance[$i][$i]), 1e-9);
            }
        }
    }
}
