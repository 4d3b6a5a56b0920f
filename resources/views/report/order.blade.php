@use(App\Reports\VerdictShape)
<section data-part="others">
  <h2>{{ $paper->say('report.others') }}</h2>
  @forelse ($order['others'] as $other)
    <p>{{ $other['name'] === null ? $paper->say('report.others.none') : $paper->say('report.others.one', ['name' => $other['name'], 'state' => $other['state'] === 'not-owed' ? 'not' : 'owed', 'why' => $other['why'] ?? '']) }}</p>
  @empty
    <p>{{ $paper->say('report.others.nobody') }}</p>
  @endforelse
</section>
@if ($order['road'] !== [])
<section data-part="road">
  <h2>{{ $paper->say('report.road') }}</h2>
  <table>
    <thead><tr><th>{{ $paper->say('report.head.function') }}</th><th>{{ $paper->say('report.head.found') }}</th><th>{{ $paper->say('report.head.drive') }}</th></tr></thead>
    <tbody>
    @foreach ($order['road'] as $function)
      <tr>
        <td>{{ $function['question'] }}</td>
        <td><b>{{ $paper->say('report.road.' . ($function['found'] ?? 'open')) }}</b>{{ $function['reason'] ? ': ' . $function['reason'] : '' }}</td>
        <td>{{ implode(', ', array_filter([$function['driver'], $function['route'], $function['weather']])) }}</td>
      </tr>
    @endforeach
    </tbody>
  </table>
</section>
@endif
@foreach ($drives as $drive)
<section data-part="drive">
  <h2>{{ $paper->say('report.drive') }}</h2>
  <p>{{ $paper->say('report.drive.by', ['driver' => $drive['driver'], 'at' => $paper->moment(is_numeric($drive['track']['from']) ? gmdate('c', (int) $drive['track']['from']) : $drive['track']['from'])]) }}</p>
  <table>
    <thead><tr><th>{{ $paper->say('report.head.sensor') }}</th><th>{{ $paper->say('report.head.counted') }}</th><th>{{ $paper->say('report.head.asked') }}</th><th>{{ $paper->say('report.head.lost') }}</th></tr></thead>
    <tbody>
    @foreach ($drive['sensors'] as $judged)
      <tr><td>{{ $judged['name'] }}</td><td><b>{{ $paper->say('report.drive.so-far', ['minutes' => $paper->decimal($judged['seconds'] / 60), 'kilometres' => $paper->decimal($judged['metres'] / 1000)]) }}</b>: {{ $paper->say('report.drive.enough', ['enough' => $judged['isEnough'] ? 'yes' : 'no']) }}</td><td>{{ $paper->say('report.drive.so-far', ['minutes' => $paper->decimal($judged['needed']['seconds'] / 60), 'kilometres' => $paper->decimal($judged['needed']['metres'] / 1000)]) }}</td><td>@foreach ($judged['lost'] as $lost){{ $paper->say('report.drive.lost', ['minutes' => $paper->decimal($lost['seconds'] / 60), 'why' => $lost['says']]) }}{{ $loop->last ? '' : '; ' }}@endforeach</td></tr>
    @endforeach
    </tbody>
  </table>
</section>
@endforeach
@if ($kind->hasEvidence())
<section data-part="scans">
  <h2>{{ $paper->say('report.codes') }}</h2>
  @if ($order['comparison'])
    @foreach (['cleared', 'came', 'remain'] as $part)
      <h3>{{ $paper->say("report.codes.$part") }}</h3>
      <p>@forelse ($order['comparison'][$part] as $code)<b>{{ $code['code'] }}</b> {{ $code['unit'] }}{{ $code['text'] ? ', ' . $code['text'] : '' }}{{ $loop->last ? '.' : '; ' }} @empty {{ $paper->say('report.codes.none') }} @endforelse</p>
    @endforeach
  @endif
  @forelse ($order['scans'] as $scan)
    <p class="soft">{{ $paper->say('report.scan', ['phase' => $scan['phase'], 'tool' => $scan['tool'], 'origin' => $scan['origin'], 'person' => $scan['person'], 'at' => $paper->moment($scan['at']), 'count' => count($scan['codes'])]) }}</p>
    @if ($kind->hasAll() && $scan['codes'] !== [])
      <ul>@foreach ($scan['codes'] as $code)<li><b>{{ $code['code'] }}</b> {{ $code['unit'] }}, {{ $paper->say('choice.' . $code['sort']) }}: {{ $code['why'] }}</li>@endforeach</ul>
    @endif
  @empty
    <p>{{ $paper->say('report.scan.none') }}</p>
  @endforelse
</section>
<section data-part="work">
  <h2>{{ $paper->say('report.work') }}</h2>
  <ul>@forelse ($order['operations'] as $operation)<li>{{ ucfirst($operation['says']) }} ({{ $paper->say('report.work.state', ['state' => $operation['state']]) }}; {{ $operation['person'] }}{{ $operation['word'] ? $paper->say('report.on-word', ['word' => $operation['word']]) : '' }})</li>@empty<li>{{ $paper->say('report.work.none') }}</li>@endforelse</ul>
  @if ($order['captures'] !== [])
  <h3>{{ $paper->say('report.captures') }}</h3>
  <table>
    <thead><tr><th>{{ $paper->say('report.head.sensor') }}</th><th>{{ $paper->say('report.head.what') }}</th><th>{{ $paper->say('report.head.found') }}</th><th>{{ $paper->say('report.head.by') }}</th></tr></thead>
    <tbody>
    @foreach ($order['captures'] as $capture)
      @if ($kind->hasAll() || $capture['value'] !== null || $capture['warning'])
      <tr><td>{{ $capture['sensorName'] }}</td><td>{{ $capture['question'] }}</td><td>{{ $capture['value'] === null ? ($capture['reason'] ?? $paper->say('report.captures.none')) : $capture['value'] . ' ' . $capture['unit'] }}{{ $capture['warning'] ? ': ' . $capture['warning'] : '' }}</td><td>{{ $capture['person'] }}{{ $capture['word'] ? $paper->say('report.on-word', ['word' => $capture['word']]) : '' }}</td></tr>
      @endif
    @endforeach
    </tbody>
  </table>
  @endif
  @if ($kind->hasAll())
  <h3>{{ $paper->say('report.preconditions') }}</h3>
  <ul>@foreach ($order['conditions'] as $condition)<li>{{ $condition['sensorName'] ? $condition['sensorName'] . ': ' : '' }}{{ $condition['question'] }}: <b>{{ $paper->say('report.answer.' . ($condition['answer'] ?? 'none')) }}</b>{{ $condition['word'] ? $paper->say('report.on-word', ['word' => $condition['word']]) : '' }} {{ implode(' ', $condition['findings']) }}</li>@endforeach</ul>
  @if ($order['note'])<h3>{{ $paper->say('report.note') }}</h3><p>{{ $order['note'] }}</p>@endif
  @endif
</section>
@if ($photos !== [])
<section data-part="photos">
  <h2>{{ $paper->say('report.photos') }}</h2>
  <div class="photos">
  @foreach ($photos as $photo)
    <figure>@if ($photo['src'])<img src="{{ $photo['src'] }}" alt="{{ $photo['about'] }}">@else<p>{{ $paper->say('report.photo.gone') }}</p>@endif<figcaption>{{ $photo['about'] }}{{ $photo['sensor'] ? ', ' . $photo['sensor'] : '' }}. {{ $photo['person'] }}, {{ $paper->moment($photo['at']) }}. SHA-256 {{ substr((string) $photo['hash'], 0, 16) }}…</figcaption></figure>
  @endforeach
  </div>
  @if ($photoCount > count($photos))<p>{{ $paper->say('report.photos.more', ['count' => $photoCount - count($photos)]) }}</p>@endif
</section>
@endif
@endif
