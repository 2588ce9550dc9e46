<?php

declare(strict_types=1);

namespace App\Menu\Menus;

use App\Http\Resources\Resource;
use Core\Plan\Menu\MenuFinding;

/**
 * A menu with what can be said of it and of each design on it.
 *
 * @phpstan-type MenuNote array{rule: string, designs: list<string>, says: string, promiseMs: int|null}
 */
final readonly class MenuSheet extends Resource
{
    /**
     * @param  list<OfferSheet>  $offers
     * @param  list<MenuNote>  $notes
     * @param  list<string>  $days  to come on which it is put up
     */
    public function __construct(public string $id, public string $name, public array $offers, public array $notes, public array $days) {}

    public static function of(MenuRead $read): self
    {
        return new self(
            id: $read->menu->id,
            name: $read->menu->name,
            offers: array_map(static fn (OfferRead $offer): OfferSheet => OfferSheet::of($offer), $read->offers),
            notes: array_map(static fn (MenuFinding $finding): array => self::menuNote($finding), $read->findings),
            days: $read->days,
        );
    }

    /** @return MenuNote something that a menu does to its day; with a promise for the first design where that would mend it */
    private static function menuNote(MenuFinding $finding): array
    {
        return [
            'rule' => $finding->rule,
            'designs' => $finding->offers,
            'says' => $finding->says,
            'promiseMs' => $finding->promise?->milliseconds,
        ];
    }
}
