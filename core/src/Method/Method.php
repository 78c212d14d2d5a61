<?php

declare(strict_types=1);

namespace Transmuta\Method;

/** The maker's method, understood: what is done in which order to what, and what of the words is no step. */
final readonly class Method
{
    /**
     * @param list<Sentence> $sentences all of them, in order
     * @param list<Act> $acts in an order in which they may be done
     * @param list<Part> $unsaid lines that no sentence names: they go in where their layer begins
     */
    public function __construct(public array $sentences, public array $acts, public array $unsaid) {}

    /** @return list<int> places of an act and of all whose products have gone into it */
    public function into(int $act): array
    {
        $open = [$act];
        for ($in = []; $open !== [];) {
            $n = array_pop($open);
            if (!isset($in[$n])) {
                $in[$n] = true;
                array_push($open, ...$this->acts[$n]->from);
            }
        }

        return array_keys($in);
    }

    /** @return list<Part> lines in what an act works on, with those that go in at it */
    public function partsIn(Act $act): array
    {
        return array_merge(...array_map(fn(int $n): array => $this->acts[$n]->parts, $this->into((int) array_search($act, $this->acts, true))));
    }

    /** @return list<Sentence> that nobody understands */
    public function unread(): array
    {
        return array_values(array_filter($this->sentences, static fn(Sentence $one): bool => $one->kind === SentenceKind::Unread));
    }
}
