import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Refused } from '../../api/client';
import type { Pose } from '../../api/types';
import { FileButton } from '../../shell/FileButton';
import type { Task } from '../task/useTask';
import { say } from '../../words/say';

/** The rig's own file instead of typing its three figures. */
export function PoseFile({ task }: { task: Task }) {
  const [problem, setProblem] = useState<string | null>(null);
  const sent = task.failed?.kind === 'poses' ? task.failed.payload : null;
  const refused = sent !== null && task.failure instanceof Refused ? task.failure : null;
  const read = async (file: File) => {
    setProblem(null);
    try {
      task.write({ kind: 'poses', payload: { pose: JSON.parse(await file.text()) as Pose } });
    } catch {
      setProblem(say('screen.file-no-json'));
    }
  };
  return (
    <Box sx={{ mt: 1 }}>
      <FileButton
        accept=".json"
        testId="pose-file"
        busy={task.isWriting}
        onFile={(file) => void read(file)}
      >
        {say('screen.pose-file.read-rigs-file')}
      </FileButton>
      {(problem ?? refused) !== null && (
        <Typography role="alert" sx={{ mt: 1 }}>
          {problem ?? refused?.message}
        </Typography>
      )}
      {sent !== null && refused?.problem.code === 'asks-once' && (
        <Button
          variant="outlined"
          onClick={() => task.write({ kind: 'poses', payload: sent, confirmed: true })}
        >
          {say('screen.pose-file.rig-does-report-that')}
        </Button>
      )}
    </Box>
  );
}
