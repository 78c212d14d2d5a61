<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Line;
use Transmuta\Formula\Step;
use Transmuta\Intake\Matcher;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Shelf;

/** A formula in the plain text form that {@see \Transmuta\Intake\TextFormula} reads: every line in grams under its shelf name. */
final readonly class FormulaText
{
    private Matcher $matcher;

    public function __construct(private Shelf $shelf)
    {
        $this->matcher = new Matcher($shelf);
    }

    public function write(Formula $formula): string
    {
        $rows = ['title: ' . $formula->title, 'family: ' . $formula->family->value, 'measures: ' . $formula->measures->value, 'portions: ' . $formula->portions, \sprintf('serve at: %s C', self::number($formula->serveAt))];
        foreach ($formula->measured as $m) {
            $rows[] = 'measured: ' . $this->matcher->nameOf($m->ingredient, $formula->measures) . ($m->brix === null ? '' : ' brix ' . self::number($m->brix)) . ($m->acid === null ? '' : ' acid ' . self::number($m->acid));
        }
        foreach ($formula->layers as $layer) {
            $rows[] = '';
            $rows[] = 'layer: ' . $layer->name;
            $rows[] = 'treat: ' . $layer->treatment->words();
            if ($layer->tin !== null) {
                $rows[] = 'tin: ' . $layer->tin->words();
            }
            if ($layer->loss !== null && !$layer->loss->isNone()) {
                $rows[] = 'loss: ' . $layer->loss->words();
            }
            foreach ($layer->lines as $line) {
                $rows[] = $this->line($line, $formula->measures);
                if ($line->note !== '') {
                    $rows[] = 'line note: ' . $line->note;
                }
            }
        }
        if ($formula->method !== []) {
            array_push($rows, '', 'method:', ...array_map(static fn(Step $step): string => $step->text, $formula->method));
        }

        return implode("\n", $rows) . "\n";
    }

    private function line(Line $line, UnitSystem $measures): string
    {
        if ($line->ingredient === null) {
            return $line->text;
        }

        return \sprintf('%s g %s%s', self::number($line->grams), $this->matcher->nameOf($line->ingredient, $measures), $line->prep === [] ? '' : ', ' . implode(' ', $line->prep));
    }

    /** A number in full, without an exponent. */
    private static function number(float $value): string
    {
        return rtrim(rtrim(number_format($value, 3, '.', ''), '0'), '.');
    }
}
