import Typography from '@mui/material/Typography';
import type { Workspace } from '../../api/types';
import { Sheet } from './Sheet';

export function FloorSheet({ state }: { state: Workspace }) {
  const note = state.stages.find((stage) => stage.id === 'floor')?.note;
  return (
    <Sheet title="Floor not surveyed" note={`${state.plan.bay.name}: ${note}.`}>
      <Typography sx={{ mt: 1 }}>
        What is not known of the floor is part of every height’s uncertainty here. It is never taken
        as level.
      </Typography>
    </Sheet>
  );
}
