<?php

declare(strict_types=1);

/** What a class of a room is to the others. */
enum Part
{
    case Controller;
    case Request;
    case Answer;
    case Job;
    /** Writes, or sends. */
    case Action;
    /** Is asked, and writes nothing. */
    case Query;
    case Value;
}

/** Whatever changes a row. */
const WRITES = '/->(?:save|saveQuietly|create|forceCreate|update|delete|forceDelete|restore|insert|insertOrIgnore|upsert|increment'
    .'|decrement|push|touch|sync|attach|detach|fill)\(|DB::transaction\(/';

/** Whatever asks the database. */
const ASKS = '/::(?:query|ofTeam)\(|DB::/';

/** Whatever leaves work for later. */
const LEAVES_WORK = '/::dispatch\(/';

/** @param  ReflectionClass<object>  $class */
function partOf(ReflectionClass $class, string $code): Part
{
    $name = $class->getName();

    return match (true) {
        str_ends_with($name, 'Controller') => Part::Controller,
        is_subclass_of($name, App\Http\Requests\StrictRequest::class) => Part::Request,
        is_subclass_of($name, App\Http\Resources\Resource::class) => Part::Answer,
        is_subclass_of($name, Illuminate\Contracts\Queue\ShouldQueue::class) => Part::Job,
        preg_match(WRITES, $code) + preg_match(LEAVES_WORK, $code) > 0 => Part::Action,
        method_exists($name, '__invoke') => (string) $class->getMethod('__invoke')->getReturnType() === 'void' ? Part::Action : Part::Query,
        preg_match(ASKS, $code) === 1 => Part::Query,
        default => Part::Value,
    };
}

/** A controller's code without what it asks of those that are handed to it. */
function withoutHandingOn(string $code): string
{
    return (string) preg_replace('/\$(?:this->)?\w+->\w+\(/', '(', $code);
}

/** @return list<string> the classes that some code names */
function classesNamedIn(string $code): array
{
    $names = new PhpParser\NodeTraverser(new PhpParser\NodeVisitor\NameResolver);
    $tree = $names->traverse((new PhpParser\ParserFactory)->createForNewestSupportedVersion()->parse($code) ?? []);
    $found = (new PhpParser\NodeFinder)->findInstanceOf($tree, PhpParser\Node\Name\FullyQualified::class);

    return array_values(array_unique(array_map(static fn (PhpParser\Node\Name $name): string => $name->toString(), $found)));
}

/** @return array<class-string, array{part: Part, class: ReflectionClass<object>, code: string, names: list<string>}> all of the rooms */
function inRooms(): array
{
    static $found = [];
    $app = dirname(__DIR__, 2).'/app';
    foreach ($found === [] ? (array) glob("{$app}/*/*/*.php") : [] as $file) {
        /** @var class-string $name */
        $name = 'App'.str_replace('/', '\\', substr((string) $file, strlen($app), -4));
        if (preg_match('/^App.(Http|Console|Models|StandIns)\\\\/', $name) === 0) {
            $class = new ReflectionClass($name);
            $code = (string) file_get_contents((string) $file);
            $found[$name] = ['part' => partOf($class, $code), 'class' => $class, 'code' => $code, 'names' => classesNamedIn($code)];
        }
    }

    return $found;
}

/**
 * @param  list<string>  $names
 * @param  list<Part>  $parts
 * @return list<string> those of them that are such parts, or begin so
 */
function among(array $names, array $parts, string ...$beginnings): array
{
    return array_values(array_filter($names, static fn (string $name): bool => in_array(inRooms()[$name]['part'] ?? null, $parts, true)
        || array_filter($beginnings, static fn (string $beginning): bool => str_starts_with($name, $beginning)) !== []));
}

it('has a room and a topic for each thing, of 25 files at most', function (): void {
    $files = [];
    foreach (array_keys(inRooms()) as $name) {
        $topic = implode('/', array_slice(explode('\\', $name), 1, 2));
        $files[$topic] = ($files[$topic] ?? 0) + 1;
    }
    expect(count($files))->toBeGreaterThan(30)->and(array_filter($files, static fn (int $count): bool => $count > 25))->toBe([]);
});

it('has controllers that know neither models nor core, and write nothing', function (): void {
    foreach (inRooms() as $name => ['part' => $part, 'class' => $class, 'code' => $code, 'names' => $names]) {
        if ($part === Part::Controller) {
            expect($class->isFinal() && $class->isReadOnly())->toBeTrue("{$name} is not final and readonly")
                ->and(among($names, [], 'App\Models', 'Core\\', Illuminate\Support\Facades\DB::class))->toBe([], "{$name} knows too much")
                ->and(preg_match(WRITES, withoutHandingOn($code)))->toBe(0, "{$name} writes");
        }
    }
    expect(preg_match(WRITES, withoutHandingOn('$request->design()->update([]); $this->designs->create(1);')))->toBe(1)
        ->and(preg_match(WRITES, withoutHandingOn('$this->designs->create($request->design()); $designs->delete(1);')))->toBe(0);
});

it('has queries that know nobody who writes', function (): void {
    // They do nothing but hand on to others who write.
    $actions = [
        App\Account\Files\IncomingEvent::class, App\Kit\Things\KitFile::class, App\Line\Quicker\OfferLiveRungs::class,
        App\Logbook\Faces\MendStep::class, App\Search\Queue\ReplayRequest::class,
    ];
    // Writes down only what it would work out again.
    $remembers = [App\Plan\Forecast\OutlookOfDay::class];
    $queries = 0;
    foreach (inRooms() as $name => ['part' => $part, 'names' => $names]) {
        if ($part === Part::Query && ! in_array($name, $actions, true)) {
            $queries++;
            expect(among(array_diff($names, $remembers), [Part::Action]))->toBe([], "{$name} knows somebody who writes");
        }
    }
    expect($queries)->toBeGreaterThan(50);
    // A breach on purpose.
    expect(among(classesNamedIn('<?php namespace App\Plan\Money; new SaveMoney; new MoneyOfDay;'), [Part::Action]))
        ->toBe([App\Plan\Money\SaveMoney::class]);
});

it('has plain values beside them, final and readonly, that ask nothing', function (): void {
    // What is filled while it is looked through.
    $filled = [
        App\Account\Files\AccountZip::class, App\Account\Files\IncomingAccount::class, App\Account\Files\IncomingEvent::class,
        App\Account\Files\IncomingRows::class, App\Bench\Order\WatchSearch::class, App\Line\Taps\TapGate::class,
        App\Search\Queue\SearchListener::class,
    ];
    foreach (inRooms() as $name => ['part' => $part, 'class' => $class, 'code' => $code]) {
        if (! in_array($part, [Part::Action, Part::Query, Part::Value], true) || in_array($name, $filled, true) || $class->isInterface()) {
            continue;
        }
        expect($class->isFinal() && ($class->isReadOnly() || $class->isEnum()))->toBeTrue("{$name} is not final and readonly");
    }
});

it('lets what is called make what the browser gets, and nothing but controllers know what it asks', function (): void {
    foreach (inRooms() as $name => ['part' => $part, 'names' => $names]) {
        $unknown = match ($part) {
            Part::Query, Part::Action => [Part::Controller, Part::Request],
            Part::Value, Part::Job => [Part::Controller, Part::Request, Part::Answer],
            default => null,
        };
        if ($unknown !== null) {
            expect(among($names, $unknown, 'App\Http\\'))->toBe([], "{$name} knows the browser");
        }
    }
});

it('has answers that are plain values', function (): void {
    foreach (inRooms() as $name => ['part' => $part, 'class' => $class, 'names' => $names]) {
        if ($part === Part::Answer) {
            expect($class->isReadOnly())->toBeTrue("{$name} is not readonly")
                ->and(among($names, [], 'App\Models'))->toBe([], "{$name} knows models");
        }
    }
});

it('has jobs that wait in the queue once', function (): void {
    $jobs = 0;
    foreach (inRooms() as $name => ['part' => $part, 'class' => $class]) {
        if ($part === Part::Job) {
            $jobs++;
            expect($class->isFinal() && $class->implementsInterface(Illuminate\Contracts\Queue\ShouldBeUniqueUntilProcessing::class))
                ->toBeTrue("{$name} may wait twice");
        }
    }
    expect($jobs)->toBeGreaterThan(10);
});

it('keeps models behind the rooms', function (): void {
    foreach ((array) glob(dirname(__DIR__, 2).'/app/Models/{,*/}*.php', GLOB_BRACE) as $file) {
        $names = classesNamedIn((string) file_get_contents((string) $file));
        expect(among($names, Part::cases(), 'App\Http\\'))->toBe([], "{$file} knows a room");
    }
});
