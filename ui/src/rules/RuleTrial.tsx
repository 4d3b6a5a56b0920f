import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Chip from '@mui/material/Chip';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { keepPreviousData } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import { useQuery } from '../api/useQuery';
import { uuid7 } from '../api/uuid7';
import type { Doc } from '../cards/document';
import { choices, OperationPicker, type Choice } from '../order/parts/OperationPicker';
import { OwedMark } from '../order/parts/OwedMark';
import { useIntake } from '../order/parts/useIntake';
import { say } from '../words/say';

/** What these rules would say: "bumper cover off, painted: what is owed?" */
export function RuleTrial({ document }: { document: Doc }) {
  const intake = useIntake();
  const [done, setDone] = useState<Choice[]>([]);
  const trial = useQuery({
    queryKey: ['rules-trial', JSON.stringify(document), done.map((one) => one.code).join()],
    queryFn: () =>
      answer(
        client.POST('/api/shop-rules/trial', {
          body: { id: uuid7(), version: 0, document, operations: done.map((one) => one.code) },
        }),
      ),
    enabled: done.length > 0,
    placeholderData: keepPreviousData,
  });
  const sensors = (intake.data?.places ?? []).map((place) => ({ id: place.id, name: place.says }));
  return (
    <Box
      component="section"
      aria-label={say('screen.rules.trial')}
      data-testid="trial"
      sx={{ border: 2, borderColor: 'primary.main', p: 2, mb: 2 }}
    >
      <Typography variant="h3">{say('screen.rules.trial')}</Typography>
      <Typography color="text.secondary" sx={{ mb: 1.5 }}>
        {say('screen.rules.trial-hint')}
      </Typography>
      <OperationPicker
        id="trial-operation"
        label={say('screen.rules.trial-done')}
        options={choices(intake.data?.operations ?? [], sensors)}
        onPick={(choice) =>
          setDone(done.some((one) => one.code === choice.code) ? done : [...done, choice])
        }
      />
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', my: 1 }}>
        {done.map((one) => (
          <Chip
            key={one.code}
            label={one.words}
            onDelete={() => setDone(done.filter((other) => other !== one))}
          />
        ))}
        {done.length > 0 && (
          <Button color="inherit" onClick={() => setDone([])}>
            {say('screen.rules.trial-clear')}
          </Button>
        )}
      </Box>
      {trial.isError && (
        <Typography role="alert" color="error">
          {trial.error.message}
        </Typography>
      )}
      {done.length > 0 &&
        trial.data?.sensors.map((sensor) => (
          <Box
            key={sensor.id}
            data-testid={`trial-${sensor.id}`}
            sx={{
              display: 'grid',
              gridTemplateColumns: '180px 120px minmax(0, 1fr)',
              gap: 1,
              borderTop: 1,
              borderColor: 'divider',
              py: 0.75,
            }}
          >
            <b>{sensor.name}</b>
            <OwedMark state={sensor.state} />
            <span>{sensor.reasons[0]?.reason}</span>
          </Box>
        ))}
    </Box>
  );
}
