<?php

declare(strict_types=1);

namespace Core\Order;

use Closure;
use Core\Order\Craft\Rule;
use Core\Order\Craft\Severity;
use Core\Order\Schools\TradeNumber;
use Core\Units\Duration;

/** One step must come before another, and the wait between them must be in bounds. */
final readonly class Constraint
{
    /**
     * @param  string  $rule  id of the rule or "pin"
     * @param  int  $from  place of the earlier step in the design
     * @param  int  $to  place of the later step
     * @param  string  $why  a whole sentence, with this design's own names
     * @param  int  $least  milliseconds from the end of the one to the start of the other
     * @param  int|null  $most  milliseconds
     * @param  TradeNumber|null  $number  that it rests on, besides how long the paint takes to dry
     */
    public function __construct(
        public string $rule,
        public Severity $severity,
        public int $from,
        public int $to,
        public string $why,
        public int $least = 0,
        public ?int $most = null,
        public ?TradeNumber $number = null,
    ) {}

    /** @param  string  $why  see above */
    public static function of(
        Rule $rule,
        int $from,
        int $to,
        string $why,
        int $least = 0,
        ?int $most = null,
        ?TradeNumber $number = null,
    ): self {
        return new self(
            rule: $rule->id(),
            severity: $rule->info()->severity,
            from: $from,
            to: $to,
            why: $why,
            least: $least,
            most: $most,
            number: $number,
        );
    }

    /** The same without a longest wait. */
    public function withoutMost(): self
    {
        return new self(
            rule: $this->rule,
            severity: $this->severity,
            from: $this->from,
            to: $this->to,
            why: $this->why,
            least: $this->least,
            most: null,
            number: $this->number,
        );
    }

    /** Whether the order or the wait is broken where the later step starts so long after the end of the earlier one, in milliseconds. */
    public function isBrokenBy(int $gap, bool $isTurned): bool
    {
        return $isTurned || $gap < $this->least || $gap > ($this->most ?? $gap);
    }

    /**
     * What breaking it costs, in milliseconds: the wait that lacks, or what must be painted again.
     *
     * @param  list<Duration>  $durations  of the steps
     */
    public function price(int $gap, bool $isTurned, array $durations): int
    {
        return match (true) {
            ! $this->isBrokenBy($gap, $isTurned) => 0,
            ! $isTurned && $gap < $this->least => $this->least - $gap,
            default => $durations[$this->to]->milliseconds,
        };
    }

    /**
     * One for each two steps that touch each other and that the rule is about.
     *
     * @param  Closure(int, int): bool  $isMeant  by the step that must come first and the other
     * @param  Closure(int, int): string  $why
     * @return list<self>
     */
    public static function betweenTouching(Rule $rule, DesignFacts $design, Closure $isMeant, Closure $why): array
    {
        $constraints = [];
        foreach ($design->touching() as [$one, $other]) {
            if ($isMeant($one, $other)) {
                $constraints[] = self::of($rule, $one, $other, $why($one, $other));
            }
        }

        return $constraints;
    }

    /**
     * One for each step that has to wait for a film it lies on, as it was typed: only where one would see it if it did not.
     *
     * @param  Closure(int, int): (Duration|null)  $wait  by the film and the step; null where it need not wait
     * @param  Closure(int, int): string  $why
     * @param  TradeNumber  $atOnce  a film that is nearly dry by then needs no wait: one goes on at once
     * @return list<self>
     */
    public static function waiting(Rule $rule, DesignFacts $design, TradeNumber $atOnce, Closure $wait, Closure $why): array
    {
        $none = Duration::ofSeconds($design->circumstances->numbers->get($atOnce));
        $constraints = [];
        foreach ($design->lying as [$film, $step]) {
            $length = $design->nearlyDryAfter($film)->isLongerThan($none) ? $wait($film, $step) : null;
            if ($length !== null) {
                $constraints[] = self::of(
                    rule: $rule,
                    from: $film,
                    to: $step,
                    why: $why($film, $step),
                    least: Duration::ofSeconds(ceil($length->seconds() * Defaults::LENIENCY))->milliseconds,
                    most: null,
                    number: $atOnce,
                );
            }
        }

        return $constraints;
    }
}
