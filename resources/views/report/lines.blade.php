@use(App\Reports\VerdictShape)
@if ($state['preparation'] !== [] || $state['lineSteps'] !== [])
<h3>{{ $paper->say('report.preparation') }}</h3>
<ul>
@foreach ([...$state['preparation'], ...$state['lineSteps']] as $item)
  <li>{{ $item['question'] }}: <b>{{ $paper->say('report.answer.' . ($item['answer'] ?? 'none')) }}</b>{{ $item['word'] ? $paper->say('report.on-word', ['word' => $item['word']]) : '' }}{{ $item['person'] ? ' (' . $item['person'] . ')' : '' }}</li>
@endforeach
</ul>
@endif
@if (($run['events'] ?? []) !== [])
<h3>{{ $paper->say('report.events') }}</h3>
<table class="events">
  <tbody>
  @foreach ($run['events'] as $event)
    <tr><td>{{ $paper->moment($event['at']) }}</td><td>{{ $event['person'] }}</td><td>{{ $event['says'] }}</td></tr>
  @endforeach
  </tbody>
</table>
@endif
@if ($state['release'])
<p><b>{{ $paper->say('report.released', ['name' => $state['release']['name']]) }}</b> {{ $state['release']['reason'] }}</p>
@endif
