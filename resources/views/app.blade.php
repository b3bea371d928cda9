<!doctype html>
<html lang="en">
<head>
    <meta charset="utf-8">
    <meta name="viewport" content="width=device-width, initial-scale=1">
    <title>Ricamo</title>
    <link rel="icon" href="/ricamo.svg" type="image/svg+xml">
    @vite(['resources/js/main.ts'])
</head>
<body>
    <div id="app"></div>
</body>
</html>
