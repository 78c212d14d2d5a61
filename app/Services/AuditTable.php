<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Audit;
use App\Models\Studio;
use Transmuta\Format\Csv;

/** Who did what at a studio, as a table. */
final class AuditTable
{
    private const CHUNK = 500;

    /** @param ?int $most rows, the first ones; null for all */
    public static function csv(Studio $studio, ?int $most = null): string
    {
        return Csv::write(self::rows($studio, $most));
    }

    /** @return iterable<list<string>> */
    private static function rows(Studio $studio, ?int $most): iterable
    {
        yield ['at', 'who', 'what', 'subject', 'from revision', 'to revision', 'request'];
        $query = Audit::query();
        foreach ($query->where('studio_id', $studio->id)->lazyById(self::CHUNK)->take($most ?? \PHP_INT_MAX) as $one) {
            yield [$one->at->toIso8601ZuluString(), $one->who, $one->what, $one->subject, (string) $one->from_revision, (string) $one->to_revision, $one->request];
        }
    }
}
