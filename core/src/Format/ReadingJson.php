<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Diet\Claim;
use Transmuta\Diet\Standing;
use Transmuta\Diet\Verdict;
use Transmuta\Formula\Line;
use Transmuta\Property\DishReading;
use Transmuta\Property\Heat\CookingWindow;
use Transmuta\Property\Heat\Cooling;
use Transmuta\Property\Heat\PanHeating;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Setting\Chances;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Property\Setting\Ripening;
use Transmuta\Property\Warning;
use Transmuta\Property\Water\Frozen;

/** A reading in the open JSON form that `formula:read` prints. */
final class ReadingJson
{
    /** The jobs of a line that counts for nothing. */
    private const IDLE = ['set' => 0.0, 'sweet' => 0.0, 'fat' => 0.0, 'acid' => 0.0, 'air' => 0.0, 'protein' => 0.0, 'firm' => 0.0, 'water' => 0.0, 'brown' => 0.0, 'colour' => 0.0];

    /** @return array<string, mixed> */
    public static function write(DishReading $dish): array
    {
        return [
            'title' => $dish->formula->title,
            'family' => $dish->formula->family->value,
            'portions' => $dish->formula->portions,
            'layers' => array_map(
                static fn(LayerReading $layer, int $n): array => self::layer($layer, $dish, $n, array_values(array_filter($dish->watch, static fn(Warning $w): bool => $w->layer === $n))),
                $dish->layers,
                array_keys($dish->layers),
            ),
            'portion' => self::facts($dish->portion),
            'per_100g' => self::facts($dish->per100),
            'us' => self::us($dish),
            'questions' => $dish->formula->questions(),
            'allergens' => ['unknown' => $dish->formula->questions(), 'contains' => $dish->contains, 'may_contain' => $dish->mayContain, 'by_regime' => array_map(
                static fn(array $lists): array => ['contains' => (object) $lists['contains'], 'may_contain' => (object) $lists['may']],
                $dish->allergens,
            )],
            'diets' => array_map(self::verdict(...), $dish->diets),
            'claims' => array_map(static fn(Claim $claim): array => $claim->toArray(), $dish->claims),
            'cooling' => $dish->stack->whole === null ? null : self::cooling($dish->stack->whole),
            'keeps_days' => $dish->keepsDays(),
            'unresolved' => array_map(
                static fn(Line $line): array => ['line' => $line->number, 'text' => $line->text, 'reason' => (string) $line->reason],
                $dish->formula->unresolved(),
            ),
            'provisional' => array_map(
                static fn(Line $line): array => ['line' => $line->number, 'text' => $line->text, 'ingredient' => $line->ingredient, 'doubt' => $line->doubt],
                $dish->formula->provisional(),
            ),
        ];
    }

    /** @return array<string, mixed> */
    public static function warning(Warning $warning): array
    {
        return ['rule' => $warning->rule, 'severity' => $warning->severity->value, 'text' => $warning->text];
    }

    /** @return array{met: bool, unproven: list<string>, because: list<string>, proven: list<string>} */
    private static function verdict(Verdict $verdict): array
    {
        return ['met' => $verdict->standing() === Standing::Met, 'unproven' => $verdict->unproven, 'because' => $verdict->because, 'proven' => $verdict->proven];
    }

    /**
     * @param array<string, float> $facts
     *
     * @return array<string, float|int>
     */
    private static function facts(array $facts): array
    {
        $order = ['mass_g', 'kj', 'kcal', 'fat_g', 'saturates_g', 'carbohydrate_g', 'sugars_g', 'polyols_g', 'net_carbs_g', 'fibre_g', 'protein_g', 'salt_g', 'cost_minor'];
        $out = [];
        foreach ($order as $fact) {
            $value = $facts[$fact] ?? 0.0;
            $out[$fact] = $fact === 'cost_minor' ? (int) round($value) : round($value, $fact === 'salt_g' ? 3 : 2);
        }

        return $out;
    }

    /**
     * @param list<Warning> $watch
     *
     * @return array<string, mixed>
     */
    private static function layer(LayerReading $r, DishReading $dish, int $n, array $watch): array
    {
        $s = $r->state;

        return [
            'name' => $r->layer->name,
            'mass_g' => round($s->mass, 1),
            'volume_ml' => round($r->volume, 1),
            'water' => round($s->water, 2),
            'protein' => round($s->protein, 2),
            'fat' => round($s->fat, 2),
            'sugars' => round($s->sugars, 2),
            'starch' => round($s->of100('starch'), 2),
            'fibre' => round($s->of100('fibre'), 2),
            'se' => round($r->se, 2),
            'acid_citric' => round($r->acidCitric, 3),
            'ph' => $r->ph === null ? null : round($r->ph, 2),
            'aw' => round($r->aw, 3),
            'freezing_point_c' => $r->freezingPoint === null ? null : round($r->freezingPoint, 2),
            'set' => self::set($r),
            'set_20c' => $r->baseWords === null ? ['ge' => round($r->setWarm->ge, 3), 'step' => Ladder::word($r->setWarm->ge), 'step_index' => Ladder::step($r->setWarm->ge)] : null,
            'balance' => [
                'brix' => round($r->balance->brix, 1), 'ratio' => self::rounded($r->balance->ratio, 1), 'brima' => self::rounded($r->balance->brimA, 1),
                'brima_se' => self::rounded($r->balance->brimASweet, 1), 'word' => $r->balance->word(),
            ],
            'crystals' => (object) array_map(static fn(array $c): array => [
                'per_100g_water' => round($c['has'], 1), 'dissolves_5c' => round($c['holds'], 1), 'dissolves_20c' => self::rounded($c['holds20'], 1), 'most_g' => round($c['most_g'], 1), 'over' => $c['over'],
            ], $r->crystals),
            'richness' => ['dry_matter' => round(100.0 - $s->water, 1), 'solid_fat_5c' => round($r->solidAtFridge, 2), 'solid_fat_35c' => round($r->solidAtMouth, 2), 'firm_fat' => round($r->firmFat, 2)],
            'syrup' => $r->syrup === null ? null : ['solids' => round($r->syrup->solids, 1), 'mpas_20c' => round($r->syrup->viscosity, $r->syrup->viscosity < 10 ? 1 : 0), 'word' => $r->syrup->word()],
            'aftertaste' => ['cooling_j_g' => round($r->aftertaste->cooling, 1), 'cold' => $r->aftertaste->cold(), 'bitter' => $r->aftertaste->bitter(), 'of_ceiling' => (object) array_map(static fn(float $share): float => round($share, 2), $r->aftertaste->ofCeiling)],
            'air' => round($r->airShare, 3),
            'height_mm' => round($dish->stack->heights[$n], 1),
            'thermal' => ['conductivity_w_mk' => round($r->thermal->conductivity, 3), 'density_kg_m3' => round($r->thermal->density), 'specific_heat_kj_kgk' => round($r->thermal->specificHeat, 2)],
            'cooling' => self::cooling($dish->stack->coolings[$n]),
            'ripening' => self::ripening($dish->stack->ripening[$n]),
            'frozen' => self::frozen($dish->stack->frozen[$n]),
            'cooking' => $r->window === null ? null : [
                'thickens_c' => round($r->window->thickens), 'done_c' => round($r->window->done), 'curdles_c' => round($r->window->curdles),
                'may_boil' => $r->window->mayBoil, 'starch' => $r->window->starch, 'safe_c' => $r->window->safe,
            ],
            'pan' => $r->pan === null ? null : self::pan($r->pan, $r->window),
            'keeping' => ['days' => $r->keeping->days, 'keep_cold' => $r->keeping->controlled, 'reasons' => $r->keeping->reasons],
            'cost_minor' => $r->costMinor,
            'lines' => self::lines($r),
            'watch' => array_map(self::warning(...), $watch),
        ];
    }

    /** @return array<string, mixed> a base has words of its own and no GE */
    private static function set(LayerReading $r): array
    {
        if ($r->baseWords !== null) {
            return ['ge' => null, 'low' => null, 'high' => null, 'step' => $r->baseWords, 'step_index' => null, 'kind' => 'crumb', 'mechanisms' => [], 'chances' => null];
        }

        $factors = $r->set->strengths->used($r->set->mechanisms);

        return [
            'ge' => round($r->set->ge, 3),
            'low' => round($r->set->low, 3),
            'high' => round($r->set->high, 3),
            'step' => Ladder::word($r->set->ge),
            'step_index' => Ladder::step($r->set->ge),
            'kind' => $r->set->kind,
            'mechanisms' => $r->set->shares(),
            'chances' => Chances::of($r->set),
            // Of this kitchen, where it differs from the shipped model.
            ...($factors === [] ? [] : ['factors' => $factors]),
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function lines(LayerReading $r): array
    {
        [$jobs, $setBy] = [$r->jobs, $r->setBy];
        $lines = [];
        foreach ($r->layer->lines as $line) {
            $lines[] = [
                'text' => $line->text,
                'ingredient' => $line->ingredient,
                'grams' => $line->ingredient === null ? null : round($line->grams, 2),
                'trace' => $line->trace,
                'confidence' => $line->confidence->value,
                'doubt' => $line->doubt,
                'jobs' => $line->ingredient === null ? self::IDLE : array_map(static fn(float $share): float => round($share, 3), array_shift($jobs) ?? self::IDLE),
                'set_by' => (object) ($line->ingredient === null ? [] : array_map(static fn(float $share): float => round($share, 3), array_shift($setBy) ?? [])),
            ];
        }

        return $lines;
    }

    private static function rounded(?float $value, int $places): ?float
    {
        return $value === null ? null : round($value, $places);
    }

    /** @return array<string, mixed> minutes on a middle hob, and the seconds between done and curdled */
    private static function pan(PanHeating $pan, ?CookingWindow $window): array
    {
        $minutes = static fn(?float $value): ?float => self::rounded($value, 1);
        $margin = $window === null || $window->mayBoil ? null : $pan->minutes($window->done, $window->curdles);

        return [
            'pan_mm' => round($pan->diameter()),
            'watts' => round($pan->watts),
            'gentle' => $pan->gentle,
            'thickens_min' => $window === null ? null : $minutes($pan->minutesTo($window->thickens)),
            'done_min' => $window === null ? null : $minutes($pan->minutesTo($window->done)),
            'boil_min' => $minutes($pan->minutesTo(100.0)),
            'margin_s' => $margin === null ? null : round($margin * 60),
            'climbs_c_min' => round($pan->climb($window->done ?? 80.0), 1),
        ];
    }

    /** @return array<string, mixed> hours from going into the cold */
    private static function cooling(Cooling $c): array
    {
        return [
            'from_c' => round($c->startsAt), 'air_c' => $c->air, 'height_mm' => round($c->heightMm, 1), 'firm_h' => self::rounded($c->firmHours, 2), 'firm_at_c' => $c->firmAt,
            'core_8c_h' => self::rounded($c->coreHours, 2), 'h_57_to_21' => self::rounded($c->dangerHours, 2), 'h_57_to_5' => self::rounded($c->coldHours, 2),
        ];
    }

    /** @return ?list<array{h: float, share: float, ge: float, step: string}> gelatin's set by hours in the cold */
    private static function ripening(?Ripening $r): ?array
    {
        return $r === null ? null : array_map(
            static fn(array $mark): array => ['h' => $mark['hours'], 'share' => round($mark['share'], 2), 'ge' => round($mark['ge'], 2), 'step' => Ladder::word($mark['ge'])],
            $r->marks,
        );
    }

    /** @return ?array<string, mixed> */
    private static function frozen(?Frozen $f): ?array
    {
        return $f === null ? null : [
            'ice_share_minus18' => round($f->iceAt18, 3), 'ice_share_minus10' => round($f->iceAt10, 3), 'word' => $f->word, 'scoops_at_c' => $f->scoopsAt, 'temper_min' => round($f->temperMinutes),
        ];
    }

    /** @return array<string, mixed> one portion under US rules, unrounded, with what is known of the vitamins and minerals */
    private static function us(DishReading $dish): array
    {
        return [
            ...array_map(static fn(float $v): float => round($v, 2), $dish->us),
            'micronutrients' => array_map(static fn(array $m): array => ['value' => round($m['value'], 3), 'unknown' => $m['unknown']], $dish->micronutrients),
        ];
    }
}
