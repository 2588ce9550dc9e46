<?php

declare(strict_types=1);

use App\Line\Taps\TapDetails;
use Core\Line\Ahead\AfterFace;
use Core\Line\Caution;
use Core\Line\PauseReason;
use Core\Line\Payment;
use Core\Units\Duration;

it('reads what it has kept, and keeps nothing of what was not said', function (array $said): void {
    $details = TapDetails::of($said);

    expect(TapDetails::read($details->kept()))->toEqual($details)->and(TapDetails::of([])->kept())->toBeNull();
})->with([
    'nothing' => [[]],
    'all is well' => [['answers' => []]],
    'answers' => [['answers' => ['lips', 'latex'], 'without' => ['01jd0000000000000000000001']]],
    'a party and a word' => [['party' => '01JD0000000000000000000001', 'note' => 'blå jacka, “two”']],
    'money' => [['cents' => 0, 'payment' => 'free']],
    'a mended time' => [['spent' => 21_000]],
    'a reason and a part' => [['reason' => 'dry', 'part' => 'water']],
]);

it('tells an answer that all is well from no answer', function (): void {
    expect(TapDetails::read(TapDetails::of(['answers' => []])->kept())->answers)->toBe([])
        ->and(TapDetails::read(null)->answers)->toBeNull();
});

it('speaks the words of the trade inside', function (): void {
    $details = TapDetails::of([
        'answers' => ['under_three'], 'reason' => 'child', 'part' => 'sponges', 'payment' => 'card', 'spent' => 1_500, 'note' => '   ',
    ]);

    expect($details->answers)->toBe([Caution::UnderThree])->and($details->reason)->toBe(PauseReason::Child)
        ->and($details->part)->toBe(AfterFace::Sponges)->and($details->payment)->toBe(Payment::Card)->and($details->note)->toBeNull()
        ->and($details->spentTime())->toEqual(Duration::ofMilliseconds(1_500));
});
