<?php

declare(strict_types=1);

namespace Transmuta\Intake\Production;

use Transmuta\Quantity\UnitSystem;

/** "6 large eggs, separated": so many yolks, and so many whites. */
final class EggsApart implements Production
{
    public function parts(Part $line, UnitSystem $system): ?array
    {
        if (preg_match('/^(.*?)\b(?:whole\s+)?eggs?\b[\s,(:-]*(.*?)\b(?:separated|sepd?|yolks?\s+and\s+whites?\s+separate\w*)\b/u', $line->text, $m) !== 1 || preg_match('/\d|one|two|three|four|five|six|eight/u', $m[1] . $m[2]) !== 1) {
            return null;
        }
        $before = preg_replace('/\b(?:yolks?|whites?|and|from|the)\b/u', ' ', $m[1] . ' ' . $m[2]) ?? $m[1];
        $before = trim(preg_replace('/\s+/u', ' ', $before) ?? $before, ' ,(-');

        return [new Part($before . ' egg yolks', $line->estimate, 'of the eggs, separated'), new Part($before . ' egg whites', $line->estimate, 'of the eggs, separated')];
    }
}
