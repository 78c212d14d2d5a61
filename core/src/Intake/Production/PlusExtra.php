<?php

declare(strict_types=1);

namespace Transmuta\Intake\Production;

use Transmuta\Quantity\UnitSystem;

/** "plus extra for dusting", "and a little more for the tin", "(plus 1 tbsp to finish)": a line of its own, an estimate where no amount stands. */
final class PlusExtra implements Production
{
    public function parts(Part $line, UnitSystem $system): ?array
    {
        if (preg_match('/^(.+?)[\s,(]+(?:plus|and|with|\+)\s+(?:a\s+(?:little|bit)\s+)?(?:extra|more)\b\s*(?:,\s*)?((?:for|to)\b[^)]*)?\)?(.*)$/u', $line->text, $m) !== 1) {
            return null;
        }
        $main = trim($m[1] . ' ' . $m[3], ' ,');

        return [new Part($main, $line->estimate), new Part($main, self::grams($m[2]), 'extra ' . trim($m[2]))];
    }

    /** About what the extra comes to, g. */
    public static function grams(string $purpose): float
    {
        return preg_match('/\b(?:greas|oil|brush|butter|line|lining|tin|pan|dish|mould|mold)/u', $purpose) === 1 ? 5.0 : 10.0;
    }
}
