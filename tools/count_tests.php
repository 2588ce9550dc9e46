<?php

declare(strict_types=1);

// Adds up the tests in JUnit files, and prints the slowest and then all on one line: php tools/count_tests.php FILE...
const SLOWEST = 10;
$passed = $failed = $skipped = 0;
$seconds = [];
foreach (array_slice($argv, 1) as $file) {
    $report = simplexml_load_file($file);
    if ($report === false) {
        fwrite(STDERR, "{$file} is no JUnit file.\n");
        exit(1);
    }
    foreach ($report->xpath('//testcase') ?? [] as $case) {
        $seconds[basename(explode('::', (string) ($case['file'] ?? $case['classname']))[0]).": {$case['name']}"] = (float) $case['time'];
        match (true) {
            isset($case->failure) || isset($case->error) => $failed++,
            isset($case->skipped) => $skipped++,
            default => $passed++,
        };
    }
}
arsort($seconds);
foreach (array_slice($seconds, 0, SLOWEST) as $test => $time) {
    printf("%6.1f s  %s\n", $time, mb_strimwidth($test, 0, 120, '…'));
}
echo "{$passed} passed, {$failed} failed, {$skipped} skipped\n";
exit($failed > 0 ? 1 : 0);
