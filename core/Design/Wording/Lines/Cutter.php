<?php

declare(strict_types=1);

namespace Core\Design\Wording\Lines;

use Core\Design\Wording\LineKind;
use Core\Design\Wording\ListTooLong;
use Core\Design\Wording\Placements;

/** Cuts a pasted list of any shape into lines, and lines into the pieces that speak of one step each. */
final readonly class Cutter
{
    private const BULLET = '/^\s*(?:(?:[-*•‣–—·○●▪◦▶►→✓✔☐☑>+]|\[[ xX]?\])(?=\s)|\(?\d{1,3}[.)](?!\d)'
        .'|\[\d{1,3}\](?=\s)|\(?[a-hA-H][.)](?=\s)|(?:step|schritt)\s*\d{1,3}\s*[:.)\-–—]*(?=\s|$)|no\.?\s*\d{1,3}\s*[:)\-–—]+(?=\s|$)'
            .'|#{1,6}(?=\s))\s*/iu';

    /** A number in front, as numbered lists have it where they go without a sign. */
    private const NUMBERED = '/^\s*(\d{1,3})\s*(?:[-–—:]\s*)?(?<=[\s:–—-])(?=\p{L}|(?<=[-–—:]\s)\d)/u';

    private const HEADING = '/^(?:[^\d:,;"“]{2,48}):$/u';

    private const MARKED_HEADING = '/^\s*(?:#{1,6}\s+|={2,}\s*|-{2,}\s*|~{2,}\s*|\*{2,}\s*|_{2})(?<says>[^*=#_~]{2,60}?)(?:\s*={2,}'
        .'|\s*-{2,}|\s*~{2,}|\s*\*{2,}|_{2})?:?\s*$/u';

    /** Blank, or a line drawn between others. */
    private const RULED = '/^[\s|:=_*+-]*$/u';

    /** So many lines in a row make a numbered list. */
    private const LEAST_NUMBERED = 3;

    /** Directions of text, marks of order and other signs that nobody sees. */
    private const UNSEEN = '/[\x00-\x08\x0B-\x1F\x7F\x{200B}-\x{200F}\x{202A}-\x{202E}\x{2060}-\x{2069}\x{FEFF}]/u';

    public const MOST_LINES = 10_000;

    /**
     * Of a line, in letters: a paragraph with all the steps of a design. What stands beyond is not looked at, as reading it would take
     * time by the square of its length.
     */
    public const LONGEST_LINE = 2_000;

    /**
     * @return list<Line> blank ones left out
     *
     * @throws ListTooLong
     */
    public static function lines(string $list): array
    {
        $count = substr_count($list, "\n") + 1;
        if ($count > self::MOST_LINES) {
            throw ListTooLong::lines($count, self::MOST_LINES);
        }
        $texts = explode("\n", preg_replace('/\r\n|\r|\x{2028}|\x{2029}/u', "\n", mb_scrub($list)) ?? '');
        $lines = [];
        $columns = Columns::of($texts);
        $isNumbered = $columns === null && self::areNumbered($texts);
        foreach ($texts as $at => $text) {
            $seen = preg_replace(self::UNSEEN, ' ', $text) ?? '';
            if (preg_match(self::RULED, $seen) !== 1) {
                $lines[] = self::line($at + 1, $seen, $columns, $isNumbered);
            }
        }

        return Marks::read(self::titled($lines));
    }

    private static function line(int $number, string $text, ?Columns $columns, bool $isNumbered): Line
    {
        $text = strlen($text) > self::LONGEST_LINE ? mb_substr($text, 0, self::LONGEST_LINE) : $text;
        $placement = Placements::inLine($text);
        if ($placement !== null) {
            return new Line(number: $number, text: $text, kind: LineKind::Placement, stretches: [], says: $placement->value);
        }
        if (preg_match(self::MARKED_HEADING, $text, $found) === 1) {
            return new Line(number: $number, text: $text, kind: LineKind::Heading, stretches: [], says: trim($found['says'], " :\t"));
        }
        if ($columns !== null && $columns->isHeader($text)) {
            return new Line($number, $text, LineKind::Header, []);
        }
        $bare = self::withoutBullet($text, $isNumbered);
        if (preg_match(self::HEADING, trim($bare)) === 1) {
            return new Line(number: $number, text: $text, kind: LineKind::Heading, stretches: [], says: trim($bare, " :\t"));
        }
        if ($columns !== null && $columns->has($text)) {
            return new Line($number, $text, LineKind::Steps, [$columns->stretch($bare)]);
        }

        return new Line($number, $text, LineKind::Steps, Pieces::of($bare));
    }

    /** The bullet, number or "Step 3:" in front turned into blanks. */
    private static function withoutBullet(string $text, bool $isNumbered): string
    {
        if ($isNumbered && preg_match(self::NUMBERED, $text, $found) === 1) {
            return str_repeat(' ', mb_strlen($found[0])).mb_substr($text, mb_strlen($found[0]));
        }
        $text = str_replace(['**', '__'], '  ', $text);
        if (preg_match(self::BULLET, $text, $found) !== 1 || preg_match('/^\s*\d{1,3}\.\s*\d/', $text) === 1) {
            return $text;
        }

        return str_repeat(' ', mb_strlen($found[0])).mb_substr($text, mb_strlen($found[0]));
    }

    /**
     * Whether lines begin with 1, 2, 3 and so on.
     *
     * @param  list<string>  $texts
     */
    private static function areNumbered(array $texts): bool
    {
        $next = 1;
        foreach ($texts as $text) {
            $isNext = preg_match(self::NUMBERED, $text, $found) === 1 && (int) $found[1] === $next;
            if (! $isNext && $next > 1 && preg_match('/^\s*\d/', $text) === 1) {
                return false;
            }
            $next += $isNext ? 1 : 0;
        }

        return $next > self::LEAST_NUMBERED;
    }

    /**
     * A first line without a bullet above lines with bullets is the title.
     *
     * @param  list<Line>  $lines
     * @return list<Line>
     */
    private static function titled(array $lines): array
    {
        $steps = array_values(array_filter($lines, static fn (Line $line): bool => $line->kind === LineKind::Steps));
        if (count($steps) < 3 || $steps[0] !== ($lines[0]->kind === LineKind::Placement ? $lines[1] : $lines[0])) {
            return $lines;
        }
        $hasBullet = static fn (Line $line): bool => preg_match(self::BULLET, $line->text) === 1
            || preg_match(self::NUMBERED, $line->text) === 1;
        $isTitle = ! $hasBullet($steps[0]) && $hasBullet($steps[1]) && $hasBullet($steps[2]) && preg_match('/\d/', $steps[0]->text) !== 1
            && mb_strlen($steps[0]->text) < 50;

        return $isTitle ? array_map(
            static fn (Line $line): Line => $line === $steps[0] ? new Line(
                number: $line->number,
                text: $line->text,
                kind: LineKind::Heading,
                stretches: [],
                says: trim($line->text),
            ) : $line,
            $lines,
        ) : $lines;
    }
}
