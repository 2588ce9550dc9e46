<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\InvalidPin;
use Core\Design\Pin;
use Core\Design\PinKind;
use Core\Design\Step;

/**
 * Reads what a painter types of the order: "foam before outline", "dots after glitter", "keep whiskers and dots together",
 * "base first", "gems last", "dots while flower is wet", "dots need flower". Steps go by their number, their name, or a part of
 * it that no other step has.
 */
final readonly class PinReader
{
    /** @param  list<Step>  $steps */
    public function __construct(private array $steps) {}

    /** @throws InvalidPin saying what to write instead */
    public function read(string $text): Pin
    {
        $text = trim($text);

        return match (true) {
            preg_match('/^(.+?)\s+before\s+(.+)$/iu', $text, $part) === 1 => $this->pin(PinKind::Before, $part[1], $part[2]),
            preg_match('/^(.+?)\s+after\s+(.+)$/iu', $text, $part) === 1 => $this->pin(PinKind::Before, $part[2], $part[1]),
            preg_match(
                '/^(.+?)\s+while\s+(.+?)\s+(?:is|are)\s+(?:still\s+)?wet$/iu',
                $text,
                $part,
            ) === 1 => $this->pin(PinKind::WhileWet, $part[2], $part[1]),
            preg_match('/^(.+?)\s+(?:needs?|only\s+with)\s+(.+)$/iu', $text, $part) === 1 => $this->pin(PinKind::Needs, $part[1], $part[2]),
            preg_match(
                '/^(?:keep\s+)?(.+?)\s+together$/iu',
                $text,
                $part,
            ) === 1 => $this->pin(PinKind::Together, ...$this->listed($part[1])),
            preg_match('/^(.+?)\s+first$/iu', $text, $part) === 1 => $this->pin(PinKind::First, $part[1]),
            preg_match('/^(.+?)\s+last$/iu', $text, $part) === 1 => $this->pin(PinKind::Last, $part[1]),
            default => throw InvalidPin::unreadable($text),
        };
    }

    private function pin(PinKind $kind, string ...$names): Pin
    {
        return new Pin($kind, array_values(array_map($this->step(...), $names)));
    }

    /** @return list<string> */
    private function listed(string $names): array
    {
        $listed = preg_split('/\s*,\s*(?:and\s+)?|\s+and\s+|\s+with\s+/iu', $names);

        return $listed === false ? [] : $listed;
    }

    /** @return string its id */
    private function step(string $name): string
    {
        $name = mb_strtolower(trim($name, " \t\"“”'"));
        $number = preg_match('/^(?:step\s+)?(\d+)$/', $name, $part) === 1 ? (int) $part[1] : 0;
        if ($number >= 1 && $number <= count($this->steps)) {
            return $this->steps[$number - 1]->id;
        }
        $bare = preg_replace('/^the\s+/', '', $name) ?? $name;
        $called = static fn (Step $step): string => mb_strtolower($step->name);
        foreach ([
            static fn (Step $step): bool => $called($step) === $bare,
            static fn (Step $step): bool => $bare !== '' && str_contains($called($step), $bare),
        ] as $fits) {
            $found = array_values(array_filter($this->steps, $fits));
            if ($found !== []) {
                return count($found) === 1 ? $found[0]->id : throw InvalidPin::ambiguousStep($name);
            }
        }

        throw InvalidPin::unknownStep($name);
    }
}
