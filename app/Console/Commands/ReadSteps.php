<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exceptions\InvalidShape;
use App\Exceptions\WrongOption;
use App\Kit\Things\KitFile;
use Core\Design\Place\Placement;
use Core\Design\StepValues;
use Core\Design\Wording\Assumption;
use Core\Design\Wording\Choice;
use Core\Design\Wording\LineReading;
use Core\Design\Wording\ListReader;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\Placements;
use Core\Design\Wording\Question;
use Core\Design\Wording\StepReading;
use Core\Design\Wording\Vocabulary;
use Core\Kit\Kit;
use Illuminate\Console\Command;

/** Exit 0 when nothing is asked, 1 when something is, 2 on bad input. */
final class ReadSteps extends Command
{
    use ReadsFiles;

    private const MOST_BYTES = 1_000_000;

    protected $signature = 'inch:read {file : a list of steps as they are typed, or - for standard input}
        {--placement= : where the design is painted, such as cheek, where the list does not say it}
        {--name= : what the design is called}
        {--kit= : a kit file whose tools and paints are meant}';

    protected $description = 'Read a list of steps as painters type them, and print what was understood of each line as JSON, a line each';

    public function handle(KitFile $kitFile): int
    {
        return $this->withFile(function (string $list) use ($kitFile): int {
            $placement = $this->placement();
            if (strlen($list) > self::MOST_BYTES) {
                throw WrongOption::of('file', 'a list of less than a megabyte');
            }
            $kit = $this->kit($kitFile);
            $reader = new ListReader(Vocabulary::withKit($kit->tools(), $kit->colours(), $kit->cakes()));
            $asks = false;
            foreach (self::designs($list) as $above => $design) {
                $reading = $reader->read($design, $placement, called: is_string($name = $this->option('name')) ? $name : '');
                $asks = $asks || $reading->asks();
                foreach ($reading->lines as $line) {
                    $this->line(
                        json_encode(self::shown($line, $above), JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES | JSON_THROW_ON_ERROR),
                        null,
                    );
                }
            }

            return $asks ? self::FAILURE : self::SUCCESS;
        });
    }

    private function placement(): ?Placement
    {
        $name = $this->option('placement');
        if (! is_string($name)) {
            return null;
        }

        return Placements::called($name) ?? throw WrongOption::of(
            '--placement',
            'one of '.implode(', ', array_column(Placement::cases(), 'value')),
        );
    }

    private function kit(KitFile $kitFile): Kit
    {
        $path = $this->option('kit');
        if (! is_string($path)) {
            return Kit::empty();
        }
        if (! is_file($path) || ! is_readable($path)) {
            throw WrongOption::of('--kit', "a file that can be read; {$path} cannot");
        }
        try {
            return $kitFile->read((string) file_get_contents($path));
        } catch (InvalidShape $refusal) {
            throw WrongOption::of('--kit', "a list of things as JSON. {$path}: {$refusal->getMessage()}");
        }
    }

    /**
     * A line that says where a design is painted begins a design of its own.
     *
     * @return array<int, string> by the number of lines above it
     */
    private static function designs(string $list): array
    {
        $designs = [];
        $from = 0;
        foreach (explode("\n", mb_scrub($list)) as $at => $line) {
            $from = Placements::inLine($line) === null ? $from : $at;
            $designs[$from] = isset($designs[$from]) ? "{$designs[$from]}\n{$line}" : $line;
        }

        return $designs;
    }

    /**
     * @param  int  $above  lines of the file above its list
     * @return array<string, mixed>
     */
    private static function shown(LineReading $line, int $above): array
    {
        // What is usual may be left out of a design file; here it is what was asked for.
        $steps = array_map(static fn (StepReading $step): array => [
            ...StepValues::of($step->step), 'technique' => $step->step->technique->value, 'side' => $step->step->side->value,
        ], $line->steps);
        $question = $line->question();

        return [
            'line' => $above + $line->number,
            'text' => $line->text,
            'kind' => $line->kind->value,
            'read' => self::read($line),
            'assumed' => array_merge([], ...array_map(self::assumed(...), $line->steps)),
            'question' => $question === null ? null : self::asked($question),
            'step' => $steps[0] ?? null,
            ...(count($steps) > 1 ? ['steps' => $steps] : []),
        ];
    }

    /** @return list<array{kind: string, text: string}> */
    private static function read(LineReading $line): array
    {
        $said = array_filter($line->parts, static fn (Part $part): bool => $part->kind !== PartKind::Between);

        return array_values(array_map(
            static fn (Part $part): array => ['kind' => $part->kind->value, 'text' => mb_substr($line->text, $part->start, $part->length)],
            $said,
        ));
    }

    /** @return list<array{what: string, value: string, because: string}> */
    private static function assumed(StepReading $step): array
    {
        return array_map(
            static fn (Assumption $one): array => ['what' => $one->of->value, 'value' => $one->value, 'because' => $one->because],
            $step->assumed,
        );
    }

    /** @return array{asks: string, choices: list<string>} */
    private static function asked(Question $question): array
    {
        return [
            'asks' => $question->asks,
            'choices' => array_map(static fn (Choice $choice): string => $choice->label, $question->choices),
        ];
    }
}
