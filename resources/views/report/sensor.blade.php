@use(App\Reports\VerdictShape)
@php $state = $sensor['state']; $run = $state['run'] ?? null; $finding = $run['finding'] ?? null; @endphp
<section class="sensor" data-sensor="{{ $sensor['id'] }}">
  <h2><span>{{ $sensor['name'] }}</span>{!! VerdictShape::svg($paper, $sensor['verdict']) !!}</h2>
  <p class="soft">{{ ucfirst($sensor['sideSaid']) }}.</p>
  @foreach ($state['plain'] ?? ($sensor['owed']['state'] === 'not-owed' ? ['It was not touched by the work and is not owed a calibration.'] : ['It was not worked on yet.']) as $sentence)
    <p class="plain">{{ $sentence }}</p>
  @endforeach
  @if ($sensor['handover'])
    <p class="plain"><b>Handed over unproven by {{ $sensor['handover']['name'] }}:</b> {{ $sensor['handover']['reason'] }}</p>
  @endif
  @if ($run['sentBack'] ?? null)
    <p>Sent back to {{ $run['sentBack']['to'] }} by {{ $run['sentBack']['name'] }}, {{ $paper->moment($run['sentBack']['at']) }}: {{ implode(' ', $run['sentBack']['reasons']) }} {{ $run['sentBack']['note'] }}</p>
  @endif
  @if ($kind->hasEvidence())
    @if (($sensor['owed']['reasons'] ?? []) !== [])
      <h3>Why it is {{ ['owed' => 'owed', 'not-owed' => 'not owed', 'unknown' => 'not known to be owed'][$sensor['owed']['state']] ?? '' }}</h3>
      <ul>@foreach ($sensor['owed']['reasons'] as $reason)@continue(! $kind->hasAll() && $reason['state'] !== $sensor['owed']['state'])<li>{{ ucfirst($reason['operation']) }}: {{ $reason['reason'] }} <span class="soft">({{ $reason['source'] }})</span></li>@endforeach</ul>
    @endif
    @if ($state && ($state['runs'] !== [] || $state['ledger'] !== [] || ($kind->hasAll() && $sensor['verdict'] !== 'not-owed')))
      <h3>Procedure</h3>
      <p>{{ $state['card']['title'] }}: {{ $state['card']['source'] }}, edition {{ $state['card']['edition'] }}, {{ $state['card']['dated'] }}. Entered by {{ $state['card']['enteredBy'] }}, {{ $state['card']['checkedBy'] ? 'checked by ' . $state['card']['checkedBy'] : 'not checked' }}. Target: {{ $state['card']['target'] }}.</p>
    @endif
    @if ($finding)
      @include('report.axis')
    @endif
    @if ($state && $state['ledger'] !== [])
      <h3>Set-up</h3>
      {!! $sensor['plan'] !!}
      <p class="soft">From above, to scale; the car’s front is to the right, its left side up. Pink: its line. Brass: the stand as it stood. Cross: where the target belongs. Ring: the sensor.</p>
      <table class="whole">
        <thead><tr><th>Respect</th><th>Off</th><th>Standard uncertainty</th><th>Tolerance</th><th>Verdict</th><th>Chance</th></tr></thead>
        <tbody>
        @foreach ($state['verdicts'] as $respect)
          <tr>
            <td>{{ $respect['title'] }}</td>
            <td>@isset($respect['deviation']){{ $paper->off($respect['deviation'], $respect['unit'], $respect['direction']) }}@endisset</td>
            <td>@isset($respect['uncertainty']){{ $paper->size($respect['uncertainty'], $respect['unit']) }}@endisset</td>
            <td>{{ $respect['tolerance'] === null ? 'none given' : '±' . $paper->size($respect['tolerance'], $respect['unit']) }}</td>
            <td>{!! VerdictShape::svg($paper, $respect['verdict']) !!}@isset($respect['reason']) <span class="soft">{{ $paper->reason($respect['reason']) }}</span>@endisset</td>
            <td>{{ $paper->chance($respect['probability'] ?? null) }}</td>
          </tr>
        @endforeach
        </tbody>
      </table>
      @include('report.readings')
    @endif
    @if ($kind->hasAll() && $state && $sensor['verdict'] !== 'not-owed')
      @include('report.lines')
    @endif
  @endif
  @if (($state['notProven'] ?? []) !== [] && $sensor['owed']['state'] !== 'not-owed')
    <h3>What this does not prove</h3>
    <ul>@foreach ($state['notProven'] as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
  @endif
  @if ($sensor['seal'])
    <div class="seal">
      <div class="qr">{!! $sensor['seal']['qr'] !!}</div>
      <div>
        <p><b>Sealed</b> by {{ $sensor['seal']['by'] }}, {{ $paper->moment($sensor['seal']['at']) }}@if ($sensor['seal']['revision'] > 1), revision {{ $sensor['seal']['revision'] }}, on top of the seal {{ substr((string) $sensor['seal']['follows'], 0, 12) }}…@endif</p>
        <p class="hash">{{ $sensor['seal']['hash'] }}</p>
      </div>
    </div>
  @elseif ($sensor['owed']['state'] !== 'not-owed')
    <p class="soft">This sensor’s record is not sealed; it may change.</p>
  @endif
</section>
