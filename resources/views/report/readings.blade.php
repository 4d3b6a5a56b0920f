@use(App\Reports\VerdictShape)
@php $ledger = $kind->hasAll() ? $state['ledger'] : array_values(array_filter($state['ledger'], fn ($reading) => $reading['fate'] === 'counts')); @endphp
<h3>{{ $kind->hasAll() ? $paper->say('report.ledger.all') : $paper->say('report.ledger') }}</h3>
<table>
  <thead><tr><th>{{ $paper->say('report.head.reading') }}</th><th>{{ $paper->say('report.head.typed') }}</th><th>{{ $paper->say('report.head.to') }}</th><th>{{ $paper->say('report.head.person') }}</th><th>{{ $paper->say('report.head.time') }}</th>@if ($kind->hasAll())<th>{{ $paper->say('report.head.became') }}</th>@endif</tr></thead>
  <tbody>
  @foreach ($ledger as $reading)
    <tr><td>{{ $reading['title'] }}</td><td class="typed{{ $reading['fate'] === 'struck' ? ' struck' : '' }}">{{ $reading['typed'] }}</td><td>{{ $reading['datum'] }}</td><td>{{ $reading['person'] }}</td><td>{{ $paper->moment($reading['at']) }}</td>@if ($kind->hasAll())<td class="soft">{{ $paper->say('report.fate', ['fate' => $reading['fate']]) }}</td>@endif</tr>
  @endforeach
  </tbody>
</table>
