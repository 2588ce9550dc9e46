<?php

declare(strict_types=1);

use App\Exceptions\Conflict;
use App\Exceptions\InvalidAccountFile;
use App\Exceptions\InvalidShape;
use App\Exceptions\TakesLong;
use App\Exceptions\TooManySearches;
use App\Exceptions\UnusablePhoto;
use App\Http\Middleware\CleanInput;
use App\Http\Middleware\GuardContent;
use App\Http\Middleware\SameTeam;
use App\Http\Middleware\StartSession;
use App\Http\Middleware\StillSignedIn;
use App\Http\Middleware\TrustedHosts;
use Core\Units\CoreException;
use Illuminate\Console\Scheduling\Schedule;
use Illuminate\Contracts\Auth\Middleware\AuthenticatesRequests;
use Illuminate\Contracts\Encryption\DecryptException;
use Illuminate\Database\QueryException;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Http\Exceptions\PostTooLargeException;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Http\Request;
use Illuminate\Session\Middleware\StartSession as LaravelStartSession;
use Illuminate\Session\TokenMismatchException;
use Illuminate\Support\Facades\Log;
use Symfony\Component\HttpKernel\Exception\HttpException;
use Symfony\Component\HttpKernel\Exception\NotFoundHttpException;
use Symfony\Component\HttpKernel\Exception\TooManyRequestsHttpException;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(web: __DIR__.'/../routes/web.php', health: '/up')
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->remove(HandleCors::class);
        // By other names nobody is answered, where the installation has one.
        $middleware->trustHosts(static fn (): array => TrustedHosts::patterns(config()->string('app.url')), subdomains: false);
        $middleware->append(GuardContent::class);
        // First: what shows nothing is empty for whatever looks at it afterwards.
        $middleware->prepend(CleanInput::class);
        // Where a typed list begins is where its letters are counted from.
        $middleware->trimStrings(except: ['list']);
        $middleware->web(replace: [LaravelStartSession::class => StartSession::class]);
        // A new password ends what is signed in with the old one.
        $middleware->authenticateSessions();
        $middleware->web(append: [StillSignedIn::class]);
        $middleware->redirectGuestsTo('/');
        // Before any address is looked up: a day of the other team is not there for this one.
        $middleware->prependToPriorityList(AuthenticatesRequests::class, StillSignedIn::class);
        $middleware->appendToPriorityList(AuthenticatesRequests::class, SameTeam::class);
    })
    ->withSchedule(function (Schedule $schedule): void {
        // In the small hours of whoever paints by day; of several machines one does it.
        $schedule->command('inch:end-of-day')->dailyAt('03:10')->onOneServer();
        $schedule->exec(base_path('bin/backup'))->name('backup')->dailyAt('03:30')->onOneServer()
            ->onFailure(static fn () => Log::error('The daily backup failed. Run bin/backup to see why.'));
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        $exceptions->dontReport([
            CoreException::class, InvalidShape::class, InvalidAccountFile::class, UnusablePhoto::class, Conflict::class,
            TooManySearches::class, TakesLong::class,
        ]);
        // With its question mark instead of what was typed: no child's name stands in a log.
        $exceptions->report(static function (QueryException $e): bool {
            Log::error($e->getPrevious()?->getMessage() ?? 'A query failed.', ['sql' => $e->getSql(), 'at' => $e->getTraceAsString()]);

            return false;
        });
        $exceptions->shouldRenderJsonWhen(static fn (Request $request): bool => $request->is('api/*', 'board/*/texts'));
        $say = static fn (string $message, int $status, array $more = []) => response()->json(['message' => $message, ...$more], $status);
        $exceptions->render(
            static fn (CoreException|InvalidShape|InvalidAccountFile|UnusablePhoto $e) => $say($e->getMessage(), 422),
        );
        $exceptions->render(static fn (Conflict $e) => $say($e->getMessage(), 409));
        $exceptions->render(static fn (TooManySearches $e) => $say($e->getMessage(), 429));
        $exceptions->render(static fn (DecryptException $e) => $say(
            'This was locked with another key than this server has. Ask whoever runs it to run inch:doctor.',
            503,
        ));
        $exceptions->render(static fn (NotFoundHttpException $e, Request $request) => $request->is('api/*')
            ? $say('That is not here, or not yours. It may have been removed on another screen.', 404)
            : null);
        $exceptions->render(static fn (PostTooLargeException $e) => $say(GuardContent::TOO_LARGE, 413));
        $exceptions->render(static fn (TooManyRequestsHttpException $e) => $say(
            'Too many tries. Wait a minute, then try again.',
            429,
        ));
        $exceptions->render(static fn (HttpException $e, Request $request) => $e->getPrevious() instanceof TokenMismatchException
            ? $say('This page was open too long. Reload it and try again; nothing is lost.', 419)
            : null);
    })
    ->create();
