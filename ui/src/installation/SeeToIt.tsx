import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { say } from '../words/say';
import { useInstallation } from './useInstallation';

/** What of the installation somebody who leads the shop should see to; nothing where all is well. */
export function SeeToIt() {
  const found = useInstallation(true);
  const wrong = found.data?.checks.filter((check) => !check.isWell) ?? [];
  if (wrong.length === 0) {
    return null;
  }
  return (
    <Box
      role="status"
      data-testid="see-to-it"
      sx={{ border: 2, borderColor: 'verdict.out', px: 1.5, py: 1, mb: 2 }}
    >
      {wrong.map((check) => (
        <Typography key={check.id} sx={{ fontWeight: 700 }}>
          {check.says}
        </Typography>
      ))}
      <Button component={Link} to="/installation" color="inherit" sx={{ px: 0 }}>
        {say('screen.installation')}
      </Button>
    </Box>
  );
}
