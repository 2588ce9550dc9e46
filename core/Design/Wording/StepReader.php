<?php

declare(strict_types=1);

namespace Core\Design\Wording;

use Core\Design\Colour;
use Core\Design\Wording\Internal\Phrases;
use Core\Design\Wording\Internal\Token;
use Core\Design\Wording\Internal\Tokens;
use Core\Units\Duration;

/**
 * Reads a step from one line as painters say it: "sponge pearl white muzzle both sides, 2 coats, 40s, optional". Order,
 * plurals, units and small slips do not matter; what cannot be read is asked about.
 */
final readonly class StepReader
{
    private const LONGEST_PHRASE = 4;

    private Phrases $phrases;

    public function __construct()
    {
        $this->phrases = new Phrases(Vocabulary::phrases());
    }

    public function read(string $text): Reading
    {
        $tokens = Tokens::of($text);
        [$parts, $at] = $this->leadingName($text, $tokens);
        while ($at < count($tokens)) {
            [$part, $taken] = $this->next($tokens, $at, $parts[count($parts) - 1] ?? null);
            if ($part !== null && $part->kind === PartKind::Colour && is_string($part->value)) {
                $parts[] = $this->withValue(array_pop($parts) ?? $part, $part);
            } elseif ($part !== null) {
                $parts[] = $part;
            }
            $at += $taken;
        }

        return new Reading($parts, Questions::about($parts, $text));
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{list<Part>, int} the name as a part, if there is one, and where to read on
     */
    private function leadingName(string $text, array $tokens): array
    {
        foreach ($tokens as $index => $token) {
            $end = $token->end();
            if ($token->text !== ':') {
                continue;
            }
            $only = $index === 1 ? $tokens[0]->quoted : null;
            $name = $only ?? trim(mb_substr($text, 0, $token->start));

            return $name === '' ? [[], 0] : [[new Part(PartKind::Name, $tokens[0]->start, $end - $tokens[0]->start, $name)], $index + 1];
        }

        return [[], 0];
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part|null, int} a part, or none for a word between; how many tokens it took
     */
    private function next(array $tokens, int $at, ?Part $before): array
    {
        return $this->quoted($tokens, $at)
            ?? $this->hex($tokens, $at, $before)
            ?? $this->coats($tokens, $at)
            ?? $this->drying($tokens, $at)
            ?? $this->time($tokens, $at, PartKind::Time)
            ?? $this->phrase($tokens, $at)
            ?? (in_array($tokens[$at]->text, Vocabulary::BETWEEN, true) ? [null, 1] : [$this->part(PartKind::Unread, $tokens, $at, 1, null), 1]);
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null note "…", with "…", or "…" #hex
     */
    private function quoted(array $tokens, int $at): ?array
    {
        $next = $tokens[$at + 1] ?? null;
        $inside = $next?->quoted;
        if ($inside !== null && in_array($tokens[$at]->text, ['note', 'with'], true)) {
            $kind = $tokens[$at]->text === 'note' ? PartKind::Note : PartKind::Tool;

            return [$this->part($kind, $tokens, $at, 2, $inside), 2];
        }
        $name = $tokens[$at]->quoted;
        if ($name !== null && $next !== null && $this->isHex($next)) {
            return [$this->part(PartKind::Colour, $tokens, $at, 2, Colour::of($name, $next->text)), 2];
        }

        return null;
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null a colour of its own, or the value of the colour named just before
     */
    private function hex(array $tokens, int $at, ?Part $before): ?array
    {
        if (! $this->isHex($tokens[$at])) {
            return null;
        }
        $named = $before?->kind === PartKind::Colour && $before->value instanceof Colour && $before->value->name !== ''
            && $before->start + $before->length === ($tokens[$at - 1] ?? $tokens[$at])->end()
            && Vocabulary::colour($before->value->name)?->equals($before->value) === true;

        return [$this->part(PartKind::Colour, $tokens, $at, 1, $named ? $tokens[$at]->text : Colour::of('', $tokens[$at]->text)), 1];
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null
     */
    private function coats(array $tokens, int $at): ?array
    {
        $number = Vocabulary::NUMBERS[$tokens[$at]->text] ?? (ctype_digit($tokens[$at]->text) ? (int) $tokens[$at]->text : null);
        $isCoats = in_array($tokens[$at + 1]->text ?? '', ['coat', 'coats', 'layer', 'layers'], true);

        return $number === null || ! $isCoats ? null : [$this->part(PartKind::Coats, $tokens, $at, 2, $number), 2];
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null dry 0:20
     */
    private function drying(array $tokens, int $at): ?array
    {
        if (! in_array($tokens[$at]->text, ['dry', 'dried'], true)) {
            return null;
        }
        $from = in_array($tokens[$at + 1]->text ?? '', ['for', 'after', 'below'], true) ? 2 : 1;
        $time = isset($tokens[$at + $from]) ? $this->time($tokens, $at + $from, PartKind::Drying) : null;

        return $time === null ? null : [$this->part(PartKind::Drying, $tokens, $at, $from + $time[1], $time[0]->value), $from + $time[1]];
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null 40s, 0:40, 4m30, 1 min 10 s; a bare number could be anything and is asked about
     */
    private function time(array $tokens, int $at, PartKind $kind): ?array
    {
        if (preg_match('/^\d/', $tokens[$at]->text) !== 1) {
            return null;
        }
        for ($taken = $this->withinClause($tokens, $at); $taken > 0; $taken--) {
            $text = implode(' ', array_column(array_slice($tokens, $at, $taken), 'text'));
            $saysUnit = preg_match('/[:a-z\']/', $text) === 1;
            $countsCoats = $taken > 1 && $this->coats($tokens, $at + $taken - 1) !== null;
            $time = $saysUnit && ! $countsCoats ? Duration::tryParse($text) : null;
            if ($time !== null) {
                return [$this->part($kind, $tokens, $at, $taken, $time), $taken];
            }
        }

        return null;
    }

    /**
     * @param  list<Token>  $tokens
     * @return array{Part, int}|null
     */
    private function phrase(array $tokens, int $at): ?array
    {
        foreach ([false, true] as $slips) {
            for ($taken = $this->withinClause($tokens, $at); $taken > 0; $taken--) {
                $words = array_column(array_slice($tokens, $at, $taken), 'text');
                $meaning = $this->phrases->meaning(implode(' ', $words), $slips);
                if ($meaning !== null) {
                    return [$this->part($meaning[0], $tokens, $at, $taken, $meaning[1]), $taken];
                }
            }
        }

        return null;
    }

    /**
     * How many tokens from here on may belong together: nothing reaches across a comma.
     *
     * @param  list<Token>  $tokens
     */
    private function withinClause(array $tokens, int $at): int
    {
        for ($taken = 1; $taken < self::LONGEST_PHRASE; $taken++) {
            if (! isset($tokens[$at + $taken]) || $tokens[$at + $taken]->opensClause) {
                return $taken;
            }
        }

        return self::LONGEST_PHRASE;
    }

    private function isHex(Token $token): bool
    {
        return preg_match('/^#[0-9a-f]{6}$/', $token->text) === 1;
    }

    private function withValue(Part $named, Part $hex): Part
    {
        assert($named->value instanceof Colour && is_string($hex->value));

        return new Part(
            PartKind::Colour,
            $named->start,
            $hex->start + $hex->length - $named->start,
            Colour::of($named->value->name, $hex->value),
        );
    }

    /** @param  list<Token>  $tokens */
    private function part(PartKind $kind, array $tokens, int $at, int $taken, mixed $value): Part
    {
        $start = $tokens[$at]->start;

        return new Part($kind, $start, $tokens[$at + $taken - 1]->end() - $start, $value);
    }
}
