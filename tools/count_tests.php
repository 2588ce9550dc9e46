<?php

declare(strict_types=1);

// Adds up the tests in JUnit files and prints them on one line: php tools/count_tests.php FILE...
$passed = $failed = $skipped = 0;
foreach (array_slice($argv, 1) as $file) {
    $report = simplexml_load_file($file);
    if ($report === false) {
        fwrite(STDERR, "{$file} is no JUnit file.\n");
        exit(1);
    }
    foreach ($report->xpath('//testcase') ?? [] as $case) {
        match (true) {
            isset($case->failure) || isset($case->error) => $failed++,
            isset($case->skipped) => $skipped++,
            default => $passed++,
        };
    }
}
echo "{$passed} passed, {$failed} failed, {$skipped} skipped\n";
exit($failed > 0 ? 1 : 0);
