<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Transmuta</title>
    <meta property="csp-nonce" content="{{ Vite::cspNonce() }}">
    <link rel="icon" type="image/svg+xml" href="/favicon.svg">
    {{-- Stands while the interface itself is still on its way: on a slow line that is seconds. --}}
    <link rel="stylesheet" href="/waiting.css">
    @vite('resources/js/main.tsx')
</head>
<body>
<div id="root"><div class="waiting"><div class="waiting-rooms">Tr</div><div class="waiting-room" role="status">Laying out the counter…<i></i><i></i><i></i></div></div></div>
<noscript>Transmuta computes while you type and needs JavaScript for that.</noscript>
</body>
</html>
