<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Exceptions\WrongOption;
use App\Logbook\Faces\ReadLogFile;
use Core\Pace\Defaults;
use Core\Pace\LogBook;
use Core\Pace\LogLine;
use Core\Pace\Pace;
use Core\Pace\TeamPaces;
use Core\Units\Duration;
use Illuminate\Console\Command;

/** Exit 0 when the log was read, 2 on bad input. */
final class PaceOfLog extends Command
{
    use ReadsFiles;

    protected $signature = 'inch:pace {file : a log as CSV, or - for standard input}
        {--promise= : minutes; tells after how many more repetitions eight of ten are within them}';

    protected $description = 'Print how long everything in a log really takes, by painter, with its learning curve, as JSON';

    public function handle(ReadLogFile $read): int
    {
        return $this->withFile(function (string $csv) use ($read): int {
            $promise = $this->promise();
            $things = array_map(fn (array $entry): array => $this->thing($entry[0], $entry[1], $promise), LogBook::of($read($csv)));
            $this->line(json_encode(['things' => $things], JSON_PRETTY_PRINT | JSON_UNESCAPED_UNICODE | JSON_THROW_ON_ERROR));

            return self::SUCCESS;
        });
    }

    private function promise(): ?Duration
    {
        $typed = $this->option('promise');

        return is_string($typed) ? Duration::tryParse($typed) ?? throw WrongOption::of(
            '--promise',
            'give minutes, such as --promise=4:10',
        ) : null;
    }

    /** @return array<string, mixed> */
    private function thing(LogLine $newest, TeamPaces $paces, ?Duration $promise): array
    {
        return [
            'design' => $newest->design,
            'version' => $newest->version,
            'step' => $newest->step,
            'plannedSeconds' => $newest->planned->seconds(),
            'team' => self::pace($paces->team, $promise),
            'painters' => array_map(
                static fn (int|string $painter, Pace $pace): array => ['painter' => (string) $painter, ...self::pace($pace, $promise)],
                array_keys($paces->own),
                $paces->own,
            ),
        ];
    }

    /** @return array<string, mixed> */
    private static function pace(Pace $pace, ?Duration $promise): array
    {
        $ahead = Defaults::FORECAST_AHEAD;

        return [
            'faces' => $pace->faces,
            'practised' => $pace->practised,
            'interrupted' => $pace->interrupted,
            'slips' => $pace->slips,
            'known' => $pace->isKnown(),
            'halfBySeconds' => $pace->middle()->seconds(),
            'eightOfTenBySeconds' => $pace->eightOfTen()->seconds(),
            'learningRate' => round($pace->learning()->rate(), 4),
            "halfByAfter{$ahead}MoreSeconds" => $pace->middle($ahead)->seconds(),
            ...($promise === null ? [] : ['readyAfter' => $pace->readyAfter($promise)]),
        ];
    }
}
