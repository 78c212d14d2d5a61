<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

use Transmuta\Intake\LineReader;
use Transmuta\Quantity\UnitSystem;

/**
 * A prep sheet with a number behind each name and no unit: "flour 250", "butter 125", "egg 50". Where things that nobody counts stand so, the sheet is in grams,
 * and "egg 50" is fifty grams and not fifty eggs; "eggs 9" is nine.
 */
final readonly class BareNumbers
{
    /** Things nobody counts that tell a sheet in grams. */
    private const TELL = 2;

    /** From which a number is a weight and no count, of a thing that can be counted (our own: nobody cracks fifteen eggs one by one, nor weighs fourteen grams of them). */
    private const WEIGHED = 15.0;

    private const PATTERN = '~^(?:[-•*]\s*)?(\p{L}[^\d]*?(?:\d{1,3}\s*(?:%|bl(?:oom)?\b)[^\d]*?)?)[\s:–-]+(\d{1,5}(?:[.,]\d+)?)(\s*\([^)]*\))?$~u';

    public function __construct(private LineReader $lines) {}

    /**
     * @param list<Row> $rows
     *
     * @return array<string, string> lines whose number is grams, as they are read, by what is written; none where the sheet is not told to be in grams
     */
    public function of(array $rows, UnitSystem $system): array
    {
        $bare = [];
        $tell = 0;
        foreach (array_merge(...array_map(static fn(Row $row): array => match ($row->kind) {
            RowKind::Line => [$row->text],
            RowKind::Lines, RowKind::Layer => RowList::of($row->value),
            default => [],
        }, $rows)) as $line) {
            $text = self::parts($line);
            if ($text === null) {
                $first = $this->numberFirst($line, $system);
                $tell += (int) ($first !== null);
                $bare += $first === null ? [] : [$line => $first];
                continue;
            }
            $isWeighed = !$this->isCounted($text[0], $system);
            $tell += (int) ($isWeighed && $this->lines->ingredientNamed($text[0]) !== null);
            if ($isWeighed || $text[1] >= self::WEIGHED) {
                $bare[$line] = "$text[2] g $text[0]$text[3]";
            }
        }

        return $tell < self::TELL ? [] : $bare;
    }

    /** @return ?array{string, float, string, string} name, number, the number as written and what stands in brackets behind it; null where it is no bare one */
    public static function parts(string $text): ?array
    {
        return preg_match(self::PATTERN, trim($text), $m) === 1 ? [trim((string) preg_replace('~(?<=\d)\s*bl\b~iu', ' bloom', $m[1])), (float) str_replace(',', '.', $m[2]), $m[2], $m[3] ?? ''] : null;
    }

    /** "500 cream": a number before what nobody counts, as grams; null where it is none. */
    private function numberFirst(string $line, UnitSystem $system): ?string
    {
        if (preg_match('~^(?:[-•*]\s*)?(\d{2,5})\s+(\p{L}[^\d,(]*)$~u', trim($line), $m) !== 1) {
            return null;
        }

        return $this->lines->ingredientNamed($m[2]) !== null && !$this->isCounted($m[2], $system) ? "$m[1] g $m[2]" : null;
    }

    /** Whether one of it has a weight: an egg, a lemon. */
    private function isCounted(string $name, UnitSystem $system): bool
    {
        return $this->lines->read("1 $name", $system)->grams > 0.0;
    }
}
