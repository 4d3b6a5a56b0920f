import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Dialog from '@mui/material/Dialog';
import DialogActions from '@mui/material/DialogActions';
import DialogContent from '@mui/material/DialogContent';
import DialogTitle from '@mui/material/DialogTitle';
import Typography from '@mui/material/Typography';
import { useCallback, useEffect, useRef, useState } from 'react';
import { figures } from '../../theme/theme';
import { say } from '../../words/say';
import type { PictureReader } from './detector';

/** Between two looks at the picture, ms. */
const EVERY = 250;

/** The camera's picture until something is read in it, then what was read, to be taken or looked at again. */
export function CameraDialog({
  reader,
  find,
  onTake,
  onClose,
}: {
  reader: PictureReader;
  find: (text: string) => string | null;
  onTake: (text: string) => void;
  onClose: () => void;
}) {
  const video = useRef<HTMLVideoElement>(null);
  // The dialog's content comes a moment after the dialog.
  const [isThere, setIsThere] = useState(false);
  const place = useCallback((picture: HTMLVideoElement | null) => {
    video.current = picture;
    setIsThere(picture !== null);
  }, []);
  const [found, setFound] = useState<string | null>(null);
  const [failure, setFailure] = useState<string | null>(null);
  const looks = found === null;
  useEffect(() => {
    const picture = video.current;
    if (!looks || !isThere || picture === null) {
      return undefined;
    }
    let isOver = false;
    let stream: MediaStream | null = null;
    const look = async () => {
      stream = await navigator.mediaDevices.getUserMedia({ video: { facingMode: 'environment' } });
      picture.srcObject = stream;
      // Pictures come when they come; until then nothing is read in them.
      void picture.play().catch(() => undefined);
      while (!isOver) {
        const read = (await reader.read(picture)).map(find).find((text) => text !== null);
        if (read !== undefined && !isOver) {
          setFound(read);
          return;
        }
        await new Promise((resolve) => setTimeout(resolve, EVERY));
      }
    };
    look().catch((failed: unknown) => {
      if (!isOver) {
        setFailure(failed instanceof Error ? failed.message : '');
      }
    });
    return () => {
      isOver = true;
      stream?.getTracks().forEach((track) => track.stop());
    };
  }, [looks, isThere, reader, find]);
  return (
    <Dialog open onClose={onClose} aria-labelledby="camera-title" maxWidth="sm" fullWidth>
      <DialogTitle id="camera-title">{say('screen.camera.title')}</DialogTitle>
      <DialogContent sx={{ display: 'grid', gap: 1 }}>
        {failure !== null && (
          <Typography role="alert">{say('screen.camera.none', { why: failure })}</Typography>
        )}
        {looks && failure === null && (
          <>
            <Typography>{say('screen.camera.hold')}</Typography>
            <Box
              component="video"
              ref={place}
              muted
              playsInline
              sx={{ width: '100%', maxHeight: '50vh', bgcolor: '#000' }}
            />
          </>
        )}
        {found !== null && (
          <>
            <Typography>{say('screen.camera.reads')}</Typography>
            <Typography
              role="status"
              data-testid="camera-found"
              sx={{ fontFamily: figures, fontSize: '1.5rem', overflowWrap: 'anywhere' }}
            >
              {found}
            </Typography>
          </>
        )}
      </DialogContent>
      <DialogActions>
        <Button color="inherit" onClick={onClose}>
          {say('screen.back')}
        </Button>
        {found !== null && (
          <>
            <Button variant="outlined" onClick={() => setFound(null)}>
              {say('screen.camera.again')}
            </Button>
            <Button variant="contained" autoFocus onClick={() => onTake(found)}>
              {say('screen.camera.take')}
            </Button>
          </>
        )}
      </DialogActions>
    </Dialog>
  );
}
