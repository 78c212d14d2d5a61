<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Formula\Nonsense;
use Transmuta\Property\NetCarbSchool;

/**
 * Where good practitioners disagree (handbook: "support both, state the default"): a studio chooses, a dish may choose otherwise. Each acts
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
    ) {}

    /** @return array<string, array{words: string, acts: string, choices: array<string, string>, default: string}> */
    public static function questions(): array
    {
        return [
            'net_carbs' => ['words' => 'Net carbs', 'acts' => 'nutrition: what is taken off carbohydrate', 'choices' => ['half-polyols' => 'erythritol and allulose in full, other polyols half', 'no-polyols' => 'all polyols in full'], 'default' => 'half-polyols'],
            'gelatin' => ['words' => 'Gelatin strengths', 'acts' => 'set: how one bloom stands for another', 'choices' => ['root' => 'by the square root of bloom (powders)', 'linear' => 'bloom × mass constant (leaf for leaf)'], 'default' => 'root'],
            'market' => ['words' => 'Sold in', 'acts' => 'routes: which sweeteners may be used', 'choices' => array_column(array_map(static fn(Market $m): array => [$m->value, $m->words()], Market::cases()), 1, 0), 'default' => 'other'],
            'sweetness' => ['words' => 'Sweetness after reformulating', 'acts' => 'routes and rails: the sweetness aimed for', 'choices' => ['match' => 'match the original', 'fifth' => 'a fifth less sweet'], 'default' => 'match'],
            'firmness' => ['words' => 'Firmness of a filling', 'acts' => 'routes and rails: the set aimed for', 'choices' => ['match' => 'match the original', 'softer' => 'just holding: a step softer', 'firmer' => 'clean slice: a step firmer'], 'default' => 'match'],
            'base' => ['words' => 'Base', 'acts' => 'routes and rails: the firm fat of a base', 'choices' => ['firm' => 'firm, as the original', 'tender' => 'tender: a quarter less fat'], 'default' => 'firm'],
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
        );
    }

    /** What a brief's own aims become under these schools; what the brief says for itself wins. */
    public function aims(Aims $aims): Aims
    {
        return Aims::of($aims->sweetness === 1.0 ? $this->sweetness : $aims->sweetness, $aims->set === 0.0 ? $this->firmness : $aims->set, $aims->sharpness, $aims->richness);
    }
}
