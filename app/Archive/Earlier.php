<?php

declare(strict_types=1);

namespace App\Archive;

/** Rows as an archive of before had them, in the form they have now: what was taken along once comes back. */
final class Earlier
{
    /** Columns that came later and were empty of everything written before. */
    private const CAME = ['services' => ['deleted_at'], 'pot_ladders' => ['deleted_at'], 'tastings' => ['deleted_at'], 'lots' => ['deleted_at'], 'price_lists' => ['deleted_at']];

    /**
     * @param array<string, mixed> $row
     *
     * @return array<string, mixed>
     */
    public static function asNow(string $table, array $row): array
    {
        // One diet of a dish that is made, before it could be several.
        if ($table === 'service_items' && \array_key_exists('diet', $row) && !\array_key_exists('diets', $row)) {
            $row['diets'] = $row['diet'] === null ? [] : [$row['diet']];
            unset($row['diet']);
        }

        return $row + array_fill_keys(self::CAME[$table] ?? [], null);
    }
}
