@use(App\Reports\VerdictShape)
@if ($state['preparation'] !== [] || $state['lineSteps'] !== [])
<h3>Preparation and line</h3>
<ul>
@foreach ([...$state['preparation'], ...$state['lineSteps']] as $item)
  <li>{{ $item['question'] }}: <b>{{ $item['answer'] ?? 'not answered' }}</b>{{ $item['word'] ? ', on the word of ' . $item['word'] : '' }}{{ $item['person'] ? ' (' . $item['person'] . ')' : '' }}</li>
@endforeach
</ul>
@endif
@if (($run['events'] ?? []) !== [])
<h3>Run, line by line</h3>
<table class="events">
  <tbody>
  @foreach ($run['events'] as $event)
    <tr><td>{{ $paper->moment($event['at']) }}</td><td>{{ $event['person'] }}</td><td>{{ $event['says'] }}</td></tr>
  @endforeach
  </tbody>
</table>
@endif
@if ($state['release'])
<p><b>Run released by {{ $state['release']['name'] }}:</b> {{ $state['release']['reason'] }}</p>
@endif
