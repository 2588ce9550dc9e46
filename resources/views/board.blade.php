<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <meta name="robots" content="noindex">
    <meta name="theme-color" content="#efe7d8">
    <title>Face painting</title>
    <link rel="icon" href="/icon.svg" type="image/svg+xml">
    @vite('resources/js/board.ts')
</head>
<body>
    <div id="board"><noscript>This board needs JavaScript. Ask at the chairs instead.</noscript></div>
</body>
</html>
