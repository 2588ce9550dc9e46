<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Placement;
use Core\Design\Step;
use Core\Design\Wording\Lines\Cutter;
use Core\Design\Wording\Lines\Line;
use Core\Design\Wording\Lines\Stretch;
use Core\Design\Wording\Sense\Context;
use Core\Design\Wording\Sense\Earlier;
use Core\Design\Wording\Sense\Nouns;
use Core\Design\Wording\Sense\StepMaker;
use Core\Design\Wording\Sense\Wishes;
use Core\Design\Wording\Words\Language;
use Core\Design\Wording\Words\Scanner;

/**
 * Reads steps as painters say them: one, or a whole list in any form, which is one text. What a line does not say is taken
 * from the lines above, from what it paints, or from where the design is; what is no word of the trade names the step.
 */
final readonly class ListReader
{
    private Scanner $scanner;

    private StepMaker $maker;

    /** @var list<Language> */
    private array $languages;

    public function __construct(Vocabulary $vocabulary)
    {
        $this->scanner = new Scanner($vocabulary);
        $this->maker = new StepMaker($this->scanner, $vocabulary);
        $this->languages = Language::all();
    }

    /**
     * @param  Placement|null  $placement  null where the list says it, or its places tell
     * @param  list<Step>  $above  steps that stand above the list already
     */
    public function read(string $list, ?Placement $placement, array $above = []): ListReading
    {
        $lines = Cutter::lines($list);
        $language = Language::of($list, $this->languages, $this->scanner->knows(...));
        $said = Placements::saidIn($lines);
        $placement = $said ?? $placement ?? Placements::guessed($lines, $this->scanner, $language);
        $context = new Context($placement, array_map(static fn (Step $step): Earlier => new Earlier($step, Nouns::ofName($step->name)), $above));
        $readings = $wishes = [];
        $title = '';
        $waiting = [];
        $number = count($above);
        foreach ($lines as $line) {
            if ($line->kind === LineKind::Heading) {
                $title = $readings === [] && $above === [] && ! str_ends_with(trim($line->text), ':') ? $line->says : $title;
                $context = $context->under($title === $line->says ? '' : $line->says);
            }
            $steps = $parts = [];
            foreach ($line->stretches as $stretch) {
                $tokens = $this->scanner->tokens($stretch->text, $language);
                $made = $this->maker->make($stretch, $tokens, $context, (string) ($number + 1));
                if ($made === null) {
                    $waiting[] = trim($stretch->text);
                    $parts[] = self::note($stretch);

                    continue;
                }
                $number++;
                $made = $made->noting($waiting);
                $waiting = [];
                $context = $context->with(new Earlier($made->step, Nouns::of($made)));
                $wishes[] = Wishes::of($made);
                $steps[] = $made;
                array_push($parts, ...$made->parts);
            }
            $readings[] = self::reading($line, $steps, $parts);
        }
        $readings = $waiting === [] ? $readings : self::noted($readings, $waiting);

        return new ListReading($title, $placement, $said !== null, $readings, Wishes::pins($wishes, $context));
    }

    private static function note(Stretch $stretch): Part
    {
        $blanks = mb_strlen($stretch->text) - mb_strlen(ltrim($stretch->text));

        return new Part(PartKind::Note, $stretch->start + $blanks, mb_strlen(trim($stretch->text)), trim($stretch->text), true);
    }

    /**
     * @param  list<StepReading>  $steps
     * @param  list<Part>  $parts
     */
    private static function reading(Line $line, array $steps, array $parts): LineReading
    {
        $kind = $line->kind === LineKind::Steps && $steps === [] ? LineKind::Note : $line->kind;

        return new LineReading($line->number, $line->text, $kind, array_values(array_filter($parts, static fn (Part $part): bool => $part->length > 0)), $steps);
    }

    /**
     * What stands below the last step belongs to it.
     *
     * @param  list<LineReading>  $readings
     * @param  list<string>  $notes
     * @return list<LineReading>
     */
    private static function noted(array $readings, array $notes): array
    {
        for ($at = count($readings) - 1; $at >= 0; $at--) {
            $steps = $readings[$at]->steps;
            if ($steps !== []) {
                $steps[count($steps) - 1] = $steps[count($steps) - 1]->noting($notes);
                $readings[$at] = new LineReading($readings[$at]->number, $readings[$at]->text, $readings[$at]->kind, $readings[$at]->parts, $steps);

                return array_values($readings);
            }
        }

        return $readings;
    }
}
