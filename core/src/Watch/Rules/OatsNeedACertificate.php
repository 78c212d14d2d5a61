<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 27: oats count as gluten-free only with a certificate, and never in Australia and New Zealand. */
final class OatsNeedACertificate implements Rule
{
    public static function name(): string
    {
        return 'oats-need-certificate';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                if (\in_array('oats', $portion->ingredient->cereals, true) && $layer->state->grams[$i] > 0.0 && $dish->diets['gluten-free']->because === []) {
                    yield new Warning(self::name(), Severity::Attention, \sprintf('%s: %s are gluten-free only where they are specially produced and certified (Regulation (EU) No 828/2014), and never in Australia and New Zealand (Standard 1.2.7).', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n, $models->shelf->find(Remedies::of(self::name()))?->class === $portion->ingredient->class && $portion->ingredient->id !== Remedies::of(self::name()) ? ['action' => 'swap', 'ingredient' => $portion->ingredient->id, 'for' => Remedies::of(self::name())] : null);
                }
            }
        }
    }
}
