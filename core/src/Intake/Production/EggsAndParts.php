<?php

declare(strict_types=1);

namespace Transmuta\Intake\Production;

use Transmuta\Quantity\UnitSystem;

/** "2 eggs plus 1 yolk", "3 + 1 yolk", "3 large egg yolks and 1 whole egg", "yolks of 3 eggs and 1 whole egg". */
final class EggsAndParts implements Production
{
    private const N = '(?:\d+|one|two|three|four|five|six|seven|eight|an?)(?![a-z])';
    private const SIZE = '(?:(?:extra[\s-]large|large|medium|small|jumbo)\s+)?';

    public function parts(Part $line, UnitSystem $system): ?array
    {
        $n = self::N;
        $size = self::SIZE;
        $word = '(?:egg\s+yolks?|egg\s+whites?|yolks?|whites?|whole\s+eggs?|eggs?|whole)';
        // "Eggs 2 + 1 yolk", as a prep sheet has it.
        $text = (string) preg_replace("/^(whole eggs?|eggs?|egg yolks?|yolks?|egg whites?|whites?)\\s*:?\\s+($n)\\s*(?=\\+|plus\\b|and\\b|&|,)/u", '$2 $1 ', $line->text);
        if (preg_match("/^($n)\\s*($size)(?:fresh\\s+|free[\\s-]range\\s+)?($word)?(?:,?\\s*\\([^)]*\\))?\\s*(?:\\+|plus|and|&|,)\\s*($n)\\s*(?:extra\\s+|additional\\s+|more\\s+)?($size)($word)\\b(.*)$/u", $text, $m) !== 1) {
            return null;
        }
        $large = $m[2] !== '' ? $m[2] : $m[5];
        $first = \sprintf('%s %s%s', $m[1], $large, self::whole($m[3] === '' ? 'eggs' : $m[3]));
        $second = \sprintf('%s %s%s', $m[4], $m[5] !== '' ? $m[5] : $large, self::whole($m[6]));
        // A third may follow: "2 eggs, 3 yolks and 1 white".
        $more = preg_match("/^\\s*(?:\\+|plus|and|&|,)\\s*($n.*)$/u", $m[7], $t) === 1 ? $t[1] : null;

        return [new Part($first, $line->estimate), new Part($second, $line->estimate), ...($more === null ? [] : [new Part($more, $line->estimate)])];
    }

    private static function whole(string $word): string
    {
        return match (true) {
            $word === 'whole' => 'eggs',
            str_starts_with($word, 'yolk'), str_starts_with($word, 'white') => 'egg ' . $word,
            default => $word,
        };
    }
}
