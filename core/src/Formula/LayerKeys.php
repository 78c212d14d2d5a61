<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/** What tells the layers of a dish apart: their ids; where nobody has given one, the name, and for the second of it "name (2)". */
final class LayerKeys
{
    /**
     * @param list<Layer> $layers
     *
     * @return list<string> a key for each, no two alike
     */
    public static function of(array $layers): array
    {
        return Identity::apart(array_map(static fn(Layer $layer): string => $layer->id !== '' ? $layer->id : $layer->name, $layers));
    }
}
