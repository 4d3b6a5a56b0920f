import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import MenuItem from '@mui/material/MenuItem';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Refused } from '../../api/client';
import type { Workspace } from '../../api/types';
import type { Task } from '../task/useTask';
import { say } from '../../words/say';
import { FailedRun } from './FailedRun';
import { keepScanTool, lastScanTool } from './scanTool';
import { ToolSigns } from './ToolSigns';

/** What the tool shows of the axis, typed with the tool’s own signs. */
export function TypedReading({ state, task }: { state: Workspace; task: Task }) {
  const queries = useQueryClient();
  const [typed, setTyped] = useState({ azimuth: '', elevation: '', level: '' });
  const [named, setNamed] = useState(() => lastScanTool(state)?.id ?? '');
  const tool = state.scanTools.find((known) => known.id === named);
  const number = (text: string) =>
    Number(text.replace('−', '-').replace(',', '.').replace('°', '').trim());
  const isWrong = (text: string) => text.trim() !== '' && !Number.isFinite(number(text));
  const problem =
    task.failure instanceof Refused && task.failed?.kind === 'run' ? task.failure.problem : null;
  return (
    <Box sx={{ display: 'grid', gap: 1.5 }}>
      {state.scanTools.length > 0 && (
        <TextField
          id="typed-tool"
          select
          required
          label={say('screen.typed-reading.tool')}
          value={tool?.id ?? ''}
          onChange={(event) => {
            keepScanTool(event.target.value);
            setNamed(event.target.value);
          }}
        >
          {state.scanTools.map((known) => (
            <MenuItem key={known.id} value={known.id} sx={{ minHeight: 48 }}>
              {known.name}
            </MenuItem>
          ))}
        </TextField>
      )}
      {tool?.signs === null ? (
        <ToolSigns
          key={tool.id}
          tool={tool.id}
          name={tool.name}
          onKept={() => void queries.invalidateQueries({ queryKey: ['task', state.task] })}
        />
      ) : (
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1.5 }}
          onSubmit={(event) => {
            event.preventDefault();
            task.write(
              {
                kind: 'run',
                payload: {
                  azimuth: number(typed.azimuth),
                  elevation: number(typed.elevation),
                  ...(typed.level.trim() === '' ? {} : { level: number(typed.level) }),
                  ...(tool ? { tool: tool.id } : {}),
                },
              },
              () => setTyped({ azimuth: '', elevation: '', level: '' }),
            );
          }}
        >
          <Typography>{say('screen.typed-reading.no-tool-connected-type')}</Typography>
          {(
            [
              ['azimuth', say('screen.typed-reading.azimuth'), true],
              ['elevation', say('screen.typed-reading.elevation'), true],
              ['level', say('screen.typed-reading.echo-level-db'), false],
            ] as const
          ).map(([field, label, required]) => (
            <TextField
              key={field}
              id={`typed-${field}`}
              label={label}
              required={required}
              value={typed[field]}
              error={isWrong(typed[field]) || problem?.path === `/payload/${field}`}
              helperText={
                isWrong(typed[field])
                  ? say('screen.typed-reading.number-such-as-0')
                  : problem?.path === `/payload/${field}`
                    ? problem.title
                    : undefined
              }
              onChange={(event) => setTyped((old) => ({ ...old, [field]: event.target.value }))}
              slotProps={{ htmlInput: { maxLength: 20, inputMode: 'decimal' } }}
            />
          ))}
          <Button
            type="submit"
            variant="contained"
            disabled={
              !state.mayRun ||
              Object.values(typed).some(isWrong) ||
              (state.scanTools.length > 0 && !tool)
            }
            loading={task.isWriting}
          >
            {say('screen.record-it')}
          </Button>
        </Box>
      )}
      <FailedRun task={task} tool={tool?.id ?? null} />
    </Box>
  );
}
