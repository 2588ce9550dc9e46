<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Colour;
use Core\Design\Place\Side;
use Core\Design\Place\Zone;
use Core\Design\Wording\PartKind;

/** What a heading says of all that stands below it: "Line work (round 2, black)", "Party extras", "Right side only". */
final readonly class Under
{
    /**
     * @param  string  $group  the heading's own words, as the steps below are called together; empty for a title
     * @param  list<Colour>  $colours
     * @param  list<Zone>  $zones
     */
    private function __construct(
        public string $group,
        public array $colours,
        public string $tool,
        public ?Side $side,
        public array $zones,
        public bool $isOptional,
    ) {}

    public static function nothing(): self
    {
        return new self(group: '', colours: [], tool: '', side: null, zones: [], isOptional: false);
    }

    /** @param  Said  $said  the words of the heading */
    public static function heading(string $group, Said $said): self
    {
        $tool = $said->first(PartKind::Tool);
        $zones = [];
        foreach ($said->all(PartKind::Zone) as $part) {
            foreach (is_array($part->value) ? $part->value : [] as $zone) {
                $zones = $zone instanceof Zone ? [...$zones, $zone] : $zones;
            }
        }
        $isOneOfTwo = preg_match('/\bone (?:eye|cheek|side|temple)\b/iu', $said->text) === 1
            && preg_match('/\b(?:left|right)\b/iu', $said->text) !== 1;
        $side = $isOneOfTwo ? null : Sides::said($said);
        $names = $said->has(PartKind::Words) || $said->has(PartKind::Thing);

        return new self(
            group: $group,
            colours: $group === '' ? [] : $said->colours(),
            tool: $group !== '' && is_string($tool) ? $tool : '',
            side: $side?->isOneSided() === true ? $side : null,
            zones: $group === '' || $names ? [] : $zones,
            isOptional: $group !== '' && $said->has(PartKind::Optional),
        );
    }

    /** As it goes on below a heading that groups what stands under it. */
    public function below(self $heading): self
    {
        return new self(
            group: $heading->group,
            colours: $heading->colours,
            tool: $heading->tool,
            side: $heading->side ?? $this->side,
            zones: $heading->zones,
            isOptional: $heading->isOptional,
        );
    }
}
