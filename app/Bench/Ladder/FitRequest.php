<?php

declare(strict_types=1);

namespace App\Bench\Ladder;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use Core\Design\FaceSize;
use Core\Design\Person;

/** Who a design is to be fitted to. */
final class FitRequest extends TeamRequest
{
    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'size' => ['required', new CaseOf(FaceSize::class)],
            'beard' => ['required', 'boolean'],
            'dislikesTouch' => ['required', 'boolean'],
            'leftHanded' => ['required', 'boolean'],
        ];
    }

    public function person(): Person
    {
        return new Person(
            FaceSize::from($this->string('size')->toString()),
            $this->boolean('beard'),
            $this->boolean('dislikesTouch'),
            $this->boolean('leftHanded'),
        );
    }
}
