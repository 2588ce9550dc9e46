<?php

declare(strict_types=1);

namespace App\Bench\Designs;

use App\Http\Requests\TeamRequest;
use Core\Design\Defaults;

/** What is done with several designs at once. */
final class ShelfRequest extends TeamRequest
{
    private const MOST = 500;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'designIds' => ['required', 'list', 'max:'.self::MOST],
            'designIds.*' => ['required', 'string', 'ulid'],
            'archived' => ['sometimes', 'boolean'],
            'addTag' => ['sometimes', 'string', 'max:'.Defaults::LONGEST_TAG],
            'removeTag' => ['sometimes', 'string', 'max:'.Defaults::LONGEST_TAG],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'designIds.max' => 'Choose :max designs at most.',
            'addTag.max' => 'A tag has :max letters at most. Shorten it.',
        ];
    }

    /** @return list<string> */
    public function designIds(): array
    {
        /** @var list<string> $ids */
        $ids = $this->validated('designIds');

        return array_map(strtolower(...), $ids);
    }

    /** Null where that stays as it is. */
    public function archived(): ?bool
    {
        return $this->has('archived') ? $this->boolean('archived') : null;
    }

    public function addTag(): ?string
    {
        return $this->has('addTag') ? trim($this->string('addTag')->toString()) : null;
    }

    public function removeTag(): ?string
    {
        return $this->has('removeTag') ? trim($this->string('removeTag')->toString()) : null;
    }
}
