import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import LinearProgress from '@mui/material/LinearProgress';
import Typography from '@mui/material/Typography';
import { useRef } from 'react';
import type { Import } from '../api/types';
import { useImport } from './useImport';

const TEXTS = {
  estimates: {
    title: 'Take in estimates',
    accept: '.csv,text/csv',
    hint: 'A CSV file in UTF-8 with the columns order, vehicle and line, and if there are any plate, vin, operation and state; a row for each line of work, those of one order together. The vehicle begins with the make and model of a vehicle sheet.',
    found: (count: number) => (count === 1 ? '1 order' : `${count} orders`),
  },
  cards: {
    title: 'Take in procedure cards',
    accept: '.json,application/json',
    hint: 'A JSON file with one card, or with a list of them under “cards”, as the published schema has it. Each becomes a version that a second person checks.',
    found: (count: number) => (count === 1 ? '1 card' : `${count} cards`),
  },
};

/** A file is read with its progress shown, looked at, and taken in whole or not at all. */
export function ImportDialog({
  kind,
  open,
  onClose,
  onTaken,
}: {
  kind: 'estimates' | 'cards';
  open: boolean;
  onClose: () => void;
  onTaken: () => void;
}) {
  const work = useImport(kind);
  const input = useRef<HTMLInputElement>(null);
  const { state } = work;
  const texts = TEXTS[kind];
  const leave = () => {
    void work.cancel();
    onClose();
  };
  const file = 'file' in state ? state.file : null;
  return (
    <Dialog
      open={open}
      onClose={leave}
      fullWidth
      maxWidth="md"
      aria-labelledby="import-title"
      data-testid="import"
    >
      <DialogTitle id="import-title">{texts.title}</DialogTitle>
      <DialogContent>
        {state.is === 'idle' && <Typography>{texts.hint}</Typography>}
        {work.failure && (
          <Typography role="alert" color="error" sx={{ my: 1 }}>
            {work.failure}
          </Typography>
        )}
        {state.is === 'sending' && (
          <>
            <Typography>Sending the file</Typography>
            <LinearProgress />
          </>
        )}
        {file && (
          <Progress file={file} found={texts.found(file.found)} reading={state.is === 'reading'} />
        )}
        {state.is === 'refused' && file && <Errors file={file} />}
        {state.is === 'ready' && file && <Preview file={file} />}
        {state.is === 'taking' && <LinearProgress aria-label="Taking it in" />}
        {state.is === 'taken' && (
          <Typography role="status" sx={{ fontSize: '1.2rem', fontWeight: 700 }}>
            {texts.found(state.count)} taken in
          </Typography>
        )}
      </DialogContent>
      <DialogActions>
        <input
          ref={input}
          type="file"
          accept={texts.accept}
          hidden
          data-testid="import-input"
          onChange={(event) => {
            const picked = event.target.files?.[0];
            if (picked) {
              void work.begin(picked);
            }
            event.target.value = '';
          }}
        />
        {state.is === 'reading' && work.failure && (
          <Button variant="outlined" onClick={() => void work.again()}>
            Go on reading
          </Button>
        )}
        {(state.is === 'idle' || state.is === 'refused') && (
          <Button variant="contained" onClick={() => input.current?.click()}>
            {state.is === 'idle' ? 'Choose a file' : 'Choose another file'}
          </Button>
        )}
        {state.is === 'ready' && file && (
          <Button
            variant="contained"
            onClick={() => {
              void work.take().then(onTaken);
            }}
          >
            Take in {texts.found(file.found)}
          </Button>
        )}
        {state.is === 'taken' ? (
          <Button variant="contained" onClick={leave}>
            Done
          </Button>
        ) : (
          <Button color="inherit" onClick={leave}>
            {file && state.is !== 'refused' ? 'Cancel, take in nothing' : 'Close'}
          </Button>
        )}
      </DialogActions>
    </Dialog>
  );
}

function Progress({ file, found, reading }: { file: Import; found: string; reading: boolean }) {
  const done = Math.round((100 * file.place) / Math.max(1, file.size));
  return (
    <Box sx={{ my: 1 }} aria-live="polite">
      <Typography>
        {file.name}: {reading ? `${done} % read` : 'read'}, {found}
        {file.refused > 0 && `, ${file.refused} refused`}
      </Typography>
      {reading && (
        <LinearProgress variant="determinate" value={done} aria-label="Reading the file" />
      )}
    </Box>
  );
}

function Errors({ file }: { file: Import }) {
  return (
    <Box role="alert">
      <Typography sx={{ fontWeight: 700 }}>
        Nothing was taken in. What is wrong, and where:
      </Typography>
      <Box component="ul" sx={{ pl: 2.5 }}>
        {file.errors.map((error, i) => (
          <Box component="li" key={i} sx={{ overflowWrap: 'anywhere' }}>
            {error.says}
          </Box>
        ))}
      </Box>
      {file.refused > file.errors.length && (
        <Typography>and {file.refused - file.errors.length} more.</Typography>
      )}
    </Box>
  );
}

function Preview({ file }: { file: Import }) {
  return (
    <Box component="ul" sx={{ listStyle: 'none', p: 0 }} aria-label="What was found">
      {file.preview.map(
        (line, i) =>
          line && (
            <Box component="li" key={i} sx={{ borderBottom: 1, borderColor: 'divider', py: 0.75 }}>
              <b>{line.title}</b> {line.text}
              {line.understood.length > 0 && (
                <Typography variant="body2" color="text.secondary">
                  {line.understood.join(', ')}
                </Typography>
              )}
              {line.open.map((text) => (
                <Typography variant="body2" key={text} sx={{ color: 'verdict.unproven' }}>
                  Not understood, will be asked: “{text}”
                </Typography>
              ))}
            </Box>
          ),
      )}
      {file.found > file.preview.length && <li>and {file.found - file.preview.length} more.</li>}
    </Box>
  );
}
