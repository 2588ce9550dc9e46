<?php

declare(strict_types=1);

namespace Core\Design\Wording\Sense;

use Core\Design\Medium;
use Core\Design\Wording\Part;
use Core\Design\Wording\PartKind;
use Core\Units\Duration;

/** Lines of a list that paint nothing: prices, sums, cautions, what one says to the child or wants to remember. */
final readonly class Remarks
{
    /** More of them together, of which none is the trade's, are no thing that is painted. */
    private const WORDS_OF_TALK = 3;

    private const MONEY = '/[£€$💷💰]\s*\d|\d\s*(?:quid|pounds?|euros?|bucks|dollars?|€|£|\$)|^\W*(?:price|prices|cost|costs|charge|preis'
        .'|kostet)\b/iu';

    private const SUM = '/^\W*(?:in )?(?:total|totals|sum|summe|gesamt|insgesamt|altogether|all in all|works out|makes|comes to|adds up)\b|'
        .'^\W*(?:takes? (?:me |about |around )|done in \d|ready in \d)/iu';

    /** Shown at the end, and not the other side of anything. */
    private const MIRROR = '/^\W*(?:the )?mirror\b(?! it| them| all| everything| on\b| to\b| the other| this| that)/iu';

    /** How lines begin that speak of a child, of safety, or to whoever reads. */
    private const SAID_ASIDE = '/^\W*(?:ask|check(?! left| right| both| the sides)|patch test|allerg|sensitive|no (?:painting|paint'
        .'|glitter|gems?|face)|not (?:for|on|under|if|near|in|with)\b'
        .'|never|always|don.?t (?:forget|rush|worry|do|paint|let|use)|do not|remember|make sure|be careful|careful|mind|warning|caution'
            .'|nb\b|n\.b|note\b|notes\b'
        .'|ages?\b|parents?\b|mums?\b|mam\b|dads?\b|kids?\b|children\b|child\b|toddlers?\b|babies\b|girls\b|boys\b|most\b|some (?:kids'
            .'|children|people)|everyone|everybody'
        .'|this one|that one is|it[’\']s |they |i (?:never|always|like|love|don.?t|find|think|got)|we (?:never|always)|you (?:can|could'
            .'|need|may|might)|why\b'
        .'|wash(?:es)? off|washing|comes off|remove with|soap|photo|picture|pics?\b|selfie|tips?:|ps\b|p\.s|hint|idea|good for|great for'
            .'|best for|suits|suitable|popular|works well'
        .'|have (?:a|some)|needs?\b|you.?ll need|bring|pack|buy|order more|order\b|borrow|learn|practi[cs]e|year\b|new sponge for'
            .'|one sponge|clean sponge for|fresh sponge for'
        .'|do the (?:left|right|other)|hardest|easiest|trick(?:y|iest)?\b|watch (?:out|the|for)'
        .'|hygiene|first aid|consent|permission|nothing|none|other side\W+nothing|over \d+s|under \d+s|for \d+ kids|hallo|hello|hi\b'
            .'|thanks|thank you|enjoy|smile for'
        .'|achtung|vorsicht|nicht\b|nie\b|fragen|frag\b|eltern|kinder\b|mama\b|papa\b|ab \d+ jahren|foto|tipp|wichtig|hinweis|immer\b)/iu';

    /**
     * @param  Said  $said  the words of the line
     * @param  bool  $isTimed  by a column or a time mark
     * @param  bool  $isInList  and not a step typed by itself, which may be one word
     */
    public static function isOne(Said $said, string $text, bool $isTimed, bool $isInList): bool
    {
        $saysTime = $isTimed || $said->values(PartKind::Time, Duration::class) !== [];
        $isPaint = self::isPaint($said);

        return match (true) {
            str_starts_with(ltrim($text), '"') => false,
            preg_match(self::SUM, $text) === 1, preg_match(self::MONEY, $text) === 1 => ! ($isPaint && $saysTime
                && self::saysSeconds($text)),
            preg_match(self::SAID_ASIDE, $text) === 1 => ! ($isPaint && $saysTime),
            preg_match(self::MIRROR, $text) === 1 => $said->has(PartKind::Words) && ! $isPaint,
            default => ! $isPaint && ! $saysTime && self::isButWords($said, $isInList ? 1 : self::WORDS_OF_TALK),
        };
    }

    /** Whether a line that begins with that is taken for one, where no paint and time follow. */
    public static function mayBeOne(string $words): bool
    {
        return preg_match(self::SUM, $words) === 1 || preg_match(self::MONEY, $words) === 1 || preg_match(self::SAID_ASIDE, $words) === 1;
    }

    /** Whether it names a colour, a tool or a stroke. */
    public static function isPaint(Said $said): bool
    {
        $media = array_filter($said->values(PartKind::Medium, Medium::class), static fn (Medium $one): bool => $one !== Medium::Bare);

        return $said->colours() !== [] || $media !== [] || $said->has(PartKind::Technique) || $said->has(PartKind::Tool);
    }

    private static function saysSeconds(string $text): bool
    {
        return preg_match('/\d\s*(?:s|secs?|seconds?|sek\.?|")(?!\p{L})|\d:\d\d/iu', $text) === 1;
    }

    /** More words of the painter's own than a thing and a place that nobody knows would have. */
    private static function isButWords(Said $said, int $least): bool
    {
        $words = array_filter(
            $said->all(PartKind::Words),
            static fn (Part $part): bool => preg_match('/\p{L}{2,}/u', $said->wordsOf($part)) === 1,
        );
        $known = $said->has(PartKind::Thing) || $said->has(PartKind::Shape) || $said->has(PartKind::Zone) || $said->has(PartKind::Act)
            || $said->has(PartKind::Again);

        return count($words) >= $least && (! $known || count($words) > self::WORDS_OF_TALK);
    }
}
