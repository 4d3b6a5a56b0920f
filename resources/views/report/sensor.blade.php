@use(App\Reports\VerdictShape)
@php $state = $sensor['state']; $run = $state['run'] ?? null; $finding = $run['finding'] ?? null; @endphp
<section class="sensor" data-sensor="{{ $sensor['id'] }}">
  <h2><span>{{ $sensor['name'] }}</span>{!! VerdictShape::svg($paper, $sensor['verdict']) !!}</h2>
  <p class="soft">{{ ucfirst($sensor['sideSaid']) }}.</p>
  @foreach ($state['plain'] ?? ($sensor['owed']['state'] === 'not-owed' ? [$paper->say('report.untouched')] : [$paper->say('report.not-worked-on')]) as $sentence)
    <p class="plain">{{ $sentence }}</p>
  @endforeach
  @if ($sensor['handover'])
    <p class="plain"><b>{{ $paper->say('report.handed-over', ['name' => $sensor['handover']['name']]) }}</b> {{ $sensor['handover']['reason'] }}</p>
  @endif
  @if ($run['sentBack'] ?? null)
    <p>{{ $paper->say('report.sent-back', ['to' => $run['sentBack']['to'], 'name' => $run['sentBack']['name'], 'at' => $paper->moment($run['sentBack']['at'])]) }} {{ implode(' ', $run['sentBack']['reasons']) }} {{ $run['sentBack']['note'] }}</p>
  @endif
  @if ($kind->hasEvidence())
    @if (($sensor['owed']['reasons'] ?? []) !== [])
      <h3>{{ $paper->say('report.why.' . $sensor['owed']['state']) }}</h3>
      <ul>@foreach ($sensor['owed']['reasons'] as $reason)@continue(! $kind->hasAll() && $reason['state'] !== $sensor['owed']['state'])<li>{{ ucfirst($reason['operation']) }}: {{ $reason['reason'] }} <span class="soft">({{ $reason['source'] }})</span></li>@endforeach</ul>
    @endif
    @if ($state && ($state['runs'] !== [] || $state['ledger'] !== [] || ($kind->hasAll() && $sensor['verdict'] !== 'not-owed')))
      <h3>{{ $paper->say('report.procedure') }}</h3>
      <p>{{ $paper->say('report.procedure.card', [...array_intersect_key($state['card'], array_flip(['title', 'source', 'edition', 'dated', 'enteredBy', 'target'])), 'checked' => $state['card']['checkedBy'] ? 'yes' : 'no', 'checkedBy' => $state['card']['checkedBy'] ?? '']) }}</p>
    @endif
    @if ($finding)
      @include('report.axis')
    @endif
    @if ($state && $state['ledger'] !== [])
      <h3>{{ $paper->say('report.set-up') }}</h3>
      {!! $sensor['plan'] !!}
      <p class="soft">{{ $paper->say('report.set-up.drawing') }}</p>
      <table class="whole">
        <thead><tr><th>{{ $paper->say('report.head.respect') }}</th><th>{{ $paper->say('report.head.off') }}</th><th>{{ $paper->say('report.head.uncertainty') }}</th><th>{{ $paper->say('report.head.tolerance') }}</th><th>{{ $paper->say('report.head.verdict') }}</th><th>{{ $paper->say('report.head.chance') }}</th></tr></thead>
        <tbody>
        @foreach ($state['verdicts'] as $respect)
          <tr>
            <td>{{ $respect['title'] }}</td>
            <td>@isset($respect['deviation']){{ $paper->off($respect['deviation'], $respect['unit'], $respect['direction']) }}@endisset</td>
            <td>@isset($respect['uncertainty']){{ $paper->size($respect['uncertainty'], $respect['unit']) }}@endisset</td>
            <td>{{ $respect['tolerance'] === null ? $paper->say('report.no-tolerance') : '±' . $paper->limit($respect['tolerance'], $respect['unit']) }}</td>
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
    <h3>{{ $paper->say('report.not-proven') }}</h3>
    <ul>@foreach ($state['notProven'] as $sentence)<li>{{ $sentence }}</li>@endforeach</ul>
  @endif
  @if ($sensor['seal'])
    <div class="seal">
      <div class="qr">{!! $sensor['seal']['qr'] !!}</div>
      <div>
        <p><b>{{ $paper->say('report.sealed') }}</b> {{ $paper->say('report.sealed.by', ['name' => $sensor['seal']['by'], 'at' => $paper->moment($sensor['seal']['at']), 'again' => $sensor['seal']['revision'] > 1 ? 'yes' : 'no', 'revision' => (string) $sensor['seal']['revision'], 'follows' => substr((string) $sensor['seal']['follows'], 0, 12)]) }}</p>
        <p class="hash">{{ $sensor['seal']['hash'] }}</p>
        @if ($sensor['seal']['signs'])<p class="soft">{{ $sensor['seal']['entry'] ? $paper->say($sensor['seal']['entry']['earlier'] ? 'report.signed-earlier' : 'report.signed', ['number' => $sensor['seal']['entry']['number']]) : $paper->say('report.not-signed') }}</p>@endif
      </div>
    </div>
  @elseif ($sensor['owed']['state'] !== 'not-owed')
    <p class="soft">{{ $paper->say('report.not-sealed') }}</p>
  @endif
</section>
