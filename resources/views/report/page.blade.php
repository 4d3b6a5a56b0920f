@use(App\Reports\VerdictShape)
<!doctype html>
<html lang="{{ $paper->words->reader->language }}">
<head>
<meta charset="utf-8">
<meta name="viewport" content="width=device-width">
<title>{{ $order['number'] }}: {{ $kind->title() }}</title>
<style>@font-face{font-family:'Atkinson Hyperlegible Next';src:url(data:font/woff2;base64,{{ $font }}) format('woff2')}</style>
@include('report.style')
</head>
<body class="{{ $kind->value }}">
<header>
  <div>
    <p class="house">{{ $shop }}</p>
    <h1>{{ $kind->title() }}</h1>
  </div>
  <div class="facts">
    <table>
      <tr><th>Order</th><td>{{ $order['number'] }}</td></tr>
      <tr><th>Car</th><td>{{ $order['vehicle'] }}</td></tr>
      @if ($order['plate'] !== '')<tr><th>Plate</th><td>{{ $order['plate'] }}</td></tr>@endif
      @if ($order['vin'])<tr><th>VIN</th><td>{{ $order['vin'] }}</td></tr>@endif
      <tr><th>Report of</th><td>{{ $paper->moment($madeAt) }}</td></tr>
    </table>
  </div>
</header>
<main>
@if ($open !== [])
<section class="open" data-part="open">
  <h2>This order is still open</h2>
  <ul>@foreach ($open as $item)<li>{{ $item['says'] }}</li>@endforeach</ul>
  <p>What this report says may still change.</p>
</section>
@endif
<section data-part="sensors">
  <h2>{{ $kind->hasEvidence() ? 'Sensors and verdicts' : 'The radar sensors of your car' }}</h2>
  <table class="overview">
    <thead><tr><th>Sensor</th><th>Owed</th><th>Verdict</th></tr></thead>
    <tbody>
    @foreach ($sensors as $sensor)
      <tr><td>{{ $sensor['name'] }}</td><td>{{ ['owed' => 'yes', 'not-owed' => 'no', 'unknown' => 'not known'][$sensor['owed']['state']] ?? '' }}</td><td>{!! VerdictShape::svg($paper, $sensor['verdict']) !!}</td></tr>
    @endforeach
    </tbody>
  </table>
</section>
@if ($left !== [])
<section class="open" data-part="left">
  <h2>Handed over as it is</h2>
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
  <h2>Cautions</h2>
  <ul>
    <li>The vehicle maker’s current service information, local law and the licensed technician decide. Lumbro computes, records and warns.</li>
    <li>A car whose driver assistance is not proven is handed over only with that stated in writing.</li>
    <li>Driver assistance helps; it does not drive. After work on the bumper, the bracket, the suspension or the sensor itself, have it looked at again.</li>
    @foreach (collect($sensors)->flatMap(fn ($sensor) => $kind->hasEvidence() ? ($sensor['state']['card']['cautions'] ?? []) : [])->unique() as $caution)
      <li>{{ $caution }}</li>
    @endforeach
  </ul>
</section>
</main>
<footer>
  <p>Computed by Lumbro {{ $core }}. The seal is the SHA-256 of a sensor’s record in its canonical form (RFC 8785): the record’s file carries it, and a changed byte does not fit it.</p>
</footer>
</body>
</html>
