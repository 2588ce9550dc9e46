<?php

declare(strict_types=1);

namespace App\Providers;

use App\Account\SignIn\Accounts;
use App\Account\Team\WhoMay;
use App\Database\RetryingConnection;
use App\Models\Account\Invitation;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Kit\KitItem;
use App\Models\Kit\KitRemoval;
use App\Models\Menu\Menu;
use App\Models\Plan\EventDay;
use App\Models\Search\Search;
use App\Plan\FacePlans\DesignPlans;
use App\StandIns\Letters\Outbox;
use App\StandIns\Texts\ScriptedTexts;
use App\StandIns\Texts\TextService;
use App\StandIns\Weather\ScriptedWeather;
use App\StandIns\Weather\WeatherFeed;
use Closure;
use Illuminate\Cache\RateLimiting\Limit;
use Illuminate\Contracts\Hashing\Hasher;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Mail\MailManager;
use Illuminate\Routing\UrlGenerator;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\RateLimiter;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\ServiceProvider;
use PDO;

final class AppServiceProvider extends ServiceProvider
{
    /** Tries at one account from one address in a minute; from all addresses; and from one address at all accounts, as at a fair. */
    private const SIGN_IN_TRIES = 6;

    private const SIGN_IN_TRIES_AT_ACCOUNT = 30;

    private const SIGN_IN_TRIES_FROM_ADDRESS = 60;

    /** Reads of calendar links from one address in a minute. */
    private const FEED_READS = 60;

    private const JOIN_TRIES = 20;

    /** Asked for from one address in a minute. */
    private const LETTERS = 6;

    private const BOARD_READS = 3_000;

    /** A whole fair wishes through one address, too. */
    private const TEXT_WISHES = 60;

    public function register(): void
    {
        Connection::resolverFor('mariadb', static fn (
            Closure|PDO $pdo,
            string $database,
            string $prefix,
            array $config,
        ): RetryingConnection => new RetryingConnection($pdo, $database, $prefix, $config));
        // Stand-ins for services; real ones take their places here.
        $this->app->singleton(WeatherFeed::class, static fn (): WeatherFeed => ScriptedWeather::shipped());
        $this->app->bind(TextService::class, ScriptedTexts::class);
        $this->app->scoped(DesignPlans::class);
    }

    public function boot(): void
    {
        Model::shouldBeStrict(! app()->isProduction());
        // Links lead where the installation says that it is, whatever name somebody asked for.
        $url = app(UrlGenerator::class);
        $url->forceRootUrl(config()->string('app.url'));
        $url->forceScheme((string) parse_url(config()->string('app.url'), PHP_URL_SCHEME));
        $this->bindWithinTeam();
        Gate::define('paint', WhoMay::paint(...));
        Gate::define('answer-for-team', WhoMay::answerForTeam(...));
        Auth::provider('devices', static fn (): DeviceUserProvider => new DeviceUserProvider(app(Hasher::class), User::class));
        $this->callAfterResolving(MailManager::class, static fn (MailManager $mail): MailManager => $mail->extend(
            'outbox',
            static fn (): Outbox => new Outbox(config()->string('mail.mailers.outbox.folder')),
        ));
        // A whole fair reads through one address: it is the server in front that answers most of them.
        RateLimiter::for('board', static fn (Request $request): Limit => Limit::perMinute(self::BOARD_READS)->by((string) $request->ip()));
        RateLimiter::for('texts', static fn (Request $request): Limit => Limit::perMinute(self::TEXT_WISHES)->by((string) $request->ip()));
        RateLimiter::for('password', static fn (): Limit => Limit::perMinute(self::SIGN_IN_TRIES)->by('password '.Auth::id()));
        RateLimiter::for('join', static fn (Request $request): Limit => Limit::perMinute(self::JOIN_TRIES)->by((string) $request->ip()));
        RateLimiter::for('letters', static fn (Request $request): Limit => Limit::perMinute(self::LETTERS)->by((string) $request->ip()));
        RateLimiter::for('feed', static fn (Request $request): Limit => Limit::perMinute(self::FEED_READS)->by((string) $request->ip()));
        RateLimiter::for('sign-in', self::signIns(...));
    }

    /**
     * Counted at the account that is found, not at the letters typed: the database takes an accent for none.
     *
     * @return list<Limit>
     */
    private static function signIns(Request $request): array
    {
        $typed = $request->input('email');
        $email = mb_strtolower(is_string($typed) ? $typed : '');
        $account = 'account '.(app(Accounts::class)->ofAddress($email)->id ?? hash('sha256', $email));

        return [
            Limit::perMinute(self::SIGN_IN_TRIES)->by("{$account} {$request->ip()}"),
            Limit::perMinute(self::SIGN_IN_TRIES_AT_ACCOUNT)->by($account),
            Limit::perMinute(self::SIGN_IN_TRIES_FROM_ADDRESS)->by("address {$request->ip()}"),
        ];
    }

    /** An id of another team is not there: the one place that keeps teams apart. */
    private function bindWithinTeam(): void
    {
        Route::bind('design', fn (string $id): Design => Design::ofTeam($this->teamId())->findOrFail($id));
        Route::bind(
            'deletedDesign',
            fn (string $id): Design => Design::ofTeam($this->teamId())->withTrashed()->whereNotNull('deleted_at')->findOrFail($id),
        );
        Route::bind(
            'deletedDay',
            fn (string $id): EventDay => EventDay::ofTeam($this->teamId())->withTrashed()->whereNotNull('deleted_at')->findOrFail($id),
        );
        Route::bind('thing', fn (string $id): KitItem => KitItem::ofTeam($this->teamId())->findOrFail($id));
        Route::bind('removal', fn (string $id): KitRemoval => KitRemoval::ofTeam($this->teamId())->findOrFail($id));
        Route::bind('menu', fn (string $id): Menu => Menu::ofTeam($this->teamId())->findOrFail($id));
        Route::bind('member', fn (string $id): User => User::ofTeam($this->teamId())->findOrFail($id));
        Route::bind('invitation', fn (string $id): Invitation => Invitation::ofTeam($this->teamId())->findOrFail($id));
        // What somebody looks for is nobody else's.
        Route::bind('search', fn (string $id): Search => Search::ofTeam($this->teamId())->where('user_id', Auth::id())->findOrFail($id));
        Route::bind('day', fn (string $id): EventDay => EventDay::ofTeam($this->teamId())->findOrFail($id));
    }

    private function teamId(): string
    {
        $user = Auth::user();

        return $user instanceof User ? $user->team_id : abort(401);
    }
}
