<?php

declare(strict_types=1);

namespace Transmuta\Method\Editing;

/** What something that comes in asks the method for: a row of `core/data/method/agents.csv`. */
final readonly class Agent
{
    /**
     * @param 'boil'|'cold'|'last'|'sweet'|'warm'|'whip' $goesIn
     * @param ''|'boiled'|'made'|'stands'|'warm'|'whipped' $named where it needs no step of its own and is only named; `made`: it is made ready first, and then named where the line stood
     * @param ?float $waterTimes g of water in its pot for each g of it, under which some of it stays in grains
     * @param ?float $stirredAbove °C under which it has gripped and breaks when it is stirred
     * @param string $step what is done to it; `{name}` for its name, `{pot}` for the liquid that bears it
     * @param string $join how it joins the rest where its pot is not all of it; '' where the step says all
     */
    public function __construct(public string $goesIn, public string $named, public ?float $waterTimes, public ?float $stirredAbove, public string $step, public string $join) {}
}
