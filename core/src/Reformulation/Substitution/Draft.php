<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Formula\Layer;

/** One way to rewrite a layer, before its grams are solved: its unknown masses, what stands in for what, and what nothing stands in for. */
final readonly class Draft
{
    /**
     * @param list<Unknown> $unknowns
     * @param Layer $template the layer with the treatment and losses of the new one
     * @param array<string, Substitution> $twins what stands in, by ingredient replaced
     * @param list<string> $lost why something has no twin, in words
     * @param int $rank its place in the order of preference, from 0
     * @param int $skip how many of the first choices of what sets it are passed over, for a route of another kind
     * @param ?KindRules $rules what may come in besides
     * @param bool $isPlain whether it is a kitchen's own way, to which little is added
     */
    public function __construct(public string $id, public array $unknowns, public Layer $template, public array $twins, public array $lost, public int $skip = 0, public string $part = '', public int $rank = 0, public bool $isPlain = false, public ?KindRules $rules = null) {}
}
