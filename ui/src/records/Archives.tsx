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
import { day } from '../words/moments';
import { say } from '../words/say';

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
      <Typography variant="h2">{say('screen.archives-from-elsewhere')}</Typography>
      <Typography color="text.secondary" sx={{ mb: 1.5 }}>
        {say('screen.archives.sealed-archive-checked-byte')}
      </Typography>
      {may('archive') && (
        <FileButton
          accept=".json,application/json"
          testId="archive-file"
          busy={take.isPending}
          fullWidth
          onFile={(file) => take.mutate(file)}
        >
          {say('screen.archives.take-in-archive')}
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
        <Typography sx={{ mt: 2 }}>{say('screen.archives.none-was-taken-in')}</Typography>
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
      aria-label={say('screen.archives.archive-order', { number: archive.number })}
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
        {say('screen.archives.from-taken-in-by', {
          origin: archive.origin,
          person: archive.person,
          day: day(archive.takenAt),
        })}
      </Typography>
      <Typography
        sx={{ fontWeight: 700, color: archive.holds ? 'verdict.holds' : 'verdict.out', my: 0.5 }}
      >
        {archive.holds
          ? archive.records.some((record) => record.edition > 1)
            ? say('screen.archives.unchanged-and-every-record')
            : say('screen.archives.unchanged-since-it-was')
          : archive.broken.length > 0
            ? say('screen.archives.changed-since-it-was')
            : say('screen.archives.unchanged-but-it-does')}
      </Typography>
      <Typography variant="body2" sx={{ overflowWrap: 'anywhere' }} data-testid="archive-key">
        {archive.key === null
          ? say('screen.archives.nobody-signed')
          : say('screen.archives.signed-with', { key: archive.key })}
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
              {record.revision > 1 &&
                say('screen.archives.revision', { revision: record.revision })}
            </span>
            <span>
              {say('screen.sealed-state')}{' '}
              <VerdictMark verdict={verdictFrom(record.sealed)} size={14} />
            </span>
            {record.edition > 1 && (
              <span>
                {say('screen.archives.here')}{' '}
                <VerdictMark verdict={verdictFrom(record.again)} size={14} />
              </span>
            )}
          </Box>
          <Typography variant="body2" color="text.secondary" sx={{ overflowWrap: 'anywhere' }}>
            {record.failure
              ? say('screen.archives.it-cannot-be-computed', { failure: record.failure })
              : record.edition === 1
                ? say('screen.archives.checked-against-its-seal', {
                    sealedBy: record.sealedBy,
                    day: day(record.sealedAt),
                  })
                : record.differences.length === 0
                  ? say('screen.archives.every-figure-comes-out', {
                      sealedBy: record.sealedBy,
                      day: day(record.sealedAt),
                    })
                  : say('screen.archives.otherwise-here', {
                      differences: record.differences.join(', '),
                    })}
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
        <Typography variant="body2">{say('screen.archives.no-sensor-it-was')}</Typography>
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
