<?php

declare(strict_types=1);

namespace App\Support;

use App\Models\Service;
use Sabre\VObject\Component\VCalendar;
use Transmuta\Process\Plan\Moment;
use Transmuta\Process\Plan\Placed;

/**
 * A plan as a calendar of RFC 5545, in floating time: by the clock on the kitchen's wall, wherever it hangs (3.3.5, form 1). What nobody works
 * at is no entry.
 */
final class Calendar
{
    /** @param list<Placed> $steps */
    public static function of(Service $service, array $steps): string
    {
        $calendar = new VCalendar(['PRODID' => '-//Transmuta//Service//EN']);
        $clock = Moment::parse($service->serve_at, 'serve_at');
        $at = static fn(int $seconds): string => str_replace(['-', ':'], '', $clock->at($seconds)->words());
        foreach ($steps as $step) {
            if ($step->hands === 0) {
                continue;
            }
            $event = $calendar->add('VEVENT', [
                'UID' => \sprintf('service-%d-%s-%s-%s@transmuta', $service->id, $step->item ?? 'x', $step->step, $step->batch ?? 1),
                'SUMMARY' => $step->text,
                'LOCATION' => \sprintf('%s %d%s', $step->station->value, $step->unit, $step->cook === null ? '' : ", cook $step->cook"),
                'DESCRIPTION' => $step->task === null ? '' : 'Done when: ' . $step->task->step->endpoint,
            ]);
            \assert($event instanceof \Sabre\VObject\Component\VEvent);
            // Floating: neither an offset nor a zone, so that it stands at the hour of the wall.
            $event->add('DTSTART', $at($step->start));
            $event->add('DTEND', $at($step->start + max(60, $step->hands)));
        }
        $served = $calendar->add('VEVENT', ['UID' => "service-$service->id@transmuta", 'SUMMARY' => "$service->name is served"]);
        \assert($served instanceof \Sabre\VObject\Component\VEvent);
        $served->add('DTSTART', $at($clock->seconds));

        return $calendar->serialize();
    }
}
