<?php

declare(strict_types=1);

/** The fixed words of the board that parents see. */
return [
    'painting' => 'En cours',
    'next' => 'Ensuite',
    'about' => 'vers {time}',
    'open' => 'La file est ouverte',
    'closed' => 'La file est fermée',
    'full' => 'Plus de noms aujourd’hui',
    'newName' => 'Un nom donné maintenant : vers {time}',
    'menu' => 'Au menu',
    'soldOut' => 'épuisé',
    'yourNumber' => 'Ton numéro',
    'see' => 'Quand est-ce mon tour ?',
    'turn' => 'C’est ton tour dans {minutes} minutes environ',
    'near' => 'C’est bientôt ton tour',
    'soon' => 'Viens aux chaises maintenant',
    'between' => 'entre {from} et {until}',
    'ahead' => '{count} avant toi',
    'aheadOne' => 'un enfant avant toi',
    'none' => 'Tu es le prochain',
    'called' => 'Appelé',
    'here' => 'En cours maintenant',
    'gone' => 'Le no {number} n’est pas dans la file. Demande aux chaises.',
    'old' => 'État de {time}. La suite dès que le réseau revient.',
    'other' => 'Un autre numéro',
    'nobody' => 'Personne n’attend',
    'textMe' => 'M’envoyer un SMS',
    'slipCode' => 'Code de votre ticket',
    'phone' => 'Numéro de portable',
    'texting' => 'Vous recevez un SMS quand il en reste deux avant vous, quand c’est à vous et quand la file ferme. '
        .'Le numéro est oublié après la journée.',
    'noTexts' => 'Pas de SMS',
    'textsNot' => 'Cela n’a pas marché. Vérifiez le numéro et réessayez.',
];
