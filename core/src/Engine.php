<?php

declare(strict_types=1);

namespace Transmuta;

use Transmuta\Diet\EvidenceBook;
use Transmuta\Format\FormulaJson;
use Transmuta\Formula\Formula;
use Transmuta\Intake\LineReader;
use Transmuta\Intake\Matcher;
use Transmuta\Intake\TextFormula;
use Transmuta\Intake\Units;
use Transmuta\Intake\Unreadable;
use Transmuta\Process\MethodWriter;
use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Reference\Reference;
use Transmuta\Reformulation\Answer;
use Transmuta\Reformulation\Balancer;
use Transmuta\Reformulation\Brief;
use Transmuta\Reformulation\Reformulator;
use Transmuta\Reformulation\Route;
use Transmuta\Reformulation\Schools;
use Transmuta\Shelf\Shelf;
use Transmuta\Watch\WatchList;

/** The core put together: text or JSON to a formula, a formula to a reading, a reading and a brief to routes. */
final readonly class Engine
{
    private function __construct(
        public Reader $reader,
        public Reformulator $reformulator,
        public Balancer $balancer,
        public MethodWriter $method,
        public TextFormula $text,
        public FormulaJson $json,
        public LineReader $lines,
    ) {}

    /**
     * @param ?EvidenceBook $evidence what packets have answered, as of the day it is asked
     * @param ?Reference $reference the tables, where they are at hand already
     * @param ?Schools $schools what the studio or the dish has chosen where practitioners disagree
     */
    public static function over(Shelf $shelf, ?EvidenceBook $evidence = null, ?Reference $reference = null, ?Schools $schools = null): self
    {
        $reference ??= Reference::standard();
        $schools ??= new Schools();
        $reader = new Reader($reference, $shelf, WatchList::standard(), $schools->netCarbs, $schools->linearBloom, evidence: $evidence, proteinPortion: $schools->proteinPortion);
        $lines = new LineReader($shelf, new Units($reference), new Matcher($shelf));
        $method = new MethodWriter($schools->anyJuice, $schools->chill);

        return new self($reader, new Reformulator($reader, $method, $schools), new Balancer($reader, $schools), $method, new TextFormula($lines), new FormulaJson($lines), $lines);
    }

    /**
     * Reads the plain text form, or the JSON form where the text starts with a brace.
     *
     * @throws Unreadable if it is neither
     */
    public function parse(string $text, ?UnitSystem $assumed = null): Formula
    {
        if (str_starts_with(ltrim($text), '{')) {
            $data = json_decode($text, true);
            if (!\is_array($data)) {
                throw Unreadable::json(json_last_error_msg());
            }

            return $this->json->read($data);
        }

        return $this->text->read($text, $assumed);
    }

    /** @throws Trace\UnknownNumber if the reading has no such number */
    public function explain(Formula $formula, string $path): Trace\Trace
    {
        return (new Trace\Why($this->reader))->explain($this->reader->read($formula), $path);
    }

    public function read(Formula $formula): DishReading
    {
        return $this->reader->read($formula);
    }

    /** Routes, or what stands in their way and the nearest that can be had. */
    public function answer(Formula $formula, Brief $brief): Answer
    {
        return $this->reformulator->answer($formula, $brief);
    }

    /** @return list<Route> */
    public function reformulate(Formula $formula, Brief $brief): array
    {
        return $this->reformulator->routes($formula, $brief);
    }
}
