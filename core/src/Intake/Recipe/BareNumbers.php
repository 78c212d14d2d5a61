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

    private const PATTERN = '~^(?:[-•*]\s*)?(\p{L}[^\d]*?)[\s:–-]+(\d{1,5}(?:[.,]\d+)?)$~u';

    public function __construct(private LineReader $lines) {}

    /**
     * @param list<Row> $rows
     *
     * @return array<int, string> rows whose number is grams, as written, by their number; none where the sheet is not told to be in grams
     */
    public function of(array $rows, UnitSystem $system): array
    {
        $bare = [];
        $tell = 0;
        foreach ($rows as $row) {
            $text = $row->kind === RowKind::Line ? self::parts($row->text) : null;
            if ($text === null) {
                continue;
            }
            $isWeighed = !$this->isCounted($text[0], $system);
            $tell += (int) ($isWeighed && $this->lines->ingredientNamed($text[0]) !== null);
            if ($isWeighed || $text[1] >= self::WEIGHED) {
                $bare[$row->number] = $row->text;
            }
        }

        return $tell < self::TELL ? [] : $bare;
    }

    /** @return ?array{string, float} name and number; null where it is no bare one */
    public static function parts(string $text): ?array
    {
        return preg_match(self::PATTERN, trim($text), $m) === 1 ? [trim($m[1]), (float) str_replace(',', '.', $m[2])] : null;
    }

    /** Whether one of it has a weight: an egg, a lemon. */
    private function isCounted(string $name, UnitSystem $system): bool
    {
        return $this->lines->read("1 $name", $system)->grams > 0.0;
    }
}
