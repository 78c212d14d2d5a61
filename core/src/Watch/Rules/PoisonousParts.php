<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Table;
use Transmuta\Watch\Rule;

/** Parts of plants that are not food, in the words a line was typed with (`core/data/reference/poisonous.csv`): most are not on the shelf, so their line is unread. */
final class PoisonousParts implements Rule
{
    public static function name(): string
    {
        return 'poisonous-parts';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->formula->layers as $n => $layer) {
            foreach ($layer->lines as $line) {
                foreach (self::table() as $row) {
                    if (preg_match('/\b(?:' . $row['words'] . ')\b/iu', $line->text) === 1) {
                        yield new Warning(self::name(), Severity::Stop, \sprintf('%s: “%s”: %s. Follow your local rules.', $layer->name, $line->text, $row['why']), $n);
                    }
                }
            }
        }
    }

    /** @return list<array<string, string>> */
    private static function table(): array
    {
        return Table::of('reference/poisonous');
    }
}
