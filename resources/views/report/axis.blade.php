@use(App\Reports\VerdictShape)
<h3>{{ $paper->say('report.axis') }}</h3>
<table class="whole">
  <thead><tr><th>{{ $paper->say('report.head.axis') }}</th><th>{{ $paper->say('report.head.off') }}</th><th>{{ $paper->say('report.head.uncertainty') }}</th><th>{{ $paper->say('report.head.limit') }}</th><th>{{ $paper->say('report.head.inside') }}</th><th>{{ $paper->say('report.head.verdict') }}</th></tr></thead>
  <tbody>
  @php $first = $run['before'] ?? null; @endphp
    @if ($first)
      @foreach (['azimuth', 'elevation'] as $axis)
        <tr><td>{{ $paper->say('report.axis.before', ['axis' => $axis]) }}</td><td>{{ $paper->off($first[$axis]['misalignment'], 'degrees', $first[$axis]['direction']) }}</td><td>{{ $paper->degrees($first[$axis]['uncertainty']) }}</td><td>{{ isset($first[$axis]['limit']) ? $paper->degrees($first[$axis]['limit']) : '' }}</td><td>{{ $paper->chance($first[$axis]['probability'] ?? null) }}</td><td>{!! VerdictShape::svg($paper, $first[$axis]['verdict'] ?? 'unproven') !!}</td></tr>
      @endforeach
    @endif
  @foreach (['azimuth', 'elevation'] as $axis)
    @php $found = $finding[$axis]; @endphp
    <tr><td>{{ $run['made'] === [] ? $paper->say("report.axis.$axis") : $paper->say('report.axis.after', ['axis' => $axis]) }}</td><td>{{ $paper->off($found['misalignment'], 'degrees', $found['direction']) }}</td><td>{{ $paper->degrees($found['uncertainty']) }}</td><td>{{ isset($found['limit']) ? $paper->degrees($found['limit']) : '' }}</td><td>{{ $paper->chance($found['probability'] ?? null) }}</td><td>{!! VerdictShape::svg($paper, $found['verdict'] ?? 'unproven') !!}@isset($found['reason']) <span class="soft">{{ $paper->reason($found['reason']) }}</span>@endisset</td></tr>
  @endforeach
  </tbody>
</table>
<p>{{ $finding['basis'] === 'zero' ? $paper->say('report.by-zero') : $paper->say('report.readings', ['count' => $finding['readings'], 'repeat' => $finding['repeats'] ? 'yes' : 'no']) }}
@if ($run['echo']['level'] !== null) {{ $paper->say('report.echo', ['level' => $paper->decimal($run['echo']['level']), 'given' => $run['echo']['expected'] === null ? 'no' : 'yes', 'expected' => $paper->decimal($run['echo']['expected'] ?? 0.0)]) }}@endif
@if ($run['made'] !== []) {{ $paper->say('report.corrected') }} @foreach ($run['made'] as $made){{ $made['says'] }} ({{ $made['person'] }}, {{ $paper->moment($made['at']) }}){{ $loop->last ? '.' : '; ' }}@endforeach @endif
@if ($run['zeroSum']['azimuth']['amount'] > 0 || $run['zeroSum']['elevation']['amount'] > 0) {{ $paper->say('report.zeros', ['azimuth' => $paper->degrees($run['zeroSum']['azimuth']['amount']), 'elevation' => $paper->degrees($run['zeroSum']['elevation']['amount'])]) }} @endif</p>
<p class="soft">{{ $paper->say('report.message') }} @if ($run['statements'] !== [])@foreach ($run['statements'] as $said){{ $said['from'] }}: {{ rtrim($said['says'], '.') }}. @endforeach @endif</p>
