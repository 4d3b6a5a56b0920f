import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import type { Workspace } from '../api/types';
import { say } from '../words/say';

/** Asks before the last reading is struck: U lies beside keys that are pressed often. */
export function UndoDialog({
  reading,
  onStrike,
  onClose,
}: {
  reading: Workspace['ledger'][number] | null;
  onStrike: (reading: string) => void;
  onClose: () => void;
}) {
  return (
    <Dialog
      open={reading !== null}
      onClose={onClose}
      aria-labelledby="undo-title"
      data-testid="undo"
    >
      {reading !== null && (
        <>
          <DialogTitle id="undo-title">{say('screen.undo.title')}</DialogTitle>
          <DialogContent>
            {say('screen.undo.which', {
              call: reading.title,
              typed: reading.typed,
              person: reading.person,
            })}
          </DialogContent>
          <DialogActions>
            <Button color="inherit" onClick={onClose}>
              {say('screen.undo.leave-it')}
            </Button>
            <Button
              variant="contained"
              autoFocus
              onClick={() => {
                onClose();
                onStrike(reading.id);
              }}
            >
              {say('screen.undo.strike-it')}
            </Button>
          </DialogActions>
        </>
      )}
    </Dialog>
  );
}
