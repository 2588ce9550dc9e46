<?php

declare(strict_types=1);

/** The fixed words of the board that parents see. */
return [
    'painting' => 'Being painted',
    'next' => 'Next',
    'about' => 'about {time}',
    'open' => 'The line is open',
    'closed' => 'The line is closed',
    'full' => 'No more names today',
    'newName' => 'A name taken now: about {time}',
    'menu' => 'On the menu',
    'soldOut' => 'sold out',
    'yourNumber' => 'Your number',
    'see' => 'Show my turn',
    'turn' => 'Your turn in about {minutes} minutes',
    'near' => 'Your turn any minute now',
    'soon' => 'Go to the chairs now',
    'between' => 'between {from} and {until}',
    'ahead' => '{count} before you',
    'aheadOne' => 'one before you',
    'none' => 'You are next',
    'called' => 'Called',
    'here' => 'Being painted now',
    'gone' => 'No. {number} is not in the line. Ask at the chairs.',
    'old' => 'This is from {time}. It goes on as soon as there is a network.',
    'other' => 'Another number',
    'nobody' => 'Nobody is waiting',
    'textMe' => 'Text me',
    'slipCode' => 'Code on your slip',
    'phone' => 'Mobile number',
    'texting' => 'You are texted when two are before you, when it is your turn, and when the line is closing. '
        .'The number is forgotten after the day.',
    'noTexts' => 'No texts',
    'textsNot' => 'That did not work. Look at the code and the number, and try again.',
];
