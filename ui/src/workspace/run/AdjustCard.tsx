import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { Refused } from '../../api/client';
import type { ScrewTurn, Workspace } from '../../api/types';
import { amount } from '../../words/amount';
import { Key } from '../../sheet/Key';
import { Sheet } from '../../sheet/Sheet';
import { useKeys } from '../../sheet/useKeys';
import type { Task } from '../task/useTask';
import { ScrewDiagram } from './ScrewDiagram';
import { say } from '../../words/say';

/** What to turn, as seen facing the sensor, and what should be read then; what was really turned can be said instead. */
export function AdjustCard({ state, task }: { state: Workspace; task: Task }) {
  const correction = state.run.correction;
  const screws = correction?.screws ?? [];
  return screws.length > 0 ? (
    <ByScrews state={state} task={task} screws={screws} />
  ) : (
    <BySpots state={state} task={task} />
  );
}

function ByScrews({ state, task, screws }: { state: Workspace; task: Task; screws: ScrewTurn[] }) {
  const { correction } = state.run;
  const [other, setOther] = useState<Record<string, string> | null>(null);
  const turned = Object.fromEntries(
    screws.map((screw) => [
      screw.id,
      other === null ? screw.turns : Number((other[screw.id] ?? '0').replace('−', '-')),
    ]),
  );
  const wrong = Object.values(turned).some((turns) => !Number.isFinite(turns));
  const done = () => {
    if (!wrong && state.mayRun) {
      task.write({ kind: 'correction', payload: { way: 'screws', turns: turned } }, () =>
        setOther(null),
      );
    }
  };
  useKeys(useMemo(() => (other === null ? { d: done } : {}), [state, task, other])); // oxlint-disable-line react/exhaustive-deps
  return (
    <Sheet
      title={say('screen.adjust-card.turn-screws')}
      note={say('screen.adjust-card.as-you-see-them')}
      testId="adjust"
    >
      <ScrewDiagram screws={screws} />
      {screws.map((screw) => (
        <Box
          key={screw.id}
          sx={{ borderTop: 1, borderColor: 'divider', py: 1 }}
          data-testid={`turn-${screw.id}`}
        >
          <Typography sx={{ '&::first-letter': { textTransform: 'uppercase' } }}>
            {screw.id.replaceAll('-', ' ')}
          </Typography>
          <Typography sx={{ fontSize: '1.45rem', fontWeight: 700, lineHeight: 1.15 }}>
            {screw.says}
          </Typography>
          {screw.gain !== null && (
            <Typography variant="body2" color="text.secondary">
              {say('screen.adjust-card.last-time-it-moved', {
                percent: Math.round(screw.gain * 100),
                suspect: screw.suspect,
              })}
            </Typography>
          )}
        </Box>
      ))}
      {correction?.expected && (
        <Typography sx={{ mt: 1 }}>
          {say('screen.adjust-card.then-it-should-be', {
            azimuth: amount(correction.expected.azimuth, 'mm'),
            elevation: amount(correction.expected.elevation, 'mm'),
          })}
        </Typography>
      )}
      {other !== null && (
        <Box sx={{ display: 'grid', gap: 1, mt: 1 }}>
          {screws.map((screw) => (
            <TextField
              key={screw.id}
              id={`turned-${screw.id}`}
              label={say('screen.adjust-card.turns-made-clockwise', {
                id: screw.id.replaceAll('-', ' '),
              })}
              helperText={say('screen.adjust-card.for-anticlockwise')}
              value={other[screw.id] ?? ''}
              error={!Number.isFinite(turned[screw.id])}
              onChange={(event) => setOther((old) => ({ ...old, [screw.id]: event.target.value }))}
            />
          ))}
        </Box>
      )}
      <Box sx={{ display: 'grid', gap: 1, mt: 1.5 }}>
        <Button
          variant="contained"
          loading={task.isWriting}
          disabled={wrong || !state.mayRun}
          onClick={done}
        >
          {other === null
            ? say('screen.adjust-card.turned-so')
            : say('screen.adjust-card.turned-as-typed')}{' '}
          {other === null && <Key of="D" />}
        </Button>
        <Button
          variant="outlined"
          onClick={() =>
            setOther(
              other === null
                ? Object.fromEntries(screws.map((screw) => [screw.id, String(screw.turns)]))
                : null,
            )
          }
        >
          {other === null
            ? say('screen.adjust-card.turned-otherwise')
            : say('screen.adjust-card.as-it-asked')}
        </Button>
      </Box>
      <Refusal task={task} />
    </Sheet>
  );
}

function BySpots({ state, task }: { state: Workspace; task: Task }) {
  // oxlint-disable-next-line lumbro/words-in-their-file -- A value of the journal, not words.
  const done = () => task.write({ kind: 'correction', payload: { way: 'mirror spots' } });
  useKeys(useMemo(() => ({ d: done }), [state, task])); // oxlint-disable-line react/exhaustive-deps
  const { finding } = state.run;
  return (
    <Sheet
      title={say('screen.adjust-card.set-sensor-by-its')}
      note={say('screen.adjust-card.laser-off-when-not')}
      testId="adjust"
    >
      {finding && (
        <Typography sx={{ mt: 1 }}>
          {say('screen.adjust-card.it-looks-and-bring', {
            amount: amount(
              {
                amount: Math.abs(finding.azimuth.misalignment),
                unit: 'degrees',
                direction: finding.azimuth.direction,
              },
              'mm',
            ),
            amount2: amount(
              {
                amount: Math.abs(finding.elevation.misalignment),
                unit: 'degrees',
                direction: finding.elevation.direction,
              },
              'mm',
            ),
          })}
        </Typography>
      )}
      <Button
        variant="contained"
        sx={{ mt: 1.5 }}
        loading={task.isWriting}
        disabled={!state.mayRun}
        onClick={done}
      >
        {say('screen.adjust-card.set-so')} <Key of="D" />
      </Button>
      <Refusal task={task} />
    </Sheet>
  );
}

function Refusal({ task }: { task: Task }) {
  return task.failure instanceof Refused && task.failure.problem.path !== null ? (
    <Typography role="alert" sx={{ mt: 1 }}>
      {task.failure.message}
    </Typography>
  ) : null;
}
