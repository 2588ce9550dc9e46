<?php

declare(strict_types=1);

namespace Tests\Core\Order;

use Core\Design\Audience;
use Core\Design\Colour;
use Core\Design\Design;
use Core\Design\Place\Placement;
use Core\Design\Step;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\Vocabulary;
use Core\Kit\BenchTimes;
use Core\Kit\ItemValues;
use Core\Kit\Kit;
use Core\Order\Check;
use Core\Order\Circumstances;
use Core\Order\Craft\Finding;
use Core\Order\Schools\School;
use Core\Order\Schools\Schools;
use Core\Order\Schools\TradeNumbers;
use Core\Surface\Drying;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\StepTimes;
use Core\Units\Duration;

/** Designs written as lines, on a bench with the made-up kit of the demo. */
final readonly class Craft
{
    public static function kit(): Kit
    {
        /** @var list<array{kind: string, name: string}> $items */
        $items = json_decode((string) file_get_contents(__DIR__.'/../../../database/demo/kit.json'), true, flags: JSON_THROW_ON_ERROR);

        return new Kit(array_map(static fn (array $values) => ItemValues::read($values['name'], $values), $items));
    }

    /** Savings of a second are worth a word here. */
    public static function circumstances(School ...$schools): Circumstances
    {
        $kit = self::kit();

        return new Circumstances(
            kit: $kit,
            changeovers: new ChangeoverMatrix(BenchTimes::starting(), $kit),
            times: StepTimes::starting(),
            drying: Drying::atReference(),
            schools: Schools::of(...$schools),
            numbers: TradeNumbers::of(['worth_saving' => 1]),
        );
    }

    /** @param  string  ...$lines  each with its name before a colon; ids are s1, s2 and so on */
    public static function design(Placement $placement, string ...$lines): Design
    {
        $kit = self::kit();
        static $reader = null;
        $reader ??= new ListReader(Vocabulary::withKit($kit->tools(), $kit->colours(), []));
        $steps = [];
        foreach (array_values($lines) as $at => $line) {
            $steps[] = self::withKitsHex($reader->read($line, $placement)->steps()[0]->withId('s'.($at + 1)), $kit);
        }

        return new Design('Wave band', $placement, null, $steps);
    }

    public static function face(string ...$lines): Design
    {
        return self::design(Placement::FullFace, ...$lines);
    }

    public static function cheek(string ...$lines): Design
    {
        return self::design(Placement::Cheek, ...$lines);
    }

    public static function sitting(Design $design, int $stillSeconds): Design
    {
        return $design->withAudience(new Audience(Duration::ofSeconds($stillSeconds)));
    }

    /** For a child who dislikes touch. */
    public static function gentle(Design $design): Design
    {
        return $design->withAudience(new Audience(isGentle: true));
    }

    public static function fromAge(Design $design, int $years): Design
    {
        return $design->withAudience(new Audience(fromAge: $years));
    }

    /** @return list<Finding> of that rule */
    public static function said(string $rule, Design $design, School ...$schools): array
    {
        $check = Check::of($design, self::circumstances(...$schools));

        return array_values(array_filter($check->findings, static fn (Finding $finding): bool => $finding->rule === $rule));
    }

    /** Colours typed by name have the hex of the kit's cake. */
    private static function withKitsHex(Step $step, Kit $kit): Step
    {
        return $step->withColours(array_map(
            static fn (Colour $colour): Colour => Colour::of($colour->name, $kit->named($colour->name)->colours[0]->hex ?? $colour->hex),
            $step->colours,
        ));
    }
}
