<?php

declare(strict_types=1);

/** The fixed words of a menu's board; designs are called what their painter calls them. */
return [
    'title' => 'Face painting',
    'minutes' => 'min',
    'point' => 'Point at the one you like',
    'free' => 'free',
    'ask' => 'Ask at the chair. Stop whenever you like.',
    'quick' => 'quick',
    'fancy' => 'takes its time',
    'arm' => 'on the arm',
    'big' => 'for big ones',
];
