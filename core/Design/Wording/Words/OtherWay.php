<?php

declare(strict_types=1);

namespace Core\Design\Wording\Words;

use Core\Design\Alternative;
use Core\Design\InvalidStep;
use Core\Design\Medium;
use Core\Design\Place\Side;
use Core\Design\Technique;
use Core\Design\Wording\Vocabulary;
use Core\Units\Duration;

/** What was said of another way to paint a step; whatever was not said is as in the step. */
final readonly class OtherWay
{
    private ?Technique $stroke;

    private ?int $number;

    /** @param  array<mixed>  $count  how many, and of which stroke where that was said */
    public function __construct(
        private ?Medium $medium,
        ?Technique $technique,
        private string $tool,
        private ?Duration $time,
        array $count,
        private ?Side $side,
        private ?int $look,
        private ?int $coats = null,
        public bool $saysMore = false,
    ) {
        $stroke = $count[1] ?? null;
        $this->stroke = $technique ?? ($stroke instanceof Technique ? $stroke : null);
        $this->number = is_int($count[0] ?? null) ? $count[0] : null;
    }

    /** The same with so many coats. */
    public static function inCoats(int $coats): self
    {
        return new self(medium: null, technique: null, tool: '', time: null, count: [null, null], side: null, look: null, coats: $coats);
    }

    /** Whether medium and technique, as far as they were said, go together. */
    public function isPossible(Vocabulary $vocabulary): bool
    {
        $medium = $this->mediumSaid($vocabulary);

        return $medium === null || $this->stroke === null || $this->stroke->suits($medium);
    }

    /** @throws InvalidStep when a number makes no sense */
    public function of(Medium $medium, Technique $technique, string $tool, Vocabulary $vocabulary): Alternative
    {
        $isSame = $this->medium === null && $this->tool === '' && ($this->stroke === null || $this->stroke === $technique);
        if ($isSame) {
            return new Alternative(
                medium: $medium,
                technique: $technique,
                tool: $tool,
                time: $this->time,
                count: $this->number,
                side: $this->side,
                look: $this->look,
                coats: $this->coats,
            );
        }
        $its = $this->mediumSaid($vocabulary) ?? $this->stroke?->usualMedium() ?? $medium;

        return new Alternative(
            medium: $its,
            technique: $this->stroke ?? Technique::usualOf($its),
            tool: $this->tool,
            time: $this->time,
            count: $this->number,
            side: $this->side,
            look: $this->look,
            coats: $this->coats,
        );
    }

    private function mediumSaid(Vocabulary $vocabulary): ?Medium
    {
        return $this->medium ?? $vocabulary->mediumOfTool($this->tool);
    }
}
