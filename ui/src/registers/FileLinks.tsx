import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Link } from 'react-router';
import { say } from '../words/say';

/** A register from a file, and out as one. */
export function FileLinks({ register, mayEdit }: { register: string; mayEdit: boolean }) {
  return (
    <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap' }}>
      {mayEdit && (
        <Button
          component={Link}
          to={`/registers/${register}/file`}
          variant="outlined"
          sx={{ minHeight: 48 }}
        >
          {say('screen.register-file.from-a-file')}
        </Button>
      )}
      <Button href={`/api/registers/${register}.csv`} download color="inherit">
        {say('screen.register-file.csv')}
      </Button>
      <Button href={`/api/registers/${register}.json`} download color="inherit">
        {say('screen.register-file.json')}
      </Button>
    </Box>
  );
}
