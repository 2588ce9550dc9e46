<?php

declare(strict_types=1);

use App\Bench\Designs\SaveDesignRequest;
use App\Bench\TypedSteps\StepLine;
use App\Models\Bench\FacePlan;
use Core\Colour\Load;
use Core\Design\Alternative;
use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Place\Guide;
use Core\Design\Place\Mark;
use Core\Design\Place\Shape;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Shut;
use Core\Design\Step;
use Core\Design\StepValues;
use Core\Design\Technique;
use Core\Units\Duration;

/** A step of which nothing is as usual, so that each field of it is written. */
function fullStep(): Step
{
    return new Step(
        id: 'a', name: 'Suckers', medium: Medium::Brush, tool: 'round 3', colours: [Colour::of('coral red', '#d2402f')],
        zones: [Zone::Cheek], side: Side::Left, coats: 2, time: Duration::ofSeconds(20), dryFor: Duration::ofSeconds(5),
        optional: true, note: 'Small ones last', technique: Technique::Dots, load: Load::Damp, count: 6, smallCount: 4,
        mark: new Mark(Shape::Starfish, 80, 15, [Guide::clock(4)]),
        shut: Shut::Eyes, look: 3, group: 'arms',
        alternatives: [new Alternative(medium: Medium::Stencil, technique: Technique::Stencil, tool: 'net mesh', time: null)],
        stopAfter: true,
    );
}

it('writes each field of a step that there is, and reads it again', function (): void {
    $step = fullStep();

    expect(array_keys(StepValues::of($step)))->toEqualCanonicalizing(StepValues::FIELDS)
        ->and(StepValues::read('a', StepValues::of($step)))->toEqual($step);
});

it('says the same fields in the schema of the open format', function (): void {
    $schema = json_decode(
        (string) file_get_contents(dirname(__DIR__, 2).'/schemas/design.v5.schema.json'),
        true,
        flags: JSON_THROW_ON_ERROR,
    );

    expect(array_keys($schema['$defs']['step']['properties']))->toEqualCanonicalizing(StepValues::FIELDS);
});

it('takes the same fields from the browser, and gives the same to it', function (): void {
    $shown = array_map(
        static fn (ReflectionProperty $property): string => $property->getName(),
        (new ReflectionClass(StepLine::class))->getProperties(),
    );
    // What the server works out beside what is said.
    $reckoned = ['timeMs', 'timeSource', 'timeFaces', 'timePractised', 'eightOfTenMs', 'plannedMs', 'dryForMs', 'line', 'seen'];

    expect($shown)->toEqualCanonicalizing(['id', ...SaveDesignRequest::typedFields(), ...$reckoned]);
});

it('keeps the same fields in a plan', function (): void {
    $doc = (string) (new ReflectionClass(FacePlan::class))->getDocComment();
    preg_match('/PlannedValues array\{(.*?)\n \* \}/s', $doc, $shape);
    // Those of what is nested are not the step's own.
    $own = (string) preg_replace('/list<array\{.*?\}>/s', 'list', $shape[1] ?? '');
    preg_match_all('/(\w+)\??:/', $own, $fields);

    expect($fields[1])->toEqualCanonicalizing(['id', 'plannedMs', 'seen', 'films', ...StepValues::FIELDS]);
});
