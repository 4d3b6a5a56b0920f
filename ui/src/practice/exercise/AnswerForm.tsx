import Box from '@mui/material/Box';
import FormControlLabel from '@mui/material/FormControlLabel';
import MenuItem from '@mui/material/MenuItem';
import Radio from '@mui/material/Radio';
import RadioGroup from '@mui/material/RadioGroup';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { answer, client } from '../../api/client';
import type { components } from '../../api/schema.generated';
import type { ExercisePage } from '../../api/types';
import { useKept } from '../../sheet/useKept';
import { say } from '../../words/say';
import { Commit } from '../Commit';
import { TickList } from '../TickList';

type Outcome = components['schemas']['Reckoning']['answer']['outcome'];
type Fault = components['schemas']['Reckoning']['faults'][number]['kind'];

const OUTCOMES: Outcome[] = ['holds', 'sent-back', 'accepted', 'open'];

/** What a learner commits to: what is to be said of the sensor, and what was wrong. */
export function AnswerForm({ page }: { page: ExercisePage }) {
  const run = page.exercise.id;
  const queries = useQueryClient();
  const navigate = useNavigate();
  const [kept, setKept, done] = useKept<{
    outcome: Outcome | '';
    cause: string;
    faults: string[];
  }>(`answer-${run}`, () => ({ outcome: '', cause: '', faults: [] }));
  const send = useMutation({
    mutationFn: () =>
      answer(
        client.POST('/api/practice/runs/{run}/answer', {
          params: { path: { run } },
          body: {
            outcome: kept.outcome as Outcome,
            ...(kept.outcome === 'sent-back' && kept.cause !== ''
              ? { cause: kept.cause as 'bracket' }
              : {}),
            faults: kept.faults as Fault[],
          },
        }),
      ),
    onSuccess: (answered) => {
      done();
      queries.setQueryData(['exercise', run], answered);
      void queries.invalidateQueries({ queryKey: ['practice'] });
      void queries.invalidateQueries({ queryKey: ['task', page.exercise.task] });
      void navigate(`/practice/runs/${run}`, { replace: true });
    },
  });
  const lacks = kept.outcome === '' || (kept.outcome === 'sent-back' && kept.cause === '');
  return (
    <Box
      component="form"
      data-testid="answer"
      onSubmit={(event) => {
        event.preventDefault();
        if (!lacks) {
          send.mutate();
        }
      }}
    >
      <Typography variant="h2" id="answer-outcome">
        {say('screen.exercise.what-of-sensor')}
      </Typography>
      <RadioGroup
        aria-labelledby="answer-outcome"
        value={kept.outcome}
        onChange={(event) => setKept({ ...kept, outcome: event.target.value as Outcome })}
      >
        {OUTCOMES.map((outcome) => (
          <FormControlLabel
            key={outcome}
            value={outcome}
            control={<Radio sx={{ minWidth: 48, minHeight: 48 }} />}
            label={say(`screen.outcome.${outcome}`)}
          />
        ))}
      </RadioGroup>
      {kept.outcome === 'sent-back' && (
        <TextField
          select
          id="answer-cause"
          label={say('screen.exercise.for-what')}
          value={kept.cause}
          onChange={(event) => setKept({ ...kept, cause: event.target.value })}
          fullWidth
          sx={{ my: 1 }}
        >
          {page.causes.map((cause) => (
            <MenuItem key={cause.id} value={cause.id} sx={{ minHeight: 48 }}>
              {cause.says}
            </MenuItem>
          ))}
        </TextField>
      )}
      <Typography variant="h2" id="answer-faults" sx={{ mt: 2 }}>
        {say('screen.exercise.what-was-wrong')}
      </Typography>
      <Typography color="text.secondary">{say('screen.exercise.name-nothing')}</Typography>
      <Box
        role="group"
        aria-labelledby="answer-faults"
        sx={{ display: 'grid', gridTemplateColumns: { xs: '1fr', lg: '1fr 1fr' } }}
      >
        <TickList
          things={page.faults}
          ticked={kept.faults}
          onTick={(faults) => setKept({ ...kept, faults })}
        />
      </Box>
      <Commit
        words={say('screen.exercise.commit')}
        failure={send.error?.message}
        busy={send.isPending}
        lacks={lacks}
      />
    </Box>
  );
}
