<?php

declare(strict_types=1);

namespace App\Line\Told;

use App\Line\Offered\DesignOnDay;
use App\Line\Offered\DesignsOnDay;
use App\Line\Taps\StoryOfDay;
use App\Logbook\Pace\LearnFromDay;
use App\Models\Account\User;
use App\Models\Line\Ticket;
use App\Models\Plan\EventDay;
use App\Plan\Days\DayFacts;
use App\Plan\Days\RosterOfDay;
use App\Plan\Earlier\LastLinesOfTeam;
use Core\Line\Defaults;
use Core\Units\Instant;

/** The line of a day, for somebody of its team. */
final readonly class LineOfDay
{
    public function __construct(
        private VersionOfLine $version,
        private StoryOfDay $storyOfDay,
        private DesignsOnDay $designs,
        private RosterOfDay $rosterOfDay,
        private ChannelOfDay $channel,
        private LastLinesOfTeam $lastLinesOfTeam,
    ) {}

    /** With its version, from which news can be asked for. */
    public function __invoke(EventDay $day, User $reader): LineRead
    {
        // First, so that it never names what is not told.
        $version = ($this->version)($day, $reader);

        return $this->read($day, $reader->role->paints(), ($this->channel)($day), $version);
    }

    /** For parents: the team's money is no business of theirs. */
    public function forParents(EventDay $day): LineRead
    {
        $version = $this->version->forHelper($day);

        return $this->read($day, false, $this->channel->ofBoard($day), $version);
    }

    private function read(EventDay $day, bool $paints, ?string $channel, LineVersion $version): LineRead
    {
        $story = ($this->storyOfDay)($day)->forgetting(Defaults::ENDED_SHOWN);
        $designs = ($this->designs)($day, array_values(array_unique(array_column($story->line->tickets, 'design'))));

        $last = Ticket::query()->where('event_day_id', $day->id)->max('number');

        return new LineRead(
            story: $story,
            day: DayFacts::of($day),
            roster: ($this->rosterOfDay)($day),
            designs: $paints ? $designs : array_map(
                static fn (DesignOnDay $one): DesignOnDay => $one->withoutPrice(),
                $designs,
            ),
            now: Instant::ofEpochMilliseconds(now()->getTimestampMs()),
            learning: LearnFromDay::progress($day->id),
            showsMoney: $paints,
            version: $version,
            channel: $channel,
            lastNumber: is_numeric($last) ? (int) $last : 0,
            notThere: $this->lastLinesOfTeam->habits($day->team_id)['notThere'],
        );
    }
}
