<?php

declare(strict_types=1);

namespace App\Models\Bench;

use Core\Design\Photo\Photo;
use Core\Design\Photo\PhotoOf;
use Core\Design\Photo\PhotoPlace;
use Illuminate\Database\Eloquent\Casts\AsEnumCollection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Collection;

/**
 * @property string $design_id
 * @property PhotoOf $photo_of
 * @property Collection<int, PhotoPlace> $shown_on
 * @property string $version of the picture: another one has another
 * @property string $jpeg
 */
final class DesignPhoto extends Model
{
    /** All but the picture itself, which few ask for. */
    public const SAID = ['design_id', 'photo_of', 'shown_on', 'version'];

    public $incrementing = false;

    protected $table = 'design_photos';

    protected $primaryKey = 'design_id';

    protected $keyType = 'string';

    protected $guarded = [];

    public function toCore(): Photo
    {
        return new Photo($this->design_id, $this->version, $this->photo_of, array_values($this->shown_on->all()));
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['photo_of' => PhotoOf::class, 'shown_on' => AsEnumCollection::of(PhotoPlace::class)];
    }
}
