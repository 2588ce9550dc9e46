<?php

declare(strict_types=1);

namespace Tests;

use App\Account\Team\Members;
use App\Account\Ways\BenchOfPainter;
use App\Bench\Designs\Designs;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Plan\EventDay;
use App\Plan\Days\Days;
use App\Plan\Days\DayTerms;
use App\Plan\Days\MenuTerms;
use App\Plan\Days\SaveMenu;
use Core\Design\Design as CoreDesign;
use Core\Design\Place\Placement;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Units\Duration;
use Illuminate\Support\Str;
use Tests\Core\Paint;

/** A team at work, made the way the application makes one. Days open at 11:00 and close at 16:00 on the set date, in UTC. */
final readonly class Scene
{
    private function __construct(public User $painter) {}

    public static function team(string $name = 'Saltmarsh Faces'): self
    {
        $email = Str::slug($name).'-'.Str::lower(Str::random(6)).'@example.org';

        return new self(app(Members::class)->add($name, 'Ines', $email, 'a long password'));
    }

    /** Two steps of 40 and 20 seconds where none is given. */
    public function design(string $name = 'Wave band', Step ...$steps): Design
    {
        $steps = $steps !== [] ? array_values($steps) : [
            Paint::step(self::ulid(), 40, name: 'Blue wave'),
            Paint::step(self::ulid(), 20, name: 'Foam'),
        ];

        return app(Designs::class)->create(
            app(BenchOfPainter::class)($this->painter),
            $this->painter->team_id,
            new CoreDesign($name, Placement::Cheek, Duration::ofSeconds(75), $steps),
        );
    }

    /** What has to be painted, and what looks better with it. */
    public function designWithExtra(string $name, int $base, int $extra): Design
    {
        $feathers = [...StepValues::of(Paint::step('x', $extra, name: 'Feathers')), 'optional' => true, 'look' => 4];

        return $this->design($name, Paint::step(self::ulid(), $base, name: 'Base'), StepValues::read(self::ulid(), $feathers));
    }

    public function day(int $chairs = 1, Design ...$menu): EventDay
    {
        $opens = now()->startOfDay()->addHours(11)->getTimestampMs();
        $day = app(Days::class)->save(
            new EventDay(['team_id' => $this->painter->team_id]),
            new DayTerms(
                name: 'Harbour lantern fair',
                place: 'Lantern Quay',
                timezone: 'UTC',
                opensMs: $opens,
                closesMs: $opens + 5 * 3_600_000,
                chairs: $chairs,
                turnaround: Duration::ofSeconds(60),
            ),
        );
        app(SaveMenu::class)($day, array_map(
            static fn (Design $design): MenuTerms => new MenuTerms($design->id, Duration::ofSeconds(75), 400),
            array_values($menu),
        ));

        return $day;
    }

    public static function ulid(): string
    {
        return Str::lower((string) Str::ulid());
    }

    /**
     * A tap as a browser sends it.
     *
     * @return array<string, mixed>
     */
    public static function tap(string $kind, int $at, mixed ...$more): array
    {
        return ['id' => self::ulid(), 'kind' => $kind, 'at' => $at, ...$more];
    }
}
