<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

/** What an ingredient is taken for, from its composition and functions: the words the shelf is searched by. */
final class Jobs
{
    public const ALL = ['sets', 'thickens', 'sweetens', 'enriches', 'whips', 'sours', 'protein', 'flavours', 'base', 'fruit'];

    /** As they are shown, where a job is not its own word. */
    public const WORDS = ['protein' => 'brings protein', 'base' => 'makes a base'];

    private const SETS = ['gelatin-bloom', 'agar', 'iota', 'kappa', 'lm-pectin', 'hm-pectin', 'gellan', 'alginate', 'coagulated-soy', 'coagulant', 'konjac'];
    private const THICKENS = ['starch', 'starch-cold', 'starch-stable', 'xanthan', 'locust-bean', 'chia', 'flax', 'psyllium', 'methylcellulose', 'konjac'];

    /** @return list<string> of {@see ALL} */
    public static function of(Ingredient $in): array
    {
        $c = $in->composition;
        $does = static fn(array $functions): bool => array_intersect(array_keys($in->functions), $functions) !== [];
        $jobs = [
            'sets' => $does(self::SETS) || ($in->group === 'egg' && $c->of100('protein.egg') > 5.0),
            'thickens' => $does(self::THICKENS),
            'sweetens' => \in_array($in->group, ['sugar', 'sweetener'], true) || $c->family('sugar.') >= 25.0 || $c->family('active.') > 0.0,
            'enriches' => $c->family('fat.') >= 15.0,
            'whips' => $in->does('foam-overrun') > 0.0,
            'sours' => $c->family('acid.') >= 1.0,
            'protein' => $c->family('protein.') >= 12.0,
            'flavours' => \in_array($in->group, ['flavour', 'chocolate'], true),
            'base' => $in->group === 'base' || str_contains($in->name, 'crushed'),
            'fruit' => $in->group === 'fruit',
        ];

        return array_values(array_intersect(self::ALL, array_keys(array_filter($jobs))));
    }
}
