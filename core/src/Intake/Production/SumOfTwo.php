<?php

declare(strict_types=1);

namespace Transmuta\Intake\Production;

use Transmuta\Intake\QuantityReader;
use Transmuta\Quantity\UnitSystem;

/** "1 cup sugar + 1 egg": two things on one line; "1 cup sugar plus 2 tbsp": one thing in two amounts. */
final readonly class SumOfTwo implements Production
{
    public function __construct(private QuantityReader $quantities) {}

    public function parts(Part $line, UnitSystem $system): ?array
    {
        return self::namesFirst($line) ?? $this->amountsFirst($line, $system);
    }

    /**
     * "Trehalose 30 g / dextrose 20 g", "pectin 6 g + sugar 30 g": each with its mass behind it.
     *
     * @return list<Part>|null
     */
    private static function namesFirst(Part $line): ?array
    {
        $mass = '\d[\d.,]*\s*(?:g|kg|mg|ml|cl|dl|l|oz|lbs?)\b';
        if (preg_match("/^([a-z][^\\d(]*?\\s*$mass)\\s*(?:\\/|\\+|;|,|&|\\band\\b|\\bplus\\b)\\s*((?!\\w+ed\\b|about|approx|weigh|at|to|with|from|in|for|or)[a-z][^\\d(]*?\\s*$mass.*)$/u", $line->text, $m) !== 1) {
            return null;
        }

        return [new Part($m[1], $line->estimate), new Part($m[2], $line->estimate)];
    }

    /** @return list<Part>|null */
    private function amountsFirst(Part $line, UnitSystem $system): ?array
    {
        $depth = 0;
        $chars = preg_split('//u', $line->text, -1, \PREG_SPLIT_NO_EMPTY) ?: [];
        foreach ($chars as $at => $char) {
            $depth += $char === '(' ? 1 : ($char === ')' ? -1 : 0);
            if ($depth !== 0 || $at === 0) {
                continue;
            }
            $rest = implode('', \array_slice($chars, $at));
            if (preg_match('/^(?:\s*\+\s*|\s*;\s*|,?\s+(?:plus|and|&|with|(?:dissolved|mixed|bloomed|soaked|whisked|slaked|blended|softened|diluted|stirred|combined|made\s+up)\s+(?:in|with|into|together\s+with))\s+|,\s+(?=\d|pinch|dash|knob|splash|squeeze|handful))(.+)$/u', $rest, $m) !== 1) {
                continue;
            }
            $left = $this->quantities->take(implode('', \array_slice($chars, 0, $at)), $system);
            $right = $this->quantities->take($m[1], $system) ?? (preg_match('/^an?\s|^(?:pinch|dash|knob|squeeze|splash|handful)(?:\s+of)?\b/u', $m[1]) === 1 ? $this->quantities->bare($m[1], $system) : null);
            if ($left !== null && $right === null && self::isName($left['rest']) && preg_match('/^(?:the\s+)?(?:(?:finely|freshly|coarsely)\s+)?(?:grated\s+|squeezed\s+)?(?:zest|rind|peel|juice|pulp)\s+(?:of|from)\s+\S/u', $m[1]) === 1) {
                // "3 tbsp lemon juice, plus zest of 1 lemon".
                return [new Part(trim(implode('', \array_slice($chars, 0, $at))), $line->estimate), new Part(trim($m[1]), $line->estimate)];
            }
            if ($left !== null && $right !== null && trim($left['rest']) === '' && self::isName($right['rest']) && $left['quantity']->container !== '') {
                // "1 stick plus 2 tbsp butter": one thing in two ways of counting.
                return [new Part(trim(implode('', \array_slice($chars, 0, $at))) . ' ' . $right['rest'], $line->estimate), new Part(trim($m[1]), $line->estimate)];
            }
            if ($left === null || $right === null || !self::isName($left['rest'])) {
                continue;
            }
            $isAmount = $right['quantity']->kind !== 'count' || $right['quantity']->container !== '';
            $rightName = trim($right['rest']);
            if ($isAmount && ($rightName === '' || preg_match('/^(?:for|to|extra|more|reserved|divided|,|\()/u', $rightName) === 1)) {
                if (preg_match('/^(?:extra\s+|more\s+)?(?:for|to)\b(.*)$/u', $rightName) === 1) {
                    $amount = mb_substr($m[1], 0, mb_strlen($m[1]) - mb_strlen($right['rest']));

                    return [new Part(implode('', \array_slice($chars, 0, $at)), $line->estimate), new Part(trim($amount) . ' ' . $left['rest'], $line->estimate, $rightName)];
                }
                $first = implode('', \array_slice($chars, 0, $at));
                $amount = trim(mb_substr($first, 0, mb_strlen($first) - mb_strlen($left['rest'])));

                if ($left['quantity']->kind !== $right['quantity']->kind) {
                    // "85 g flour, plus 1 tbsp": of the same, but not to be added up before it is weighed.
                    return [new Part(trim($first), $line->estimate), new Part(trim(mb_substr($m[1], 0, mb_strlen($m[1]) - mb_strlen($right['rest']))) . ' ' . trim($left['rest'], ' ,'), $line->estimate)];
                }

                return preg_match('/\b(?:of)$/u', $amount) === 1 ? null : [new Part(\sprintf('%s plus %s %s', $amount, trim(mb_substr($m[1], 0, mb_strlen($m[1]) - mb_strlen($right['rest']))), $left['rest']), $line->estimate)];
            }
            if (!self::isName($rightName) || preg_match('/^,/u', $rest) === 1 && !$isAmount && preg_match('/^\s*(?:cm|mm|inch|"|min)/u', $rightName) === 1) {
                continue;
            }

            return [new Part(trim(implode('', \array_slice($chars, 0, $at))), $line->estimate), new Part(trim($m[1]), $line->estimate)];
        }

        return null;
    }

    private static function isName(string $text): bool
    {
        return preg_match('/[a-z]{3}/u', preg_replace('/\(.*?\)/u', '', $text) ?? $text) === 1;
    }
}
