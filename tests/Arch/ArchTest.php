<?php

declare(strict_types=1);

arch('the core uses only itself')
    ->expect('Core')
    ->toOnlyUse([
        'Core', 'Random', 'DomainException', 'SplPriorityQueue', 'InvalidArgumentException', 'Throwable', 'Closure', 'UnitEnum',
        'BackedEnum', 'Attribute', 'ReflectionClass', 'LogicException',
        // Currencies come from the tables that PHP ships.
        'NumberFormatter', 'ResourceBundle',
    ]);

/** @return array<string, string> names of what the core declares, by file */
function coreFiles(): array
{
    $core = dirname(__DIR__, 2).'/core';
    $names = [];
    foreach (new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator($core)), '/\.php$/') as $file) {
        assert($file instanceof SplFileInfo);
        $names[$file->getPathname()] = 'Core'.str_replace('/', '\\', substr($file->getPathname(), strlen($core), -4));
    }

    return $names;
}

it('keeps the core final and readonly', function (): void {
    $classes = 0;
    foreach (coreFiles() as $name) {
        if (! class_exists($name) || enum_exists($name) || is_subclass_of($name, Throwable::class)) {
            continue;
        }
        $class = new ReflectionClass($name);
        $classes++;
        // The tables of a search, of days played or of a line that is folded are filled while it runs.
        $isTable = preg_match('/^Core.(Line|Order|Order.Search|Ladder|Plan.Simulation).Internal./', $name) === 1;
        expect($class->isFinal() && ($class->isReadOnly() || $isTable))->toBeTrue("{$name} is not final and readonly");
    }
    expect($classes)->toBeGreaterThan(15);
});

it('keeps the exceptions of the core final, and speaking for it', function (): void {
    $exceptions = array_filter(
        coreFiles(),
        static fn (string $name): bool => class_exists($name) && is_subclass_of($name, Throwable::class),
    );
    expect(count($exceptions))->toBeGreaterThan(10);
    foreach ($exceptions as $name) {
        expect(is_subclass_of(
            $name,
            Core\Units\CoreException::class,
        ) && (new ReflectionClass($name))->isFinal())->toBeTrue("{$name} is not final or not a CoreException");
    }
});

/** Which folders of the core each one may know, besides itself: from the ground up, so that none needs what stands on it. */
const MAY_KNOW = [
    'Units' => [],
    'Team' => [],
    'Colour' => ['Units'],
    'Design' => ['Units', 'Colour'],
    'Surface' => ['Units', 'Colour', 'Design'],
    'Kit' => ['Units', 'Colour', 'Design'],
    'Timeline' => ['Units', 'Colour', 'Design', 'Kit'],
    'Workspace' => ['Units', 'Colour', 'Design', 'Kit', 'Timeline'],
    'Order' => ['Units', 'Colour', 'Design', 'Surface', 'Kit', 'Timeline'],
    'Pace' => ['Units', 'Colour', 'Design', 'Timeline'],
    'Ladder' => ['Units', 'Colour', 'Design', 'Timeline', 'Order'],
    'Line' => ['Units', 'Design', 'Timeline', 'Team'],
    'Supplies' => ['Units', 'Colour', 'Design', 'Kit'],
    'Plan' => ['Units', 'Colour', 'Design', 'Kit', 'Timeline', 'Pace', 'Line'],
];

/** @return list<string> what a file of the core knows of folders that it may not know */
function forbidden(string $folder, string $code): array
{
    preg_match_all('/(?<![\w\\\\])\\\\?Core\\\\([A-Z]\w+)\\\\/', $code, $known);

    return array_values(array_diff(array_unique($known[1]), [$folder, ...MAY_KNOW[$folder] ?? []]));
}

it('lets a folder of the core know only what lies below it', function (): void {
    $core = dirname(__DIR__, 2).'/core';
    expect(array_diff(
        array_map(basename(...), (array) glob("{$core}/*", GLOB_ONLYDIR)),
        array_keys(MAY_KNOW),
    ))->toBe([], 'a folder that stands nowhere');
    foreach (coreFiles() as $file => $name) {
        expect(forbidden(explode('\\', $name)[1], (string) file_get_contents($file)))->toBe([], "{$name} knows what it may not know");
    }
    // A breach on purpose, both ways it can be written.
    expect(forbidden('Design', 'use Core\Kit\Kit;'))->toBe(['Kit'])->and(forbidden('Kit', 'new \Core\Order\Check'))->toBe(['Order'])
        ->and(forbidden('Kit', "namespace Core\Kit;\nuse Core\Design\Step;"))->toBe([]);
});

arch('everything is strictly typed')
    ->expect(['App', 'Core', 'Database', 'Tools'])->toUseStrictTypes();

it('keeps lines and functions short enough to be read', function (): void {
    $root = dirname(__DIR__, 2);
    exec('git -C '.escapeshellarg($root).' ls-files -- '.escapeshellarg('*.php'), $files);
    expect(count($files))->toBeGreaterThan(400);
    $parser = (new PhpParser\ParserFactory)->createForNewestSupportedVersion();
    $finder = new PhpParser\NodeFinder;
    foreach ($files as $file) {
        $code = (string) file_get_contents("{$root}/{$file}");
        $long = array_keys(array_filter(explode("\n", $code), static fn (string $line): bool => mb_strlen($line) > 140));
        expect(array_map(static fn (int $line): string => "{$file}:".($line + 1), $long))->toBe([], 'lines of more than 140 letters');
        $tables = preg_match('#^(tests|routes|database/migrations)/#', $file) === 1;
        foreach ($tables ? [] : $finder->findInstanceOf($parser->parse($code) ?? [], PhpParser\Node\FunctionLike::class) as $function) {
            $lines = $function->getEndLine() - $function->getStartLine() + 1;
            expect($lines)->toBeLessThanOrEqual(45, "{$file}:{$function->getStartLine()} is a function of {$lines} lines");
        }
    }
});

/**
 * What a file asks of a team's own records other than within the team.
 *
 * @param  array<class-string, string>  $tables  of the models of a team
 * @return list<string>
 */
function askedOutsideTeam(string $code, array $tables): array
{
    $models = implode('|', array_map(class_basename(...), array_keys($tables)));
    preg_match_all(
        "/(?<![\\w\\\\])(?:{$models})::(?!ofTeam\\b|class\\b|toCore\\b|columnsOf\\b|[A-Z])\\w+\\(|table\\('(?:".implode('|', $tables)
            .")'\\)/",
        $code,
        $asked,
    );

    return $asked[0];
}

it('asks for the records of a team only within the team', function (): void {
    $app = dirname(__DIR__, 2).'/app';
    /** @var array<class-string, string> $tables */
    $tables = [];
    foreach ((array) glob("{$app}/Models/*/*.php") as $file) {
        $name = 'App'.str_replace('/', '\\', substr((string) $file, strlen($app), -4));
        if (is_subclass_of($name, Illuminate\Database\Eloquent\Model::class) && in_array(
            App\Models\Concerns\BelongsToTeam::class,
            class_uses($name),
            true,
        )) {
            $tables[$name] = (new $name)->getTable();
        }
    }
    expect(array_values($tables))->toEqualCanonicalizing(
        ['acts', 'beginnings', 'designs', 'event_days', 'faces', 'invitations', 'kit_items', 'kit_removals', 'menus', 'packing_extras',
            'searches', 'users'],
    );

    // Whoever signs in, is taken in or is named on the command line is known by the e-mail address alone.
    $byAddress = [
        'Account/Team/Members.php',
        // Links of every team whose time is over.
        'Account/SignIn/ForgetOldLinks.php',
        // Whose turn it is among all teams.
        'Search/Queue/TakeSearch.php',
        'Search/Queue/Searches.php',
        'Console/Commands/ExportDesigns.php',
        'Console/Commands/ImportDesignFile.php',
        'Console/Commands/SetUpDemo.php',
        'Account/SignIn/Accounts.php',
        'Account/Invitations/Invitations.php',
    ];
    foreach (new RegexIterator(new RecursiveIteratorIterator(new RecursiveDirectoryIterator($app)), '/\.php$/') as $file) {
        assert($file instanceof SplFileInfo);
        $path = substr($file->getPathname(), strlen($app) + 1);
        $code = (string) file_get_contents($file->getPathname());
        $exempt = ['User::query()', 'Invitation::query()', 'Search::query()'];
        $code = in_array($path, $byAddress, true) ? str_replace($exempt, '', $code) : $code;
        expect(str_starts_with($path, 'Models/') ? [] : askedOutsideTeam($code, $tables))->toBe([], "{$path} asks outside the team");
    }

    // Breaches on purpose.
    expect(askedOutsideTeam(
        "Design::query()->find(\$id); DB::table('faces')->count(); Face::ofTeam(\$t)->get(); FacePlan::query();",
        $tables,
    ))->toBe(['Design::query(', "table('faces')"]);
});

it('keeps migrations free of the application, which goes on without them', function (): void {
    foreach ((array) glob(dirname(__DIR__, 2).'/database/migrations/*.php') as $file) {
        expect(preg_match('/\\\\?(App|Core)\\\\/', (string) file_get_contents((string) $file)))->toBe(0, "{$file} uses the application");
    }
});

arch('nothing is left over from looking into things')
    ->expect(['dd', 'dump', 'var_dump', 'ray', 'die', 'print_r', 'var_export'])->not->toBeUsed();

arch('nothing runs programs, evaluates text or uses weak hashes')
    ->expect(['eval', 'exec', 'shell_exec', 'system', 'passthru', 'md5', 'sha1', 'extract'])->not->toBeUsed();
