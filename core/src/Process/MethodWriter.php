<?php

declare(strict_types=1);

namespace Transmuta\Process;

use Transmuta\Formula\Step;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Kind\Kind;
use Transmuta\Method\Method;
use Transmuta\Method\Part;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\MakingStep;
use Transmuta\Process\Making\StepKind;
use Transmuta\Property\DishReading;
use Transmuta\Property\Heat\Cooling;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Portion;
use Transmuta\Reference\Figure;

/** The making of a dish as prose: {@see Making} says what is done, this says it in sentences a cook reads, with °F, fan and gas. */
final readonly class MethodWriter
{
    /** min from which a step is the day before's. */
    private const NIGHT = 8 * 60.0;

    /** What a method takes for granted, or says at its end. */
    private const UNSAID = [StepKind::Weigh, StepKind::TemperOut];

    private const SETS = [StepKind::Chill, StepKind::Freeze];

    /** Kinds that set what was filled; a night of them is not work of the day before. */
    private const SETS_A_LAYER = [StepKind::Freeze, StepKind::Rest];

    /** Kinds of which the sign of their end is the better half. */
    private const DONE_WHEN = [StepKind::Cook, StepKind::Bake, StepKind::Caramelise, StepKind::Reduce, StepKind::PressBase, StepKind::Fold, StepKind::Whip, StepKind::Foam];

    /** Kinds after which it is left alone. */
    private const LEAVES = [StepKind::Soak, StepKind::Swell, StepKind::Hydrate, StepKind::Cool, StepKind::Rest, StepKind::Chill, StepKind::Freeze, StepKind::ChillTools];

    public function __construct(private Making $making, private ChillMarks $chill = ChillMarks::Both) {}

    public static function standard(): self
    {
        return new self(Making::standard());
    }

    /** The maker's own method, understood; null where it is drafted. */
    /** @return list<Kind> of each layer's mass */
    public function kinds(DishReading $dish): array
    {
        return $this->making->kinds($dish);
    }

    public function methodOf(DishReading $dish): ?Method
    {
        return $this->making->methodOf($dish);
    }

    /** @return list<string> */
    public function steps(DishReading $dish): array
    {
        $own = $this->making->methodOf($dish);
        if ($own !== null) {
            return self::asWritten($dish, $own);
        }
        $ahead = $now = [];
        $all = $this->making->of($dish);
        $last = array_key_last(array_filter($all, static fn(MakingStep $step): bool => \in_array($step->kind, self::SETS, true)));
        foreach ($all as $place => $step) {
            if ($place === $last) {
                $now[] = $this->chill($dish, $step->kind === StepKind::Freeze);
            }
            $isService = $step->kind === StepKind::Garnish && $step->layer >= \count($dish->layers);
            if (\in_array($step->kind, self::UNSAID, true) || $isService || $place === $last) {
                continue;
            }
            $isAhead = $step->wait->least >= self::NIGHT && !\in_array($step->kind, self::SETS_A_LAYER, true);
            $said = $this->said($step, $dish);
            $isAhead ? $ahead[] = 'The night before: ' . preg_replace('/^[^:]+: /', '', $said) : $now[] = $said;
        }

        return [...$ahead, ...$now];
    }

    /**
     * The maker's words to the letter, and what they leave open.
     *
     * @return list<string>
     */
    private static function asWritten(DishReading $dish, Method $method): array
    {
        $ovens = [];
        foreach ($method->acts as $act) {
            if ($act->operation->heats === 'oven' && $act->celsius !== null && $act->sentence >= 0) {
                $ovens[$method->sentences[$act->sentence]->step][] = Degrees::oven(round($act->celsius), $act->oven);
            }
        }
        $told = [];
        // Other ovens than the maker's stand behind their words, which are left as they are.
        $words = array_map(
            static function (Step $step, int $n) use ($ovens, &$told): string {
                $new = array_diff(array_unique($ovens[$n] ?? []), $told);
                array_push($told, ...$new);

                // The card numbers its steps itself.
                return Step::unnumbered($step->text) . ($new === [] ? '' : ' [' . implode('; ', $new) . ']');
            },
            $dish->formula->method,
            array_keys($dish->formula->method),
        );
        $unsaid = array_map(static fn(Part $part): string => $part->named, $method->unsaid);

        return $unsaid === [] ? $words : [...$words, 'Not in this method yet: ' . implode(', ', $unsaid) . '.'];
    }

    private function said(MakingStep $step, DishReading $dish): string
    {
        $text = rtrim($step->text, '.');
        if ($step->kind === StepKind::Bake && $step->target !== null) {
            $oven = ($dish->layers[$step->layer] ?? null)?->layer->treatment->step(TreatmentKind::Bake)?->oven;
            $text = str_replace(Degrees::set($step->target, $oven), Degrees::oven($step->target, $oven), $text) . self::baked($step);
        } else {
            $text = Degrees::in($text);
        }
        if (\in_array($step->kind, self::DONE_WHEN, true)) {
            $text .= ', until: ' . Degrees::in($step->endpoint);
        }
        $window = ($dish->layers[$step->layer] ?? null)?->window;
        if ($step->kind === StepKind::Cook && $window !== null) {
            $text .= Degrees::in(\sprintf('; it thickens from %.0f%s, and egg is safe from %.0f °C', $window->thickens, $window->mayBoil ? '' : \sprintf(', curdles at %.0f', $window->curdles), $window->safe));
        }
        $wait = self::waited($step);

        return $text . ($wait === '' ? '.' : ". Leave it $wait.");
    }

    /** ", 22–26 min"; '' where nobody knows how long. */
    private static function baked(MakingStep $step): string
    {
        [$least, $best] = [round($step->wait->least), round($step->wait->best)];

        return $best < 1.0 || $step->origin->oven !== [] ? '' : \sprintf(', %s min', $least < 1.0 || $least === $best ? \sprintf('%g', $best) : \sprintf('%g–%g', $least, $best));
    }

    /** "45 min", "4–7 h"; '' where nothing is waited for but a machine. */
    private static function waited(MakingStep $step): string
    {
        if (!\in_array($step->kind, self::LEAVES, true) || $step->wait->best < 1.0) {
            return '';
        }
        [$least, $best] = [$step->wait->least, $step->wait->best];
        $inHours = $best >= 90.0;
        $shown = static fn(float $minutes): string => $inHours ? (string) (round($minutes / 30.0) / 2) : (string) (int) ceil($minutes);
        $unit = $inHours ? 'h' : 'min';

        return $shown($least) === $shown($best) || $shown($least) === '0' ? $shown($best) . " $unit" : \sprintf('%s–%s %s', $shown($least), $shown($best), $unit);
    }

    private function chill(DishReading $dish, bool $isFrozen): string
    {
        // A sub-step that boils leaves the layer as warm as a cooked one.
        $cooked = array_filter($dish->layers, static fn(LayerReading $l): bool => $l->layer->treatment->isHot()
            || array_filter($l->state->model->portions, static fn(Portion $p): bool => $p->boiled || $p->heated) !== []) !== [];
        $text = $isFrozen || $dish->formula->serveAt < -2.0
            ? \sprintf('Freeze to −18 °C; temper before serving at %s °C.', str_replace('-', '−', \sprintf('%g', $dish->formula->serveAt)))
            : \sprintf('Press film on the surface and chill to 5 °C. %s Serve at %g °C.', $this->marks($dish), $dish->formula->serveAt);

        return $cooked ? $text . ' Cool cooked layers from 57 to 21 °C within 2 h and to 5 °C within 6 h in all (FDA Food Code 3-501.14); follow your local code.' : $text;
    }

    /** When it may be cut: once its middle is cold and its gel has formed, not before three hours; or after a night. */
    private function marks(DishReading $dish): string
    {
        $gelatin = array_filter($dish->layers, static fn(LayerReading $l): bool => ($l->set->mechanisms['gelatin'] ?? 0.0) > 0.1) !== [];
        $cold = array_map(static fn(Cooling $c): float => $c->coreHours ?? 24.0, $dish->stack->whole === null ? $dish->stack->coolings : [$dish->stack->whole]);
        $hours = (int) ceil(max(3.0, $gelatin ? Figure::GelatinHours->number() : 0.0, ...$cold) - 0.05);

        return match ($this->chill) {
            ChillMarks::Hours => \sprintf('It may be cut after %d h%s.', $hours, $gelatin ? ', when the gelatin has formed most of its gel' : ''),
            ChillMarks::Night => 'Cut it only after a night.',
            ChillMarks::Both => \sprintf('It may be cut after %d h; it is at its best after a night.', $hours),
        };
    }
}
