<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** Where a label is printed for. Each edition says which rules it recalls; none is checked against an act's text. */
enum Market: string
{
    case Eu = 'eu';
    case Uk = 'uk';
    case Us = 'us';
    case Ca = 'ca';
    case Anz = 'anz';
    case In = 'in';

    /** @return array<string, string> what its law makes of a list (`core/data/label/markets.csv`) */
    public function law(): array
    {
        $rows = Kept::once(self::class, static fn(): array => array_column(Table::of('label/markets'), null, 'market'));

        return $rows[$this->value] ?? throw BrokenTable::missing("label/markets.csv: $this->value");
    }

    public function edition(): string
    {
        return $this->law()['edition'];
    }

    public function words(): string
    {
        return $this->law()['name'];
    }

    /**
     * Rows of a table of laws that hold in it: its own, and in the United Kingdom those of the Union it keeps.
     *
     * @return list<array<string, string>>
     */
    public function rows(string $table): array
    {
        return array_values(array_filter(Table::of($table), fn(array $row): bool => $row['market'] === $this->value || $row['market'] === $this->rules()));
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
        return (float) $this->law()[$isDefined ? 'compound_defined_from' : 'compound_from'];
    }
}
