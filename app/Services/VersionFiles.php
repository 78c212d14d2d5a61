<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Version;
use Illuminate\Support\Str;
use Transmuta\Format\Converted;
use Transmuta\Format\Converter;
use Transmuta\Format\Form;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Step;
use Transmuta\Process\Words\OwnMethod;
use Transmuta\Process\Words\ToldStep;
use Transmuta\Property\DishReading;

/** A version in the forms others read. */
final readonly class VersionFiles
{
    /** Bytes a code of 55 mm still shows to a telephone at the lowest correction (ISO/IEC 18004: version 40-L holds 2953). */
    private const CODE = 1400;

    public function __construct(private VersionShelf $shelves, private OwnMethod $method) {}

    public function in(Version $version, Form $form): Converted
    {
        $dish = $this->shelves->engine($version)->read($version->formula);

        return $this->converter($version)->to($form, $dish, $this->told($version, $dish));
    }

    /**
     * The formula as text, for a code on its card; null where it is too long for one.
     *
     * @param DishReading $dish the version, read
     */
    public function code(Version $version, DishReading $dish): ?string
    {
        $text = $this->converter($version)->to(Form::Text, $dish, $this->told($version, $dish))->text;

        return \strlen($text) <= self::CODE ? $text : null;
    }

    public function name(Version $version, Form $form): string
    {
        return Str::slug("{$version->dish->title} $version->name", '-', 'en') . '-' . $version->standing()['number'] . '.' . $form->ending();
    }

    /** @return list<array{form: string, words: string, name: string, bytes: int, lost: list<string>}> */
    public function forms(Version $version): array
    {
        $dish = $this->shelves->engine($version)->read($version->formula);
        $told = $this->told($version, $dish);
        $converter = $this->converter($version);

        return array_map(function (Form $form) use ($version, $dish, $told, $converter): array {
            $made = $converter->to($form, $dish, $told);

            return ['form' => $form->value, 'words' => $form->words(), 'name' => $this->name($version, $form), 'bytes' => \strlen($made->text), 'lost' => $made->lost];
        }, Form::cases());
    }

    /**
     * The formula with the method it is made by: as somebody wrote it for this version; as the dish was written, while it is made of what it was written of; else as
     * it asks for itself. The steps of another version would tell to whisk what is not in this one.
     */
    private function told(Version $version, DishReading $dish): Formula
    {
        $formula = $dish->formula;
        if ($version->method !== null) {
            return $formula->withMethod(Step::all(array_map(static fn(ToldStep $told): string => $told->text, $this->method->told($version->ownMethod(), $dish))));
        }
        [$own, $its] = [$formula->holds(), $version->original()->formula->holds()];
        $isOfTheSame = array_diff_key($own, $its) === [] && array_diff_key($its, $own) === [];

        return $formula->method === [] || $isOfTheSame ? $formula : $formula->withMethod(Step::all($this->shelves->engine($version)->method->steps($dish)));
    }

    private function converter(Version $version): Converter
    {
        $engine = $this->shelves->engine($version);

        return new Converter($engine->reader->shelf, $engine->method, $engine->lines);
    }
}
