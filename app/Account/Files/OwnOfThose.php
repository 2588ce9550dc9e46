<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Bench\Step;

/** Which painters and designs of an event's file a team has already: those that came from it, and those that are the same by name. */
final readonly class OwnOfThose
{
    public function __construct(private FileIds $fileIds) {}

    /**
     * @param  list<array{id: string, name: string}>  $painters  of the file
     * @param  list<array{id: string, name: string, steps: list<string>}>  $designs  of the file, with a hash of the text of each step
     * @return array<array-key, string> the team's ids by those of the file
     */
    public function __invoke(string $teamId, array $painters, array $designs): array
    {
        /** @var list<string> $here */
        $here = [
            ...User::ofTeam($teamId)->withTrashed()->pluck('id')->all(),
            ...Design::ofTeam($teamId)->withTrashed()->pluck('id')->all(),
        ];
        $own = $this->fileIds->known($teamId, [...array_column($painters, 'id'), ...array_column($designs, 'id')], $here);
        $named = User::ofTeam($teamId)->get()->groupBy('name');
        foreach ($painters as ['id' => $id, 'name' => $name]) {
            $same = $named->get($name);
            // Two of one name are not to be told apart.
            if ($same?->count() === 1) {
                $own[$id] ??= $same->firstOrFail()->id;
            }
        }
        $shelf = Design::ofTeam($teamId)->with('steps')->whereIn('name', array_column($designs, 'name'))->orderBy('id')->get();
        foreach ($designs as ['id' => $id, 'name' => $name, 'steps' => $steps]) {
            $same = $shelf->first(static fn (Design $design): bool => $design->name === $name && self::steps($design) === $steps);
            if ($same !== null) {
                $own[$id] ??= $same->id;
            }
        }

        return $own;
    }

    /** @return list<string> */
    private static function steps(Design $design): array
    {
        return array_values($design->steps->map(static function (Step $step): string {
            $text = $step->getRawOriginal('content');

            return hash('xxh128', is_string($text) ? $text : '');
        })->all());
    }
}
