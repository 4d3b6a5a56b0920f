import { useWords } from '../words/useWords';
import Box from '@mui/material/Box';
import Skeleton from '@mui/material/Skeleton';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useQuery } from '../api/useQuery';
import { answer, client } from '../api/client';
import { sendFile } from '../api/sendFile';
import type { ArchiveFound } from '../api/types';
import { uuid7 } from '../api/uuid7';
import { useMay } from '../session/usePerson';
import { FileButton } from '../shell/FileButton';
import { TryAgain } from '../shell/Opening';
import { VerdictMark, verdictFrom } from '../shell/VerdictMark';

const KEY = ['archives'];

/** Orders of other installations: each seal checked, each record computed again here. */
export function Archives() {
  const may = useMay();
  const queries = useQueryClient();
  const [taken, setTaken] = useState<string | null>(null);
  const list = useQuery({ queryKey: KEY, queryFn: () => answer(client.GET('/api/archives')) });
  const take = useMutation({
    mutationFn: (file: File) => sendFile<ArchiveFound>('/api/archives', file, { id: uuid7() }),
    onSuccess: (found) => {
      setTaken(found.id);
      void queries.invalidateQueries({ queryKey: KEY });
    },
  });
  return (
    <>
      <Typography variant="h2">Archives from elsewhere</Typography>
      <Typography color="text.secondary" sx={{ mb: 1.5 }}>
        A sealed archive is checked byte by byte, and every record in it is computed again.
      </Typography>
      {may('archive') && (
        <FileButton
          accept=".json,application/json"
          testId="archive-file"
          busy={take.isPending}
          fullWidth
          onFile={(file) => take.mutate(file)}
        >
          Take in an archive
        </FileButton>
      )}
      {take.isError && (
        <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700, mt: 1 }}>
          {take.error.message}
        </Typography>
      )}
      {list.isPending && <Skeleton variant="rectangular" height={160} sx={{ mt: 2 }} />}
      {list.isError && <TryAgain message={list.error.message} again={() => void list.refetch()} />}
      {list.data?.archives.length === 0 && (
        <Typography sx={{ mt: 2 }}>None was taken in yet.</Typography>
      )}
      {list.data?.archives.map((archive) => (
        <Archive key={archive.id} archive={archive} isNew={archive.id === taken} />
      ))}
    </>
  );
}

function Archive({ archive, isNew }: { archive: ArchiveFound; isNew: boolean }) {
  const words = useWords();
  return (
    <Box
      component="article"
      aria-label={`Archive of order ${archive.number}`}
      data-testid="archive"
      sx={{
        bgcolor: 'background.paper',
        border: 1,
        borderColor: isNew ? 'primary.main' : 'divider',
        borderLeft: 6,
        borderLeftColor: archive.holds ? 'verdict.holds' : 'verdict.out',
        p: 1.5,
        mt: 1.5,
      }}
    >
      <b>
        {archive.number}, {archive.vehicle} {archive.plate}
      </b>
      <Typography variant="body2" color="text.secondary">
        From {archive.origin}. Taken in by {archive.person},{' '}
        {new Date(archive.takenAt).toLocaleDateString('en-GB', { dateStyle: 'medium' })}.
      </Typography>
      <Typography
        sx={{ fontWeight: 700, color: archive.holds ? 'verdict.holds' : 'verdict.out', my: 0.5 }}
      >
        {archive.holds
          ? archive.records.some((record) => record.edition > 1)
            ? 'Unchanged, and every record comes out as it was sealed.'
            : 'Unchanged since it was sealed.'
          : archive.broken.length > 0
            ? 'Changed since it was sealed.'
            : 'Unchanged, but it does not come out here as it was sealed.'}
      </Typography>
      {archive.broken.map((broken) => (
        <Typography key={broken} variant="body2">
          {broken}
        </Typography>
      ))}
      {archive.records.map((record) => (
        <Box
          key={`${record.sensor} ${record.revision}`}
          sx={{ borderTop: 1, borderColor: 'divider', py: 0.75, mt: 0.75 }}
        >
          <Box sx={{ display: 'flex', gap: 2, flexWrap: 'wrap', alignItems: 'center' }}>
            <span>
              {record.sensor}
              {record.revision > 1 && `, revision ${record.revision}`}
            </span>
            <span>
              sealed <VerdictMark verdict={verdictFrom(record.sealed)} size={14} />
            </span>
            {record.edition > 1 && (
              <span>
                here <VerdictMark verdict={verdictFrom(record.again)} size={14} />
              </span>
            )}
          </Box>
          <Typography variant="body2" color="text.secondary" sx={{ overflowWrap: 'anywhere' }}>
            {record.failure
              ? `It cannot be computed here: ${record.failure}`
              : record.edition === 1
                ? `Checked against its seal. It is not computed again: the first edition did not keep all it rests on. ${record.sealedBy}, ${new Date(record.sealedAt).toLocaleDateString('en-GB')}.`
                : record.differences.length === 0
                  ? `Every figure comes out the same. ${record.sealedBy}, ${new Date(record.sealedAt).toLocaleDateString('en-GB')}.`
                  : `Otherwise here: ${record.differences.join(', ')}`}
          </Typography>
          {record.refused?.map((line) => (
            <Typography key={line.line} variant="body2" color="verdict.out">
              {words.of('record.line-refused', {
                kind: line.kind,
                line: line.line,
                why: line.says,
              })}
            </Typography>
          ))}
        </Box>
      ))}
      {archive.records.length === 0 && (
        <Typography variant="body2">No sensor of it was sealed.</Typography>
      )}
      <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 1 }}>
        {archive.photos
          .filter((photo) => photo.isHere)
          .map((photo) => (
            <Box
              key={photo.hash}
              component="a"
              href={`/api/archives/${archive.id}/photos/${photo.hash}`}
              target="_blank"
              rel="noreferrer"
            >
              <Box
                component="img"
                src={`/api/archives/${archive.id}/photos/${photo.hash}`}
                alt={photo.about}
                loading="lazy"
                sx={{ width: 120, height: 90, objectFit: 'cover', display: 'block' }}
              />
            </Box>
          ))}
      </Box>
    </Box>
  );
}
