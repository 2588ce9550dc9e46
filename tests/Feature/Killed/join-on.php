<?php

declare(strict_types=1);

// Takes names as 1.0.0 did, one after another, and says of each that it is kept. php join-on.php DAY DESIGN

[, $day, $design] = $argv;
$there = new PDO(
    sprintf('mysql:host=%s;port=%s;dbname=%s', getenv('DB_HOST'), getenv('DB_PORT'), getenv('DB_DATABASE')),
    (string) getenv('DB_USERNAME'),
    (string) getenv('DB_PASSWORD'),
);
for ($number = 1_000; ; $number++) {
    // In the order of their making, as ids are.
    $ticket = sprintf('01kbcdefgh%016d', $number);
    $tap = sprintf('01kbcdefgj%016d', $number);
    for ($isKept = false; ! $isKept;) {
        // While a table is being rewritten the database may refuse a row; a browser sends its tap again.
        try {
            $there->beginTransaction();
            $there->prepare('insert into tickets (id, event_day_id, number) values (?, ?, ?)')->execute([$ticket, $day, $number]);
            $there->prepare('insert into chair_events (id, event_day_id, kind, at_ms, ticket_id, design_id) values (?, ?, ?, ?, ?, ?)')
                ->execute([$tap, $day, 'joined', 1_762_513_200_000 + 1000 * $number, $ticket, $design]);
            $isKept = $there->commit();
        } catch (PDOException) {
            $there->inTransaction() && $there->rollBack();
        }
    }
    echo $tap, "\n";
    usleep(2_000);
}
