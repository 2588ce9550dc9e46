<?php

declare(strict_types=1);

use Core\Design\Place\Shape;
use Core\Design\Technique;
use Tests\Core\Design\Wording\Reads;

it('reads what painters call the forms they draw', function (string $line, Technique $technique, Shape $shape): void {
    $step = Reads::step($line);
    expect([$step->technique, $step->mark->shape])->toBe([$technique, $shape]);
})->with([
    ['round 2 black web on the forehead, 20s', Technique::Line, Shape::Web],
    ['white cobweb, temple, round 2', Technique::Line, Shape::Web],
    ['fishing net on the cheek, white, round 2', Technique::Line, Shape::Net],
    ['zig-zag round 3 yellow chin', Technique::Line, Shape::Zigzag],
    ['scallops along the cheek, white, round 2', Technique::Line, Shape::ScallopEdge],
    ['black crack on the forehead 5s', Technique::Line, Shape::Crack],
    ['row of teeth on the lower lip, white, round 3', Technique::Fill, Shape::ToothRow],
    ['green row of spikes, forehead, round 4', Technique::Fill, Shape::SpikeRow],
    ['flames on the forehead, orange, round 4', Technique::Fill, Shape::FlameRow],
    ['round 4 orange flame on the cheek', Technique::Fill, Shape::Flame],
    ['string of beads on the forehead, white, round 2', Technique::Line, Shape::BeadString],
    ['row of loops on the wrist, white, round 2', Technique::Line, Shape::LoopRow],
    ['leaf veins yellow round 2 cheek', Technique::Line, Shape::LeafVeins],
    ['antennae black round 2 forehead', Technique::Line, Shape::Antennae],
    ['swoops on the cheek, white, round 3', Technique::Line, Shape::Swoops],
    ['question mark swirl on the temple white round 2', Technique::Swirl, Shape::QuestionCurl],
    ['black mane curls on the hairline round 3', Technique::Swirl, Shape::ManeCurls],
    ['5 rust fur flicks on the cheek round 2', Technique::Line, Shape::FurFlicks],
    ['brown basket weave on the chin round 2', Technique::Line, Shape::BasketWeave],
    ['black jointed legs on the cheek round 2', Technique::Line, Shape::JointedLegs],
    ['pink and white frosting swirl on the cheek round 6', Technique::Swirl, Shape::FrostingSwirl],
    ['red ribbon on the forehead, round 4', Technique::Line, Shape::Ribbon],
]);
