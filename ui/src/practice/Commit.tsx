import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { say } from '../words/say';

/** The foot of an answer: what went wrong with sending it, and the one press that cannot be taken back. */
export function Commit({
  words,
  failure,
  busy,
  lacks,
}: {
  words: string;
  failure: string | undefined;
  busy: boolean;
  lacks: boolean;
}) {
  return (
    <>
      {failure !== undefined && (
        <Typography role="alert" color="error">
          {failure}
        </Typography>
      )}
      <Button
        type="submit"
        variant="contained"
        size="large"
        loading={busy}
        disabled={lacks}
        sx={{ mt: 2 }}
      >
        {words}
      </Button>
      <Typography variant="body2" color="text.secondary" sx={{ mt: 1 }}>
        {say('screen.exercise.commit-note')}
      </Typography>
    </>
  );
}
