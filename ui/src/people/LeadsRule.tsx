import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { Link } from 'react-router';
import { answer, client } from '../api/client';
import type { People } from '../api/types';
import { uuid7 } from '../api/uuid7';
import { say } from '../words/say';

/** Whether those who lead the shop must have a second factor, and the way to how the installation stands. */
export function LeadsRule({
  wanted,
  onDone,
}: {
  wanted: boolean;
  onDone: (found: People) => void;
}) {
  const rule = useMutation({
    mutationFn: (next: boolean) =>
      answer(
        client.POST('/api/people/rule', {
          body: { id: uuid7(), version: 0, leadsNeedSecond: next },
        }),
      ),
    onSuccess: onDone,
  });
  return (
    <Box sx={{ mt: 2 }}>
      <FormControlLabel
        sx={{ minHeight: 48 }}
        control={
          <Switch
            checked={wanted}
            disabled={rule.isPending}
            onChange={(event) => rule.mutate(event.target.checked)}
          />
        }
        label={say('screen.people-screen.leads-need')}
      />
      <Typography variant="body2" color="text.secondary">
        {say('screen.people-screen.leads-need-why')}
      </Typography>
      {rule.isError && (
        <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700 }}>
          {rule.error.message}
        </Typography>
      )}
      <Button component={Link} to="/installation" variant="outlined" sx={{ mt: 1.5 }}>
        {say('screen.installation')}
      </Button>
    </Box>
  );
}
