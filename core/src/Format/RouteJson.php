<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Method\Editing\EditedStep;
use Transmuta\Property\DishReading;
use Transmuta\Reformulation\Answer;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Evaluation\Debt;
use Transmuta\Reformulation\Explanation\Blocked;
use Transmuta\Reformulation\Ranking\Route;

/** Routes in the open JSON form that `formula:reformulate` prints. */
final class RouteJson
{
    /** @return array<string, mixed> */
    public static function write(Brief $brief, DishReading $original, Answer $answer): array
    {
        return [
            'brief' => $brief->toArray(),
            'original' => ReadingJson::write($original),
            'routes' => array_map(static fn(Route $route): array => [
                'name' => $route->name,
                'fit' => $route->fit,
                'met' => $route->met,
                'standing' => $route->standing->value,
                'hash' => $route->hash(),
                'near' => $route->settlement->reasons(),
                'questions' => $route->settlement->asked(),
                'debts' => array_map(self::debt(...), $route->settlement->debts),
                'blocked_by' => $route->blockedBy(),
                'result' => ReadingJson::write($route->result),
                'changes' => $route->changes,
                'to_buy' => $route->toBuy,
                'steps' => $route->steps(),
                'method' => array_map(static fn(EditedStep $one): array => $one->toArray(), $route->method()),
                'watch' => array_map(ReadingJson::warning(...), $route->result->watch),
            ], $answer->routes),
            'blocked' => self::blocked($answer),
            'proposals' => array_map(static fn(array $p): array => [...$p, 'brief' => $p['brief']?->toArray()], $answer->proposals),
        ];
    }

    /** @return list<array{what: string, number: float, unit: string, reason: string, nearest: string, because: list<string>}> */
    public static function blocked(Answer $answer): array
    {
        return array_map(static fn(Blocked $b): array => $b->toArray(), $answer->blocked);
    }

    /** @return array<string, mixed> */
    public static function debt(Debt $debt): array
    {
        return [
            'job' => $debt->job->value, 'layer' => $debt->layerName, 'layer_index' => $debt->layer, 'amount' => $debt->was, 'unit' => $debt->unit, 'paid' => $debt->now,
            'from' => $debt->from, 'by' => $debt->by, 'critical' => $debt->critical, 'state' => $debt->state->value, 'why' => $debt->why,
        ];
    }
}
