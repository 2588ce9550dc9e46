<?php

declare(strict_types=1);

namespace Core\Design;

use Core\Design\Place\Side;
use Core\Units\Duration;

/**
 * Another way to paint the same step: freehand instead of a stencil, four petals instead of five, one side instead of both, a coat more.
 */
final readonly class Alternative
{
    /**
     * @param  Duration|null  $time  null where the step's own time or work content says how long
     * @param  int|null  $count  strokes or marks a side; null for those of the step
     * @param  Side|null  $side  null for that of the step
     * @param  int|null  $look  0 to Defaults::MOST_LOOK; null for a share of the step's look
     * @param  int|null  $coats  1 to Defaults::MOST_COATS; null for those of the step
     *
     * @throws InvalidStep when that medium cannot be used that way, or a value makes no sense
     */
    public function __construct(
        public Medium $medium,
        public Technique $technique,
        public string $tool,
        public ?Duration $time,
        public ?int $count = null,
        public ?Side $side = null,
        public ?int $look = null,
        public ?int $coats = null,
    ) {
        $label = $technique->label();
        match (true) {
            ! $technique->suits($medium) => throw InvalidStep::technique($technique, $medium),
            $count !== null && ! $technique->isCounted() => throw InvalidStep::uncounted($label, $technique),
            $count !== null && ($count < 1 || $count > Defaults::MOST_COUNT) => throw InvalidStep::count($label, $count),
            $look !== null && ($look < 0 || $look > Defaults::MOST_LOOK) => throw InvalidStep::look($label, $look),
            $coats !== null && ($coats < 1 || $coats > Defaults::MOST_COATS) => throw InvalidStep::coats($label, $coats),
            default => null,
        };
    }

    public function withTool(string $tool): self
    {
        return new self(
            medium: $this->medium,
            technique: $this->technique,
            tool: $tool,
            time: $this->time,
            count: $this->count,
            side: $this->side,
            look: $this->look,
            coats: $this->coats,
        );
    }
}
