<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 41: the salt left with the salted butter. */
final class SaltGoneWithSaltedButter implements Rule
{
    public static function name(): string
    {
        return 'salt-gone';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        if ($dish->original === null) {
            return;
        }
        foreach ($dish->original->layers as $n => $was) {
            $had = array_filter($was->state->model->portions, static fn(\Transmuta\Property\Portion $p): bool => $p->ingredient->class === 'butter' && $p->ingredient->composition->of100('salt') >= 0.6);
            $now = $dish->layers[$n] ?? null;
            $gone = $now === null ? 0.0 : ($was->state->of100('salt') - $now->state->of100('salt')) * $now->state->mass / 100;
            if ($had !== [] && $now !== null && $gone > 0.3) {
                yield new Warning(self::name(), Severity::Note, \sprintf('%s: %.1f g salt went with the salted butter. Put it back, or it tastes flat.', $now->layer->name, $gone), $n, ['action' => 'add', 'ingredient' => Remedies::of(self::name()), 'grams' => round($gone, 1)]);
            }
        }
    }
}
