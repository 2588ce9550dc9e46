<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $id
 * @property string $name
 * @property string $currency  ISO 4217
 */
final class Team extends Model
{
    use HasUlids;

    protected $guarded = [];
}
