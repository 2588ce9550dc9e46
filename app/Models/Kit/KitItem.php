<?php

declare(strict_types=1);

namespace App\Models\Kit;

use App\Models\Concerns\BelongsToTeam;
use Core\Colour\Finish;
use Core\Colour\PaintKind;
use Core\Design\Colour;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Illuminate\Database\Eloquent\Concerns\HasUlids;
use Illuminate\Database\Eloquent\Model;

/**
 * @property string $id
 * @property string $team_id
 * @property ItemKind $kind
 * @property string $name
 * @property int $how_many
 * @property list<array{name: string, hex: string}> $colours
 * @property PaintKind|null $paint_kind
 * @property Finish|null $finish
 * @property int|null $grams_left
 * @property int|null $length_mm
 * @property int|null $width_mm
 * @property string $reserved_for
 * @property bool $skin_safe
 * @property bool $latex
 * @property bool $gel
 * @property bool $self_stick
 * @property string|null $owner_id  whose bag it is in; null for the team's
 * @property string|null $home_id  who takes it home
 */
final class KitItem extends Model
{
    use BelongsToTeam;
    use HasUlids;

    protected $guarded = [];

    public function toCore(): Item
    {
        return new Item(
            id: $this->id,
            kind: $this->kind,
            name: $this->name,
            howMany: $this->how_many,
            colours: array_map(static fn (array $colour): Colour => Colour::of($colour['name'], $colour['hex']), $this->colours),
            paintKind: $this->paint_kind,
            finish: $this->finish,
            gramsLeft: $this->grams_left,
            lengthMillimetres: $this->length_mm,
            widthMillimetres: $this->width_mm,
            reservedFor: $this->reserved_for,
            isSkinSafe: $this->skin_safe,
            hasLatex: $this->latex,
            isGel: $this->gel,
            isSelfStick: $this->self_stick,
            owner: $this->owner_id ?? '',
            home: $this->home_id ?? '',
        );
    }

    /** @return array<string, mixed> the columns of a thing, its team apart */
    public static function columnsOf(Item $item): array
    {
        return [
            'kind' => $item->kind,
            'name' => $item->name,
            'how_many' => $item->howMany,
            'colours' => array_map(static fn (Colour $colour): array => ['name' => $colour->name, 'hex' => $colour->hex], $item->colours),
            'paint_kind' => $item->paintKind,
            'finish' => $item->finish,
            'grams_left' => $item->gramsLeft,
            'length_mm' => $item->lengthMillimetres,
            'width_mm' => $item->widthMillimetres,
            'reserved_for' => $item->reservedFor,
            'skin_safe' => $item->isSkinSafe,
            'latex' => $item->hasLatex,
            'gel' => $item->isGel,
            'self_stick' => $item->isSelfStick,
            'owner_id' => $item->owner === '' ? null : $item->owner,
            'owner_key' => $item->owner,
            'home_id' => $item->home === '' ? null : $item->home,
        ];
    }

    /** @return array<string, string> */
    protected function casts(): array
    {
        return [
            'kind' => ItemKind::class,
            'paint_kind' => PaintKind::class,
            'finish' => Finish::class,
            'colours' => 'array',
            'skin_safe' => 'boolean',
            'latex' => 'boolean',
            'gel' => 'boolean',
            'self_stick' => 'boolean',
        ];
    }
}
