@use(App\Reports\VerdictShape)
<!doctype html>
<html lang="{{ $paper->words->reader->language }}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>{{ $order['number'] }}: {{ $paper->words->say($kind->title()) }}</title>
<style>@font-face{font-family:'Atkinson Hyperlegible Next';src:url(data:font/woff2;base64,{{ $font }}) format('woff2')}</style>
@include('report.style')
</head>
<body class="{{ $kind->value }}">
<header>
  <div>
    <p class="house">{{ $shop }}</p>
    <h1>{{ $paper->words->say($kind->title()) }}</h1>
  </div>
  <div class="facts">
    <table>
      <tr><th>{{ $paper->say('report.head.order') }}</th><td>{{ $order['number'] }}</td></tr>
      <tr><th>{{ $paper->say('report.head.car') }}</th><td>{{ $order['vehicle'] }}</td></tr>
      @if ($order['plate'] !== '')<tr><th>{{ $paper->say('report.head.plate') }}</th><td>{{ $order['plate'] }}</td></tr>@endif
      @if ($order['vin'])<tr><th>{{ $paper->say('report.head.vin') }}</th><td>{{ $order['vin'] }}</td></tr>@endif
      <tr><th>{{ $paper->say('report.head.made') }}</th><td>{{ $paper->moment($madeAt) }}</td></tr>
    </table>
  </div>
</header>
<main>
@if ($open !== [])
<section class="open" data-part="open">
  <h2>{{ $paper->say('report.open') }}</h2>
  <ul>@foreach ($open as $item)<li>{{ $item['says'] }}</li>@endforeach</ul>
  <p>{{ $paper->say('report.open.may-change') }}</p>
</section>
@endif
<section data-part="sensors">
  <h2>{{ $kind->hasEvidence() ? $paper->say('report.sensors') : $paper->say('report.sensors.customer') }}</h2>
  <table class="overview">
    <thead><tr><th>{{ $paper->say('report.head.sensor') }}</th><th>{{ $paper->say('report.head.owed') }}</th><th>{{ $paper->say('report.head.verdict') }}</th></tr></thead>
    <tbody>
    @foreach ($sensors as $sensor)
      <tr><td>{{ $sensor['name'] }}</td><td>{{ $paper->say('report.owed.' . $sensor['owed']['state']) }}</td><td>{!! VerdictShape::svg($paper, $sensor['verdict']) !!}</td></tr>
    @endforeach
    </tbody>
  </table>
</section>
@if ($left !== [])
<section class="open" data-part="left">
  <h2>{{ $paper->say('report.left') }}</h2>
  <ul>@foreach ($left as $item)<li><b>{{ $item['says'] }}</b> {{ $item['left']['person'] }}, {{ $paper->moment($item['left']['at']) }}: {{ $item['left']['reason'] }}</li>@endforeach</ul>
</section>
@endif
@foreach ($sensors as $sensor)
  @if ($kind->hasEvidence() || $sensor['owed']['state'] !== 'not-owed' || $sensor['seal'])
    @include('report.sensor')
  @endif
@endforeach
@include('report.order')
<section data-part="cautions">
  <h2>{{ $paper->say('report.cautions') }}</h2>
  <ul>
    <li>{{ $paper->say('report.caution.maker') }}</li>
    <li>{{ $paper->say('report.caution.unproven') }}</li>
    <li>{{ $paper->say('report.caution.helps') }}</li>
    @foreach (collect($sensors)->flatMap(fn ($sensor) => $kind->hasEvidence() ? ($sensor['state']['card']['cautions'] ?? []) : [])->unique() as $caution)
      <li>{{ $caution }}</li>
    @endforeach
  </ul>
</section>
</main>
<footer>
@if ($book)
  <p>{{ $paper->say('report.book', ['number' => $book['number']]) }} <span class="hash" data-part="head">{{ $book['number'] }}:{{ $book['head'] }}</span></p>
  <p>{{ $paper->say('report.key') }} <span class="hash" data-part="key">{{ $book['key'] }}</span></p>
@endif
  <p>{{ $paper->say('report.computed', ['version' => $core]) }}</p>
</footer>
</body>
</html>
