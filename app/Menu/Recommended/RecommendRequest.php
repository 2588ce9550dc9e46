<?php

declare(strict_types=1);

namespace App\Menu\Recommended;

use App\Http\Requests\TeamRequest;
use App\Models\Plan\EventDay;
use App\Rules\CaseOf;
use Core\Plan\Menu\BestMenu;
use Core\Plan\Menu\MenuGoal;
use Illuminate\Validation\ValidationException;

/** For which event the best of a menu is looked for, and what is wished of it. */
final class RecommendRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'day' => ['required', 'string', 'ulid'],
            'goal' => ['required', 'string', new CaseOf(MenuGoal::class)],
            'designs' => ['required', 'integer', 'between:1,'.BestMenu::MOST],
            'keep' => ['sometimes', 'list', 'max:'.BestMenu::MOST],
            'keep.*' => ['string', 'ulid'],
        ];
    }

    public function goal(): MenuGoal
    {
        return MenuGoal::from($this->string('goal')->toString());
    }

    public function designs(): int
    {
        return $this->integer('designs');
    }

    /** @return list<string> ids of designs that are to stay as they stand */
    public function kept(): array
    {
        /** @var list<string> */
        return $this->validated('keep') ?? [];
    }

    /** @throws ValidationException when it is not the team's */
    public function event(): EventDay
    {
        return EventDay::ofTeam($this->teamId())->find(strtolower($this->string('day')->toString()))
            ?? throw ValidationException::withMessages(['day' => 'That event is not one of yours. Choose another.']);
    }
}
