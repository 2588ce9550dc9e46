<?php

declare(strict_types=1);

/** The fixed words of a menu's board; designs are called what their painter calls them. */
return [
    'title' => 'Kinderschminken',
    'minutes' => 'Min.',
    'point' => 'Zeig auf das, was dir gefällt',
    'free' => 'gratis',
    'ask' => 'Frag am Stuhl. Du darfst immer aufhören.',
    'quick' => 'geht schnell',
    'fancy' => 'braucht Zeit',
    'arm' => 'auf den Arm',
    'big' => 'für Große',
];
