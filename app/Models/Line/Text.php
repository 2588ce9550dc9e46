<?php

declare(strict_types=1);

namespace App\Models\Line;

use Core\Line\Texts\TextKind;
use Illuminate\Database\Eloquent\Model;

/**
 * What was texted.
 *
 * @property int $text_wish_id
 * @property TextKind $kind
 * @property string $words
 * @property bool $is_taken  whether the service took it
 * @property int $sent_ms
 */
final class Text extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['kind' => TextKind::class, 'is_taken' => 'boolean'];
    }
}
