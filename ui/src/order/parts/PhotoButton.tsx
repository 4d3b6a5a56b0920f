import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import type { Order } from '../../api/types';
import { uuid7 } from '../../api/uuid7';
import { postPhoto } from '../../photos/post';
import { actsFor } from '../../api/own';
import { usePerson } from '../../session/usePerson';
import { say } from '../../words/say';

/** Takes a photo, or picks one, and adds it to what it shows. */
export function PhotoButton({
  order,
  about,
  sensor,
  quiet = false,
  onSent,
}: {
  /** the order's id */
  order: string;
  about: string;
  sensor: string | null;
  /** Beside something more important. */
  quiet?: boolean;
  /** The order with it; null where it waits on this device. */
  onSent: (state: Order | null, id: string) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  const person = usePerson().data?.email ?? actsFor() ?? '';
  const [keep, setKeep] = useState(false);
  const send = useMutation({
    // Without a network too: then it is kept on this device.
    networkMode: 'always',
    mutationFn: async (photo: File) => {
      const id = uuid7();
      const state = await postPhoto({
        id,
        order,
        person,
        photo,
        query: {
          about,
          ...(sensor === null ? {} : { sensor }),
          ...(keep ? { keepLocation: '1' } : {}),
        },
      }).catch((failure: unknown) => {
        throw failure instanceof DOMException && failure.name === 'QuotaExceededError'
          ? new Error(say('screen.photo-button.no-room'))
          : failure;
      });
      return { id, state };
    },
    onSuccess: ({ id, state }) => onSent(state, id),
  });
  return (
    <Box>
      <input
        ref={input}
        type="file"
        accept="image/jpeg,image/png,image/webp"
        capture="environment"
        hidden
        data-testid="photo-input"
        onChange={(event) => {
          const picked = event.target.files?.[0];
          if (picked) {
            send.mutate(picked);
          }
          event.target.value = '';
        }}
      />
      <Button
        variant={quiet ? 'outlined' : 'contained'}
        onClick={() => input.current?.click()}
        loading={send.isPending}
      >
        {say('screen.photo-button.take-or-pick-photo')}
      </Button>
      {!quiet && (
        <FormControlLabel
          sx={{ ml: 1, minHeight: 48 }}
          control={<Checkbox checked={keep} onChange={(event) => setKeep(event.target.checked)} />}
          label={say('screen.photo-button.keep-where-it-was')}
        />
      )}
      <Typography
        variant="body2"
        color={send.isError ? 'error' : 'text.secondary'}
        role={send.isError ? 'alert' : undefined}
      >
        {send.error?.message ??
          (send.isSuccess
            ? say(
                send.data.state === null
                  ? 'screen.photo-button.kept-here'
                  : 'screen.photo-button.photo-kept-with-order',
              )
            : quiet
              ? ''
              : say('screen.photo-button.jpeg-png-or-webp'))}
      </Typography>
    </Box>
  );
}
