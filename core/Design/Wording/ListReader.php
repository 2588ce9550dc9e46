<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Defaults;
use Core\Design\Place\Placement;
use Core\Design\Step;
use Core\Design\Wording\Lines\Cutter;
use Core\Design\Wording\Lines\Line;
use Core\Design\Wording\Lines\Stretch;
use Core\Design\Wording\Sense\Progress;
use Core\Design\Wording\Sense\Remarks;
use Core\Design\Wording\Sense\Said;
use Core\Design\Wording\Sense\StepMaker;
use Core\Design\Wording\Sense\Subject;
use Core\Design\Wording\Sense\Under;
use Core\Design\Wording\Sense\Wishes;
use Core\Design\Wording\Words\Language;
use Core\Design\Wording\Words\Scanner;
use Core\Design\Wording\Words\Tokens;

/**
 * Reads steps as painters say them: one, or a whole list in any form, which is one text. What a line does not say is taken
 * from the lines above, from what it paints, or from where the design is; what is no word of the trade names the step.
 */
final readonly class ListReader
{
    /** From so many lines on, a bare number on each is hardly minutes. */
    private const MANY = 3;

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
     * @param  string  $called  the name of the design, which tells what it is a picture of
     *
     * @throws ListTooLong
     */
    public function read(string $list, ?Placement $placement, array $above = [], string $called = ''): ListReading
    {
        $lines = Cutter::lines($list);
        $language = Language::of($list, $this->languages, $this->scanner->knows(...));
        $lines = Titles::found($lines, $this->scanner, $language);
        $said = Placements::saidIn($lines);
        $isGuessed = $said === null && $placement === null;
        $placement = $said ?? $placement ?? Placements::guessed($lines, $this->scanner, $language);
        $subject = $this->subject($lines, $placement, $language, $called)->orOf($above, $placement);
        $progress = Progress::below($placement, $above, count($lines) >= self::MANY, $subject);
        [$title, $isTop, $read, $done, $wished] = ['', true, [], [], $progress];
        foreach ($lines as $line) {
            if ($line->kind === LineKind::Heading) {
                $title = $isTop && $above === [] && Titles::isTitle($line) ? $line->says : $title;
                $group = $title === $line->says ? '' : $line->says;
                $progress = $progress->under(Under::heading($group, $this->said($line->says, $language)));
            }
            $isTop = $isTop && $line->kind === LineKind::Placement;
            $first = count($done) + count($progress->made);
            $notes = [];
            foreach ($line->stretches as $stretch) {
                [$progress, $note] = $this->piece($stretch, $this->scanner->tokens($stretch->text, $language), $progress);
                $notes = $note === null ? $notes : [...$notes, $note];
            }
            $read[] = [$line, $notes, $first, count($done) + count($progress->made) - $first];
            $wished = $progress->count <= Defaults::MOST_STEPS ? $progress : $wished;
            [$progress, $settled] = $progress->settling();
            array_push($done, ...$settled);
        }
        $made = self::asking($subject, [...$done, ...$progress->finished()->made], $isGuessed);
        $readings = array_map(
            static fn (array $one): LineReading => self::reading($one[0], $one[1], array_slice($made, $one[2], $one[3])),
            $read,
        );

        return new ListReading(
            title: $title,
            placement: $placement,
            saysPlacement: $said !== null,
            lines: $readings,
            // What no design holds wants nothing of its order.
            pins: Wishes::pins(array_slice($made, 0, count($wished->made)), $wished->context),
        );
    }

    /**
     * @param  list<StepReading>  $made
     * @return list<StepReading> with what is asked of all of it at the first
     */
    private static function asking(Subject $subject, array $made, bool $isGuessed): array
    {
        $question = $isGuessed ? $subject->question(array_column($made, 'step')) : null;

        return $question === null || $made === [] ? $made : [$made[0]->asking($question), ...array_slice($made, 1)];
    }

    private function said(string $text, ?Language $language): Said
    {
        return new Said($this->scanner->parts($this->scanner->tokens($text, $language), 0), $text);
    }

    /** @param  list<Line>  $lines */
    private function subject(array $lines, Placement $placement, ?Language $language, string $called): Subject
    {
        $said = fn (string $text): Said => $this->said($text, $language);
        $titles = array_filter($lines, static fn (Line $line): bool => $line->kind === LineKind::Heading);
        $stretches = array_merge([], ...array_column(array_slice($lines, 0, Defaults::MOST_STEPS), 'stretches'));

        return Subject::of(
            [$said($called), ...array_map(static fn (Line $line): Said => $said($line->says), array_slice(array_values($titles), 0, 1))],
            array_map(static fn (Stretch $stretch): Said => $said($stretch->text), $stretches),
            $placement,
        );
    }

    /** @return array{Progress, Part|null} how far it is read now, and the piece as a note where it is no step */
    private function piece(Stretch $stretch, Tokens $tokens, Progress $progress): array
    {
        $time = $progress->lacksTime() ? $this->maker->onlyTime($tokens) : null;
        if ($time !== null) {
            return [$progress->taking($time), self::part(PartKind::Time, $stretch)];
        }
        $said = new Said($this->scanner->parts($tokens, 0), $stretch->text);
        if (Remarks::isOne($said, $stretch->text, $stretch->time !== null, $progress->context->isList)) {
            return [$progress->noting(trim($stretch->text)), self::part(PartKind::Note, $stretch)];
        }
        $made = $this->maker->make(
            stretch: $stretch,
            tokens: $tokens,
            parts: $said->parts,
            context: $progress->context,
            id: (string) ($progress->count + 1),
        );

        return $made === null ? [
            $progress->noting(trim($stretch->text)),
            self::part(PartKind::Note, $stretch),
        ] : [$progress->with($made), null];
    }

    /** All of a piece as one part. */
    private static function part(PartKind $kind, Stretch $stretch): Part
    {
        $blanks = mb_strlen($stretch->text) - mb_strlen(ltrim($stretch->text));

        return new Part(
            kind: $kind,
            start: $stretch->start + $blanks,
            length: mb_strlen(trim($stretch->text)),
            value: trim($stretch->text),
            opensClause: true,
        );
    }

    /**
     * @param  list<Part>  $notes  pieces that are no steps
     * @param  list<StepReading>  $steps
     */
    private static function reading(Line $line, array $notes, array $steps): LineReading
    {
        $kind = $line->kind === LineKind::Steps && $steps === [] ? LineKind::Note : $line->kind;
        $parts = array_merge($notes, ...array_map(static fn (StepReading $step): array => $step->parts, $steps));
        usort($parts, static fn (Part $one, Part $other): int => $one->start <=> $other->start);

        return new LineReading(
            number: $line->number,
            text: $line->text,
            kind: $kind,
            parts: array_values(array_filter($parts, static fn (Part $part): bool => $part->length > 0)),
            steps: $steps,
        );
    }
}
