<?php

declare(strict_types=1);

namespace App\Bench\Order;

use App\Http\Requests\TeamRequest;

/** How long to look for the best order. */
final class BestOrderRequest extends TeamRequest
{
    private const USUAL_SECONDS = 8;

    /** @return array<string, list<string>> */
    public function rules(): array
    {
        return ['seconds' => ['sometimes', 'integer', 'between:1,60']];
    }

    public function seconds(): int
    {
        return $this->integer('seconds', self::USUAL_SECONDS);
    }
}
