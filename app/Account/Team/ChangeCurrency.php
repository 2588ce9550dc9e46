<?php

declare(strict_types=1);

namespace App\Account\Team;

use App\Models\Account\Team;
use App\Models\Account\User;
use App\Models\Menu\Menu;
use App\Models\Plan\EventDay;
use Core\Units\Currency;
use Illuminate\Database\Query\Builder;
use Illuminate\Database\Query\Expression;
use Illuminate\Support\Facades\DB;

/** Lets a team be paid in another currency. The figures on its price lists stay: €4.00 becomes ¥4, nothing is exchanged. */
final readonly class ChangeCurrency
{
    private const RATES = ['hour_cents', 'least_cents', 'kilometre_cents', 'materials_cents'];

    public function __construct(private RecordAudit $recordAudit) {}

    public function __invoke(User $by, Currency $currency): void
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
