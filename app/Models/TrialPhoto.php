<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A picture of what came out: drawn anew from what was sent, so that nothing of where and when it was taken is left in it.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $trial_id
 * @property string $words
 * @property int $width px
 * @property int $height px
 * @property string $jpeg base64
 */
final class TrialPhoto extends Model
{
    protected $guarded = [];
}
