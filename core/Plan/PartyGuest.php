<?php

declare(strict_types=1);

namespace Core\Plan;

/** A child at a party. */
final readonly class PartyGuest
{
    /**
     * @param  string  $name  a first name
     * @param  int|null  $age  in years, where it was said
     * @param  bool  $isBirthday  whose party it is
     * @param  int  $family  the same number for brothers and sisters
     */
    public function __construct(public string $name, public ?int $age, public bool $isBirthday, public int $family) {}
}
