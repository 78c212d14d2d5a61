<?php

declare(strict_types=1);

namespace Transmuta\Diet;

/** The evidence of a studio as it stands on one day; what has expired no longer answers for a packet. */
final readonly class EvidenceBook
{
    /** @param array<string, Evidence> $latest by ingredient and diet */
    private function __construct(private array $latest) {}

    public static function none(): self
    {
        return new self([]);
    }

    /** @param iterable<Evidence> $all */
    public static function on(string $day, iterable $all): self
    {
        $latest = [];
        foreach ($all as $evidence) {
            $key = $evidence->ingredient . "\0" . $evidence->diet->value;
            if ($evidence->holdsOn($day) && (!isset($latest[$key]) || $latest[$key]->seenOn <= $evidence->seenOn)) {
                $latest[$key] = $evidence;
            }
        }

        return new self($latest);
    }

    public function of(string $ingredient, Diet $diet): ?Evidence
    {
        return $this->latest[$ingredient . "\0" . $diet->value] ?? null;
    }
}
