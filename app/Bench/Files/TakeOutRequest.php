<?php

declare(strict_types=1);

namespace App\Bench\Files;

use App\Http\Requests\TeamRequest;
use App\Models\Kit\KitItem;
use Core\Workspace\Replacement;
use Illuminate\Validation\ValidationException;

/** A thing is taken out of the kit, with what takes its place in designs. */
final class TakeOutRequest extends TeamRequest
{
    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['instead' => ['nullable', 'string', 'ulid'], 'anyway' => ['sometimes', 'boolean']];
    }

    /** @throws ValidationException when that thing cannot take its place */
    public function instead(): ?KitItem
    {
        if ($this->string('instead')->isEmpty()) {
            return null;
        }
        $instead = KitItem::ofTeam($this->teamId())->find($this->string('instead')->lower()->toString());
        if ($instead === null || ! Replacement::isOffered($this->thing()->toCore(), $instead->toCore())) {
            throw ValidationException::withMessages(
                ['instead' => 'That cannot take its place. Choose a thing of the same kind that is at hand.'],
            );
        }

        return $instead;
    }
}
