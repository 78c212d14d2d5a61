<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Version;
use Transmuta\Formula\Formula;

/** Where a version stands in its history, and what it holds there: its row and the revision it stands at are written as one. */
final readonly class Head
{
    /**
     * @param int $id of the revision it stands at
     * @param ?int $parent the revision that one was made from
     * @param int $last the number of the newest there is
     * @param array<string, string> $shelf
     * @param array<string, mixed> $brief
     * @param array<string, array<string, float>> $wanted
     */
    private function __construct(public int $id, public ?int $parent, public int $last, public Formula $formula, public array $shelf, public array $brief, public array $wanted) {}

    /** Takes it out of a version that was read with `head_id`, `head_parent` and `head_last`, which leaves the version with its own columns. */
    public static function takenFrom(Version $version): self
    {
        $all = $version->getAttributes();
        $version->setRawAttributes(array_diff_key($all, ['head_id' => 0, 'head_parent' => 0, 'head_last' => 0]), true);
        $number = static fn(mixed $value): int => is_numeric($value) ? (int) $value : 0;

        return new self($number($all['head_id']), $all['head_parent'] === null ? null : $number($all['head_parent']), $number($all['head_last']), $version->formula, $version->shelf, $version->brief, $version->wanted);
    }
}
