<?php

declare(strict_types=1);

namespace Core\Order\Craft;

use Core\Order\Circumstances;
use Core\Order\DesignFacts;
use Core\Order\Schools\TradeNumber;
use Core\Units\Duration;

/** A number that a finding rests on, where it comes from, and what the painter may set to change it. */
final readonly class Evidence
{
    /**
     * @param  string  $label  such as "tacky for"
     * @param  string  $value  as it is read, with its unit
     * @param  string  $source  in words
     */
    private function __construct(public string $label, public string $value, public string $source, public ?TradeNumber $number) {}

    /** What was measured on this design. */
    public static function ofDesign(string $label, string $value): self
    {
        return new self($label, $value, 'this design', null);
    }

    public static function ofNumber(Circumstances $circumstances, TradeNumber $number): self
    {
        $value = $circumstances->numbers->get($number);
        $shown = match (true) {
            $number->isSeconds() => Duration::ofSeconds($value)->format(),
            $number === TradeNumber::Crowded => round(100 * $value).' %',
            default => (string) round($value, 1),
        };

        return new self($number->label(), $shown, $circumstances->numbers->isOwn($number) ? 'your own value' : 'starting value', $number);
    }

    /** How long a film stays so, and what that rests on. */
    public static function ofFilm(DesignFacts $design, int $film, string $label, Duration $length): self
    {
        $number = $design->isWax($film) ? TradeNumber::WaxSeconds : TradeNumber::GlycerineSeconds;
        $basis = $design->circumstances->drying->basis;
        $own = $design->circumstances->numbers->isOwn($number) ? 'your own value' : 'starting value';

        return new self($label, $length->format(), $basis->words() === '' ? $own : "{$own}, {$basis->words()}", $number);
    }
}
