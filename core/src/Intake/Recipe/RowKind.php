<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

/** What a row of a pasted recipe is. */
enum RowKind
{
    /** `key: value` of the text form: title, family, measures, portions, serve at, treat, tin, loss, measured. */
    case Key;
    case Layer;
    case Line;
    /** Several lines written one after another: "butter 200, sugar 150, eggs 4". */
    case Lines;
    case Step;
    /** A heading within the method: the steps after it are of that layer. */
    case StepHeading;
    case Title;
    /** Servings or pieces: "serves 8–10", "makes 12 tartlets". */
    case Yield;
    case Tin;
    /** Set aside: times, notes, links, what it is served with. */
    case Aside;
    case Nothing;
}
