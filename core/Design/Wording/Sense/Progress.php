<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Defaults;
use Core\Design\Place\Placement;
use Core\Design\Place\Side;
use Core\Design\Step;
use Core\Design\Wording\Assumption;
use Core\Design\Wording\PartKind;
use Core\Design\Wording\StepReading;
use Core\Units\Duration;

/** How far a list is read: what was made of it, and what waits for the step that it belongs to. */
final readonly class Progress
{
    /** More notes than the longest note of a step holds. */
    private const MOST_WAITING = 250;

    /**
     * @param  list<StepReading>  $made  those that lines below may still change
     * @param  list<string>  $waiting  notes for the next step
     * @param  int  $count  of all steps so far, with those above the list
     */
    private function __construct(public Context $context, public array $made, private array $waiting, public int $count) {}

    /**
     * @param  list<Step>  $above  steps that stand above the list already
     * @param  bool  $isList  whether there are several lines
     */
    public static function below(Placement $placement, array $above, bool $isList, Subject $subject): self
    {
        return new self(
            new Context(
                placement: $placement,
                above: array_map(static fn (Step $step): Earlier => new Earlier($step, Nouns::ofStep($step)), $above),
                isList: $isList,
                subject: $subject,
            ),
            [],
            [],
            count($above),
        );
    }

    /**
     * Lets go of steps that no line below can change any more.
     *
     * @return array{self, list<StepReading>} with those let go of
     */
    public function settling(): array
    {
        if (count($this->made) < 2 * Defaults::MOST_STEPS) {
            return [$this, []];
        }
        [$settled, $made] = [array_slice($this->made, 0, Defaults::MOST_STEPS), array_slice($this->made, Defaults::MOST_STEPS)];

        return [new self($this->context, $made, $this->waiting, $this->count), $settled];
    }

    public function under(Under $heading): self
    {
        return new self($this->context->under($heading), $this->made, $this->waiting, $this->count);
    }

    public function noting(string $note): self
    {
        return count($this->waiting) >= self::MOST_WAITING
            ? $this
            : new self($this->context, $this->made, [...$this->waiting, $note], $this->count);
    }

    public function with(StepReading $reading): self
    {
        $noted = $reading->noting($this->waiting);
        $mirrored = $reading->mirrors === null ? $this : $this->onOneSide($reading->mirrors);

        // What a line speaks of was made above: its own are the other words.
        $spokenOf = array_column($reading->speaksOf, 'id');
        $nouns = array_filter(Nouns::of($noted), fn (string $noun): bool => ! in_array($this->context->made($noun)?->id, $spokenOf, true));

        return new self(
            $mirrored->context->with(new Earlier($noted->step, array_values($nouns)), $noted->says(PartKind::Shape)),
            [...$mirrored->made, $noted],
            [],
            $this->count + 1,
        );
    }

    /** Whether a time that stands alone can be that of the step above it. */
    public function lacksTime(): bool
    {
        return $this->made !== [] && $this->made[count($this->made) - 1]->step->time === null;
    }

    public function taking(Duration $time): self
    {
        $last = $this->made[count($this->made) - 1];

        return $this->replacing($last->becoming($last->step->withTime($time)));
    }

    /** What stands below the last step belongs to it. */
    public function finished(): self
    {
        return $this->waiting === [] || $this->made === []
            ? $this
            : $this->replacing($this->made[count($this->made) - 1]->noting($this->waiting));
    }

    /** A step that comes again on the other side lies on one, though nothing was said of it. */
    private function onOneSide(Step $step): self
    {
        foreach ($this->made as $made) {
            if ($made->step->id === $step->id && Sides::said(new Said($made->parts, '')) === null) {
                $side = new Assumption(PartKind::Side, Side::Left->value, 'the other side comes below');
                $others = array_values(array_filter($made->assumed, static fn (Assumption $one): bool => $one->of !== PartKind::Side));

                return $this->replacing($made->becoming($made->step->withSide(Side::Left), [...$others, $side]));
            }
        }

        return $this;
    }

    private function replacing(StepReading $reading): self
    {
        $made = array_map(
            static fn (StepReading $one): StepReading => $one->step->id === $reading->step->id ? $reading : $one,
            $this->made,
        );

        return new self($this->context->replacing($reading->step), $made, $this->waiting, $this->count);
    }
}
