<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Formula\Line;
use Transmuta\Property\LayerReading;

/** Where an ingredient stands, which decides what may take its place and how much of it is pleasant. */
enum Place: string
{
    case Base = 'base';
    case Filling = 'filling';
    case Foam = 'foam';
    case Baked = 'baked';
    case Frozen = 'frozen';

    /** Colder than this a layer is eaten frozen, °C. */
    private const FROZEN = -2.0;

    public static function of(LayerReading $layer, float $serveAt): self
    {
        $treatment = $layer->layer->treatment;

        return match (true) {
            $layer->baseWords !== null => self::Base,
            $serveAt < self::FROZEN => self::Frozen,
            $treatment->bakes() => self::Baked,
            LayerKind::of($layer) === LayerKind::Foam => self::Foam,
            default => self::Filling,
        };
    }

    /**
     * The place of a line in the twins' table: what is whipped is a foam wherever it stands.
     *
     * @return 'base'|'filling'|'foam'|'baked'
     */
    public function ofLine(Line $line, bool $isWhipped): string
    {
        return match (true) {
            $this === self::Base => 'base',
            $line->has('whipped') || $isWhipped => 'foam',
            $this === self::Baked => 'baked',
            $this === self::Foam => 'foam',
            default => 'filling',
        };
    }
}
