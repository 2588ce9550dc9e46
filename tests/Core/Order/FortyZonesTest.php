<?php

declare(strict_types=1);

use Symfony\Component\Process\PhpProcess;

/** The enum of zones as it would be with some more, each with the traits that every zone needs. */
function zonesOfForty(): string
{
    $code = (string) file_get_contents(dirname(__DIR__, 3).'/core/Design/Place/Zone.php');
    $names = array_map(static fn (int $nth): string => "Added{$nth}", range(preg_match_all('/^    case \w+ = /m', $code) + 1, 40));
    $cases = implode('', array_map(static fn (string $name): string => "    case {$name} = '".strtolower($name)."';\n", $names));
    $all = implode(', ', array_map(static fn (string $name): string => "self::{$name}", $names));

    return str_replace(
        ["    case Fingers = 'fingers';\n", 'self::Chin, self::Jaw => 5,', 'self::Chin => 10.0,'],
        ["    case Fingers = 'fingers';\n{$cases}", "self::Chin, self::Jaw, {$all} => 5,", "self::Chin, {$all} => 10.0,"],
        $code,
    );
}

it('tells forty zones and their sides apart', function (string $side): void {
    $root = dirname(__DIR__, 3);
    // The enum is there before it would be looked for.
    $process = new PhpProcess(zonesOfForty().<<<PHP

        require '{$root}/vendor/autoload.php';
        \$step = static fn (string \$zone, string \$medium, string \$hex): array => [
            'name' => "{\$medium} \$zone", 'medium' => \$medium, 'technique' => \$medium === 'sponge' ? 'fill' : 'line', 'tool' => \$medium,
            'colours' => [['name' => 'paint', 'hex' => \$hex]], 'zones' => [\$zone], 
            'side' => Zone::from(\$zone)->isOnMiddleLine() ? 'centre' : '{$side}', 'seconds' => 10,
        ];
        \$onFace = array_filter(Zone::cases(), static fn (Zone \$zone): bool => ! \$zone->isOnLimb());
        \$zones = array_column(\$onFace, 'value');
        \$steps = [
            ...array_map(static fn (string \$zone): array => \$step(\$zone, 'sponge', '#205080'), \$zones),
            ...array_map(static fn (string \$zone): array => \$step(\$zone, 'brush', '#fafaf7'), \$zones),
        ];
        [\$design] = \\Core\\Design\\DesignFile::read(['designs' => [['name' => 'All', 'placement' => 'full_face', 'steps' => \$steps]]]);
        \$painted = \\Core\\Order\\PaintedSequence::of(\$design, \\Tests\\Core\\Order\\Craft::circumstances());
        echo json_encode(['zones' => count(Zone::cases()), 'onFace' => count(\$zones), 'below' => \$painted->below]);
        PHP, $root, timeout: 60);
    $process->run();
    /** @var array{zones: int, onFace: int, below: list<int|null>} $told */
    $told = json_decode($process->getOutput(), true) ?? throw new RuntimeException($process->getOutput().$process->getErrorOutput());

    // Each line lies on the base of its own zone, and on nothing else's.
    expect($told['zones'])->toBe(40)->and($told['onFace'])->toBeGreaterThan(32)
        ->and($told['below'])->toBe([...array_fill(0, $told['onFace'], null), ...range(0, $told['onFace'] - 1)]);
})->with(['left', 'right', 'both']);
