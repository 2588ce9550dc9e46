<?php

declare(strict_types=1);

namespace Core\Plan\Menu;

use Core\Design\Colour;
use Core\Design\Medium;
use Core\Design\Place\Placement;
use Core\Design\Step;
use Core\Kit\Item;
use Core\Kit\ItemKind;
use Core\Kit\Kit;
use Core\Units\Duration;

/** Looks at a menu as a whole: what one design does to another, and whom it leaves out. */
final readonly class MenuCheck
{
    /** A short menu leaves somebody out by its nature. */
    private const FEW = 4;

    private const QUICK_SECONDS = 120;

    /** @param  list<MenuOffer>  $menu */
    private function __construct(private array $menu, private Kit $kit) {}

    /**
     * @param  list<MenuOffer>  $menu
     * @return list<MenuFinding>
     */
    public static function of(array $menu, Kit $kit): array
    {
        $check = new self($menu, $kit);

        return [...$check->promises(), ...$check->brushes(), ...$check->latex(), ...$check->quick(), ...$check->gentle()];
    }

    /** @return list<MenuFinding> */
    private function promises(): array
    {
        $findings = [];
        foreach ($this->menu as $offer) {
            if (! Promise::isKept($offer->promise, $offer->face)) {
                $honest = Promise::for($offer->face);
                $findings[] = new MenuFinding('promise_nobody_keeps', [$offer->id], "{$offer->name} promises {$offer->promise->format()}, "
                    ."and 8 of 10 are done by {$offer->face->eightOfTen()->format()}".($offer->isLogged ? '.' : ', as far as it is known.')
                    ." {$honest->format()} is a promise that is kept.", $honest);
            }
        }

        return $findings;
    }

    /** @return list<MenuFinding> two designs of which the one rinses what the other has kept clean */
    private function brushes(): array
    {
        $findings = [];
        foreach ($this->kit->ofKind(ItemKind::Brush) as $brush) {
            if ($brush->reservedFor === '' || $brush->howMany !== 1) {
                continue;
            }
            $keeping = $this->using($brush, true);
            $rinsing = $this->using($brush, false);
            if ($keeping !== [] && $rinsing !== []) {
                $findings[] = new MenuFinding(
                    'brush_fought_over',
                    [$rinsing[0]->id, $keeping[0]->id],
                    "“{$brush->name}” is kept for {$brush->reservedFor}, as {$keeping[0]->name} needs it; "
                    ."{$rinsing[0]->name} takes ".'it in another colour, and it is rinsed each time. A second one would keep both going.',
                );
            }
        }

        return $findings;
    }

    /** @return list<MenuOffer> that take the brush in the colour it is kept for, or in another one */
    private function using(Item $brush, bool $asKept): array
    {
        $isKept = static fn (Colour $colour): bool => mb_strtolower($colour->name) === mb_strtolower($brush->reservedFor);
        $takes = static fn (Step $step): bool => $brush->isCalled($step->tool) && $step->colours !== []
            && $isKept($step->colours[0]) === $asKept;

        return array_values(array_filter(
            $this->menu,
            static fn (MenuOffer $offer): bool => array_filter($offer->design->steps, $takes) !== [],
        ));
    }

    /** @return list<MenuFinding> */
    private function latex(): array
    {
        $findings = [];
        foreach ($this->menu as $offer) {
            $glued = array_filter($offer->design->steps, fn (Step $step): bool => $this->isOfLatex($step) && $step->alternatives === []);
            if ($glued !== []) {
                $step = reset($glued);
                $findings[] = new MenuFinding('latex_without_alternative', [$offer->id], "“{$step->name}” of {$offer->name} is "
                    .'set with latex, and no other way stands beside it. Ask first, refuse it with a latex allergy, or give '
                        .'the step another way.');
            }
        }

        return $findings;
    }

    private function isOfLatex(Step $step): bool
    {
        $tool = $this->kit->named($step->tool);
        $needsGlue = $step->medium === Medium::Gem && $tool?->kind === ItemKind::Gem && ! $tool->isSelfStick;
        $glue = $needsGlue ? $this->kit->ofKind(ItemKind::Glue)[0] ?? null : $tool;

        return $glue?->hasLatex === true;
    }

    /** @return list<MenuFinding> */
    private function quick(): array
    {
        $shortest = $this->shortest();
        if (count($this->menu) < self::FEW || ! $shortest->isLongerThan(Duration::ofSeconds(self::QUICK_SECONDS))) {
            return [];
        }

        return [new MenuFinding('nothing_quick', [], "The quickest of these takes {$shortest->format()}. With a line, put on something "
            .'under two minutes: the core of one of them, or a band on the arm.')];
    }

    private function shortest(): Duration
    {
        $times = array_map(static fn (MenuOffer $offer): int => $offer->face->middle->milliseconds, $this->menu);

        return Duration::ofMilliseconds($times === [] ? 0 : min($times));
    }

    /** @return list<MenuFinding> */
    private function gentle(): array
    {
        $isGentle = static fn (MenuOffer $offer): bool => $offer->design->audience->isGentle || $offer->group === MenuGroup::Arm
            || in_array($offer->design->placement, [Placement::Arm, Placement::Hand], true);
        if (count($this->menu) < self::FEW || array_filter($this->menu, $isGentle) !== []) {
            return [];
        }

        return [new MenuFinding('nothing_gentle', [], 'Nothing here is for a child who dislikes being touched in the face. An arm '
            .'or a hand would do.')];
    }
}
