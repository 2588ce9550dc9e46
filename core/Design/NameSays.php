<?php

declare(strict_types=1);

namespace Core\Design;

/**
 * What a painter says of a step by the way, in its name or note, in English or in German. No field says it: these are the words that
 * the craft goes by, and their only place.
 */
enum NameSays: string
{
    /** Whoever sits for it may not move. */
    case HoldStill = '\b(?:hold|holds|keep|keeps|sit|stay)\s+(?:very\s+|quite\s+)?still\b|\bstill\s*(?:halten|sitzen)';

    /** A line shows where things go, and is painted over on purpose. */
    case MarksFirst = '\bmark|\b(?:vor|an)zeichne';

    case Glue = '\bglue|kleber\b';

    case NoLatex = 'latex.?free|(?:no|without|ohne) latex|latexfrei';

    /** It makes another thing shine, whatever that is. */
    case Shines = 'highlight|sparkle|glint|shine|shiny|gleam|twinkle|catchlight|pupil|\beyes?\b|glanz|glitzer|\baugen?\b';

    /** It darkens what lies there. */
    case Darkens = '\bshad(?:e|es|ing|ow|ows)\b|schatt(?:en|ier)';

    /** It lights up what lies there. */
    case Lights = 'highlight|\bshine\b|\bgleam\b|\bglint\b|glanz|\blicht(?:er|kante)?\b';

    /** It is done for the step that was painted before; all other small acts make the next one ready. */
    case ServesBefore = 'wip|clean|tidy|tissue|blot|check|mirror|photo|edge|dry|wisch|säuber|sauber|tupf|spiegel|foto|kante|trockn';

    /** Whether one of the texts says so. */
    public function in(string ...$texts): bool
    {
        return preg_match("/{$this->value}/iu", implode(' ', $texts)) === 1;
    }
}
