import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { sendFile } from '../../api/sendFile';
import type { Workspace } from '../../api/types';
import { FileButton } from '../../shell/FileButton';

/** The session log of a tool that writes one: it answers what is asked here, line by line. */
export function ToolLog({ state }: { state: Workspace }) {
  const queries = useQueryClient();
  const load = useMutation({
    mutationFn: (file: File) =>
      sendFile<{ lines: number; state: Workspace }>(`/api/tasks/${state.task}/tool-log`, file, {}),
    onSuccess: (loaded) => queries.setQueryData(['task', state.task], loaded.state),
  });
  return (
    <>
      <FileButton
        accept=".jsonl,.ndjson,.json"
        testId="tool-log"
        busy={load.isPending}
        onFile={(file) => load.mutate(file)}
      >
        {state.tool === 'log' ? 'Load the tool’s log again' : 'Load the tool’s session log'}
      </FileButton>
      {load.isError && <Typography role="alert">{load.error.message}</Typography>}
      {load.data && (
        <Typography role="status">{load.data.lines} lines of the tool’s session loaded.</Typography>
      )}
    </>
  );
}
