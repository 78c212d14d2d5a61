<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Ranking;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Step;
use Transmuta\Method\Editing\EditedStep;
use Transmuta\Property\DishReading;
use Transmuta\Property\Setting\Chances;
use Transmuta\Property\Setting\SetReading;
use Transmuta\Reformulation\Deviation\Rail;
use Transmuta\Reformulation\Evaluation\RouteStanding;
use Transmuta\Reformulation\Evaluation\Settlement;

/** One way to the brief: a formula solved for its grams, with how close it comes and what changes. */
final readonly class Route
{
    /** Whether the brief is kept, every diet of it met with nothing left to ask, and every critical job done. */
    public bool $met;

    public RouteStanding $standing;

    /**
     * @param array<int, list<Rail>> $rails by place of the layer
     * @param \Closure(): list<string> $blocks what holds it back; solved for only when it is asked
     * @param list<array{layer: string, layer_id: string, out: list<array{ingredient: string, name: string, grams: float, weigh: ?string}>, in: list<array{ingredient: string, name: string, grams: float, weigh: ?string}>, why: string}> $changes
     * @param \Closure(): list<string> $steps the method; written only where it is asked
     * @param list<string> $newAllergens
     * @param string $part of the egg, where it is made with the whole or with its yolk alone by choice; '' where there is none
     * @param list<string> $otherNames further words, for where another route has the same name
     * @param ?\Closure(): list<EditedStep> $edits the maker's own method as the route changes it; worked out where it is asked
     * @param list<array{ingredient: string, name: string, tier: int, where: string}> $toBuy what the dish had not, and where it is bought
     * @param ?\Closure(?bool): self $sheet the same as a hand weighs it, only rounded, or (null) to the last figure, judged by its method; worked out when asked; null where it is that already
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $mouth,
        public float $fit,
        public Settlement $settlement,
        public array $rails,
        private \Closure $blocks,
        public DishReading $result,
        public array $changes,
        private \Closure $steps,
        public int $effortMinutes,
        public int $waitHours,
        public array $newAllergens,
        public int $risks,
        public float $score,
        public string $part = '',
        public array $otherNames = [],
        private ?\Closure $sheet = null,
        private ?\Closure $edits = null,
        public array $toBuy = [],
    ) {
        $this->standing = $settlement->standing;
        $this->met = $settlement->standing === RouteStanding::Met;
    }

    /** @return list<string> the method */
    public function steps(): array
    {
        $edited = $this->method();

        return $edited === [] ? ($this->steps)() : array_map(static fn(Step $step): string => $step->text, EditedStep::told($edited));
    }

    /** @return list<EditedStep> the maker's own method as the route changes it; none where nobody wrote one */
    public function method(): array
    {
        return $this->edits === null ? [] : ($this->edits)();
    }

    /** The formula it comes to, with the maker's method as the route changes it. */
    public function formula(): Formula
    {
        $edited = $this->method();

        return $edited === [] ? $this->result->formula : $this->result->formula->withMethod(EditedStep::told($edited));
    }

    /** How likely every layer sets within a step of what is aimed at, its unlikeliest layer; null where no set is aimed at. */
    public function chance(): ?float
    {
        return self::likely($this->rails, $this->result);
    }

    /** @param array<int, list<Rail>> $rails by place of the layer */
    public static function likely(array $rails, DishReading $result): ?float
    {
        $sets = self::aimed($rails, $result);

        return $sets === [] ? null : min(array_map(static fn(array $one): float => Chances::near(...$one), $sets));
    }

    /**
     * The sets that are aimed at.
     *
     * @param array<int, list<Rail>> $rails by place of the layer
     *
     * @return list<array{SetReading, float}> each with the GE % it should come to
     */
    public static function aimed(array $rails, DishReading $result): array
    {
        $sets = [];
        foreach ($rails as $layer => $of) {
            foreach ($of as $rail) {
                if ($rail->property === 'set' && isset($result->layers[$layer])) {
                    $sets[] = [$result->layers[$layer]->set, $rail->target];
                }
            }
        }

        return $sets;
    }

    /** @return list<string> plain sentences about the bounds that keep a property off its target */
    public function blockedBy(): array
    {
        return ($this->blocks)();
    }

    public function called(string $name): self
    {
        return $name === $this->name ? $this : new self($this->id, $name, $this->mouth, $this->fit, $this->settlement, $this->rails, $this->blocks, $this->result, $this->changes, $this->steps, $this->effortMinutes, $this->waitHours, $this->newAllergens, $this->risks, $this->score, $this->part, $this->otherNames, $this->sheet, $this->edits, $this->toBuy);
    }

    /**
     * The same as a hand weighs it: with fewer things, in round weights; only rounded, and then as it is, where that would stand worse or miss a number of the
     * brief. Whichever it is, it is judged by the method it is made by.
     */
    public function weighed(): self
    {
        if ($this->sheet === null) {
            return $this;
        }
        $sheets = [($this->sheet)(false)];
        if ($sheets[0]->standsLike($this)) {
            return $sheets[0];
        }
        $sheets[] = ($this->sheet)(true);
        $exact = ($this->sheet)(null);
        foreach ($sheets as $sheet) {
            if ($sheet->standsLike($exact)) {
                return $sheet;
            }
        }

        return $exact;
    }

    /** Whether it stands no worse than another, and misses no more numbers. */
    private function standsLike(self $other): bool
    {
        return $this->standing->rank() >= $other->standing->rank() && \count($this->settlement->near) <= \count($other->settlement->near);
    }

    /** The formula it comes to, by content: what is taken is what was shown, whatever else was found meanwhile. */
    public function hash(): string
    {
        $grams = [];
        foreach ($this->result->formula->layers as $n => $layer) {
            foreach ($layer->lines as $line) {
                $grams[] = [$n, $line->ingredient ?? $line->text, round($line->grams, 3)];
            }
        }

        return hash('xxh128', json_encode([$this->result->formula->title, $this->result->formula->portions, $grams], \JSON_THROW_ON_ERROR));
    }
}
