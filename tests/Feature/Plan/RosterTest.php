<?php

declare(strict_types=1);

use App\Account\Team\Members;
use App\Models\Bench\BenchTime;
use App\Models\Bench\PainterPlan;
use App\Models\Logbook\Face;
use App\Models\Logbook\FaceStep;
use Core\Team\Role;
use Tests\Core\Paint;
use Tests\Scene;

beforeEach(function (): void {
    $this->travelTo('2026-11-07 11:00:00 UTC');
    $this->scene = Scene::team();
    $this->ines = $this->scene->painter;
    $this->tobi = app(Members::class)->add($this->ines->team->name, 'Tobi', 'tobi@example.org', 'a long password', Role::Artist);
    app(Members::class)->add($this->ines->team->name, 'Wren', 'wren@example.org', 'a long password', Role::Helper);
    $this->design = $this->scene->design();
    $this->day = $this->scene->day(2, $this->design);
    $this->actingAs($this->ines);
    $this->line = fn (): array => $this->getJson("/api/days/{$this->day->id}/line")->json();
    $this->second = 0;
    $this->tap = function (array ...$taps): array {
        $at = now()->getTimestampMs() + 1000 * ++$this->second;

        return $this->postJson(
            "/api/days/{$this->day->id}/taps",
            ['taps' => array_map(static fn (array $tap): array => ['id' => Scene::ulid(), 'at' => $at, ...$tap], $taps)],
        )->assertOk()->json();
    };
    $this->roster = fn (array ...$shifts) => $this->putJson("/api/days/{$this->day->id}/roster", ['shifts' => array_map(
        static fn (array $shift): array => ['chair' => $shift[0], 'painterId' => $shift[1]?->id, 'from' => $shift[2] ?? null],
        $shifts,
    )]);
});

it('assumes the painters in the order in which they came to the team, without its helpers', function (): void {
    $line = ($this->line)();

    expect($line['roster'])->toMatchArray([
        'isAssumed' => true,
        'painters' => [['id' => $this->ines->id, 'name' => 'Ines'], ['id' => $this->tobi->id, 'name' => 'Tobi']],
    ])
        ->and(array_column($line['chairs'], 'painterId'))->toBe([$this->ines->id, $this->tobi->id]);
});

it('keeps who sits where from when, in the day\'s own time', function (): void {
    ($this->roster)([1, $this->tobi], [1, null, '13:00'], [1, $this->ines, '1:30 pm'], [2, null])->assertOk();
    $this->travelTo('2026-11-07 13:31:00 UTC');
    $line = ($this->line)();

    expect($line['roster']['isAssumed'])->toBeFalse()
        ->and(array_column($line['roster']['shifts'], 'from'))->toBe([0, 1_794_056_400_000, 1_794_058_200_000, 0])
        ->and(array_column($line['chairs'], 'painterId'))->toBe([$this->ines->id, null]);
    ($this->roster)()->assertOk()->assertJsonPath('roster.isAssumed', true);
});

it('refuses a roster that cannot be, says what to do, and keeps the one before', function (
    array $shifts,
    string $field,
    string $why,
): void {
    ($this->roster)([1, $this->tobi])->assertOk();
    $named = array_map(
        fn (array $shift): array => [
            $shift[0],
            ['ines' => $this->ines, 'other' => Scene::team('Others')->painter, '' => null][$shift[1]],
            $shift[2],
        ],
        $shifts,
    );

    $answer = ($this->roster)(...$named)->assertUnprocessable()->json('errors');
    expect($answer[$field][0] ?? $answer)->toBe($why)
        ->and(($this->line)()['roster']['shifts'])->toHaveCount(1);
})->with([
    'two chairs at once' => [
        [[1, 'ines', null], [2, 'ines', '12:00']],
        'shifts',
        'Ines would sit at chairs 1 and 2 at the same time. Say who takes over at one of them, or nobody.',
    ],
    'somebody of another team' => [
        [[1, 'other', null]],
        'shifts.0.painterId',
        'That painter is not one of yours. Load the page again and choose another.',
    ],
    'two at the same time' => [
        [[1, 'ines', '12:00'], [1, '', '12:00']],
        'shifts.1.from',
        'Two painters begin at chair 1 at the same time. Change one of the two times.',
    ],
    'no chair of the day' => [[[3, 'ines', null]], 'shifts.0.chair', 'This day has chairs 1 to 2.'],
    'no time' => [[[1, 'ines', 'noonish']], 'shifts.0.from', '“noonish” is not a time of day. Type it such as 11:00, 9.30 or 4 pm.'],
]);

it('writes who painted each face and step into the logbook, by who sat there', function (): void {
    $child = Scene::ulid();
    $plan = (string) $this->design->plan_id;
    [$wave, $foam] = array_column($this->design->steps()->get()->all(), 'id');
    ($this->tap)(['kind' => 'opened']);
    ($this->tap)(['kind' => 'joined', 'ticket' => $child, 'design' => $this->design->id]);
    ($this->tap)(['kind' => 'seated', 'ticket' => $child, 'chair' => 2, 'plan' => $plan]);
    ($this->tap)(['kind' => 'step_done', 'ticket' => $child, 'step' => $wave]);
    // Whoever taps: Ines's tablet says that she takes over.
    ($this->tap)(['kind' => 'handed_over', 'chair' => 2, 'painter' => $this->ines->id]);
    ($this->tap)(['kind' => 'step_done', 'ticket' => $child, 'step' => $foam], ['kind' => 'finished', 'ticket' => $child]);

    $face = Face::query()->findOrFail($child);
    expect($face->getAttribute('painter_id'))->toBe($this->tobi->id)
        ->and((bool) $face->getAttribute('interrupted'))->toBeTrue()
        ->and(FaceStep::query()->orderBy('position')->pluck('painter_id')->all())->toBe([$this->tobi->id, $this->ines->id]);
});

it('refuses a painter who is not one of the team, and a break without end', function (): void {
    $until = now()->addDays(2)->getTimestampMs();
    $answers = ($this->tap)(
        ['kind' => 'chair_taken', 'chair' => 1, 'painter' => Scene::team('Others')->painter->id],
        ['kind' => 'break_began', 'chair' => 1, 'until' => $until],
        ['kind' => 'break_began', 'chair' => 1],
        ['kind' => 'break_began', 'chair' => 1, 'until' => now()->addMinutes(15)->getTimestampMs()],
    );

    expect(array_column($answers['outcomes'], 'message'))->toBe([
        'That painter is not one of yours. Load the line again.',
        'No break is that long. Say until when, the same day.',
        'The tap “break_began” does not say its until.',
        '',
    ])->and($answers['news']['line']['chairs'][0]['awayUntil'])->toBe(now()->addMinutes(15)->getTimestampMs());
});

it('plans a face for whoever seats it, where their own hands are not the team\'s', function (): void {
    BenchTime::query()->create(['user_id' => $this->tobi->id, 'action' => 'pick_up', 'time_ms' => 9000, 'repetitions' => 5]);
    $design = $this->scene->design(
        'Two tools',
        Paint::step(Scene::ulid(), name: 'grey base', typed: false),
        Paint::step(Scene::ulid(), name: 'line', tool: 'round 3', typed: false),
    );
    $day = $this->scene->day(2, $design);
    $line = $this->getJson("/api/days/{$day->id}/line")->json();
    $plans = array_column($this->getJson("/api/days/{$day->id}/plans")->json(), null, 'id');
    $own = array_column($line['designs'][0]['own'], null, 'painterId');

    // The middle of the team's hands is Tobi's own here; Ines goes by the starting values.
    expect(array_keys($own))->toBe([$this->ines->id])
        ->and($own[$this->ines->id]['plannedMs'])->toBeLessThan($line['designs'][0]['plannedMs'])
        ->and($plans[$own[$this->ines->id]['planId']]['totalMs'])->toBe($own[$this->ines->id]['plannedMs'])
        ->and($plans[$own[$this->ines->id]['planId']]['paintedBy'])->toBe([$this->ines->id])
        ->and(PainterPlan::query()->where('design_id', $design->id)->count())->toBeGreaterThan(0);
});
