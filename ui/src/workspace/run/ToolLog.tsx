import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { sendFile } from '../../api/sendFile';
import type { Workspace } from '../../api/types';
import { take } from '../../journal/take';
import { FileButton } from '../../shell/FileButton';
import { say } from '../../words/say';

/** The session log of a tool that writes one: it answers what is asked here, line by line. */
export function ToolLog({ state }: { state: Workspace }) {
  const queries = useQueryClient();
  const load = useMutation({
    mutationFn: (file: File) =>
      sendFile<{ lines: number; state: Workspace }>(`/api/tasks/${state.task}/tool-log`, file, {}),
    onSuccess: (loaded) => take(queries, ['task', state.task], loaded.state),
  });
  return (
    <>
      <FileButton
        accept=".jsonl,.ndjson,.json"
        testId="tool-log"
        busy={load.isPending}
        onFile={(file) => load.mutate(file)}
      >
        {state.tool === 'log'
          ? say('screen.tool-log.load-tools-log-again')
          : say('screen.tool-log.load-tools-session-log')}
      </FileButton>
      {load.isError && <Typography role="alert">{load.error.message}</Typography>}
      {load.data && (
        <Typography role="status">
          {say('screen.tool-log.lines-tools-session-loaded', { lines: load.data.lines })}
        </Typography>
      )}
    </>
  );
}
