<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="theme-color" content="#efe7d8">
    <title>Inch Timer</title>
    <link rel="manifest" href="/manifest.webmanifest">
    <link rel="apple-touch-icon" href="/icons/icon-192.png">
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite('resources/js/app.ts')
</head>
<body>
    <div id="app"><noscript>Inch Timer needs JavaScript: switch it on for this page and load it again.</noscript></div>
</body>
</html>
