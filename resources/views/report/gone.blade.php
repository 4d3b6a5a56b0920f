<!doctype html>
<html lang="en">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>This link does not work</title>
<style>html{font:1.1rem/1.5 system-ui,sans-serif;background:#fffdf6;color:#20252b}body{max-width:34rem;margin:12vh auto;padding:0 1rem}h1{font-size:1.5rem}</style>
</head>
<body>
<h1>This link does not work</h1>
<p>It may have run out, it may have been taken back, or a character of it was lost. Ask the shop that gave it to you for another.</p>
</body>
</html>
