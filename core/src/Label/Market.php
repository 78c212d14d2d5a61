<?php

declare(strict_types=1);

namespace Transmuta\Label;

/** Where a label is printed for. Each edition says which rules it recalls; none is checked against an act's text. */
enum Market: string
{
    case Eu = 'eu';
    case Uk = 'uk';
    case Us = 'us';
    case Ca = 'ca';
    case Anz = 'anz';
    case In = 'in';

    public function edition(): string
    {
        return match ($this) {
            self::Eu => 'Regulation (EU) No 1169/2011, rules as recalled, 2025',
            self::Uk => 'retained Regulation 1169/2011 and SI 2019/1218, rules as recalled, 2025',
            self::Us => '21 CFR 101, rules as recalled, 2025',
            self::Ca => 'Food and Drug Regulations, C.R.C., c. 870, rules as recalled, 2025',
            self::Anz => 'Australia New Zealand Food Standards Code, rules as recalled, 2025',
            self::In => 'FSS (Labelling and Display) Regulations 2020, rules as recalled, 2025',
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::Eu => 'European Union',
            self::Uk => 'United Kingdom',
            self::Us => 'United States',
            self::Ca => 'Canada',
            self::Anz => 'Australia and New Zealand',
            self::In => 'India',
        };
    }

    /** The market whose table of nutrients and rounding stands here: the British is the European. */
    public function rules(): string
    {
        return ($this === self::Uk ? self::Eu : $this)->value;
    }

    /** Whether the rules are the European ones, in their British form or not. */
    public function isEuropean(): bool
    {
        return $this === self::Eu || $this === self::Uk;
    }

    /** Share of the finished food under which a compound ingredient need not be opened, where its making is defined by law for that (0 where it always is). */
    public function opensFrom(bool $isDefined): float
    {
        return match ($this) {
            self::Eu, self::Uk => $isDefined ? 2.0 : 0.0,
            self::Anz, self::In => 5.0,
            self::Us, self::Ca => 0.0,
        };
    }
}
