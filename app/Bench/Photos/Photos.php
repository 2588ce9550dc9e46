<?php

declare(strict_types=1);

namespace App\Bench\Photos;

use App\Account\Team\RecordAudit;
use App\Exceptions\UnusablePhoto;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Bench\DesignPhoto;
use Core\Design\Photo\Photo;
use Core\Design\Photo\PhotoOf;
use Core\Design\Photo\PhotoPlace;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;

/** The painters’ own photos of designs, as they are kept, shown and thrown away. */
final readonly class Photos
{
    /** A deleted design may be brought back so long, and its photo with it. */
    private const DAYS_OF_DELETED = 1;

    private const VERSION_LETTERS = 16;

    public function __construct(private CleanPhoto $cleanPhoto, private RecordAudit $recordAudit) {}

    /**
     * Keeps a photo of a design in the place of the one before. A new one is seen on the bench alone until somebody says otherwise.
     *
     * @param  string  $file  its bytes
     *
     * @throws UnusablePhoto
     */
    public function keep(User $by, Design $design, string $file, PhotoOf $of): Photo
    {
        $photo = DesignPhoto::query()->updateOrCreate(
            ['design_id' => $design->id],
            [...$this->columns($file), 'photo_of' => $of, 'shown_on' => []],
        );
        if ($of === PhotoOf::Face) {
            ($this->recordAudit)($by, "kept a photo of a face for {$design->name}, with a yes to it");
        }

        return $photo->toCore();
    }

    /** @return string bytes of a JPEG */
    public function picture(Design $design): string
    {
        return DesignPhoto::query()->findOrFail($design->id)->jpeg;
    }

    /**
     * @return array{jpeg: string, version: string}
     *
     * @throws UnusablePhoto
     */
    public function columns(string $file): array
    {
        $jpeg = ($this->cleanPhoto)($file);

        return ['jpeg' => $jpeg, 'version' => substr(hash('sha256', $jpeg), 0, self::VERSION_LETTERS)];
    }

    /** @param  list<PhotoPlace>  $places  where it takes the place of the drawing */
    public function show(User $by, Design $design, array $places): Photo
    {
        $photo = DesignPhoto::query()->select(DesignPhoto::SAID)->findOrFail($design->id);
        $photo->update(['shown_on' => $places]);
        ($this->recordAudit)($by, in_array(PhotoPlace::Parents, $places, true)
            ? "showed parents the photo of {$design->name}"
            : "kept the photo of {$design->name} from the parents’ board");

        return $photo->toCore();
    }

    /** Of a photo nothing is kept. */
    public function throwAway(User $by, Design $design): void
    {
        if (DesignPhoto::query()->whereKey($design->id)->delete() > 0) {
            ($this->recordAudit)($by, "deleted the photo of {$design->name}");
        }
    }

    /** Throws away the photos of designs that nobody brings back any more. */
    public function throwAwayOfDeleted(): int
    {
        $before = now()->subDays(self::DAYS_OF_DELETED);

        return DB::table('design_photos')->whereIn('design_id', static fn (Builder $designs) => $designs->select('id')->from('designs')
            ->whereNotNull('deleted_at')->where('deleted_at', '<', $before))->delete();
    }
}
