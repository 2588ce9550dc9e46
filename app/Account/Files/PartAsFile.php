<?php

declare(strict_types=1);

namespace App\Account\Files;

use App\Bench\Files\DesignsAsFile;
use App\Kit\Things\KitAsFile;
use App\Models\Account\Team;
use App\Models\Bench\Design;
use App\Models\Plan\EventDay;
use App\Plan\Calendar\CalendarText;
use Core\Team\AccountPart;

/** One part of what is a team's, in the open format of its kind. */
final readonly class PartAsFile
{
    public function __construct(
        private DesignsAsFile $designsAsFile,
        private KitAsFile $kitAsFile,
        private CalendarText $calendarText,
        private FacesAsCsv $facesAsCsv,
    ) {}

    /** @return iterable<string> its text, piece by piece: of faces there may be many */
    public function __invoke(Team $team, AccountPart $part): iterable
    {
        return match ($part) {
            AccountPart::Designs => [($this->designsAsFile)(
                array_values(Design::ofTeam($team->id)->with('steps')->orderBy('name')->orderBy('id')->get()->all()),
            )],
            AccountPart::Kit => [($this->kitAsFile)($team->id)],
            AccountPart::Events => [($this->calendarText)(
                EventDay::ofTeam($team->id)->with('menuItems.design')->orderBy('opens_ms')->orderBy('id')->get(),
                $team->name,
            )],
            AccountPart::Faces => ($this->facesAsCsv)($team->id),
        };
    }
}
