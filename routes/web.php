<?php

declare(strict_types=1);

use App\Account\SignIn\AccountController;
use App\Account\SignIn\SessionController;
use App\Account\Team\TeamController;
use App\Account\Ways\WaysController;
use App\Begin\FirstDay\BeginController;
use App\Bench\Designs\DesignController;
use App\Bench\Files\DesignFileController;
use App\Bench\Ladder\LadderController;
use App\Bench\Order\OrderController;
use App\Bench\Photos\PhotoController;
use App\Bench\TypedSteps\StepListController;
use App\Http\Middleware\InQueue;
use App\Http\Middleware\InQueueIfLong;
use App\Http\Middleware\OneFileAtATime;
use App\Http\Middleware\SameTeam;
use App\Http\Middleware\SetFullDaysAside;
use App\Http\Middleware\TellOfChange;
use App\Http\Middleware\TypedLately;
use App\Kit\Things\KitController;
use App\Line\Board\BoardController;
use App\Line\Told\LineController;
use App\Logbook\Faces\LogbookController;
use App\Menu\Menus\MenuController;
use App\Plan\Calendar\CalendarController;
use App\Plan\Days\DayController;
use App\Plan\Forecast\PlanController;
use App\Plan\Money\MoneyController;
use App\Plan\Packing\PackingController;
use App\Practice\Training\PracticeController;
use App\Search\Queue\SearchController;
use Illuminate\Support\Facades\Route;

// What cannot be an id is no address here, and reaches no database.
Route::patterns(array_fill_keys([
    'day', 'deletedDay', 'deletedDesign', 'design', 'invitation', 'member', 'menu', 'removal', 'run', 'search', 'signIn', 'thing', 'ticket',
], '[0-9a-z]{26}'));

Route::prefix('api')->group(function (): void {
    Route::get('session', [SessionController::class, 'show']);
    Route::post('session', [SessionController::class, 'store'])->middleware('throttle:sign-in');

    Route::post('forgotten', [AccountController::class, 'forgotten'])->middleware('throttle:letters');
    Route::middleware('throttle:join')->group(function (): void {
        Route::get('joining/{token}', [TeamController::class, 'invited']);
        Route::post('joining/{token}', [TeamController::class, 'join']);
        Route::post('teams', [TeamController::class, 'found']);
        Route::get('new-password/{token}', [AccountController::class, 'renewing']);
        Route::put('new-password/{token}', [AccountController::class, 'renew']);
        Route::put('new-email/{token}', [AccountController::class, 'email']);
    });

    Route::middleware(['auth', SameTeam::class, TellOfChange::class])->group(function (): void {
        Route::delete('session', [SessionController::class, 'destroy']);

        Route::get('team', [TeamController::class, 'show']);
        Route::get('account', [AccountController::class, 'show']);
        Route::delete('account/sign-ins/{signIn}', [AccountController::class, 'endSignIn'])->middleware(TypedLately::class);
        Route::post('account/second-factor', [AccountController::class, 'proposeSecondFactor']);
        Route::post('account/email', [AccountController::class, 'askEmail'])->middleware(['throttle:password', 'throttle:letters']);
        Route::middleware('throttle:password')->group(function (): void {
            Route::post('session/password', [SessionController::class, 'confirm']);
            Route::put('password', [AccountController::class, 'password']);
            Route::put('account/second-factor', [AccountController::class, 'keepSecondFactor']);
            Route::delete('account/second-factor', [AccountController::class, 'dropSecondFactor']);
        });
        Route::middleware('can:answer-for-team')->group(function (): void {
            Route::delete('team/invitations/{invitation}', [TeamController::class, 'takeBack']);
            Route::put('team/names-days', [TeamController::class, 'namesDays']);
            Route::delete('team/members/{member}/calendar-link', [TeamController::class, 'revokeCalendar']);
            Route::middleware(TypedLately::class)->group(function (): void {
                Route::post('team/invitations', [TeamController::class, 'invite'])->middleware('throttle:letters');
                Route::put('team/members/{member}', [TeamController::class, 'role']);
                Route::delete('team/members/{member}', [TeamController::class, 'remove']);
                Route::get('team/file', [TeamController::class, 'takeOut']);
                Route::get('team/file/{part}', [TeamController::class, 'takeOutPart']);
                Route::post('team/file', [TeamController::class, 'bringIn'])->middleware(OneFileAtATime::class);
                Route::post('logbook/file', [LogbookController::class, 'bringIn'])->middleware(OneFileAtATime::class);
            });
            Route::put('designs/{design}/photo/places', [PhotoController::class, 'update']);
            Route::put('team/end', [TeamController::class, 'close'])->middleware('throttle:password');
            Route::delete('team/end', [TeamController::class, 'keep']);
        });

        Route::get('searches/{search}', [SearchController::class, 'show']);
        Route::delete('searches/{search}', [SearchController::class, 'destroy']);

        // The line is everybody's: whoever takes names, calls or moves.
        Route::get('days', [DayController::class, 'index']);
        Route::get('days/near', [DayController::class, 'near']);
        Route::get('days/{day}/line', [LineController::class, 'show']);
        Route::get('days/{day}/line/news', [LineController::class, 'news']);
        Route::get('days/{day}/pictures', [LineController::class, 'pictures']);
        Route::post('days/{day}/taps', [LineController::class, 'store'])->middleware(SetFullDaysAside::class);

        Route::middleware('can:paint')->group(function (): void {
            Route::post('beginning', [BeginController::class, 'store']);
            Route::delete('beginning', [BeginController::class, 'destroy']);
            Route::post('days', [DayController::class, 'store']);
            Route::put('days/{day}', [DayController::class, 'update']);
            Route::delete('days/{day}', [CalendarController::class, 'destroy']);
            Route::post('days/{deletedDay}/restore', [CalendarController::class, 'restore']);
            Route::post('days/{day}/copies', [CalendarController::class, 'copy']);
            Route::get('days/{day}/calendar', [CalendarController::class, 'day']);
            Route::get('clashes', [CalendarController::class, 'clashes']);
            Route::get('calendar/link', [CalendarController::class, 'link']);
            Route::put('calendar/link', [CalendarController::class, 'share']);
            Route::delete('calendar/link', [CalendarController::class, 'revoke']);
            Route::post('calendar/look', [CalendarController::class, 'look'])->middleware(OneFileAtATime::class);
            Route::post('calendar/bookings', [CalendarController::class, 'take']);
            Route::get('days/{day}/board', [BoardController::class, 'link']);
            Route::put('days/{day}/board', [BoardController::class, 'share']);
            Route::delete('days/{day}/board', [BoardController::class, 'revoke']);
            Route::get('days/{day}/texts', [BoardController::class, 'texts']);
            Route::put('days/{day}/menu', [DayController::class, 'menu']);
            Route::put('days/{day}/roster', [DayController::class, 'roster']);
            Route::get('days/{day}/plan', [PlanController::class, 'show']);
            Route::get('days/{day}/plans', [LineController::class, 'plans']);
            Route::put('days/{day}/plan', [PlanController::class, 'update']);
            Route::get('days/{day}/money', [MoneyController::class, 'show'])->middleware(InQueueIfLong::class.':10');
            Route::post('days/{day}/money', [MoneyController::class, 'try'])->middleware(InQueueIfLong::class.':10');
            Route::put('days/{day}/money', [MoneyController::class, 'update']);
            Route::put('currency', [MoneyController::class, 'currency']);
            Route::get('days/{day}/checklist', [PlanController::class, 'checklist'])->middleware(InQueueIfLong::class.':10');
            Route::get('days/{day}/air', [PlanController::class, 'air']);
            Route::get('days/{day}/packing', [PackingController::class, 'show'])->middleware(InQueueIfLong::class.':10');
            Route::put('days/{day}/packing/ticks', [PackingController::class, 'tick']);
            Route::put('days/{day}/packing/extras', [PackingController::class, 'extras']);
            Route::put('days/{day}/stock', [PackingController::class, 'takeOff']);
            Route::delete('days/{day}/stock', [PackingController::class, 'putBack']);
            Route::post('days/{day}/party-order', [PlanController::class, 'partyOrder']);
            Route::post('days/{day}/forecast', [PlanController::class, 'forecast'])->middleware(InQueue::class.':30');
            Route::post('days/{day}/levers', [PlanController::class, 'levers'])->middleware(InQueue::class.':30');
            Route::post('days/{day}/played', [PlanController::class, 'played'])->middleware(InQueue::class.':10');

            Route::get('menus', [MenuController::class, 'index']);
            Route::post('menus', [MenuController::class, 'store']);
            Route::get('menus/{menu}', [MenuController::class, 'show']);
            Route::put('menus/{menu}', [MenuController::class, 'update']);
            Route::delete('menus/{menu}', [MenuController::class, 'destroy']);
            Route::post('menus/{menu}/recommended', [MenuController::class, 'recommend'])->middleware(InQueue::class.':30');
            Route::put('days/{day}/menus/{menu}', [MenuController::class, 'putUp']);

            Route::get('designs', [DesignController::class, 'index']);
            Route::post('designs', [DesignController::class, 'store']);
            Route::put('shelf', [DesignController::class, 'sort']);
            Route::get('designs/starting-points', [DesignController::class, 'startingPoints']);
            Route::post('designs/file', [DesignFileController::class, 'store'])->middleware(OneFileAtATime::class);
            Route::get('designs/{design}', [DesignController::class, 'show']);
            Route::put('designs/{design}', [DesignController::class, 'update']);
            Route::delete('designs/{design}', [DesignController::class, 'destroy']);
            Route::get('designs/{design}/fitted', [DesignController::class, 'fitted']);
            Route::get('designs/{design}/best-order', [OrderController::class, 'best'])->middleware(InQueue::class.':60,8');
            Route::get('designs/{design}/schools', [OrderController::class, 'schools'])->middleware(InQueue::class.':8');
            Route::get('designs/{design}/ladder', [LadderController::class, 'show'])->middleware(InQueue::class.':8');
            Route::get('designs/{design}/ladder/rung', [LadderController::class, 'rung']);
            Route::post('designs/{design}/pin-lines', [OrderController::class, 'pin']);
            Route::post('designs/{design}/copy', [DesignController::class, 'copy']);
            Route::post('designs/{deletedDesign}/restore', [DesignController::class, 'restore']);
            Route::get('designs/{design}/photo', [PhotoController::class, 'show']);
            Route::put('designs/{design}/photo', [PhotoController::class, 'store'])->middleware(OneFileAtATime::class);
            Route::delete('designs/{design}/photo', [PhotoController::class, 'destroy']);
            Route::get('designs/{design}/file', [DesignFileController::class, 'show']);
            Route::post('step-lists', [StepListController::class, 'store']);
            Route::post('days/{day}/faces/{ticket}/ladder', [LadderController::class, 'live'])->middleware(InQueue::class.':5');

            Route::get('kit', [KitController::class, 'show']);
            Route::post('kit', [KitController::class, 'store']);
            Route::post('kit/file', [KitController::class, 'bringIn'])->middleware(OneFileAtATime::class);
            Route::post('kit/starter', [KitController::class, 'starter']);
            Route::get('kit/brushes', [KitController::class, 'brushes'])->middleware(InQueue::class.':20');
            Route::put('kit/hands/{action}', [KitController::class, 'hand']);
            Route::post('kit/removals/{removal}/undo', [KitController::class, 'putBack']);
            Route::get('kit/{thing}/uses', [KitController::class, 'uses']);
            Route::put('kit/{thing}', [KitController::class, 'update']);
            Route::delete('kit/{thing}', [KitController::class, 'destroy']);

            Route::get('ways', [WaysController::class, 'show']);
            Route::put('ways/schools', [WaysController::class, 'schools']);
            Route::put('ways/weather', [WaysController::class, 'weather']);
            Route::put('ways/timing', [WaysController::class, 'timing']);
            Route::put('ways/number', [WaysController::class, 'number']);
            Route::delete('ways/work', [WaysController::class, 'forgetWork']);
            Route::put('ways/touch-test', [WaysController::class, 'touchTest']);
            Route::delete('ways/touch-test', [WaysController::class, 'forgetTouchTest']);

            Route::get('practice', [PracticeController::class, 'index']);
            Route::get('practice/board', [PracticeController::class, 'show']);
            Route::post('practice/runs', [PracticeController::class, 'store']);
            Route::delete('practice/runs/{run}', [PracticeController::class, 'destroy']);

            Route::delete('days/{day}/children/{number}', [LogbookController::class, 'forget']);
            Route::get('days/{day}/logbook', [LogbookController::class, 'show']);
            Route::get('days/{day}/report', [LogbookController::class, 'report']);
            Route::put('days/{day}/faces/{ticket}/steps/{position}', [LogbookController::class, 'mend']);
            Route::get('days/{day}/file', [LogbookController::class, 'takeOut']);
            Route::get('days/{day}/faces.csv', [LogbookController::class, 'csv']);
            Route::get('logbook', [LogbookController::class, 'index']);
            Route::get('logbook/years', [LogbookController::class, 'years']);
        });
    });

    Route::any('{anything}', static fn () => abort(404))->where('anything', '.*');
});

Route::get('calendar/{token}.ics', [CalendarController::class, 'feed'])
    ->where('token', '[A-Za-z0-9]{20,64}')
    // A calendar that asks for it has no session, and is given none.
    ->withoutMiddleware('web')
    ->middleware('throttle:feed');

// Parents have no session, and are given none.
Route::prefix('board/{token}')->where(['token' => '[A-Za-z0-9]{20,64}'])->withoutMiddleware('web')->middleware('throttle:board')
    ->group(function (): void {
        Route::get('', [BoardController::class, 'page']);
        Route::get('line', [BoardController::class, 'line']);
        Route::get('pictures', [BoardController::class, 'pictures']);
        Route::get('photos/{key}', [BoardController::class, 'photo'])->where('key', '[0-9a-f]{16}');
        Route::post('texts', [BoardController::class, 'wishTexts'])->middleware('throttle:texts');
        Route::delete('texts', [BoardController::class, 'stopTexts'])->middleware('throttle:texts');
    });

Route::view('{room?}', 'shell')->where('room', '^(?!api/|build/|board/|up$).*');
