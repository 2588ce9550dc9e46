<?php

declare(strict_types=1);

namespace App\Plan\Days;

use App\Http\Requests\TeamRequest;
use App\Rules\CaseOf;
use App\Rules\Distinct;
use Core\Design\RungName;
use Core\Units\Duration;
use Illuminate\Validation\ValidationException;

final class SaveMenuRequest extends TeamRequest
{
    private const LONGEST_PROMISE_MINUTES = 120;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'items' => ['present', 'list', 'max:200'],
            'items.*' => ['array:designId,promise,priceCents,rung'],
            'items.*.designId' => [
                'required', 'string', 'ulid', new Distinct('A design stands on the menu twice. Take one of the two off.'),
            ],
            'items.*.promise' => ['required', 'string', 'max:32'],
            'items.*.rung' => ['sometimes', 'nullable', new CaseOf(RungName::class)],
            'items.*.priceCents' => ['present', 'nullable', 'integer', 'between:0,1000000'],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'items.*.priceCents.*' => 'A price is between nothing and 10 000.00.',
        ];
    }

    /**
     * @return list<MenuTerms>
     *
     * @throws ValidationException naming the field when a promise makes no sense
     */
    public function terms(): array
    {
        /** @var list<array{designId: string, promise: string, priceCents: int|null, rung?: string|null}> $items */
        $items = $this->validated('items');
        $terms = [];
        foreach ($items as $index => $item) {
            $terms[] = new MenuTerms(
                strtolower($item['designId']),
                $this->promise($index, $item['promise']),
                $item['priceCents'],
                RungName::tryFrom($item['rung'] ?? ''),
            );
        }

        return $terms;
    }

    private function promise(int $index, string $typed): Duration
    {
        $promise = Duration::tryParse($typed);
        if ($promise === null || $promise->isZero() || $promise->isLongerThan(Duration::ofMinutes(self::LONGEST_PROMISE_MINUTES))) {
            throw ValidationException::withMessages([
                "items.{$index}.promise" => "“{$typed}” cannot be promised. Type minutes such as 4, 4:30, 4m30 or 270s, two hours at most.",
            ]);
        }

        return $promise;
    }
}
