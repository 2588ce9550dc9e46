<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * @property string $design_id
 * @property string $way of the step, see StepValues
 * @property int $faces that it rests on
 * @property int $middle_ms
 */
final class StepLog extends Model
{
    public $timestamps = false;

    protected $guarded = [];
}
