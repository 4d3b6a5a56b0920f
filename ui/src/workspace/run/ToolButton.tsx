import Button from '@mui/material/Button';
import { useMemo } from 'react';
import type { ToolCommand, Workspace } from '../../api/types';
import { Key } from '../../sheet/Key';
import { useKeys } from '../../sheet/useKeys';
import type { Task } from '../task/useTask';
import { ASKS } from './words';
import { say } from '../../words/say';

const BARRED: ToolCommand[] = ['start', 'read', 'zero'];

/** Asks the scan tool for one thing; what needs a proven placement waits for it. */
export function ToolButton({
  state,
  task,
  command,
  values,
  lotCode,
  outlined = false,
}: {
  state: Workspace;
  task: Task;
  command: ToolCommand;
  values?: { azimuth: number; elevation: number };
  lotCode?: string;
  outlined?: boolean;
}) {
  const barred = BARRED.includes(command) && !state.mayRun;
  const ask = () =>
    task.write({
      kind: 'asked',
      payload: { command, ...(values ? { values } : {}), ...(lotCode ? { lotCode } : {}) },
    });
  useKeys(useMemo(() => (barred || outlined ? {} : { r: ask }), [state, task, barred, lotCode])); // oxlint-disable-line react/exhaustive-deps
  return (
    <Button
      variant={outlined ? 'outlined' : 'contained'}
      disabled={barred}
      loading={task.isWriting}
      onClick={ask}
    >
      {say(ASKS[command])} {!outlined && <Key of="R" />}
    </Button>
  );
}
