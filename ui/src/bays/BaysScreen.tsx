import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useQuery } from '../api/useQuery';
import { answer, client } from '../api/client';
import { uuid7 } from '../api/uuid7';
import { FileLinks } from '../registers/FileLinks';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';
import { BayEditor } from './BayEditor';
import { NEW_BAY, type Bay } from './shapes';
import { say } from '../words/say';

export const BAYS = ['bays'];

/** The shop's bays: what they look like from above, what stands in them, and what is known of their floor. */
export function BaysScreen() {
  const bays = useQuery({ queryKey: BAYS, queryFn: () => answer(client.GET('/api/bays')) });
  const { sheet: open = null } = useParams();
  const navigate = useNavigate();
  const setOpen = (id: string) => void navigate(`/bays/${id}`);
  const [fresh, setFresh] = useState<{ id: string; version: number; document: Bay } | null>(null);
  const shown =
    (fresh && (open === null || open === fresh.id) ? fresh : null) ??
    bays.data?.bays.find((bay) => bay.id === open) ??
    bays.data?.bays[0];
  return (
    <Page title={say('screen.bays')}>
      {bays.isPending && <Skeleton variant="rectangular" height={360} />}
      {bays.isError && <TryAgain message={bays.error.message} again={() => void bays.refetch()} />}
      {bays.data && (
        <>
          <Box sx={{ mb: 2 }}>
            <FileLinks register="bays" mayEdit={bays.data.mayChange} />
          </Box>
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mb: 2 }}>
            {bays.data.bays.map((bay) => (
              <Button
                key={bay.id}
                variant={bay.id === shown?.id ? 'contained' : 'outlined'}
                aria-pressed={bay.id === shown?.id}
                sx={{ maxWidth: 280 }}
                onClick={() => {
                  setFresh(null);
                  setOpen(bay.id);
                }}
              >
                <Box component="span" sx={{ overflow: 'hidden', textOverflow: 'ellipsis' }}>
                  {bay.document.name}
                </Box>
              </Button>
            ))}
            {bays.data.mayChange && (
              <Button
                variant={shown === fresh && fresh ? 'contained' : 'outlined'}
                onClick={() => {
                  const id = uuid7();
                  setFresh({ id, version: 0, document: NEW_BAY });
                  setOpen(id);
                }}
              >
                {say('screen.new-bay')}
              </Button>
            )}
          </Box>
          {shown === undefined ? (
            <Typography>{say('screen.bays-screen.no-bay-has-been')}</Typography>
          ) : (
            <BayEditor
              key={`${shown.id}-${shown.version}`}
              bay={shown}
              mayChange={bays.data.mayChange}
              onSaved={() => setFresh(null)}
            />
          )}
        </>
      )}
    </Page>
  );
}
