<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What has been said of a step of a service: begun, done, or not to be moved.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $service_item_id
 * @property string $step its id in the making
 * @property int $batch from 1; 0 where it is done at once
 * @property string $state {@see \Transmuta\Process\Plan\FixedState}
 * @property string $at year-month-dayThour:minute:second by the clock on the kitchen's wall
 * @property ?int $unit of its station, from 1
 * @property string $who
 */
final class ServiceStep extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}
