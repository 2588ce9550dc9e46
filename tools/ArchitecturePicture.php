<?php

declare(strict_types=1);

namespace Tools;

use FilesystemIterator;
use RecursiveDirectoryIterator;
use RecursiveIteratorIterator;
use RuntimeException;

/**
 * The code as it is, drawn: which folder of the core knows which, the rooms of the application, and the ways of a tap and of a search,
 * whose stations must be there.
 */
final readonly class ArchitecturePicture
{
    private const WIDTH = 1120;

    private const BOX = [128, 40];

    private const INK = '#2b2a27';

    /** What each folder of the core is about. */
    private const ABOUT = [
        'Units' => 'minutes, clocks', 'Team' => 'who may what', 'Colour' => 'paint, mixes, load', 'Design' => 'steps, as typed',
        'Surface' => 'wet and dry skin', 'Kit' => 'what one owns', 'Timeline' => 'when each step runs', 'Workspace' => 'hands and brushes',
        'Order' => 'rules, best order', 'Pace' => 'how long it takes', 'Ladder' => 'quick versions', 'Line' => 'the line, folded',
        'Supplies' => 'what to pack', 'Plan' => 'an event, played',
    ];

    /** @var array<string, list<array{string, string}>> stations, each with the file that it stands in */
    private const WAYS = [
        'a tap' => [
            ['shown at once', 'resources/js/line/line.svelte.ts'], ['kept on the device', 'resources/js/api/outbox.svelte.ts'],
            ['workers of the line', 'deploy/pools.map'], ['in shape?', 'app/Line/Taps/RecordTapsRequest.php'],
            ['one transaction', 'app/Line/Taps/RecordTaps.php'], ['may it be?', 'app/Line/Taps/TapGate.php'],
            ['folded on top', 'core/Line/Story.php'], ['into the logbook', 'app/Logbook/Faces/WriteLogbook.php'],
            ['what the sender lacks', 'app/Line/Told/NewsOfLine.php'], ['other screens hear', 'app/Line/Taps/TellScreens.php'],
        ],
        'a search' => [
            ['asked for', 'resources/js/api/client.ts'], ['into the queue', 'app/Http/Middleware/InQueue.php'],
            ['its turn among teams', 'app/Search/Queue/TakeSearch.php'], ['a worker', 'app/Search/Queue/RunSearch.php'],
            ['as its address would', 'app/Search/Queue/ReplayRequest.php'], ['best order', 'core/Order/BestOrder.php'],
            ['line by line', 'app/Search/Queue/SearchListener.php'], ['fetched as found', 'app/Search/Queue/Searches.php'],
        ],
    ];

    public function __construct(private string $root) {}

    public function svg(): string
    {
        $isRoom = fn (string $name): bool => is_dir("{$this->root}/app/Models/{$name}")
            || is_dir("{$this->root}/resources/js/rooms/".strtolower($name));
        $rooms = array_values(array_filter($this->folders('app'), $isRoom));
        [$core, $height] = $this->core(250);
        $y = 250 + $height;
        $ways = '';
        foreach (self::WAYS as $name => $stations) {
            $ways .= $this->way($name, $stations, $y);
            $y += 74 + 92 * (int) ceil(count($stations) / 5);
        }

        $size = '0 0 '.self::WIDTH." {$y}";

        return "<svg xmlns=\"http://www.w3.org/2000/svg\" viewBox=\"{$size}\" font-family=\"sans-serif\" fill=\"".self::INK.'">'
            .'<rect width="100%" height="100%" fill="#faf8f2"/>'
            .'<defs><marker id="tip" viewBox="0 0 8 8" refX="7" refY="4" markerWidth="7" markerHeight="7" orient="auto">'
            .'<path d="M0 0 8 4 0 8z" fill="#8a8579"/></marker></defs>'
            .$this->row('Screens: resources/js/rooms', $this->folders('resources/js/rooms'), 24, '#dbe8e4')
            .$this->row('Application: app/&lt;Room&gt;/&lt;Topic&gt;', $rooms, 118, '#f1e3c8')
            .$core.$ways."</svg>\n";
    }

    /** @return list<string> */
    private function folders(string $in): array
    {
        return array_map(basename(...), array_values((array) glob("{$this->root}/{$in}/*", GLOB_ONLYDIR)));
    }

    /** @param  list<string>  $names */
    private function row(string $title, array $names, int $y, string $fill): string
    {
        $svg = self::text(24, $y + 8, $title, 15, 'bold');
        $step = (int) ((self::WIDTH - 48) / count($names));
        foreach ($names as $at => $name) {
            $svg .= self::box(24 + $at * $step, $y + 20, $step - 8, 36, $fill, $name);
        }

        return $svg;
    }

    /** @return array{string, int} the folders from the ground up, each above all that it knows; and how high they stand */
    private function core(int $top): array
    {
        $knows = $this->knows();
        $levels = [];
        foreach (self::levels($knows) as $folder => $level) {
            $levels[$level][] = $folder;
        }
        $height = 80 + 84 * count($levels);
        $at = [];
        foreach ($levels as $level => $folders) {
            foreach ($folders as $place => $folder) {
                $gap = self::WIDTH / (count($folders) + 1);
                $at[$folder] = [(int) ($gap * ($place + 1)) - self::BOX[0] / 2, $top + $height - 84 * ($level + 1) - 24];
            }
        }
        $lines = $boxes = '';
        foreach ($knows as $folder => $known) {
            foreach (self::nearest($known, $knows) as $below) {
                $lines .= sprintf(
                    '<path d="M%d %dL%d %d" stroke="#8a8579" stroke-width="1.3" marker-end="url(#tip)"/>',
                    $at[$folder][0] + self::BOX[0] / 2,
                    $at[$folder][1] + self::BOX[1],
                    $at[$below][0] + self::BOX[0] / 2,
                    $at[$below][1] - 2,
                );
            }
            $boxes .= self::box($at[$folder][0], $at[$folder][1], self::BOX[0], self::BOX[1], '#f4d9cf', $folder, self::ABOUT[$folder]);
        }

        return [self::text(24, $top - 16, 'Core: an arrow leads from a folder to what it uses', 15, 'bold')
            .$lines.$boxes, $height];
    }

    /** @return array<string, list<string>> */
    private function knows(): array
    {
        $knows = [];
        foreach ($this->folders('core') as $folder) {
            $known = [];
            $files = new RecursiveDirectoryIterator("{$this->root}/core/{$folder}", FilesystemIterator::SKIP_DOTS);
            foreach (new RecursiveIteratorIterator($files) as $file) {
                preg_match_all('/^use Core\\\\([A-Z]\w+)\\\\/m', (string) file_get_contents((string) $file), $used);
                $known = [...$known, ...$used[1]];
            }
            $known = array_values(array_diff(array_unique($known), [$folder]));
            sort($known);
            $knows[$folder] = $known;
        }

        return $knows;
    }

    /**
     * @param  array<string, list<string>>  $knows
     * @return array<string, int>
     */
    private static function levels(array $knows): array
    {
        $levels = [];
        while (count($levels) < count($knows)) {
            $left = array_diff_key($knows, $levels);
            $ready = array_filter($left, static fn (array $known): bool => array_diff($known, array_keys($levels)) === []);
            if ($ready === []) {
                throw new RuntimeException('Folders of the core know each other in a ring.');
            }
            foreach ($ready as $folder => $known) {
                $levels[$folder] = $known === [] ? 0 : 1 + max(array_map(static fn (string $one): int => $levels[$one], $known));
            }
        }

        return $levels;
    }

    /**
     * @param  list<string>  $known
     * @param  array<string, list<string>>  $knows
     * @return list<string> without those that another one of them knows
     */
    private static function nearest(array $known, array $knows): array
    {
        return array_values(array_filter($known, static fn (string $one): bool => array_filter(
            $known,
            static fn (string $other): bool => self::reaches($other, $one, $knows),
        ) === []));
    }

    /** @param  array<string, list<string>>  $knows */
    private static function reaches(string $from, string $to, array $knows): bool
    {
        return in_array($to, $knows[$from], true)
            || array_filter($knows[$from], static fn (string $next): bool => self::reaches($next, $to, $knows)) !== [];
    }

    /** @param  list<array{string, string}>  $stations */
    private function way(string $name, array $stations, int $top): string
    {
        $svg = self::text(24, $top + 8, "The way of {$name}", 15, 'bold');
        $step = (int) ((self::WIDTH - 48) / 5);
        foreach ($stations as $at => [$what, $file]) {
            if (! is_file("{$this->root}/{$file}")) {
                throw new RuntimeException("The way of {$name} leads past {$file}, which is not there.");
            }
            [$x, $y] = [24 + $step * ($at % 5), $top + 24 + 92 * intdiv($at, 5)];
            $number = $at + 1;
            $svg .= self::box($x, $y, $step - 22, 56, '#ffffff', "{$number}. {$what}", basename($file));
            $isLast = $at + 1 === count($stations);
            $svg .= $isLast || $at % 5 === 4 ? '' : sprintf(
                '<path d="M%d %dh14" stroke="#8a8579" stroke-width="2" marker-end="url(#tip)"/>', $x + $step - 21, $y + 28,
            );
        }

        return $svg;
    }

    private static function box(float $x, float $y, int $width, int $height, string $fill, string $name, string $below = ''): string
    {
        $middle = $x + $width / 2;

        return "<rect x=\"{$x}\" y=\"{$y}\" width=\"{$width}\" height=\"{$height}\" rx=\"4\" fill=\"{$fill}\" stroke=\"#8a8579\"/>"
            .self::text($middle, $y + $height / 2 + ($below === '' ? 5 : -3), $name, 13, 'bold', 'middle')
            .($below === '' ? '' : self::text($middle, $y + $height / 2 + 13, $below, 11, 'normal', 'middle'));
    }

    private static function text(float $x, float $y, string $text, int $size, string $weight, string $anchor = 'start'): string
    {
        return "<text x=\"{$x}\" y=\"{$y}\" font-size=\"{$size}\" font-weight=\"{$weight}\" text-anchor=\"{$anchor}\">{$text}</text>";
    }
}
