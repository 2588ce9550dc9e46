<?php

declare(strict_types=1);

use Core\Colour\Load;
use Core\Design\Medium;
use Core\Design\Place\Placement;
use Core\Design\Technique;
use Core\Design\Wording\LineKind;
use Tests\Core\Design\Wording\Reads;

it('takes a step for an extra where a line says so', function (string $typed): void {
    $step = Reads::step("white dots, {$typed}, 9s", Placement::Cheek);

    expect([$step->optional, $step->name, $step->note, $step->time?->seconds()])->toBe([true, 'White dots', '', 9.0]);
})->with([
    ['optional'],
    ['extra'],
    ['if there is time'],
    ['if time'],
    ["if there's time"],
    ['time permitting'],
    ['if you like'],
    ['if u like'],
    ['if you want'],
    ['if the child wants'],
    ['for girls'],
    ['only at parties'],
    ['party only'],
    ['party'],
    ['maybe'],
    ['can be left out'],
    ['may be left out'],
    ['or skip'],
    ['or leave it out'],
    ['skip when busy'],
    ['(skip if busy)'],
    ['if nobody is waiting'],
    ['if quiet'],
    ['nice to have'],
    ['bonus'],
    ['only if asked'],
    ['leave out when busy'],
]);

it('takes no step for an extra where a line does not say so', function (string $line): void {
    expect(Reads::step($line, Placement::Cheek)->optional)->toBeFalse();
})->with([
    ['white dots, maybe 9s'],
    ['white dots, two coats, maybe three'],
    ['white dots round it'],
    ['white dots, skip the middle'],
]);

it('makes a step of what is done without paint, with its usual seconds', function (
    string $line,
    Technique $technique,
    ?float $seconds,
): void {
    $step = Reads::step($line, Placement::Cheek);

    expect([$step->medium, $step->technique, $step->time?->seconds(), $step->colours])->toBe([Medium::Bare, $technique, $seconds, []]);
})->with([
    ['spritz', Technique::Tidy, 3.0],
    ['spritz the sponge', Technique::Tidy, 3.0],
    ['wet the sponge', Technique::Tidy, 3.0],
    ['wipe hands', Technique::Tidy, 5.0],
    ['clean hands 8s', Technique::Tidy, 8.0],
    ['wipe the edge clean', Technique::Tidy, null],
    ['tidy up 10s', Technique::Tidy, 10.0],
    ['clean up the edge with a wipe 5s', Technique::Tidy, 5.0],
    ['wet wipe the slip', Technique::Tidy, null],
    ['tissue on the lids', Technique::Tidy, 4.0],
    ['blot', Technique::Tidy, 4.0],
    ['test on the hand', Technique::Tidy, 6.0],
    ['check left against right', Technique::Tidy, 5.0],
    ['show the mirror', Technique::Tidy, 5.0],
    ['lift with a damp bud', Technique::LiftOff, null],
    ['lift the paint with a damp bud 6s', Technique::LiftOff, 6.0],
    ['erase the slip with a q-tip', Technique::LiftOff, null],
    ['wait', Technique::Wait, null],
    ['wait 30s', Technique::Wait, 30.0],
    ['let it dry 20s', Technique::Wait, 20.0],
    ['let the base dry', Technique::Wait, null],
    ['wait until dry', Technique::Wait, null],
    ['drying time 1 min', Technique::Wait, 60.0],
    ['rinse the brush 10s', Technique::Tidy, 10.0],
    ['hold still 5s', Technique::Tidy, 5.0],
]);

it('keeps with the step beside it what takes no time of its own', function (string $line): void {
    $reading = Reads::list("sponge white chin 9s\n{$line}\nred dots 5s");

    expect($reading->lines[1]->kind)->toBe(LineKind::Note)->and($reading->steps())->toHaveCount(2)
        ->and($reading->steps()[1]->note)->toBe($line);
})->with([
    ['flip the sponge'],
    ['turn the sponge over'],
    ['fresh sponge'],
    ['load the brush'],
    ['rinse'],
    ['do not rinse'],
    ['hold still'],
    ['look up'],
    ['eyes shut'],
    ['pull with a finger'],
    ['gently'],
]);

it('keeps acts in front of paint as notes of that step', function (string $line, Medium $medium, string $note): void {
    $step = Reads::step($line, Placement::Cheek);

    expect([$step->medium, array_column($step->colours, 'name'), $step->note])->toBe([$medium, ['white'], $note]);
})->with([
    ['flip the sponge, white 9s', Medium::Sponge, 'flip the sponge'],
    ['turn sponge and use the clean side, white', Medium::Sponge, 'turn sponge, clean side'],
    ['fresh sponge, white', Medium::Sponge, 'fresh sponge'],
    ['load a sponge with white', Medium::Sponge, 'load'],
    ['white, without cleaning the sponge', Medium::Sponge, 'without cleaning the sponge'],
    ['white dots, hold still', Medium::Brush, 'hold still'],
]);

it('reads how much water the paint carries', function (string $typed, Load $load): void {
    expect(Reads::step("white dots, {$typed}", Placement::Cheek)->load)->toBe($load);
})->with([
    ['damp', Load::Damp],
    ['almost dry', Load::Damp],
    ['barely wet', Load::Damp],
    ['nearly liquid', Load::Liquid],
    ['runny', Load::Liquid],
    ['inky', Load::Liquid],
    ['very wet', Load::Liquid],
    ['', Load::Normal],
]);

it('keeps how a stroke is made as a note, and how big a thing is with its name', function (string $line, string $name, string $note): void {
    $step = Reads::step($line, Placement::Cheek);

    expect([$step->name, $step->note])->toBe([$name, $note]);
})->with([
    ['thin white curls', 'curls', 'thin'],
    ['thin-thick-thin curls', 'curls', 'thin-thick-thin'],
    ['curls, gently', 'curls', 'gently'],
    ['curls, white, with the tip of the brush', 'curls', 'with the tip of the brush'],
    ['small white bubbles', 'small bubbles', ''],
    ['big yellow sun', 'big sun', ''],
    ['little boats', 'little boats', ''],
    ['bubbles, double loaded', 'bubbles', 'double loaded'],
]);
