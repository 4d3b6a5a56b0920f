@use(App\Reports\VerdictShape)
@if ($order['road'] !== [])
<section data-part="road">
  <h2>On the road</h2>
  <table>
    <thead><tr><th>Function</th><th>Found</th><th>Driver, route, weather</th></tr></thead>
    <tbody>
    @foreach ($order['road'] as $function)
      <tr>
        <td>{{ $function['question'] }}</td>
        <td><b>{{ ['seen' => 'seen', 'not-seen' => 'it did not', 'untested' => 'untested'][$function['found']] ?? 'not looked for' }}</b>{{ $function['reason'] ? ': ' . $function['reason'] : '' }}</td>
        <td>{{ implode(', ', array_filter([$function['driver'], $function['route'], $function['weather']])) }}</td>
      </tr>
    @endforeach
    </tbody>
  </table>
</section>
@endif
@foreach ($drives as $drive)
<section data-part="drive">
  <h2>Learning drive</h2>
  <p>{{ $drive['driver'] }} drove, {{ $paper->moment(is_numeric($drive['track']['from']) ? gmdate('c', (int) $drive['track']['from']) : $drive['track']['from']) }}. A drive that completes says nothing by itself about the axis.</p>
  <table>
    <thead><tr><th>Sensor</th><th>Counted</th><th>Asked</th><th>Lost</th></tr></thead>
    <tbody>
    @foreach ($drive['sensors'] as $judged)
      <tr><td>{{ $judged['name'] }}</td><td><b>{{ $paper->decimal($judged['seconds'] / 60) }} min, {{ $paper->decimal($judged['metres'] / 1000) }} km</b>: {{ $judged['isEnough'] ? 'enough' : 'not enough' }}</td><td>{{ $paper->decimal($judged['needed']['seconds'] / 60) }} min, {{ $paper->decimal($judged['needed']['metres'] / 1000) }} km</td><td>@foreach ($judged['lost'] as $lost){{ $paper->decimal($lost['seconds'] / 60) }} min {{ $lost['says'] }}{{ $loop->last ? '' : '; ' }}@endforeach</td></tr>
    @endforeach
    </tbody>
  </table>
</section>
@endforeach
@if ($kind->hasEvidence())
<section data-part="scans">
  <h2>Trouble codes</h2>
  @if ($order['comparison'])
    @foreach (['cleared' => 'Gone since the pre-scan', 'came' => 'New since the pre-scan', 'remain' => 'Remaining'] as $part => $title)
      <h3>{{ $title }}</h3>
      <p>@forelse ($order['comparison'][$part] as $code)<b>{{ $code['code'] }}</b> {{ $code['unit'] }}{{ $code['text'] ? ', ' . $code['text'] : '' }}{{ $loop->last ? '.' : '; ' }} @empty none. @endforelse</p>
    @endforeach
  @endif
  @forelse ($order['scans'] as $scan)
    <p class="soft">{{ $scan['phase'] === 'pre' ? 'Pre-scan' : 'Post-scan' }}: {{ $scan['tool'] }}, {{ $scan['origin'] }}, {{ $scan['person'] }}, {{ $paper->moment($scan['at']) }}; {{ count($scan['codes']) }} {{ count($scan['codes']) === 1 ? 'code' : 'codes' }}.</p>
    @if ($kind->hasAll() && $scan['codes'] !== [])
      <ul>@foreach ($scan['codes'] as $code)<li><b>{{ $code['code'] }}</b> {{ $code['unit'] }}, {{ str_replace('-', ' ', $code['sort']) }}: {{ $code['why'] }}</li>@endforeach</ul>
    @endif
  @empty
    <p>Not scanned.</p>
  @endforelse
</section>
<section data-part="work">
  <h2>What was done to the car</h2>
  <ul>@forelse ($order['operations'] as $operation)<li>{{ ucfirst($operation['says']) }} ({{ $operation['state'] }}; {{ $operation['person'] }}{{ $operation['word'] ? ', on the word of ' . $operation['word'] : '' }})</li>@empty<li>Nothing entered.</li>@endforelse</ul>
  @if ($order['captures'] !== [])
  <h3>Captured while the cover was off</h3>
  <table>
    <thead><tr><th>Sensor</th><th>What</th><th>Found</th><th>By</th></tr></thead>
    <tbody>
    @foreach ($order['captures'] as $capture)
      @if ($kind->hasAll() || $capture['value'] !== null || $capture['warning'])
      <tr><td>{{ $capture['sensorName'] }}</td><td>{{ $capture['question'] }}</td><td>{{ $capture['value'] === null ? ($capture['reason'] ?? 'not captured') : $capture['value'] . ' ' . $capture['unit'] }}{{ $capture['warning'] ? ': ' . $capture['warning'] : '' }}</td><td>{{ $capture['person'] }}{{ $capture['word'] ? ', on the word of ' . $capture['word'] : '' }}</td></tr>
      @endif
    @endforeach
    </tbody>
  </table>
  @endif
  @if ($kind->hasAll())
  <h3>Preconditions</h3>
  <ul>@foreach ($order['conditions'] as $condition)<li>{{ $condition['sensorName'] ? $condition['sensorName'] . ': ' : '' }}{{ $condition['question'] }}: <b>{{ $condition['answer'] ?? 'not answered' }}</b>{{ $condition['word'] ? ', on the word of ' . $condition['word'] : '' }} {{ implode(' ', $condition['findings']) }}</li>@endforeach</ul>
  @if ($order['note'])<h3>Note</h3><p>{{ $order['note'] }}</p>@endif
  @endif
</section>
@if ($photos !== [])
<section data-part="photos">
  <h2>Photos</h2>
  <div class="photos">
  @foreach ($photos as $photo)
    <figure>@if ($photo['src'])<img src="{{ $photo['src'] }}" alt="{{ $photo['about'] }}">@else<p>The file of this photo is gone.</p>@endif<figcaption>{{ $photo['about'] }}{{ $photo['sensor'] ? ', ' . $photo['sensor'] : '' }}. {{ $photo['person'] }}, {{ $paper->moment($photo['at']) }}. SHA-256 {{ substr((string) $photo['hash'], 0, 16) }}…</figcaption></figure>
  @endforeach
  </div>
  @if ($photoCount > count($photos))<p>{{ $photoCount - count($photos) }} more in the shop’s record.</p>@endif
</section>
@endif
@endif
