<?php

declare(strict_types=1);

namespace Transmuta\Intake\Production;

use Transmuta\Formula\Confidence;
use Transmuta\Intake\Matcher;
use Transmuta\Intake\QuantityReader;
use Transmuta\Quantity\UnitSystem;

/** "½ tsp each of cinnamon and nutmeg", "50 g each sugar, butter and flour", "lemon and lime juice, 2 tbsp each". */
final readonly class EachOf implements Production
{
    public function __construct(private QuantityReader $quantities, private Matcher $matcher) {}

    public function parts(Part $line, UnitSystem $system): ?array
    {
        $taken = $this->quantities->take($line->text, $system);
        if ($taken !== null && preg_match('/^(?:each|apiece)\s*(?:of\b)?\s*:?\s*(.+)$/u', $taken['rest'], $m) === 1) {
            $amount = trim(mb_substr($line->text, 0, mb_strlen($line->text) - mb_strlen($taken['rest'])));
            $list = $m[1];
        } elseif (preg_match('/^(.+?\b(?:and|&)\b.+?)[\s,:(-]+(\S*\d.*?)\s*(?:of\s+)?each\)?$/u', $line->text, $m) === 1 && $taken === null && $this->quantities->take($m[2], $system) !== null) {
            [, $list, $amount] = $m;
        } else {
            return null;
        }
        $items = preg_split('/\s*(?:,\s*(?:and|&)\b|,|\band\b|&|\+)\s*/u', $list, -1, \PREG_SPLIT_NO_EMPTY) ?: [];
        if (\count($items) < 2) {
            return null;
        }
        // "lemon and lime juice": the first has the noun of the last.
        $last = explode(' ', trim($items[\count($items) - 1]));
        $noun = $last[\count($last) - 1];
        $parts = [];
        foreach ($items as $item) {
            $item = trim($item);
            $own = $this->matcher->find($item, $system);
            $lends = \count($last) > 1 && ($own->id === null || $own->confidence === Confidence::Guess) && $this->matcher->find($item . ' ' . $noun, $system)->rank() > $own->rank();
            $parts[] = new Part(\sprintf('%s %s%s', $amount, $item, $lends ? ' ' . $noun : ''), $line->estimate);
        }

        return $parts;
    }
}
