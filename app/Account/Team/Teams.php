<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Account\SignIn\Credentials;
use App\Line\Forgetting\ForgetNamesOfDay;
use App\Models\Account\Team;
use App\Models\Account\User;
use App\Models\Bench\Design;
use App\Models\Menu\Menu;
use App\Models\Plan\EventDay;
use Core\Team\Defaults;
use Core\Team\Role;
use Core\Units\Currency;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\Expression;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\ValidationException;

/** A team as a whole. */
final readonly class Teams
{
    private const RATES = ['hour_cents', 'least_cents', 'kilometre_cents', 'materials_cents'];

    public function __construct(private RecordAudit $recordAudit, private Credentials $credentials) {}

    /** Makes a team, and whoever asks its owner. Two teams may be called the same. */
    public function found(string $team, string $name, string $email, string $password): User
    {
        return DB::transaction(function () use ($team, $name, $email, $password): User {
            $id = Team::query()->create(['name' => $team])->id;
            $owner = User::ofTeam($id)->create([
                'team_id' => $id, 'role' => Role::Owner, 'name' => $name, 'email' => mb_strtolower($email), 'password' => $password,
            ]);
            ($this->recordAudit)($owner, 'founded the team');

            return $owner->refresh();
        });
    }

    /**
     * Closes a team: it is deleted with all that is its own, but not before it could be thought over.
     *
     * @throws ValidationException when the password is not the one
     */
    public function close(User $owner, string $password): void
    {
        $this->credentials->confirmPassword($owner, $password);
        Team::query()->whereKey($owner->team_id)->update(['ends_at' => now()->addDays(Defaults::CLOSING_DAYS)]);
        ($this->recordAudit)($owner, 'closed the team');
    }

    /** A team that was closed goes on as if it had not been. */
    public function cancelClosure(User $owner): void
    {
        Team::query()->whereKey($owner->team_id)->update(['ends_at' => null]);
        ($this->recordAudit)($owner, 'kept the team after all');
    }

    /**
     * Deletes the teams whose time to be kept after all has run out, with everything that was theirs.
     *
     * @return int how many
     */
    public function endClosed(): int
    {
        $ended = Team::query()->where('ends_at', '<=', now())->get();
        foreach ($ended as $team) {
            // A day after another, so that nobody else waits for years of taps; the plans that faces had go after the faces. What a
            // kill leaves is taken up the next day.
            foreach (EventDay::ofTeam($team->id)->withTrashed()->pluck('id') as $day) {
                EventDay::ofTeam($team->id)->withTrashed()->whereKey($day)->toBase()->delete();
            }
            Design::ofTeam($team->id)->withTrashed()->toBase()->delete();
            $team->delete();
        }

        return $ended->count();
    }

    /** Keeps children's first names for so many days after an event, those of events that were, too. */
    public function keepNamesFor(User $owner, int $days): void
    {
        Team::query()->whereKey($owner->team_id)->update(['names_days' => $days]);
        ($this->recordAudit)($owner, $days === 0 ? 'keeps first names for the day only' : "keeps first names for {$days} days");
        $named = DB::table('chair_events')->whereNotNull('first_name')->select('event_day_id');
        foreach (EventDay::ofTeam($owner->team_id)->withTrashed()->whereIn('id', $named)->get() as $day) {
            ForgetNamesOfDay::dispatch($owner->team_id, $day->id, $days);
        }
    }

    /** Lets a team be paid in another currency. The figures on its price lists stay: €4.00 becomes ¥4, nothing is exchanged. */
    public function changeCurrency(User $by, Currency $currency): void
    {
        DB::transaction(function () use ($by, $currency): void {
            $teamId = $by->team_id;
            $team = Team::query()->lockForUpdate()->findOrFail($teamId);
            $factor = $currency->unit() / Currency::of($team->currency)->unit();
            if ($team->currency === $currency->code) {
                return;
            }
            $team->update(['currency' => $currency->code]);
            ($this->recordAudit)($by, "is paid in {$currency->code} from now on");
            if ($factor === 1) {
                return;
            }
            $days = EventDay::ofTeam($teamId)->select('id');
            $menus = Menu::ofTeam($teamId)->select('id');
            $this->refigure(DB::table('teams')->where('id', $teamId), self::RATES, $factor);
            $this->refigure(DB::table('menu_offers')->whereIn('menu_id', $menus), ['price_cents'], $factor);
            $this->refigure(DB::table('menu_items')->whereIn('event_day_id', $days), ['price_cents'], $factor);
            $this->refigure(DB::table('event_plans')->whereIn('event_day_id', $days), ['booking_cents'], $factor);
            $this->refigure(DB::table('event_money')->whereIn('event_day_id', $days), ['pitch_cents', 'offered_hour_cents'], $factor);
        });
    }

    /** @param  list<string>  $columns */
    private function refigure(Builder $rows, array $columns, int|float $factor): void
    {
        $rows->update(array_map(
            static fn (string $column): Expression => new Expression("round({$column} * {$factor})"),
            array_combine($columns, $columns),
        ));
    }
}
