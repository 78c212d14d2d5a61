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
        $taken = $keys = [];
        foreach ($layers as $layer) {
            $key = $layer->id !== '' ? $layer->id : $layer->name;
            for ($n = 2; isset($taken[$key]); ++$n) {
                $key = "$layer->name ($n)";
            }
            $taken[$key] = true;
            $keys[] = $key;
        }

        return $keys;
    }
}
