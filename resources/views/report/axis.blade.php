@use(App\Reports\VerdictShape)
<h3>Axis</h3>
<table class="whole">
  <thead><tr><th></th><th>Off</th><th>Standard uncertainty</th><th>Limit</th><th>Chance inside</th><th>Verdict</th></tr></thead>
  <tbody>
  @php $first = $run['before'] ?? null; @endphp
    @if ($first)
      @foreach (['azimuth' => 'Before: azimuth', 'elevation' => 'Before: elevation'] as $axis => $title)
        <tr><td>{{ $title }}</td><td>{{ $paper->off($first[$axis]['misalignment'], 'degrees', $first[$axis]['direction']) }}</td><td>{{ $paper->degrees($first[$axis]['uncertainty']) }}</td><td>{{ isset($first[$axis]['limit']) ? $paper->degrees($first[$axis]['limit']) : '' }}</td><td>{{ $paper->chance($first[$axis]['probability'] ?? null) }}</td><td>{!! VerdictShape::svg($paper, $first[$axis]['verdict'] ?? 'unproven') !!}</td></tr>
      @endforeach
    @endif
  @foreach (['azimuth' => 'Azimuth', 'elevation' => 'Elevation'] as $axis => $title)
    @php $found = $finding[$axis]; @endphp
    <tr><td>{{ $run['made'] !== [] ? 'After: ' . lcfirst($title) : $title }}</td><td>{{ $paper->off($found['misalignment'], 'degrees', $found['direction']) }}</td><td>{{ $paper->degrees($found['uncertainty']) }}</td><td>{{ isset($found['limit']) ? $paper->degrees($found['limit']) : '' }}</td><td>{{ $paper->chance($found['probability'] ?? null) }}</td><td>{!! VerdictShape::svg($paper, $found['verdict'] ?? 'unproven') !!}@isset($found['reason']) <span class="soft">{{ $paper->reason($found['reason']) }}</span>@endisset</td></tr>
  @endforeach
  </tbody>
</table>
<p>{{ $finding['basis'] === 'zero' ? 'It rests on the readings before the electronic zero, less what was stored.' : $finding['readings'] . ($finding['readings'] === 1 ? ' reading.' : ' readings, which ' . ($finding['repeats'] ? 'repeat.' : 'do not repeat.')) }}
@if ($run['echo']['level'] !== null) Echo {{ $paper->decimal($run['echo']['level']) }} dB{{ $run['echo']['expected'] === null ? '' : ', ' . $paper->decimal($run['echo']['expected']) . ' dB expected' }}.@endif
@if ($run['made'] !== []) Corrected: @foreach ($run['made'] as $made){{ $made['says'] }} ({{ $made['person'] }}, {{ $paper->moment($made['at']) }}){{ $loop->last ? '.' : '; ' }}@endforeach @endif
@if ($run['zeroSum']['azimuth']['amount'] > 0 || $run['zeroSum']['elevation']['amount'] > 0) Electronic zeros stored in the sensor: {{ $paper->degrees($run['zeroSum']['azimuth']['amount']) }} in azimuth, {{ $paper->degrees($run['zeroSum']['elevation']['amount']) }} in elevation. @endif</p>
<p class="soft">A success message of the scan tool is a message, not a proof. @if ($run['statements'] !== [])@foreach ($run['statements'] as $said){{ $said['from'] }}: {{ rtrim($said['says'], '.') }}. @endforeach @endif</p>
