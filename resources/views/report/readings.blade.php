@use(App\Reports\VerdictShape)
@php $ledger = $kind->hasAll() ? $state['ledger'] : array_values(array_filter($state['ledger'], fn ($reading) => $reading['fate'] === 'counts')); @endphp
<h3>{{ $kind->hasAll() ? 'Readings, all of them' : 'Readings that count' }}</h3>
<table>
  <thead><tr><th>Reading</th><th>As typed</th><th>To</th><th>Person</th><th>Time</th>@if ($kind->hasAll())<th></th>@endif</tr></thead>
  <tbody>
  @foreach ($ledger as $reading)
    <tr><td>{{ $reading['title'] }}</td><td class="typed{{ $reading['fate'] === 'struck' ? ' struck' : '' }}">{{ $reading['typed'] }}</td><td>{{ $reading['datum'] }}</td><td>{{ $reading['person'] }}</td><td>{{ $paper->moment($reading['at']) }}</td>@if ($kind->hasAll())<td class="soft">{{ ['counts' => '', 'struck' => 'struck', 'replaced' => 'read again', 'moved' => 'before a move'][$reading['fate']] ?? '' }}</td>@endif</tr>
  @endforeach
  </tbody>
</table>
