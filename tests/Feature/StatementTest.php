<?php

declare(strict_types=1);

use App\Database\Statement;
use Illuminate\Database\QueryException;
use Illuminate\Database\UniqueConstraintViolationException;
use Illuminate\Support\Facades\DB;
use Tests\Scene;

beforeEach(function (): void {
    $scene = Scene::team();
    $this->day = $scene->day(1, $scene->design());
    $this->turns = static fn (): mixed => DB::table('line_turns')->sum('turn');
    $this->lock = new Statement(
        'insert into line_turns (event_day_id, turn, taps) values (?, 1, 0) on duplicate key update turn = turn + 1',
        [$this->day->id],
    );
});

it('tells the rows of each, in their order, and none of what only writes', function (): void {
    $told = Statement::together(
        $this->lock,
        Statement::of(DB::table('event_days')->where('id', $this->day->id)->select('name')),
        Statement::of(DB::table('event_days')->where('id', 'nobody')->select('name')),
        Statement::inserting('tickets', [
            ['id' => Scene::ulid(), 'event_day_id' => $this->day->id, 'number' => 1],
            ['id' => Scene::ulid(), 'event_day_id' => $this->day->id, 'number' => 2],
        ]),
        Statement::of(DB::table('tickets')->where('event_day_id', $this->day->id)->orderBy('number')->select('number')),
    );
    expect($told)->toEqual([[], [(object) ['name' => $this->day->name]], [], [], [(object) ['number' => 1], (object) ['number' => 2]]]);
});

it('fails as one statement does, whichever of them fails, and can be asked again', function (): void {
    $broken = new Statement('select nothing from nowhere', []);
    $reads = Statement::of(DB::table('event_days')->select('id')->limit(1));
    expect(fn (): array => Statement::together($reads, $broken, $this->lock))->toThrow(QueryException::class)
        ->and(fn (): array => Statement::together($broken, $reads))->toThrow(QueryException::class);
    $ticket = ['id' => Scene::ulid(), 'event_day_id' => $this->day->id, 'number' => 1];
    $twice = Statement::inserting('tickets', [$ticket]);
    expect(fn (): mixed => DB::transaction(fn (): array => Statement::together($this->lock, $twice, $twice, $reads)))
        ->toThrow(UniqueConstraintViolationException::class)
        ->and(($this->turns)())->toEqual(0)
        ->and(DB::table('tickets')->count())->toBe(0)
        ->and(Statement::together($reads)[0])->toHaveCount(1);
});
