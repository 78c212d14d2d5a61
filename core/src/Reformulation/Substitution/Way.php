<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

/** Which of the ways to rewrite a layer is taken. */
final readonly class Way
{
    /**
     * @param array<int, int> $choice which of its substitutions a line takes, by its place; the first where it is not named
     * @param int $skip how many of the first choices of what sets it are passed over
     * @param string $part of the egg that it is made with by choice; '' where there is none
     * @param int $rank its place in the order of preference, from 0
     * @param KindRules $rules what may come into the layer
     * @param ?PlainWay $plain a kitchen's own way, before which the choices are for what it leaves alone
     */
    public function __construct(public array $choice, public int $skip, public string $part, public int $rank, public KindRules $rules, public ?PlainWay $plain = null) {}
}
