<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Formula\Line;
use Transmuta\Property\LayerReading;
use Transmuta\Reference\Figure;
use Transmuta\Reformulation\Deviation\LayerKind;

/** Where an ingredient stands, which decides what may take its place and how much of it is pleasant. */
enum Place: string
{
    case Base = 'base';
    case Filling = 'filling';
    case Foam = 'foam';
    case Baked = 'baked';
    case Frozen = 'frozen';

    public static function of(LayerReading $layer, float $serveAt): self
    {
        $treatment = $layer->layer->treatment;

        return match (true) {
            $layer->baseWords !== null => self::Base,
            $serveAt < Figure::EatenFrozen->number() => self::Frozen,
            $treatment->bakes() => self::Baked,
            LayerKind::of($layer) === LayerKind::Foam => self::Foam,
            default => self::Filling,
        };
    }

    /**
     * The place of a line in the twins' table: what is whipped is a foam wherever it stands, and what is baked with flour is a crumb, where an egg
     * binds and raises; without, the oven only sets it.
     *
     * @return 'base'|'filling'|'foam'|'crumb'|'baked'
     */
    public function ofLine(Line $line, LayerReading $layer): string
    {
        $treatment = $layer->layer->treatment;

        return match (true) {
            $this === self::Base => 'base',
            $line->has('whipped') || ($treatment->isWhipped() && !$treatment->bakes()) => 'foam',
            $this === self::Baked => LayerKind::isCrumb($layer) ? 'crumb' : 'baked',
            $this === self::Foam => 'foam',
            default => 'filling',
        };
    }
}
