<?php

declare(strict_types=1);

namespace App\Account\Files;

use Illuminate\Support\Collection;

/** How one table of the database stands in the file of an account: which rows of it are a team's, and in what order. */
final readonly class AccountTable
{
    /** Not in any file, each with its reason; what stands neither here nor below fails a test. */
    public const LEFT_OUT = [
        'board_links' => 'a secret address', 'calendar_feeds' => 'a secret address', 'invitations' => 'a secret address',
        'password_links' => 'a secret address', 'sign_ins' => 'a device that is signed in', 'sessions' => 'a device that is signed in',
        'texts' => 'for the day only', 'text_wishes' => 'a phone, for the day only',
        'line_stories' => 'folded anew from the taps', 'line_turns' => 'a lock', 'outlooks' => 'played anew',
        'searches' => 'gone in minutes', 'search_lines' => 'gone in minutes',
        'cache' => 'the machine’s', 'cache_locks' => 'the machine’s', 'jobs' => 'the queue’s', 'failed_jobs' => 'the queue’s',
        'migrations' => 'the database’s own', 'releases' => 'the database’s own',
    ];

    /** Columns that stay where they are: what somebody signs in with, and what is said of a child. */
    private const LEFT_OUT_COLUMNS = [
        'teams' => ['id', 'created_at', 'updated_at', 'ends_at'],
        'users' => ['email', 'password', 'second_factor', 'second_factor_step', 'spare_codes', 'created_at', 'updated_at'],
        'chair_events' => ['first_name'], 'event_days' => ['brought_seq'],
        // The picture stands beside the tables, for whoever looks at it.
        'design_photos' => ['version', 'jpeg'],
    ];

    /** Those that others refer to, each by its key. */
    private const KEYS = [
        'users' => 'id', 'menus' => 'id', 'designs' => 'id', 'face_plans' => 'id', 'event_days' => 'id', 'tickets' => 'id',
    ];

    /** What a column of that name refers to in any table: a row of one of those. */
    private const REFERRING = [
        'user_id', 'painter_id', 'owner_id', 'owner_key', 'home_id', 'menu_id', 'design_id', 'plan_id', 'event_day_id', 'ticket_id',
        'face_id',
    ];

    /** Ids of what may be gone, or may not have come yet, as with a tap that was taken back before it arrived. */
    private const LOOSE = ['before_ticket_id', 'step_id', 'target_id'];

    private const ULID = '/^[0-7][0-9a-hjkmnp-tv-z]{25}$/D';

    private const PLAN = '/^[0-9a-f]{64}$/D';

    /** @param  string  $scope  the column that says whose a row is */
    private function __construct(public string $name, public string $scope, public string $order = 'id') {}

    /** @return list<self> each after those that it refers to; only designs refer to plans, which come after them */
    public static function all(): array
    {
        return [
            new self('teams', 'id'),
            // The owner first: whoever brings the file in takes that place.
            new self('users', 'team_id', "deleted_at is not null, role <> 'owner', name, id"),
            new self('ways_of_painters', 'user_id', 'user_id'), new self('bench_times', 'user_id'),
            new self('kit_items', 'team_id'), new self('kit_removals', 'team_id'), new self('packing_extras', 'team_id'),
            new self('acts', 'team_id'), new self('menus', 'team_id'), new self('designs', 'team_id'),
            new self('steps', 'design_id', 'seq'), new self('face_plans', 'design_id', 'design_id'),
            new self('design_rungs', 'design_id'), new self('painter_plans', 'design_id'), new self('paces', 'design_id'),
            new self('design_photos', 'design_id', 'design_id'),
            new self('practice_runs', 'user_id'), new self('menu_offers', 'menu_id'), new self('event_days', 'team_id'),
            new self('menu_items', 'event_day_id'), new self('event_plans', 'event_day_id', 'event_day_id'),
            new self('event_money', 'event_day_id', 'event_day_id'), new self('kept_forecasts', 'event_day_id', 'event_day_id'),
            new self('packing_ticks', 'event_day_id', 'thing'), new self('stock_counts', 'event_day_id', 'event_day_id'),
            new self('shifts', 'event_day_id'), new self('beginnings', 'team_id'), new self('tickets', 'event_day_id', 'number'),
            new self('chair_events', 'event_day_id', 'seq'), new self('faces', 'event_day_id', 'ticket_id'),
            new self('face_steps', 'face_id', 'face_id, position'),
        ];
    }

    public static function named(string $name): self
    {
        return array_column(self::all(), null, 'name')[$name];
    }

    /** @return list<string> those that stand in the file, as its published shape says */
    public function columns(): array
    {
        /** @var array<string, array{required: list<string>}>|null $rows */
        static $rows = null;
        if ($rows === null) {
            /** @var array{'$defs': array<string, array{required: list<string>}>} $schema */
            $schema = json_decode((string) file_get_contents(base_path(AccountSchema::PATH)), true, flags: JSON_THROW_ON_ERROR);
            $rows = $schema['$defs'];
        }

        return $rows[$this->name]['required'];
    }

    /** The column by which others refer to its rows; null where none does. */
    public function key(): ?string
    {
        return self::KEYS[$this->name] ?? null;
    }

    /**
     * @param  array<string, scalar|null>  $row
     * @return array<string, string> what it refers to, by column
     */
    public function references(array $row): array
    {
        $referring = array_intersect_key($row, array_flip(self::REFERRING));
        // A ticket's own key is what a face goes by.
        unset($referring[$this->key() ?? '']);

        return array_filter($referring, static fn (mixed $id): bool => is_string($id) && $id !== '');
    }

    /**
     * @param  array<string, scalar|null>  $row
     * @return string|null the first column that holds no id where one belongs, in the one way an id is spelt
     */
    public function misspelt(array $row): ?string
    {
        foreach (array_intersect_key($row, array_flip(['id', ...self::REFERRING, ...self::LOOSE])) as $column => $id) {
            $pattern = $column === 'plan_id' || ($column === 'id' && $this->name === 'face_plans') ? self::PLAN : self::ULID;
            $isNone = $id === null || ($id === '' && $column !== 'id');
            if (! $isNone && ! (is_string($id) && preg_match($pattern, $id) === 1)) {
                return $column;
            }
        }

        return null;
    }

    /**
     * @template T of object
     *
     * @param  Collection<int, T>  $rows
     * @return Collection<int, T>
     */
    public function inOrder(Collection $rows): Collection
    {
        // The database compares no more than the beginning of a long text.
        return $this->name === 'face_plans' ? $rows->sortBy(['design_id', 'created_at', 'content']) : $rows;
    }

    /** Whether its rows name their team themselves. */
    public function namesTeam(): bool
    {
        return $this->scope === 'team_id' || $this->name === 'faces';
    }

    /**
     * @param  list<array{name: string, auto_increment: bool, ...}>  $columns  of the database
     * @return list<string> those that stand in the file
     */
    public function among(array $columns): array
    {
        $numbered = array_filter($columns, static fn (array $column): bool => ! $column['auto_increment']);

        return array_values(array_diff(array_column($numbered, 'name'), ['team_id'], self::LEFT_OUT_COLUMNS[$this->name] ?? []));
    }

    /**
     * A row as it stands in the file: what was said of a child stays here.
     *
     * @param  array<string, scalar|null>  $row
     * @return array<string, scalar|null>
     */
    public function ofNobody(array $row): array
    {
        $more = $this->name === 'chair_events' ? $row['more'] : null;
        $said = is_string($more) && str_contains($more, '"note"') ? json_decode($more, true, flags: JSON_THROW_ON_ERROR) : null;
        if (is_array($said) && array_key_exists('note', $said)) {
            unset($said['note']);
            $row['more'] = $said === [] ? null : json_encode($said, JSON_THROW_ON_ERROR);
        }

        return $row;
    }
}
