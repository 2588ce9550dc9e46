<?php

declare(strict_types=1);

namespace Core\Design\Wording;

/** One thing that may be meant, and how the line says it. */
final readonly class Choice
{
    /**
     * @param  string  $says  the words that say it
     * @param  Part|null  $instead  the stretch that they replace; null where they are added at the end
     */
    public function __construct(public string $label, public string $says, public ?Part $instead = null) {}

    /** The text with the choice made. */
    public function madeIn(string $text, int $end): string
    {
        [$from, $to] = $this->instead === null ? [$end, $end] : [$this->instead->start, $this->instead->end()];
        $before = mb_substr($text, 0, $from);
        $said = $this->instead === null ? rtrim($before, " \t,.;").", {$this->says}" : $before.$this->says;

        return $said.mb_substr($text, $to);
    }
}
