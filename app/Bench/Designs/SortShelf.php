<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Models\Bench\Design;
use Core\Design\Defaults;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** Puts designs away or takes them out, and tags them: all of them, or none where one cannot be. */
final readonly class SortShelf
{
    /**
     * @param  list<string>  $designIds
     * @param  bool|null  $archived  null leaves them where they are; what they were painted with stays in any case
     * @param  string|null  $addTag  refused where a design bears as many tags as it can
     */
    public function __invoke(string $teamId, array $designIds, ?bool $archived, ?string $addTag, ?string $removeTag): void
    {
        DB::transaction(static function () use ($teamId, $designIds, $archived, $addTag, $removeTag): void {
            $designs = Design::ofTeam($teamId)->whereIn('id', $designIds)->orderBy('id')->lockForUpdate()->get();
            if ($designs->count() < count(array_unique($designIds))) {
                throw ValidationException::withMessages(['designIds' => 'One of these designs was deleted meanwhile. Look again.']);
            }
            foreach ($designs as $design) {
                if ($archived !== null) {
                    $design->fill(['archived_at' => $archived ? now() : null]);
                }
                $design->tags = self::tagged($design, $addTag, $removeTag);
                // A bench that is open elsewhere must not write the old tags back.
                $design->revision += $design->isDirty('tags') ? 1 : 0;
                $design->save();
            }
        });
    }

    /**
     * @return list<string>
     *
     * @throws ValidationException
     */
    private static function tagged(Design $design, ?string $addTag, ?string $removeTag): array
    {
        $isSame = static fn (string $one, ?string $other): bool => $other !== null && mb_strtolower($one) === mb_strtolower($other);
        $tags = array_values(array_filter($design->tags, static fn (string $tag): bool => ! $isSame($tag, $removeTag)));
        if ($addTag === null || array_filter($tags, static fn (string $tag): bool => $isSame($tag, $addTag)) !== []) {
            return $tags;
        }
        if (count($tags) >= Defaults::MOST_TAGS) {
            $most = Defaults::MOST_TAGS;

            throw ValidationException::withMessages([
                'addTag' => "“{$design->name}” bears {$most} tags already. Take one off it first, or leave it out.",
            ]);
        }

        return [...$tags, $addTag];
    }
}
