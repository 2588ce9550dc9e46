<?php

declare(strict_types=1);

namespace Tests\Trade;

use Core\Design\Design;
use Core\Design\DesignFile;
use Core\Design\Step;
use Core\Design\Technique;
use Core\Kit\Kit;
use Core\Ladder\Ladder;
use Core\Order\BestOrder;
use Core\Order\Check;
use Core\Order\Circumstances;
use Core\Order\Craft\Finding;
use Core\Order\Proposal;
use Core\Order\Schools\Schools;
use Core\Order\Search\WithinLabels;
use Core\Surface\Drying;
use Core\Surface\Weather;
use Core\Timeline\ChangeoverMatrix;
use Core\Timeline\SpanKind;
use Core\Timeline\StepTimes;
use Core\Timeline\Timeline;
use Core\Units\Duration;
use Tests\Core\Order\Craft;

/**
 * A design as a painter paints it, in the painter's order, with what must be said of it and what may; all else must not. Common
 * practice, no source: written by the facts of the trade, before the rules were mended.
 *
 *     must: rule or/another rule @ Step it is about
 *     may: rule
 *     takes: 2:58-3:14            the least and the most of its best order
 *     waits: 0:30                 the most that one may stand in it; nothing where it is not said
 *     keep: Step < Step           the one before the other in the best order
 *     while wet: Step > Step      a pin of the painter's
 *     Name | medium technique | tool | colours | zones | side | seconds | what else
 */
final readonly class Judgement
{
    private const HEXES = ['red' => '#c8202a', 'brown' => '#6b4a32', 'light brown' => '#b08d62', 'green' => '#3f8f4a'];

    /**
     * @param  array<string, list<string>>  $said  the lines before the steps, by their word
     */
    private function __construct(public string $name, public Design $design, private array $said) {}

    /** @return array<string, self> by name */
    public static function all(string $folder): array
    {
        $all = [];
        foreach (glob(__DIR__."/judgement/{$folder}/*.txt") ?: [] as $path) {
            $name = basename($path, '.txt');
            $all[$name] = self::read($name, (string) file_get_contents($path));
        }

        return $all;
    }

    private static function read(string $name, string $file): self
    {
        $said = $steps = [];
        foreach (explode("\n", trim($file)) as $line) {
            if (str_contains($line, ' | ')) {
                $steps[] = self::step($line);
            } elseif (preg_match('/^([a-z ]+): (.+)$/', $line, $found) === 1) {
                $said[$found[1]][] = $found[2];
            }
        }
        $file = ['designs' => [[
            'name' => ucfirst(str_replace('-', ' ', substr($name, 3))),
            'placement' => $said['placement'][0] ?? '',
            'steps' => $steps,
            ...isset($said['promise']) ? ['promiseSeconds' => (int) Duration::parse($said['promise'][0])->seconds()] : [],
            ...isset($said['from age']) ? ['fromAge' => (int) $said['from age'][0]] : [],
            'pins' => array_map(
                static fn (string $line): array => self::pin($line, array_column($steps, 'name')),
                $said['while wet'] ?? [],
            ),
        ]]];

        return new self($name, DesignFile::read($file)[0], $said);
    }

    /** @return array<string, mixed> as in a design file */
    private static function step(string $line): array
    {
        [$name, $work, $tool, $colours, $zones, $side, $seconds, $extras] = [...array_map(trim(...), explode('|', $line)), ''];
        [$medium, $technique] = explode(' ', $work);
        $list = static fn (string $text): array => $text === '-' || $text === '' ? [] : array_map(trim(...), explode(',', $text));
        $values = [
            'name' => $name, 'medium' => $medium, 'technique' => $technique, 'tool' => $tool, 'side' => $side,
            'seconds' => (int) $seconds, 'zones' => $list($zones),
            'colours' => array_map(static fn (string $colour): array => ['name' => $colour, 'hex' => self::hex($colour)], $list($colours)),
        ];
        foreach ($list($extras) as $extra) {
            [$key, $value] = [...explode(' ', $extra, 2), ''];
            $values += match (true) {
                in_array($extra, ['damp', 'liquid'], true) => ['load' => $extra],
                $extra === 'opt' => ['optional' => true],
                $extra === 'shut eyes' => ['shut' => 'eyes'],
                str_ends_with($extra, 'coats') => ['coats' => (int) $key],
                $key === 'shape' => ['shape' => $value],
                $key === 'size' => ['sizePercent' => (int) $value],
                preg_match('/^x\d+$/', $extra) === 1 => ['count' => (int) substr($extra, 1)],
                default => ['note' => $extra],
            };
        }

        return $values;
    }

    /**
     * @param  list<string>  $names
     * @return array{kind: string, steps: list<int>}
     */
    private static function pin(string $line, array $names): array
    {
        return [
            'kind' => 'while_wet',
            'steps' => array_map(static fn (string $name): int => (int) array_search($name, $names, true) + 1, explode(' > ', $line)),
        ];
    }

    private static function hex(string $colour): string
    {
        return self::HEXES[$colour]
            ?? Craft::kit()->named($colour)->colours[0]->hex ?? throw new \InvalidArgumentException("No colour is called {$colour}.");
    }

    /** A mild day, and a painter of whom nothing else is known. */
    private static function circumstances(): Circumstances
    {
        return new Circumstances(
            kit: Kit::empty(),
            changeovers: ChangeoverMatrix::starting(),
            times: StepTimes::starting(),
            drying: Drying::in(new Weather(22, 45, 0)),
            schools: Schools::usual(),
        );
    }

    /** @return array{right: list<string>, wrong: list<string>, school: list<string>, missed: list<string>} each finding or lack in words */
    public function findings(): array
    {
        $names = array_column($this->design->steps, 'name', 'id');
        $musts = $this->said['must'] ?? [];
        $judged = ['right' => [], 'wrong' => [], 'school' => []];
        foreach (Check::of($this->design, self::circumstances())->findings as $finding) {
            $must = array_filter($musts, static fn (string $line): bool => self::isAbout($line, $finding, $names));
            $may = array_filter($this->said['may'] ?? [], static fn (string $line): bool => $line === $finding->rule);
            $judged[$must !== [] ? 'right' : ($may !== [] ? 'school' : 'wrong')][] = "{$finding->rule}: {$finding->says}";
            $musts = array_diff_key($musts, $must);
        }

        return [...$judged, 'missed' => array_values($musts)];
    }

    /** @param  array<string, string>  $names  of steps, by id */
    private static function isAbout(string $must, Finding $finding, array $names): bool
    {
        [$rules, $step] = [...explode(' @ ', $must), ''];
        $about = array_map(static fn (string $id): string => $names[$id], $finding->steps);

        return in_array($finding->rule, explode('/', $rules), true) && ($step === '' || in_array($step, $about, true));
    }

    public function best(): Proposal
    {
        return BestOrder::of($this->design, self::circumstances())->run(new WithinLabels(60_000));
    }

    public function ladder(): Ladder
    {
        return Ladder::of($this->design, self::circumstances());
    }

    /** @return list<string> what a painter would say against an order, in words */
    public function absurdities(Proposal $proposal): array
    {
        $best = $proposal->best;
        if ($best === null) {
            return ['there is no order'];
        }
        $circumstances = self::circumstances();
        $timeline = Timeline::of($best->steps, $circumstances->changeovers, $circumstances->times);
        $stood = $timeline->total(SpanKind::Drying)->plus(array_reduce(
            $best->steps,
            static fn (Duration $sum, Step $step): Duration => $step->technique === Technique::Wait
                ? $sum->plus($step->time ?? Duration::zero())
                : $sum,
            Duration::zero(),
        ));
        [$least, $most] = array_map(Duration::parse(...), explode('-', $this->said['takes'][0] ?? '0:00-60:00'));
        $place = array_flip(array_column($best->steps, 'name'));
        $turned = array_filter($this->said['keep'] ?? [], static function (string $keep) use ($place): bool {
            [$one, $other] = explode(' < ', $keep);

            return $place[$one] > $place[$other];
        });
        $limit = Duration::parse($this->said['waits'][0] ?? '0:00');

        return array_values(array_filter([
            ...array_map(static fn (string $keep): string => "not kept: {$keep}", $turned),
            $timeline->makespan()->isLongerThan($most) || $least->isLongerThan($timeline->makespan())
                ? "takes {$timeline->makespan()->format()}"
                : '',
            $stood->isLongerThan($limit) ? "one stands {$stood->format()}" : '',
            $timeline->makespan()->isLongerThan($proposal->typedLawful ?? $proposal->typed) ? 'longer than typed' : '',
        ]));
    }
}
