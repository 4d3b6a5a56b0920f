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
import { say } from '../words/say';

const TEXTS = {
  estimates: {
    title: 'screen.take-in-estimates',
    accept: '.csv,text/csv',
    hint: 'screen.import-dialog.csv-file-in-utf',
    found: (count: number) => say('screen.import-dialog.orders', { count }),
  },
  cards: {
    title: 'screen.import-dialog.take-in-procedure-cards',
    accept: '.json,application/json',
    hint: 'screen.import-dialog.json-file-with-one',
    found: (count: number) => say('screen.card-list.count', { count }),
  },
} as const;

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
      <DialogTitle id="import-title">{say(texts.title)}</DialogTitle>
      <DialogContent>
        {state.is === 'idle' && <Typography>{say(texts.hint)}</Typography>}
        {work.failure && (
          <Typography role="alert" color="error" sx={{ my: 1 }}>
            {work.failure}
          </Typography>
        )}
        {state.is === 'sending' && (
          <>
            <Typography>{say('screen.import-dialog.sending-file')}</Typography>
            <LinearProgress />
          </>
        )}
        {file && (
          <Progress file={file} found={texts.found(file.found)} reading={state.is === 'reading'} />
        )}
        {state.is === 'refused' && file && <Errors file={file} />}
        {state.is === 'ready' && file && <Preview file={file} />}
        {state.is === 'taking' && (
          <LinearProgress aria-label={say('screen.import-dialog.taking-it-in')} />
        )}
        {state.is === 'taken' && (
          <Typography role="status" sx={{ fontSize: '1.2rem', fontWeight: 700 }}>
            {say('screen.import-dialog.taken-in', { found: texts.found(state.count) })}
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
            {say('screen.import-dialog.go-on-reading')}
          </Button>
        )}
        {(state.is === 'idle' || state.is === 'refused') && (
          <Button variant="contained" onClick={() => input.current?.click()}>
            {state.is === 'idle'
              ? say('screen.import-dialog.choose-file')
              : say('screen.import-dialog.choose-another-file')}
          </Button>
        )}
        {state.is === 'ready' && file && (
          <Button
            variant="contained"
            onClick={() => {
              void work.take().then(onTaken);
            }}
          >
            {say('screen.import-dialog.take-in', { found: texts.found(file.found) })}
          </Button>
        )}
        {state.is === 'taken' ? (
          <Button variant="contained" onClick={leave}>
            {say('screen.done')}
          </Button>
        ) : (
          <Button color="inherit" onClick={leave}>
            {file && state.is !== 'refused'
              ? say('screen.import-dialog.cancel-take-in-nothing')
              : say('screen.close')}
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
        {file.name}: {say('screen.import-dialog.read', { done: reading ? done : 100 })}, {found}
        {file.refused > 0 && say('screen.import-dialog.refused', { refused: file.refused })}
      </Typography>
      {reading && (
        <LinearProgress
          variant="determinate"
          value={done}
          aria-label={say('screen.import-dialog.reading-file')}
        />
      )}
    </Box>
  );
}

function Errors({ file }: { file: Import }) {
  return (
    <Box role="alert">
      <Typography sx={{ fontWeight: 700 }}>
        {say('screen.import-dialog.nothing-was-taken-in')}
      </Typography>
      <Box component="ul" sx={{ pl: 2.5 }}>
        {file.errors.map((error, i) => (
          <Box component="li" key={i} sx={{ overflowWrap: 'anywhere' }}>
            {error.says}
          </Box>
        ))}
      </Box>
      {file.refused > file.errors.length && (
        <Typography>
          {say('screen.import-dialog.and-more', { refused: file.refused - file.errors.length })}
        </Typography>
      )}
    </Box>
  );
}

function Preview({ file }: { file: Import }) {
  return (
    <Box
      component="ul"
      sx={{ listStyle: 'none', p: 0 }}
      aria-label={say('screen.import-dialog.what-was-found')}
    >
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
                  {say('screen.import-dialog.not-understood-will-be', { text })}
                </Typography>
              ))}
            </Box>
          ),
      )}
      {file.found > file.preview.length && (
        <li>
          {say('screen.import-dialog.and-more-found', { found: file.found - file.preview.length })}
        </li>
      )}
    </Box>
  );
}
