<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Intake\Production\EachOf;
use Transmuta\Intake\Production\EggsAndParts;
use Transmuta\Intake\Production\EggsApart;
use Transmuta\Intake\Production\Mixture;
use Transmuta\Intake\Production\PlusExtra;
use Transmuta\Intake\Production\Production;
use Transmuta\Intake\Production\SumOfTwo;
use Transmuta\Intake\Production\ZestAndJuice;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Shelf;

/** What a line of text is read with. Made when the first line is: a formula that comes with its grams needs none of it. */
final readonly class LineTools
{
    public QuantityReader $quantities;
    public Weigher $weigher;

    /** @var array<string, string> what becomes of a way of speaking, by its pattern, in the order they are tried */
    public array $phrases;

    /** @var list<Production> in the order they are tried */
    public array $productions;

    public function __construct(Shelf $shelf, Units $units, Matcher $matcher, string $leaf)
    {
        $this->quantities = new QuantityReader($units, new Containers(), $matcher->vocabulary());
        $this->weigher = new Weigher($shelf, $matcher, $this->quantities->containers, $leaf);
        $phrases = [];
        foreach (Table::of('intake/phrases') as $row) {
            $phrases['/' . $row['pattern'] . '/u'] = $row['becomes'];
        }
        $this->phrases = $phrases;
        $this->productions = [new Mixture(), new EggsApart(), new EggsAndParts(), new ZestAndJuice(), new EachOf($this->quantities, $matcher, $shelf), new PlusExtra(), new SumOfTwo($this->quantities)];
    }
}
