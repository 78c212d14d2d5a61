<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Transmuta</title>
    <link rel="icon" type="image/svg+xml" href="/favicon.svg">
    @vite('resources/js/main.tsx')
</head>
<body>
<div id="root"></div>
<noscript>Transmuta computes while you type and needs JavaScript for that.</noscript>
</body>
</html>
