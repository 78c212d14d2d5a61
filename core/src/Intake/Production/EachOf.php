<?php

declare(strict_types=1);

namespace Transmuta\Intake\Production;

use Transmuta\Formula\Confidence;
use Transmuta\Intake\Matcher;
use Transmuta\Intake\Numbers;
use Transmuta\Intake\Quantity;
use Transmuta\Intake\QuantityReader;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Shelf;

/** "½ tsp each of cinnamon and nutmeg", "50 g each sugar, butter and flour", "lemon and lime juice, 2 tbsp each". */
final readonly class EachOf implements Production
{
    /** Groups whose things go in by like amounts; nobody puts in as much cinnamon as sugar. */
    private const ALIKE = [['nut', 'fruit'], ['dairy', 'plant'], ['chocolate']];

    public function __construct(private QuantityReader $quantities, private Matcher $matcher, private Shelf $shelf) {}

    public function parts(Part $line, UnitSystem $system): ?array
    {
        $taken = $this->quantities->take($line->text, $system);
        if ($taken !== null && preg_match('/^(?:each|apiece)\s*(?:of\b)?\s*:?\s*(.+)$/u', $taken['rest'], $m) === 1) {
            $amount = trim(mb_substr($line->text, 0, mb_strlen($line->text) - mb_strlen($taken['rest'])));
            $list = $m[1];
        } elseif (preg_match('/^(.+?\b(?:and|&)\b.+?)[\s,:(-]+(\S*\d.*?)\s*(?:of\s+)?each\)?$/u', $line->text, $m) === 1 && $taken === null && $this->quantities->take($m[2], $system) !== null) {
            [, $list, $amount] = $m;
        } else {
            return $taken === null ? null : $this->shared($line, $taken, $system);
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

    /**
     * "2 tbsp slivered almonds and pistachios": one mass or measure of two things the shelf knows, taken as half of each and never as sure.
     *
     * @param array{quantity: Quantity, rest: string} $taken
     *
     * @return ?list<Part>
     */
    private function shared(Part $line, array $taken, UnitSystem $system): ?array
    {
        $number = Numbers::take($line->text);
        if ($number === null || $taken['quantity']->kind === 'count' || preg_match('/^([\p{L}\s-]+?)\s+(?:and|&)\s+([\p{L}\s-]+)$/u', trim($taken['rest']), $two) !== 1 || $this->matcher->find($taken['rest'], $system)->id !== null) {
            return null;
        }
        $unit = trim(mb_substr($number['rest'], 0, mb_strlen($number['rest']) - mb_strlen($taken['rest'])));
        $parts = $groups = [];
        foreach ([$two[1], $two[2]] as $item) {
            $found = $this->matcher->find($item, $system);
            if ($found->id === null || $found->confidence !== Confidence::Sure) {
                return null;
            }
            $groups[] = $this->shelf->get($found->id)->group;
            $parts[] = new Part(\sprintf('%s %s %s', Numbers::words($number['value'] / 2), $unit, $item), $line->estimate, 'half of the two', true);
        }

        return array_filter(self::ALIKE, static fn(array $alike): bool => array_diff($groups, $alike) === []) === [] ? null : $parts;
    }
}
