<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Identity;
use Transmuta\Formula\Layer;
use Transmuta\Formula\LayerKeys;
use Transmuta\Formula\Line;
use Transmuta\Formula\Step;
use Transmuta\Quantity\Scale;
use Transmuta\Shelf\Measured;
use Transmuta\Shelf\Shelf;

/** What was changed between two states of a dish, in a cook's words: "Sugar 120 g → 100 g (Curd)". Layers and lines are told apart by their ids. */
final readonly class FormulaChanges
{
    public function __construct(private Shelf $shelf) {}

    /** @return list<string> none where nothing was */
    public function between(Formula $was, Formula $now): array
    {
        $words = [];
        foreach ([['Name', $was->title, $now->title], ['Kind', $was->family->value, $now->family->value], ['Measures', $was->measures->value, $now->measures->value], ['Portions', (string) $was->portions, (string) $now->portions], ['Served at', \sprintf('%g °C', $was->serveAt), \sprintf('%g °C', $now->serveAt)]] as [$what, $a, $b]) {
            if ($a !== $b) {
                $words[] = "$what $a → $b";
            }
        }
        $old = array_combine(LayerKeys::of($was->layers), $was->layers);
        $new = array_combine(LayerKeys::of($now->layers), $now->layers);
        foreach (array_diff_key($old, $new) as $layer) {
            $words[] = "Layer “{$layer->name}” taken away";
        }
        foreach ($new as $key => $layer) {
            $words = array_merge($words, isset($old[$key]) ? $this->layer($old[$key], $layer) : ["Layer “{$layer->name}” added"]);
        }
        if (array_keys(array_intersect_key($old, $new)) !== array_keys(array_intersect_key($new, $old))) {
            $words[] = 'Layers in another order: ' . implode(', ', array_map(static fn(Layer $layer): string => $layer->name, $now->layers));
        }
        if (array_map(static fn(Step $step): string => $step->text, $was->method) !== array_map(static fn(Step $step): string => $step->text, $now->method)) {
            $words[] = 'Method rewritten';
        }
        $measured = static fn(Formula $of): array => array_map(static fn(Measured $one): array => [$one->ingredient, $one->brix, $one->acid], $of->measured);
        if ($measured($was) !== $measured($now)) {
            $words[] = 'Fruit measured';
        }

        return $words;
    }

    /** @return list<string> */
    private function layer(Layer $was, Layer $now): array
    {
        $words = [];
        $in = " ($now->name)";
        if ($was->name !== $now->name) {
            $words[] = "Layer “{$was->name}” → “{$now->name}”";
        }
        foreach ([['', $was->treatment->told(), $now->treatment->told()], ['Vessel ', $was->tin?->words() ?? 'none', $now->tin?->words() ?? 'none'], ['Loss ', $was->loss?->words() ?? 'none', $now->loss?->words() ?? 'none']] as [$what, $a, $b]) {
            if ($a !== $b) {
                $words[] = ucfirst("$what$a → $b$in");
            }
        }
        $old = self::keyed($was->lines);
        $new = self::keyed($now->lines);
        foreach (array_diff_key($old, $new) as $line) {
            $words[] = $this->name($line) . " taken out$in";
        }
        foreach ($new as $key => $line) {
            $before = $old[$key] ?? null;
            if ($before === null) {
                $words[] = $this->name($line) . ($line->ingredient === null ? '' : \sprintf(' %s g', self::grams($line->grams))) . " put in$in";
                continue;
            }
            if ($before->ingredient !== $line->ingredient) {
                $words[] = $this->name($before) . ' → ' . $this->name($line) . $in;
            }
            if (abs($before->grams - $line->grams) > 1e-6 && $line->ingredient !== null && $before->ingredient !== null) {
                $words[] = \sprintf('%s %s g → %s g%s', $this->name($line), self::grams($before->grams), self::grams($line->grams), $in);
            }
            if ($before->pinned !== $line->pinned) {
                $words[] = $this->name($line) . ($line->pinned ? ' held' : ' let go') . $in;
            }
            if ($before->ingredient === $line->ingredient && $before->isProvisional() && !$line->isProvisional()) {
                $words[] = $this->name($line) . " confirmed$in";
            }
            if ($before->note !== $line->note) {
                $words[] = $this->name($line) . ($line->note === '' ? ': note taken away' : ": note “{$line->note}”") . $in;
            }
            if ($before->prep !== $line->prep) {
                $words[] = \sprintf('%s: %s → %s%s', $this->name($line), implode(', ', $before->prep) ?: 'as it is', implode(', ', $line->prep) ?: 'as it is', $in);
            }
        }
        if (array_keys(array_intersect_key($old, $new)) !== array_keys(array_intersect_key($new, $old))) {
            $words[] = "Lines in another order$in";
        }

        return $words;
    }

    /**
     * @param list<Line> $lines
     *
     * @return array<string, Line> by id; where nobody has given one, by what it is
     */
    private static function keyed(array $lines): array
    {
        return array_combine(Identity::apart(array_map(static fn(Line $line): string => $line->id !== '' ? $line->id : ($line->ingredient ?? $line->text), $lines)), $lines);
    }

    private function name(Line $line): string
    {
        return $line->ingredient === null ? '“' . mb_strimwidth($line->text, 0, 60, '…') . '”' : ($this->shelf->find($line->ingredient)->name ?? $line->ingredient);
    }

    private static function grams(float $grams): string
    {
        return rtrim(rtrim(number_format(Scale::shown($grams), 2, '.', ''), '0'), '.');
    }
}
