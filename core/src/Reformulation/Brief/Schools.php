<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Brief;

use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Family;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Formula\TreatmentStep;
use Transmuta\Process\ChillMarks;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Nutrients\NetCarbSchool;
use Transmuta\Reference\Figure;
use Transmuta\Shelf\FatState;

/**
 * Where good practitioners disagree (both are supported, and the default stated): a studio chooses, a dish may choose otherwise. Each acts
 * in one place: net carbs in the nutrition, gelatin in the set, the others in what a route aims for or may use.
 */
final readonly class Schools
{
    public function __construct(
        public NetCarbSchool $netCarbs = NetCarbSchool::HalfPolyols,
        public bool $linearBloom = false,
        public Market $market = Market::Other,
        public float $sweetness = 1.0,
        public float $firmness = 0.0,
        public bool $tenderBase = false,
        public bool $citrusWithGelatin = false,
        public bool $anyJuice = false,
        public ?bool $zest = null,
        public ?bool $baked = null,
        public ChillMarks $chill = ChillMarks::Both,
        public ?string $curdEgg = null,
        public ?bool $leanWhip = null,
        public ?float $proteinPortion = null,
        public string $leaf = 'gold',
    ) {}

    /** @return array<string, array{words: string, acts: string, choices: array<string, string>, default: string}> */
    public static function questions(): array
    {
        return [
            'net_carbs' => ['words' => 'Net carbs', 'acts' => 'nutrition: what is taken off carbohydrate', 'choices' => ['half-polyols' => 'erythritol and allulose whole, others half', 'no-polyols' => 'all polyols whole'], 'default' => 'half-polyols'],
            'gelatin' => ['words' => 'Gelatin strengths', 'acts' => 'set: how one bloom stands for another', 'choices' => ['root' => 'by the square root of bloom (powders)', 'linear' => 'bloom × mass constant (leaf for leaf)'], 'default' => 'root'],
            'market' => ['words' => 'Sold in', 'acts' => 'routes: which sweeteners may be used', 'choices' => array_column(array_map(static fn(Market $m): array => [$m->value, $m->words()], Market::cases()), 1, 0), 'default' => 'other'],
            'sweetness' => ['words' => 'Sweetness after reformulating', 'acts' => 'routes and rails: the sweetness aimed for', 'choices' => ['match' => 'match the original', 'fifth' => 'a fifth less sweet'], 'default' => 'match'],
            'firmness' => ['words' => 'Firmness of a filling', 'acts' => 'routes and rails: the set aimed for', 'choices' => ['match' => 'match the original', 'softer' => 'just holding: a step softer', 'firmer' => 'clean slice: a step firmer'], 'default' => 'match'],
            'base' => ['words' => 'Base', 'acts' => 'routes and rails: the firm fat of a base', 'choices' => ['firm' => 'firm, as the original', 'tender' => 'tender: a quarter less fat'], 'default' => 'firm'],
            'bake' => ['words' => 'A cheesecake: baked or not', 'acts' => 'routes: the heat its filling gets', 'choices' => ['follow' => 'follow the original', 'baked' => 'baked, dense', 'unbaked' => 'unbaked, light'], 'default' => 'follow'],
            'egg' => ['words' => 'Egg in a curd', 'acts' => 'routes: which part of the egg they keep', 'choices' => ['both' => 'offer yolks and whole egg', 'yolks' => 'yolks only', 'whole' => 'whole egg, leaner'], 'default' => 'both'],
            'zest' => ['words' => 'Zest in a curd', 'acts' => 'routes: the zest line', 'choices' => ['written' => 'as the original has it', 'essential' => 'essential: added where there is none', 'without' => 'too intense: left out'], 'default' => 'written'],
            'whip' => ['words' => 'A low-fat whipped layer', 'acts' => 'routes: which foams may be used', 'choices' => ['richness' => 'by how rich it is to be', 'cream' => 'coconut or cashew', 'banana' => 'banana first'], 'default' => 'richness'],
            'juice' => ['words' => 'Juice', 'acts' => 'method: how the juice is named', 'choices' => ['fresh' => 'always fresh', 'any' => 'bottled or frozen is fine'], 'default' => 'fresh'],
            'chill' => ['words' => 'Chill before serving', 'acts' => 'method: when it may be cut', 'choices' => ['both' => 'both marks', 'hours' => 'after 3 h, where it is set by then', 'night' => 'only after a night'], 'default' => 'both'],
            'protein' => ['words' => 'High protein', 'acts' => 'routes and diets: what counts as high protein', 'choices' => ['share' => 'at least 20 % of the energy (the EU claim)', 'portion' => \sprintf('at least %g g a portion', Figure::HighProteinPortion->number())], 'default' => 'share'],
            'leaf' => ['words' => 'A gelatin leaf without a grade', 'acts' => 'intake: which leaf a line means', 'choices' => ['gold' => 'gold, 200 bloom, 2 g', 'platinum' => 'platinum, 235 bloom, 1.7 g', 'silver' => 'silver, 160 bloom, 2.5 g', 'bronze' => 'bronze, 140 bloom, 3.3 g', 'titanium' => 'titanium, 120 bloom, 5 g'], 'default' => 'gold'],
            'citrus' => ['words' => 'A citrus-set cheesecake', 'acts' => 'routes: which way comes first', 'choices' => ['alone' => 'juice alone where casein allows', 'gelatin' => 'juice and gelatin'], 'default' => 'alone'],
        ];
    }

    /**
     * @param array<string, mixed> ...$layers choices by question; later ones win over earlier
     *
     * @throws Nonsense if a choice is not one of a question's
     */
    public static function of(array ...$layers): self
    {
        $chosen = [];
        foreach (self::questions() as $key => $question) {
            $value = $question['default'];
            foreach ($layers as $choices) {
                $value = \is_string($choices[$key] ?? null) ? $choices[$key] : $value;
            }
            if (!isset($question['choices'][$value])) {
                throw Nonsense::of($key, $value, 'choose one of ' . implode(', ', array_keys($question['choices'])));
            }
            $chosen[$key] = $value;
        }

        return new self(
            $chosen['net_carbs'] === 'no-polyols' ? NetCarbSchool::NoPolyols : NetCarbSchool::HalfPolyols,
            $chosen['gelatin'] === 'linear',
            Market::from($chosen['market']),
            $chosen['sweetness'] === 'fifth' ? 0.8 : 1.0,
            match ($chosen['firmness']) {
                'softer' => -1.0,
                'firmer' => 1.0,
                default => 0.0,
            },
            $chosen['base'] === 'tender',
            $chosen['citrus'] === 'gelatin',
            $chosen['juice'] === 'any',
            ['essential' => true, 'without' => false][$chosen['zest']] ?? null,
            ['baked' => true, 'unbaked' => false][$chosen['bake']] ?? null,
            ChillMarks::from($chosen['chill']),
            ['yolks' => 'egg-yolk', 'whole' => 'whole-egg'][$chosen['egg']] ?? null,
            ['banana' => true, 'cream' => false][$chosen['whip']] ?? null,
            $chosen['protein'] === 'portion' ? Figure::HighProteinPortion->number() : null,
            $chosen['leaf'],
        );
    }

    /** What a brief's own aims become under these schools; what the brief says for itself wins. */
    public function aims(Aims $aims): Aims
    {
        return Aims::of($aims->sweetness === 1.0 ? $this->sweetness : $aims->sweetness, $aims->set === 0.0 ? $this->firmness : $aims->set, $aims->sharpness, $aims->richness);
    }

    /** A brief as this kitchen means it: high protein by the portion is a number of grams. */
    public function briefed(Brief $brief): Brief
    {
        return $this->proteinPortion === null || !$brief->asks(\Transmuta\Diet\Diet::HighProtein) ? $brief : $brief->byPortion($this->proteinPortion);
    }

    /** The heat a layer of a route gets instead of its own: only a cheesecake's filling is asked about. */
    public function treatment(LayerReading $layer, Family $family): ?Treatment
    {
        $bakes = $layer->layer->treatment->bakes();
        if ($family !== Family::Cheesecake || $this->baked === null || $this->baked === $bakes || $layer->baseWords !== null || !$this->isCheese($layer)) {
            return null;
        }

        return $this->baked ? $layer->layer->treatment->heatedBy(TreatmentStep::of(TreatmentKind::Bake, Figure::BakeByChoiceOven->number())) : $layer->layer->treatment->without(TreatmentKind::Bake, TreatmentKind::Cook, TreatmentKind::Boil);
    }

    private function isCheese(LayerReading $layer): bool
    {
        foreach ($layer->state->model->portions as $i => $portion) {
            if (\in_array($portion->ingredient->fatState, [FatState::Cheese, FatState::RichCream], true) && $layer->state->share[$i] > 10.0) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> the parts of the egg that routes for a curd are made with, beside what is written */
    public function eggParts(Family $family): array
    {
        return $family !== Family::Curd ? [] : ($this->curdEgg === null ? ['egg-yolk', 'whole-egg'] : [$this->curdEgg]);
    }

    /**
     * What is chosen otherwise than usual, in words, so that it can be shown where it acts.
     *
     * @param array<string, mixed> ...$layers choices by question; later ones win over earlier
     *
     * @return list<array{question: string, words: string, choice: string, acts: string}>
     */
    public static function atWork(array ...$layers): array
    {
        $all = [];
        foreach (self::questions() as $key => $question) {
            foreach (array_reverse($layers) as $choices) {
                $value = $choices[$key] ?? null;
                if (\is_string($value) && isset($question['choices'][$value])) {
                    if ($value !== $question['default']) {
                        $all[] = ['question' => $key, 'words' => $question['words'], 'choice' => $question['choices'][$value], 'acts' => $question['acts']];
                    }
                    break;
                }
            }
        }

        return $all;
    }
}
