<?php

declare(strict_types=1);

use App\Line\Taps\EventRow;
use App\Line\Taps\Tap;
use Core\Line\Ahead\AfterFace;
use Core\Line\Caution;
use Core\Line\EventValues;
use Core\Line\PauseReason;
use Core\Line\Payment;
use Core\Units\Duration;

const HEAD = ['id' => '01jd0000000000000000000000', 'kind' => 'opened', 'at' => 1_000];

it('reads from a row what a tap said, and keeps nothing of what was not said', function (array $said): void {
    $tap = Tap::of([...HEAD, ...$said]);
    $row = EventRow::of($tap->said);

    expect(EventRow::read((object) [...$row, 'number' => null]))->toEqual($tap->said)->toEqual([...HEAD, ...$said])
        ->and(EventRow::of(Tap::of(HEAD)->said)['more'])->toBeNull();
})->with([
    'nothing' => [[]],
    'all is well' => [['answers' => []]],
    'answers' => [['answers' => ['lips', 'latex'], 'without' => ['01jd0000000000000000000001']]],
    'a party and a word' => [['party' => '01JD0000000000000000000001', 'note' => 'blå jacka, “two”']],
    'money' => [['cents' => 0, 'payment' => 'free']],
    'a mended time' => [['spent' => 21_000]],
    'a reason and a part' => [['reason' => 'dry', 'part' => 'water']],
    'a chair and a child' => [['ticket' => '01jd0000000000000000000001', 'chair' => 2, 'firstName' => 'Wren', 'until' => 5_000]],
]);

it('tells an answer that all is well from no answer, and says nothing of blanks', function (): void {
    $tap = Tap::of([...HEAD, 'answers' => [], 'without' => [], 'note' => '   ', 'firstName' => '', 'cents' => null]);

    expect($tap->said)->toBe([...HEAD, 'answers' => []])->and(EventValues::read(HEAD, [])->event->answers)->toBeNull();
});

it('speaks the words of the trade inside', function (): void {
    $event = EventValues::read(Tap::of([
        ...HEAD, 'answers' => ['under_three'], 'reason' => 'child', 'part' => 'sponges', 'payment' => 'card', 'spent' => 1_500,
    ])->said, [])->event;

    expect($event->answers)->toBe([Caution::UnderThree])->and($event->reason)->toBe(PauseReason::Child)
        ->and($event->part)->toBe(AfterFace::Sponges)->and($event->payment)->toBe(Payment::Card)->and($event->note)->toBeNull()
        ->and($event->spent)->toEqual(Duration::ofMilliseconds(1_500));
});
