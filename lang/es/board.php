<?php

declare(strict_types=1);

/** The fixed words of a menu's board; designs are called what their painter calls them. */
return [
    'title' => 'Pintacaras',
    'minutes' => 'min',
    'point' => 'Señala el que te gusta',
    'free' => 'gratis',
    'ask' => 'Pregunta en la silla. Puedes parar cuando quieras.',
    'quick' => 'rápido',
    'fancy' => 'lleva su tiempo',
    'arm' => 'en el brazo',
    'big' => 'para mayores',
];
