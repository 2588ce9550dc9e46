<?php

declare(strict_types=1);

namespace App\Models\Menu;

use App\Models\Concerns\BelongsToTeam;
use Illuminate\Database\Eloquent\Collection;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * A menu that many events may put up.
 *
 * @property string $id
 * @property string $team_id
 * @property string $name
 * @property Collection<int, MenuOffer> $offers
 */
final class Menu extends Model
{
    use BelongsToTeam;
    use HasUlids;

    protected $guarded = [];

    /** @return HasMany<MenuOffer, $this> in their order */
    public function offers(): HasMany
    {
        return $this->hasMany(MenuOffer::class)->orderBy('position');
    }
}
