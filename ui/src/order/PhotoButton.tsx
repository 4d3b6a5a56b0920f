import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Checkbox from '@mui/material/Checkbox';
import FormControlLabel from '@mui/material/FormControlLabel';
import Typography from '@mui/material/Typography';
import { useMutation } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { sendFile } from '../api/sendFile';
import type { Order } from '../api/types';
import { uuid7 } from '../api/uuid7';
import type { OrderFile } from './useOrder';

/** Takes a photo, or picks one, and adds it to what it shows. */
export function PhotoButton({
  order,
  file,
  about,
  sensor,
  onDone,
}: {
  order: Order;
  file: OrderFile;
  about: string;
  sensor: string | null;
  onDone?: (id: string) => void;
}) {
  const input = useRef<HTMLInputElement>(null);
  const [keep, setKeep] = useState(false);
  const send = useMutation({
    mutationFn: async (photo: File) => {
      const id = uuid7();
      const state = await sendFile<Order>(`/api/repair-orders/${order.id}/photos`, photo, {
        id,
        about,
        ...(sensor === null ? {} : { sensor }),
        ...(keep ? { keepLocation: '1' } : {}),
      });
      return { id, state };
    },
    onSuccess: ({ id, state }) => {
      file.took(state);
      onDone?.(id);
    },
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
      <Button variant="contained" onClick={() => input.current?.click()} loading={send.isPending}>
        Take or pick a photo
      </Button>
      <FormControlLabel
        sx={{ ml: 1, minHeight: 48 }}
        control={<Checkbox checked={keep} onChange={(event) => setKeep(event.target.checked)} />}
        label="Keep where it was taken"
      />
      <Typography
        variant="body2"
        color={send.isError ? 'error' : 'text.secondary'}
        role={send.isError ? 'alert' : undefined}
      >
        {send.error?.message ??
          'JPEG, PNG or WebP, up to 20 MB. The place it was taken at is left out unless you keep it.'}
      </Typography>
    </Box>
  );
}
