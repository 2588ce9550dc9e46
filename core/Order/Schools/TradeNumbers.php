<?php

declare(strict_types=1);

namespace Core\Order\Schools;

/** A painter's own numbers; the starting value where none was set. */
final readonly class TradeNumbers
{
    /** @param  array<string, float>  $own  by the value of the number, within its bounds */
    public function __construct(private array $own = []) {}

    /**
     * @param  array<string, int|float>  $own  by the value of the number; unknown ones are no matter
     *
     * @throws InvalidTradeNumber when one is out of bounds
     */
    public static function of(array $own): self
    {
        $numbers = [];
        foreach (TradeNumber::cases() as $number) {
            $value = $own[$number->value] ?? null;
            if ($value === null) {
                continue;
            }
            if ($value < $number->least() || $value > $number->most()) {
                throw InvalidTradeNumber::outOfBounds($number->label(), $number->least(), $number->most());
            }
            $numbers[$number->value] = (float) $value;
        }

        return new self($numbers);
    }

    public function get(TradeNumber $number): float
    {
        return $this->own[$number->value] ?? $number->start();
    }

    public function isOwn(TradeNumber $number): bool
    {
        return isset($this->own[$number->value]);
    }
}
