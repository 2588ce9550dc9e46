<?php

declare(strict_types=1);

namespace Core\Plan;

/** Starting constants of the event plan. Each is this team's estimate unless a source stands beside it. */
final readonly class Defaults
{
    /** How far one turnaround lies from the next, as a standard deviation of the logarithm. */
    public const TURNAROUND_SPREAD = 0.3;

    /** How far one face lies from the next where nothing is logged, likewise. */
    public const FACE_SPREAD = 0.2;

    /** How far a whole day's faces may lie off what was planned where nothing is logged, likewise. */
    public const DAY_DOUBT = 0.12;

    /** How far a whole day lies off where there is a log, likewise: weather, weariness, the children of that place. */
    public const LOGGED_DOUBT = 0.05;

    /** No hand is steadier than this from face to face, likewise. */
    public const LEAST_SPREAD = 0.05;

    /** "One child gets a popular design and a dozen ask for it" (common practice, no source): what one choice adds to its weight. */
    public const CONTAGION = 0.08;

    /** Where nobody says when names stop, they are thought to stop so long before closing. */
    public const LAST_NAME_MINUTES = 10;

    /** The chance of painting everybody that a painter wants, unless another is set. */
    public const WANTED_CHANCE = 0.9;

    /** A rush: so many children wait for each chair. */
    public const RUSH_WAITING = 3;

    /** As long as somebody would come for the rush. */
    public const RUSH_HOURS = 2;

    /** What a painter who tries cuts off each turnaround. */
    public const TURNAROUND_CUT_SECONDS = 20;

    /** Of each turnaround, where a helper takes names and money. */
    public const HELPER_TAKES_SECONDS = 20;

    public const EARLIER_MINUTES = 30;

    /** Days played to compare two plans, with the same children. */
    public const LEVER_RUNS = 400;

    /** Days played for the first answer, and for the one that stays. */
    public const FIRST_RUNS = 100;

    public const RUNS = 10_000;

    /** Faces that each design of a menu is thought to have had before any were counted: what was chosen before tells, but not all. */
    public const DEMAND_BEFORE = 5;

    /** How children come to an open line: six of ten alone, three in pairs, one of three. */
    public const GROUPS = [6.0, 3.0, 1.0];

    public const SET_UP_MINUTES = 30;

    public const PACK_UP_MINUTES = 20;

    /** Children of one event beyond which a number is a slip of the finger. */
    public const MOST_CHILDREN = 5000;

    /** Most runs that one question may ask for. */
    public const MOST_RUNS = 100_000;

    /** Wished for each artist's hour where nobody has said, in whole units of the currency. */
    public const HOUR_UNITS = 35.0;

    /** For less nobody sets out, likewise. */
    public const LEAST_CHARGE_UNITS = 80.0;

    /** A kilometre of the way, likewise. */
    public const KILOMETRE_UNITS = 0.3;

    /** Paint, wipes and sponges of one face, likewise. */
    public const MATERIALS_UNITS = 0.5;

    /** From home to an event whose way nobody has said. */
    public const TRAVEL_MINUTES = 20;

    /** Faces of children under WRIGGLING_AGE take so much longer. */
    public const WRIGGLING = 0.15;

    public const WRIGGLING_AGE = 5;

    /** How long a child sits still at an age, in seconds: at 2, 3, 4, 5, 6, and 7 and above. */
    public const SITS_SECONDS = [2 => 75, 3 => 120, 4 => 180, 5 => 240, 6 => 300, 7 => 420];

    /** Under that age no full face and no gems (common practice, no source). */
    public const LITTLE_AGE = 3;

    public const OLDEST_AGE = 17;

    /** So many days say as much of how far a day lies off its forecast as LOGGED_DOUBT does. */
    public const DAYS_BEFORE = 4.0;
}
