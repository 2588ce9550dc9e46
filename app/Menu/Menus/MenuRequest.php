<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Http\Requests\TeamRequest;
use App\Models\Menu\Menu;
use App\Rules\CaseOf;
use App\Rules\Distinct;
use Core\Design\RungName;
use Core\Plan\Menu\MenuGroup;

/** A menu as it is to be. */
final class MenuRequest extends TeamRequest
{
    private const MOST_OFFERS = 40;

    private const MOST_CENTS = 100_000_000;

    /** @return array<string, list<mixed>> */
    public function rules(): array
    {
        return [
            'name' => ['required', 'string', 'max:80'],
            'offers' => ['present', 'list', 'max:'.self::MOST_OFFERS],
            'offers.*' => ['array:designId,rung,promiseMs,priceCents,group'],
            'offers.*.designId' => ['required', 'string', 'ulid', new Distinct('A design stands on the menu twice. Take one of them off.')],
            'offers.*.rung' => ['present', 'nullable', new CaseOf(RungName::class)],
            'offers.*.promiseMs' => ['present', 'nullable', 'integer', 'between:1000,14400000'],
            'offers.*.priceCents' => ['present', 'nullable', 'integer', 'between:0,'.self::MOST_CENTS],
            'offers.*.group' => ['present', 'nullable', new CaseOf(MenuGroup::class)],
        ];
    }

    /** @return array<string, string> */
    public function messages(): array
    {
        return [
            'name.required' => 'The menu has no name. Call it what you use it for.',
            'offers.max' => 'A board of more than :max designs cannot be read. Make a second menu.',
            'offers.*.promiseMs.between' => 'A promise is between a second and four hours.',
            'offers.*.priceCents.between' => 'That is no price. Type an amount from 0 up.',
        ];
    }

    public function newMenu(): Menu
    {
        return new Menu(['team_id' => $this->teamId()]);
    }

    public function name(): string
    {
        return $this->string('name')->trim()->toString();
    }

    /** @return list<OfferTerms> */
    public function offers(): array
    {
        /** @var list<array{designId: string, rung: string|null, promiseMs: int|null, priceCents: int|null, group: string|null}> $offers */
        $offers = $this->validated('offers');

        return array_map(static fn (array $offer): OfferTerms => new OfferTerms(
            designId: strtolower($offer['designId']),
            rung: RungName::tryFrom($offer['rung'] ?? ''),
            promiseMs: $offer['promiseMs'],
            priceCents: $offer['priceCents'],
            group: MenuGroup::tryFrom($offer['group'] ?? ''),
        ), $offers);
    }
}
