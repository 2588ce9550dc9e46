<?php

declare(strict_types=1);

/** The fixed words of the board that parents see. */
return [
    'painting' => 'Pintando ahora',
    'next' => 'Después',
    'about' => 'hacia las {time}',
    'open' => 'La fila está abierta',
    'closed' => 'La fila está cerrada',
    'full' => 'Hoy no hay más números',
    'newName' => 'Un nombre ahora: hacia las {time}',
    'menu' => 'En el menú',
    'soldOut' => 'agotado',
    'yourNumber' => 'Tu número',
    'see' => '¿Cuándo me toca?',
    'turn' => 'Te toca en unos {minutes} minutos',
    'near' => 'Te toca enseguida',
    'soon' => 'Ven ahora a las sillas',
    'between' => 'entre las {from} y las {until}',
    'ahead' => '{count} antes que tú',
    'aheadOne' => 'uno antes que tú',
    'none' => 'Eres el siguiente',
    'called' => 'Llamado',
    'here' => 'Pintando ahora',
    'gone' => 'El n.º {number} no está en la fila. Pregunta en las sillas.',
    'old' => 'Datos de las {time}. Sigue en cuanto vuelva la red.',
    'other' => 'Otro número',
    'nobody' => 'Nadie espera',
    'textMe' => 'Avísame por SMS',
    'slipCode' => 'Código de tu papel',
    'phone' => 'Número de móvil',
    'texting' => 'Recibes un SMS cuando quedan dos antes de ti, cuando es tu turno y cuando se cierra la fila. '
        .'El número se olvida después del día.',
    'noTexts' => 'Sin SMS',
    'textsNot' => 'No ha funcionado. Mira el número y prueba otra vez.',
];
