<?php

declare(strict_types=1);

use Core\Team\OneTimeCode;

// The secret of the tables in RFC 4226, appendix D, and RFC 6238, appendix B.
beforeEach(fn () => $this->codes = new OneTimeCode('12345678901234567890'));

it('counts as in RFC 4226, appendix D', function (int $step, string $code): void {
    expect($this->codes->at($step))->toBe($code);
})->with([
    [0, '755224'], [1, '287082'], [2, '359152'], [3, '969429'], [4, '338314'], [5, '254676'], [6, '287922'], [7, '162583'],
    [8, '399871'], [9, '520489'],
]);

it('goes by the clock as in RFC 6238, appendix B', function (int $seconds, string $code): void {
    expect($this->codes->at(OneTimeCode::stepAt($seconds), 8))->toBe($code);
})->with([
    [59, '94287082'], [1_111_111_109, '07081804'], [1_111_111_111, '14050471'], [1_234_567_890, '89005924'],
    [2_000_000_000, '69279037'], [20_000_000_000, '65353130'],
]);

it('takes a code half a minute early or late, each step once, and none before it again', function (): void {
    $now = 1_234_567_890;
    $step = OneTimeCode::stepAt($now);
    $code = $this->codes->at($step);

    expect($this->codes->stepOf($code, $now, 0))->toBe($step)
        ->and($this->codes->stepOf($code, $now + 30, 0))->toBe($step)
        ->and($this->codes->stepOf($code, $now - 30, 0))->toBe($step)
        ->and($this->codes->stepOf($code, $now + 60, 0))->toBeNull()
        ->and($this->codes->stepOf($code, $now, $step))->toBeNull()
        ->and($this->codes->stepOf($this->codes->at($step - 1), $now, $step))->toBeNull()
        ->and($this->codes->stepOf('', $now, 0))->toBeNull();
});
