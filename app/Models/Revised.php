<?php

declare(strict_types=1);

namespace App\Models;

use App\Exceptions\Conflict;
use Illuminate\Database\Eloquent\Model;

/**
 * A record that two windows may change: it counts its changes, and is changed only by who has seen the last of them.
 *
 * @phpstan-require-extends Model
 */
trait Revised
{
    public static function bootRevised(): void
    {
        static::updating(static function (self $record): void {
            if ($record->isDirty(self::REVISED)) {
                $record->setAttribute(self::COUNTED, $record->counted() + 1);
            }
        });
    }

    /** What is new was changed once, whatever of it is read back from the store. */
    public function initializeRevised(): void
    {
        $this->attributes[self::COUNTED] ??= 1;
    }

    /**
     * The record as it now stands, held until the transaction ends.
     *
     * @param ?int $seen the revision a window has seen; null where it does not say
     *
     * @throws Conflict where it was changed since
     */
    public function asSeen(?int $seen): static
    {
        $query = static::query();
        $query->whereKey($this->getKey())->lockForUpdate();
        $held = $query->firstOrFail();
        $this->setRawAttributes($held->getAttributes(), true);
        if ($seen !== null && $this->counted() !== $seen) {
            throw new Conflict($this->counted());
        }

        return $this;
    }

    private function counted(): int
    {
        $count = $this->getAttribute(self::COUNTED);

        return is_numeric($count) ? (int) $count : 1;
    }
}
