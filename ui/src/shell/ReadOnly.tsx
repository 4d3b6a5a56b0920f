import Alert from '@mui/material/Alert';
import type { Act } from '../api/types';
import { useMay, usePerson } from '../session/usePerson';

/** Says so at once where somebody's role cannot write, rather than when they have typed something. */
export function ReadOnly({ act, words }: { act: Act; words: string }) {
  const person = usePerson();
  const may = useMay();
  return person.data && !may(act) ? (
    <Alert severity="info" role="status">
      {words}
    </Alert>
  ) : null;
}
