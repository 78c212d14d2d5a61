<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

/** The outside reference: scipy.optimize.lsq_linear of Debian's python3-scipy, asked for many problems in one run. */
final class Scipy
{
    private const SCRIPT = <<<'PY'
        import json, sys
        import numpy as np
        from scipy.optimize import lsq_linear
        out = []
        for p in json.load(sys.stdin):
            r = lsq_linear(np.array(p["a"]), np.array(p["b"]), bounds=(p["l"], p["u"]), method="bvls", tol=1e-14, max_iter=2000)
            out.append(float(r.cost))
        print(json.dumps(out))
        PY;

    /**
     * @param list<array{a: list<list<float>>, b: list<float>, l: list<float>, u: list<float>}> $problems
     *
     * @return list<float> ½‖Ax − b‖² at scipy's solution
     */
    public static function costs(array $problems): array
    {
        $process = proc_open(['/usr/bin/python3', '-c', self::SCRIPT], [['pipe', 'r'], ['pipe', 'w'], ['pipe', 'w']], $pipes);
        if (!\is_resource($process)) {
            throw new \RuntimeException('python3 cannot be started; install python3-scipy.');
        }
        fwrite($pipes[0], json_encode($problems, \JSON_THROW_ON_ERROR | \JSON_PRESERVE_ZERO_FRACTION));
        fclose($pipes[0]);
        $out = (string) stream_get_contents($pipes[1]);
        $err = (string) stream_get_contents($pipes[2]);
        if (proc_close($process) !== 0) {
            throw new \RuntimeException("scipy failed; install python3-scipy. $err");
        }

        /** @var list<float> */
        return json_decode($out, true, 8, \JSON_THROW_ON_ERROR);
    }
}
