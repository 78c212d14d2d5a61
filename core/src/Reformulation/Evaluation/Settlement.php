<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Evaluation;

use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Reader;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Reformulation\Deviation\Job;
use Transmuta\Reformulation\Deviation\JobTable;
use Transmuta\Reformulation\Deviation\LayerKind;
use Transmuta\Reformulation\Deviation\Rail;
use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Reformulation\Substitution\Draft;
use Transmuta\Reformulation\Substitution\Substitution;
use Transmuta\Shelf\Ingredient;

/**
 * What every layer owed once something left, and whether it was paid: read off the finished formula, after rounding, against the original.
 * Nobody makes one but {@see of}, and no route is made without one, so that an unpaid debt cannot be dropped.
 */
final readonly class Settlement
{
    /** Classes of what is put in for its taste alone. */
    private const AROMATIC = ['aromatic', 'extract', 'spirit', 'liqueur', 'cream-liqueur'];

    /** Classes of fruit that are there for acid, water or body. */
    private const PLAIN_FRUIT = ['sharp-juice', 'acid', 'zest', 'avocado'];

    /** A line that gives less than this share of a job is not named for it. */
    private const NAMED = 0.12;

    /**
     * @param list<Debt> $debts worst first
     * @param list<string> $near numbers of the brief that are missed by a little, and what nobody asked for and is far from what it was, in words
     * @param list<string> $guesses what it was guessed from, as questions
     * @param list<string> $questions what the original kept and this does not, in words
     * @param list<string> $packets what packets and certificates have to answer before a diet is met, each behind the diet or word it hangs on
     * @param list<string> $trials what it has lost of its name, and structures that only a trial proves ({@see NameGivers}, {@see Trials})
     * @param list<Warning> $troubles what would spoil it on the plate, or hurt, and the original had nothing of ({@see Troubles}); what stops it first
     */
    private function __construct(public RouteStanding $standing, public array $debts, public float $cap, public array $near, public array $guesses, public array $questions, public array $packets, public array $troubles, public array $trials = []) {}

    /**
     * @param array<int, list<Rail>> $rails of each layer that was solved, by its place
     * @param Keeping $kept what of the brief is kept
     * @param list<string> $questions what the original kept and the result does not
     * @param array<int, Draft> $drafts what stands in for what, and what nothing stands in for, by place of the layer
     */
    public static function of(DishReading $original, DishReading $result, array $rails, Reader $reader, Keeping $kept, array $questions = [], array $drafts = []): self
    {
        // Nothing made from a guess is met: the question comes first.
        $guesses = $original->formula->questions();
        $debts = [];
        foreach ($rails as $n => $layer) {
            foreach (self::layer($n, $original->layers[$n], $result->layers[$n], $layer) as $debt) {
                $debts[] = $debt;
            }
            foreach (self::characters($n, $original->layers[$n], $result->layers[$n], $reader, $drafts[$n]->lost ?? [], $drafts[$n]->twins ?? []) as $debt) {
                $debts[] = $debt;
            }
            foreach (self::gained($n, $original, $original->layers[$n], $result->layers[$n], $reader) as $debt) {
                $debts[] = $debt;
            }
        }
        usort($debts, static fn(Debt $a, Debt $b): int => [$b->critical && $b->isOpen(), $b->isOpen(), $b->off] <=> [$a->critical && $a->isOpen(), $a->isOpen(), $a->off]);
        $failed = array_filter($debts, static fn(Debt $d): bool => $d->critical && $d->isOpen());
        $cap = 100.0;
        foreach ($failed as $debt) {
            $cap = min($cap, $debt->state === DebtState::Lost ? Weights::of('cap.lost') : self::capped($debt->off));
        }
        $troubles = Troubles::brought($original, $result);
        foreach ($troubles as $warning) {
            $cap = min($cap, self::capped(self::weight($warning)));
        }
        $near = [...$kept->missed, ...$kept->denied, ...$kept->far];
        // The worst of everything it stands for.
        $standing = match (true) {
            !$kept->isNear() => RouteStanding::Missed,
            $troubles !== [] || $failed !== [] || $guesses !== [] || $questions !== [] || $near !== [] => RouteStanding::MetBut,
            $kept->packets !== [] => RouteStanding::MetIf,
            default => RouteStanding::Met,
        };

        return new self($standing, $debts, $cap, $near, $guesses, $questions, $kept->packets, $troubles);
    }

    /**
     * The same where structures have to be tried first, or the dish has lost what it is called by: then it is met but for that.
     *
     * @param list<string> $trials
     */
    public function afterTrial(array $trials): self
    {
        return $trials === [] ? $this : new self($this->standing->holds() ? RouteStanding::MetBut : $this->standing, $this->debts, $this->cap, $this->near, $this->guesses, $this->questions, $this->packets, $this->troubles, $trials);
    }

    /** The fit at the most of what is so many tolerances off. */
    private static function capped(float $off): float
    {
        return 100.0 / (1.0 + (($off - 1.0) / Weights::of('cap.half')) ** 2);
    }

    /** What a trouble weighs, in tolerances. */
    private static function weight(Warning $trouble): float
    {
        return $trouble->severity === Severity::Stop ? Weights::of('trouble.stops') : Weights::of('trouble');
    }

    /** @return list<string> all that has to be answered before it is met: what it was guessed from, what it brings, and what packets must say */
    public function asked(): array
    {
        return [...$this->guesses, ...$this->questions, ...$this->packets];
    }

    /** @return list<string> why it is not met: never empty for what is met but for something, and what is nearly kept otherwise */
    public function reasons(): array
    {
        return $this->standing === RouteStanding::MetBut ? $this->words() : $this->near;
    }

    /** @return list<Debt> short or lost, worst first */
    public function open(): array
    {
        return array_values(array_filter($this->debts, static fn(Debt $d): bool => $d->isOpen()));
    }

    /** How bad the worst is that keeps it from being met, in tolerances beyond what still counts as paid. */
    public function worst(): float
    {
        return max([
            0.0,
            $this->guesses === [] && $this->questions === [] ? 0.0 : Weights::of('question') + Weights::of('question.each') * \count([...$this->guesses, ...$this->questions]),
            $this->near === [] ? 0.0 : Weights::of('near.weighs'),
            ...array_map(self::weight(...), $this->troubles),
            ...array_map(static fn(Debt $d): float => $d->critical && $d->isOpen() ? ($d->state === DebtState::Lost ? 99.0 : $d->off) : 0.0, $this->debts),
        ]);
    }

    /**
     * What a cook has to hear first, worst first: what it was guessed from, numbers just missed, critical jobs lost, what would spoil it, what
     * it brings that the original kept out, critical jobs that are short.
     *
     * @return list<string>
     */
    public function words(): array
    {
        $critical = array_filter($this->debts, static fn(Debt $d): bool => $d->critical && $d->isOpen());
        $said = static fn(DebtState $state): array => array_map(static fn(Debt $d): string => $d->words(), array_values(array_filter($critical, static fn(Debt $d): bool => $d->state === $state)));

        return [...$this->guesses, ...$this->trials, ...$this->near, ...$said(DebtState::Lost), ...array_map(static fn(Warning $w): string => $w->text, $this->troubles), ...$this->questions, ...$said(DebtState::Short)];
    }

    /**
     * @param list<Rail> $rails
     *
     * @return list<Debt>
     */
    private static function layer(int $n, LayerReading $was, LayerReading $now, array $rails): array
    {
        $kind = LayerKind::of($was);
        $tolerance = JobTable::tolerance(Job::Mass->value, $was->state->mass);
        $mass = new Rail(Job::Mass->value, 'g', $was->state->mass, $now->state->mass, $tolerance, ($now->state->mass - $was->state->mass) / $tolerance);
        $debts = [];
        foreach ([...$rails, $mass] as $rail) {
            $job = Job::tryFrom($rail->property);
            if ($job === null) {
                continue;
            }
            $off = abs($rail->residual) / JobTable::verdict($rail->property, $kind);
            $isLost = $rail->now < Weights::of('lost') * $rail->target && $off > 1.0;
            $state = $off <= 1.0 + 1e-9 ? DebtState::Paid : ($isLost ? DebtState::Lost : DebtState::Short);
            $from = self::who($was, $job);
            $by = self::who($now, $job);
            $debts[] = new Debt($n, $was->layer->name, $job, $rail->target, $rail->now, $rail->unit, $off, $job->isCritical($kind), $state, $from, $by, $state === DebtState::Paid ? '' : self::why($job, $rail, $state, $was, $from));
        }

        return $debts;
    }

    /**
     * @param list<string> $lost
     * @param array<string, Substitution> $twins by ingredient replaced
     *
     * @return list<Debt>
     */
    private static function characters(int $n, LayerReading $was, LayerReading $now, Reader $reader, array $lost, array $twins): array
    {
        $debts = [];
        $carried = $reader->characters->of($now->state, true);
        foreach ($was->state->model->portions as $i => $portion) {
            $twin = $twins[$portion->ingredient->id] ?? null;
            // A cheese, a caramel or a chocolate of another make is still one; another fruit is not.
            if ($twin !== null && !$twin->isAnother && !$twin->isSibling() && !\in_array($portion->ingredient->group, ['fruit', 'flavour'], true)) {
                foreach ($reader->characters->of($was->state) as $character => $strength) {
                    if ($reader->characters->carries($portion->ingredient, $character)) {
                        $carried[$character] = ($carried[$character] ?? 0.0) + Weights::of('character.twin') * $strength;
                    }
                }
            }
        }
        foreach ($reader->characters->of($was->state) as $character => $strength) {
            $left = min(1.0, $carried[$character] ?? 0.0);
            $state = $left >= 1.0 - JobTable::tolerance(Job::Character->value, 1.0) ? DebtState::Paid : ($left < Weights::of('character.lost') ? DebtState::Lost : DebtState::Short);
            $off = $state === DebtState::Paid ? 0.0 : (1.0 - $left) / JobTable::tolerance(Job::Character->value, 1.0);
            $who = static function (LayerReading $layer) use ($reader, $character): array {
                $ids = [];
                foreach ($layer->state->model->portions as $i => $portion) {
                    if ($layer->state->share[$i] > 0.0 && $reader->characters->carries($portion->ingredient, $character)) {
                        $ids[] = $portion->ingredient->id;
                    }
                }

                return array_values(array_unique($ids));
            };
            $why = $state === DebtState::Paid ? '' : \sprintf('character %s: no longer tastes of %s%s', $state->value, $character, $lost === [] ? '' : ' (' . implode('; ', $lost) . ')');
            $debts[] = new Debt($n, $was->layer->name, Job::Character, 1.0, $left, $character, $off, true, $state, $who($was), $who($now), $why);
            $lost = $state === DebtState::Paid ? $lost : [];
        }
        if ($lost !== [] && array_filter($debts, static fn(Debt $d): bool => $d->isOpen()) === []) {
            $debts[] = new Debt($n, $was->layer->name, Job::Character, 1.0, 0.5, 'share', Weights::of('share.short'), true, DebtState::Short, [], [], 'character short, another dessert under the same roof: ' . implode('; ', $lost));
        }

        return $debts;
    }

    /**
     * Flavours that came: what a layer tastes of now and nothing in the dish tasted of. One that comes counts like one that goes; what comes as the body of a
     * milk, a cream or a paste (coconut, nut, curd) is said and fails nothing.
     *
     * @return list<Debt>
     */
    private static function gained(int $n, DishReading $original, LayerReading $was, LayerReading $now, Reader $reader): array
    {
        $had = [];
        foreach ($original->layers as $layer) {
            $had += $reader->characters->of($layer->state, true);
        }
        $before = $original->ingredients();
        $debts = $told = [];
        foreach ($reader->characters->of($now->state) as $character => $strength) {
            if (($had[$character] ?? 0.0) >= Weights::of('character.lost')) {
                continue;
            }
            $by = $isFlavour = [];
            foreach ($now->state->model->portions as $i => $portion) {
                if ($now->state->share[$i] > 0.0 && $reader->characters->isOf($portion->ingredient, $character)) {
                    $by[] = $portion->ingredient->id;
                    $isFlavour[] = \in_array($portion->ingredient->group, ['fruit', 'flavour', 'chocolate'], true);
                }
            }
            $debts[] = self::came($n, $was, $character, $strength, array_values(array_unique($by)), \in_array(true, $isFlavour, true));
            $told += array_fill_keys($by, true);
        }
        foreach ($now->state->model->portions as $i => $portion) {
            $in = $portion->ingredient;
            // What is put in for its taste alone, and a fruit that nobody takes for the one that was there: sharp juices are there for their acid.
            $isTaste = \in_array($in->class, self::AROMATIC, true) || ($in->group === 'fruit' && !\in_array($in->class, self::PLAIN_FRUIT, true) && $now->state->share[$i] >= Figure::FruitSeen->number());
            if ($now->state->share[$i] > 0.0 && $isTaste && !isset($before[$in->id]) && !isset($told[$in->id]) && !self::wasIn($in, $before) && array_filter($before, static fn(Ingredient $one): bool => $reader->characters->shared($in, [$one]) > 0) === []) {
                $debts[] = self::came($n, $was, mb_strtolower($in->name), 1.0, [$in->id], true);
                $told[$in->id] = true;
            }
        }

        return $debts;
    }

    /**
     * Whether a spice was there in something that is called by it, or by spice: ginger nuts taste of ginger.
     *
     * @param array<string, Ingredient> $before
     */
    private static function wasIn(Ingredient $in, array $before): bool
    {
        $word = mb_strtolower((string) preg_replace('~[^\p{L}].*$~u', '', $in->name));

        return array_filter($before, static fn(Ingredient $one): bool => preg_match("~\\b(?:$word|spiced?)~iu", $one->name) === 1) !== [];
    }

    /** @param list<string> $by */
    private static function came(int $n, LayerReading $was, string $what, float $strength, array $by, bool $critical): Debt
    {
        return new Debt($n, $was->layer->name, Job::Character, 0.0, $strength, $what, Weights::of('share.short'), $critical, DebtState::Short, [], $by, \sprintf('tastes of %s now, which it did not', $what));
    }

    /** @param list<string> $from */
    private static function why(Job $job, Rail $rail, DebtState $state, LayerReading $was, array $from): string
    {
        $figure = static fn(float $v): string => (string) round($v, abs($v) < 10.0 ? 2 : 1);
        $unit = $rail->unit === '' ? '' : ($rail->unit === '%' ? "\u{00A0}%" : ' ' . $rail->unit);
        $what = $rail->targetWord !== '' && $rail->targetWord !== $rail->nowWord
            ? \sprintf('%s, was %s', $rail->nowWord, $rail->targetWord)
            : \sprintf('%s %s%s, was %s%s', $job->value, $figure($rail->now), $unit, $figure($rail->target), $unit);
        $gave = [];
        foreach (\array_slice($from, 0, 2) as $id) {
            $portion = $was->portionOf($id);
            if ($portion !== null) {
                $gave[$id] = mb_strtolower($portion->ingredient->name);
            }
        }

        return ($state === DebtState::Lost ? $job->value . ' lost, ' : '') . $job->onThePlate($rail->residual < 0.0) . ': ' . $what
            . ($gave === [] || $rail->residual > 0.0 ? '' : '; it came from ' . implode(' and ', $gave));
    }

    /** @return list<string> ingredients that do a job in a layer, most first */
    private static function who(LayerReading $layer, Job $job): array
    {
        $share = $job->share();
        $who = [];
        foreach ($layer->state->model->portions as $i => $portion) {
            $does = match (true) {
                $share !== null => $layer->jobs[$i][$share] ?? 0.0,
                $job === Job::DryStructure => $portion->dryStructure * $layer->state->share[$i] / 5000,
                $job === Job::Mass => $layer->state->share[$i] / 100,
                default => 0.0,
            };
            if ($does >= self::NAMED) {
                $who[$portion->ingredient->id] = ($who[$portion->ingredient->id] ?? 0.0) + $does;
            }
        }
        arsort($who);

        return array_map(strval(...), array_keys($who));
    }
}
