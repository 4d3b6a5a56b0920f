import Alert from '@mui/material/Alert';
import Button from '@mui/material/Button';
import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useSyncExternalStore } from 'react';
import { usePerson } from '../session/usePerson';
import { take } from '../journal/take';
import { say } from '../words/say';
import { dropPhoto, photoPost, sendPhotos } from './post';

/** How often what waits is tried again, ms. */
const AGAIN = 15_000;

/** Sends the photos that wait on this device, wherever its person is, and says how many there are. */
export function WaitingPhotos() {
  const person = usePerson().data?.email ?? null;
  const queries = useQueryClient();
  const { waiting, refused } = useSyncExternalStore(photoPost.subscribe, photoPost.state);
  useEffect(() => {
    if (person === null) {
      return undefined;
    }
    const send = () =>
      void sendPhotos(person, ({ order }, state) => {
        take(queries, ['order', order], state);
      }).catch(() => undefined);
    send();
    const again = setInterval(send, AGAIN);
    window.addEventListener('online', send);
    return () => {
      clearInterval(again);
      window.removeEventListener('online', send);
    };
  }, [person, queries]);
  if (waiting === 0) {
    return null;
  }
  return (
    <Alert
      severity="warning"
      data-testid="waiting-photos"
      sx={{ position: 'fixed', right: 16, bottom: 16, zIndex: 1_150, displayPrint: 'none' }}
      action={
        refused && (
          <Button color="inherit" onClick={() => void dropPhoto(refused.photo.id)}>
            {say('screen.banner.drop-it')}
          </Button>
        )
      }
    >
      {refused === null
        ? say('screen.photo-button.waiting', { photos: waiting })
        : say('screen.photo-button.not-taken', { why: refused.failure.message })}
    </Alert>
  );
}
