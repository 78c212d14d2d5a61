<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Deviation;

/** What a layer is asked to do, and the only list of it: rails, debts, changes and their words are made from these. */
enum Job: string
{
    case Set = 'set';
    case SetWarm = 'set at 20 °C';
    case Sweetness = 'sweetness';
    case SugarBody = 'sugar body';
    case Fat = 'fat';
    case FirmFat = 'firm fat';
    case Acid = 'acid';
    case Water = 'water';
    case Protein = 'protein';
    case Air = 'air';
    case Emulsion = 'emulsion';
    case DryStructure = 'dry structure';
    case Colour = 'colour';
    case Character = 'character';
    case Mass = 'mass';

    /** Whether a layer of this kind has failed as a dessert when the job is not done. */
    public function isCritical(LayerKind $kind): bool
    {
        return match ($this) {
            // Only what stands by it has it as a job.
            self::Sweetness, self::Mass, self::Character, self::DryStructure => true,
            self::Set => $kind !== LayerKind::Base,
            self::Emulsion => $kind !== LayerKind::Base,
            self::Air => $kind === LayerKind::Foam,
            self::SetWarm, self::SugarBody, self::Fat, self::FirmFat, self::Acid, self::Water, self::Protein, self::Colour => false,
        };
    }

    /** The share of a line that says who does the job ({@see \Transmuta\Property\LineJobs}); null where no line does it by itself. */
    public function share(): ?string
    {
        return match ($this) {
            self::Set, self::SetWarm => 'set',
            self::Sweetness => 'sweet',
            self::Fat => 'fat',
            self::FirmFat => 'firm',
            self::Acid => 'acid',
            self::Protein => 'protein',
            self::Air => 'air',
            self::Colour => 'colour',
            self::Water, self::SugarBody => 'water',
            self::Emulsion, self::DryStructure, self::Character, self::Mass => null,
        };
    }

    /** What it means on the plate when there is less of it, or more, than in the original. */
    public function onThePlate(bool $less): string
    {
        return match ($this) {
            self::Set => $less ? 'softer than the original' : 'firmer than the original',
            self::SetWarm => $less ? 'softer once it has stood at 20 °C' : 'firmer once it has stood at 20 °C',
            self::Sweetness => $less ? 'less sweet' : 'sweeter',
            self::SugarBody => $less ? 'thinner, dries and browns less' : 'thicker and stickier',
            self::Fat => $less ? 'leaner' : 'richer',
            self::FirmFat => $less ? 'softer bite from the cold' : 'harder bite from the cold',
            self::Acid => $less ? 'less sharp' : 'sharper',
            self::Water => $less ? 'denser' : 'wetter',
            self::Protein => $less ? 'less protein' : 'more protein, drier',
            self::Air => $less ? 'flatter' : 'lighter',
            self::Emulsion => 'may split: more free fat than is held',
            self::DryStructure => $less ? 'the base will not stand' : 'drier',
            self::Colour => $less ? 'paler' : 'deeper in colour',
            self::Character => 'no longer what it is named for',
            self::Mass => $less ? 'fills less of the tin' : 'overfills the tin',
        };
    }
}
