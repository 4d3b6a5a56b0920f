import Button from '@mui/material/Button';
import { Suspense, useState } from 'react';
import { say } from '../../words/say';
import { pictureReader } from './detector';
import { lazyPart } from '../../loading/lazyPart';

const CameraDialog = lazyPart(async () => (await import('./CameraDialog')).CameraDialog);

/** Reads a field's text with the camera, where this browser can; what was read is shown before it is taken. */
export function CameraButton({
  find,
  onTake,
}: {
  /** What of a text is meant; null for nothing. */
  find: (text: string) => string | null;
  onTake: (text: string) => void;
}) {
  const [reader] = useState(pictureReader);
  const [open, setOpen] = useState(false);
  if (reader === null) {
    return null;
  }
  return (
    <>
      <Button variant="outlined" onClick={() => setOpen(true)} sx={{ justifySelf: 'start' }}>
        {say('screen.camera.read')}
      </Button>
      <Suspense fallback={null}>
        {open && (
          <CameraDialog
            reader={reader}
            find={find}
            onTake={(text) => {
              setOpen(false);
              onTake(text);
            }}
            onClose={() => setOpen(false)}
          />
        )}
      </Suspense>
    </>
  );
}
