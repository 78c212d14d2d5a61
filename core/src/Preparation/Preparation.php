<?php

declare(strict_types=1);

namespace Transmuta\Preparation;

use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Formula;

/**
 * What a kitchen makes for itself and uses again: a formula with what it comes to, how long it keeps, and the bought thing it stands
 * beside. It becomes an ingredient of the shelf by {@see PreparationMaker}.
 */
final readonly class Preparation
{
    /**
     * @param ?float $yield g it comes to as weighed, where that was done; what its losses leave where null
     * @param bool $isBoiledOff whether what is missing from the yield is water boiled off; left behind in pan and sieve where not
     * @param ?int $keepsDays days it keeps cold as the kitchen found it; what is computed where null
     * @param ?string $beside id of what would be bought instead
     * @param list<string> $names what else the kitchen calls it
     */
    private function __construct(
        public string $id,
        public string $name,
        public Formula $formula,
        public ?float $yield,
        public bool $isBoiledOff,
        public ?int $keepsDays,
        public ?string $beside,
        public array $names,
    ) {}

    /**
     * @param list<string> $names
     *
     * @throws Nonsense if a figure cannot be, or a line of it is not known for sure
     */
    public static function of(string $id, string $name, Formula $formula, ?float $yield = null, bool $isBoiledOff = true, ?int $keepsDays = null, ?string $beside = null, array $names = []): self
    {
        if (trim($name) === '') {
            throw Nonsense::of('name', $name, 'give it a name, such as "Hazelnut praline"');
        }
        if ($formula->questions() !== []) {
            throw Nonsense::of('lines', $formula->questions()[0], 'answer every line first: an ingredient is not made of what nobody knows');
        }
        if ($yield !== null && ($yield <= 0.0 || $yield > 1_000_000.0)) {
            throw Nonsense::of('yield', \sprintf('%s g', $yield), 'give what it weighs when it is done, in grams');
        }
        if ($keepsDays !== null && ($keepsDays < 1 || $keepsDays > 730)) {
            throw Nonsense::of('keeps', \sprintf('%d days', $keepsDays), 'give days from 1 to 730');
        }

        return new self($id, trim($name), $formula, $yield, $isBoiledOff, $keepsDays, $beside, $names);
    }
}
