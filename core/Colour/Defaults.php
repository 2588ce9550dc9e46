<?php

declare(strict_types=1);

namespace Core\Colour;

/** Starting constants of colour on skin. Each is this team's estimate unless a source stands beside it. */
final readonly class Defaults
{
    /** Middling skin, where nothing else is known. Team's estimate. */
    public const SKIN = '#d8a98c';

    /**
     * Scattering times thickness of one coat at usual load, per finish. Set so that white over red takes two to three coats
     * and one over white or bare skin (common practice, no source); the others by the trade's words for them.
     */
    public const COVER_REGULAR = 1.6;

    public const COVER_PEARL = 0.9;

    public const COVER_METALLIC = 2.4;

    public const COVER_NEON = 1.0;

    /** Glycerine paint lies softer and thinner than wax. Team's estimate. */
    public const GLYCERINE_SHARE = 0.8;

    /** A damp coat is thin, a nearly liquid one weak for all its water. Team's estimates. */
    public const DAMP_SHARE = 0.85;

    public const LIQUID_SHARE = 0.8;

    /** No paint reflects nothing or everything. Kubelka and Munk's quotient needs that too. */
    public const LEAST_REFLECTANCE = 0.004;

    public const MOST_REFLECTANCE = 0.985;

    /** A film this near to the colour meant has covered. Team's estimate. */
    public const COVERED_WITHIN = 9.0;

    /** After this many coats more of them help no more. */
    public const MOST_COATS = 6;

    /**
     * Share of a stroke that comes from a fully wet darker film below, by the stroke's load: a little dark goes a long way. Common
     * practice, no source: white on wet black greys, petals on a sponged base stay clean.
     */
    public const PICKED_UP_DAMP = 0.04;

    public const PICKED_UP_NORMAL = 0.08;

    public const PICKED_UP_LIQUID = 0.2;

    /**
     * The same of a paler film below, which it takes far more of to show: set so that red on wet white turns pink and a violet
     * heart in a wet white flower lilac (common practice, no source).
     */
    public const PALE_PICKED_UP_DAMP = 0.7;

    public const PALE_PICKED_UP_NORMAL = 0.85;

    public const PALE_PICKED_UP_LIQUID = 0.92;

    /** A stroke this far from the colour meant has turned, for somebody two metres away. Team's estimate. */
    public const TURNED_BEYOND = 14.0;

    /** Steps of CIELAB lightness that turn a colour which keeps its name, red into a pale red. Team's estimate. */
    public const PALER_BY = 8.0;

    /** In a blend the brush drags this share of the colour it comes from along, and this share back. Team's estimates. */
    public const DRAGGED_SHARE = 0.3;

    public const BROUGHT_BACK_SHARE = 0.08;

    /** A mixture with less than this share of both colours' chroma is mud. Team's estimate. */
    public const MUD_SHARE = 0.55;

    /** Greys and near-greys cannot turn to mud. Team's estimate. */
    public const MUD_NEEDS_CHROMA = 22.0;

    /** A line less different from its ground than this is not seen from two metres. Team's estimate. */
    public const SEEN_AT_TWO_METRES = 12.0;

    /** Colours nearer than this are of one kind: nobody sees whether the one took up some of the other. Team's estimate. */
    public const OWN_KIND_WITHIN = 18.0;

    /** From this chroma on a colour is strong: it stains what is laid over it. Team's estimate. */
    public const STRONG_CHROMA = 40.0;

    /** CIELAB a* from which a colour is a red that takes two coats of white to cover. Team's estimate. */
    public const RED_FROM = 40.0;

    /** Lightness from which a colour is pale, and below which it is dark. Team's estimates. */
    public const PALE_LIGHTNESS = 78.0;

    public const DARK_LIGHTNESS = 40.0;
}
