import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Typography from '@mui/material/Typography';
import { useInfiniteQuery } from '@tanstack/react-query';
import { answer, client } from '../api/client';
import { Page } from '../shell/Page';
import { TryAgain } from '../shell/Opening';
import { figures } from '../theme/theme';
import { moment } from '../words/moments';
import { say } from '../words/say';
import { useWords } from '../words/useWords';
import { Tablets } from './Tablets';
import { useInstallation } from './useInstallation';

/** How the installation stands, and who came in and changed what: for those who lead the shop. */
export function InstallationScreen() {
  return (
    <Page title={say('screen.installation')}>
      <Box
        sx={{
          display: 'grid',
          gap: 4,
          gridTemplateColumns: { xs: '1fr', lg: 'minmax(0, 1fr) minmax(0, 1fr)' },
          alignItems: 'start',
        }}
      >
        <State />
        <Log />
      </Box>
    </Page>
  );
}

function State() {
  const found = useInstallation(true);
  return (
    <Box component="section" aria-label={say('screen.installation.state')}>
      {found.isPending && <Skeleton variant="rectangular" height={280} />}
      {found.isError && (
        <TryAgain message={found.error.message} again={() => void found.refetch()} />
      )}
      {found.data?.checks.map((check) => (
        <Box
          key={check.id}
          data-testid={`check-${check.id}`}
          sx={{
            bgcolor: 'background.paper',
            border: 1,
            borderColor: 'divider',
            borderLeft: 6,
            borderLeftColor: check.isWell ? 'verdict.holds' : 'verdict.out',
            p: 1.5,
            mb: 1.5,
          }}
        >
          <Typography variant="h3">
            {say(`screen.installation.${check.id}`)}
            {!check.isWell && `: ${say('screen.installation.see-to-it')}`}
          </Typography>
          <Typography>{check.says}</Typography>
        </Box>
      ))}
      {found.data && <Tablets network={found.data.network} />}
      {found.data?.key && (
        <Box sx={{ overflowWrap: 'anywhere', mt: 3 }}>
          <Typography variant="h3">{say('screen.installation.key')}</Typography>
          <Typography sx={{ fontFamily: figures }}>{found.data.key}</Typography>
          <Typography variant="h3" sx={{ mt: 1 }}>
            {say('screen.installation.head')}
          </Typography>
          <Typography sx={{ fontFamily: figures }}>{found.data.head}</Typography>
          <Button
            variant="outlined"
            component="a"
            href="/api/seal-book.json"
            download
            sx={{ mt: 1.5 }}
          >
            {say('screen.installation.book')}
          </Button>
        </Box>
      )}
      {found.data && (
        <Typography color="text.secondary" sx={{ mt: 3 }}>
          {Object.entries(found.data.versions)
            .map(([name, version]) => `${name} ${version}`)
            .join(' · ')}
        </Typography>
      )}
    </Box>
  );
}

function Log() {
  const log = useInfiniteQuery({
    queryKey: ['shop-log'],
    queryFn: ({ pageParam }) =>
      answer(
        client.GET('/api/shop-log', {
          params: { query: pageParam === null ? {} : { after: pageParam } },
        }),
      ),
    initialPageParam: null as string | null,
    getNextPageParam: (last) => last.next,
    refetchOnMount: 'always',
  });
  const { worded } = useWords();
  const lines = log.data === undefined ? [] : worded(log.data).pages.flatMap((page) => page.lines);
  return (
    <Box component="section" aria-label={say('screen.installation.log')}>
      <Typography variant="h2" sx={{ mb: 1 }}>
        {say('screen.installation.log')}
      </Typography>
      {log.isPending && <Skeleton variant="rectangular" height={280} />}
      {log.isError && <TryAgain message={log.error.message} again={() => void log.refetch()} />}
      {log.data && lines.length === 0 && <p>{say('screen.installation.log-empty')}</p>}
      {lines.map((line) => (
        <Box
          key={line.id}
          data-testid="log-line"
          sx={{ borderTop: 1, borderColor: 'divider', py: 0.75 }}
        >
          <Typography sx={{ overflowWrap: 'anywhere' }}>{line.says}</Typography>
          <Typography variant="body2" color="text.secondary">
            {moment(line.at)}
            {line.address && ` · ${line.address}`}
          </Typography>
        </Box>
      ))}
      {log.hasNextPage && (
        <Button
          variant="outlined"
          fullWidth
          sx={{ mt: 1 }}
          loading={log.isFetchingNextPage}
          onClick={() => void log.fetchNextPage()}
        >
          {say('screen.installation.more')}
        </Button>
      )}
    </Box>
  );
}
