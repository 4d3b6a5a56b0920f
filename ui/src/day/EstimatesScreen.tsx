import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import { answer, client } from '../api/client';
import type { Estimates } from '../api/types';
import { useQuery } from '../api/useQuery';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';
import { sentence } from '../words/sentence';
import { say, type Code } from '../words/say';
import { lasting } from './times';

const TABLE = {
  borderCollapse: 'collapse',
  width: '100%',
  bgcolor: 'background.paper',
  '& td, & th': { p: 1, textAlign: 'left', borderBottom: 1, borderColor: 'divider' },
  '& td': { whiteSpace: 'nowrap' },
} as const;

/** What stages are expected to take beside what they took, and what drives the difference. */
export function EstimatesScreen() {
  const query = useQuery<Estimates>({
    queryKey: ['estimates'],
    queryFn: () => answer(client.GET('/api/day/estimates')),
  });
  const found = query.data;
  return (
    <Page
      title={say('screen.estimates')}
      tools={
        <Button component={Link} to="/day" variant="outlined">
          {say('screen.day.open')}
        </Button>
      }
    >
      {query.isPending && <Skeleton variant="rectangular" height={280} />}
      {query.isError && (
        <TryAgain message={query.error.message} again={() => void query.refetch()} />
      )}
      {found && (
        <>
          <Typography color="text.secondary" sx={{ mb: 2 }}>
            {say('screen.estimates.note', { jobs: found.jobs })}
          </Typography>
          <Box
            sx={{
              display: 'grid',
              gap: 3,
              gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 3fr) minmax(0, 2fr)' },
              alignItems: 'start',
            }}
          >
            <Box
              sx={{ overflowX: 'auto' }}
              role="region"
              tabIndex={0}
              aria-label={say('screen.estimates.stages')}
            >
              <Box component="table" sx={TABLE}>
                <caption style={{ textAlign: 'left' }}>
                  <Typography variant="h2" component="span">
                    {say('screen.estimates.stages')}
                  </Typography>
                </caption>
                <thead>
                  <tr>
                    <th scope="col">{say('screen.estimates.stage')}</th>
                    <th scope="col">{say('screen.estimates.usual')}</th>
                    <th scope="col">{say('screen.estimates.here')}</th>
                    <th scope="col">{say('screen.estimates.most')}</th>
                    <th scope="col">{say('screen.estimates.jobs')}</th>
                    <th scope="col">{say('screen.estimates.against')}</th>
                  </tr>
                </thead>
                <tbody>
                  {found.stages.map((one) => (
                    <tr key={one.kind}>
                      <th scope="row">{sentence(say(`day.stage.${one.kind}`))}</th>
                      <td>{lasting(one.usual)}</td>
                      <td>
                        <b>{lasting(one.minutes)}</b>
                      </td>
                      <td>{lasting(one.most)}</td>
                      <td>{one.jobs}</td>
                      <td>{one.ratio === null ? '' : <Ratio value={one.ratio} />}</td>
                    </tr>
                  ))}
                </tbody>
              </Box>
            </Box>
            <Box>
              <Box
                sx={{ overflowX: 'auto' }}
                role="region"
                tabIndex={0}
                aria-label={say('screen.estimates.drivers')}
              >
                <Box component="table" sx={TABLE}>
                  <caption style={{ textAlign: 'left' }}>
                    <Typography variant="h2" component="span">
                      {say('screen.estimates.drivers')}
                    </Typography>
                  </caption>
                  <tbody>
                    {found.drivers.map((one) => (
                      <tr key={`${one.driver} ${one.which}`}>
                        <th scope="row">{driverName(one)}</th>
                        <td>
                          <Ratio value={one.factor} />
                        </td>
                        <td>{say('screen.estimates.of-jobs', { jobs: one.jobs })}</td>
                      </tr>
                    ))}
                  </tbody>
                </Box>
              </Box>
              {found.weeks.length > 0 && <Weeks weeks={found.weeks} />}
            </Box>
          </Box>
        </>
      )}
    </Page>
  );
}

function driverName(one: Estimates['drivers'][number]): string {
  switch (one.driver) {
    case 'person':
      return one.name ?? say('screen.estimates.somebody');
    case 'sensor':
      return sentence(say(`sensor-kind.${one.which}` as Code));
    default:
      return sentence(say(`school.${one.which}` as Code));
  }
}

/** How many times as long, with a bar to either side of just as long. */
function Ratio({ value }: { value: number }) {
  const percent = Math.round((value - 1) * 100);
  return (
    <Box
      component="span"
      sx={{ display: 'inline-flex', alignItems: 'center', gap: 1, whiteSpace: 'nowrap' }}
    >
      {percent === 0
        ? say('screen.estimates.as-told')
        : say(percent > 0 ? 'screen.estimates.longer' : 'screen.estimates.shorter', {
            percent: Math.abs(percent),
          })}
      <Box
        component="svg"
        viewBox="-50 0 100 12"
        sx={{ width: 56, height: 12, flexShrink: 0 }}
        aria-hidden
      >
        <line x1="0" x2="0" y1="0" y2="12" stroke="currentColor" />
        <rect
          x={Math.min(0, Math.max(-50, percent))}
          width={Math.min(50, Math.abs(percent))}
          y="3"
          height="6"
          fill="currentColor"
          opacity="0.6"
        />
      </Box>
    </Box>
  );
}

/** Week after week, how many times what was told the stages took. */
function Weeks({ weeks }: { weeks: Estimates['weeks'] }) {
  return (
    <Box sx={{ mt: 3 }}>
      <Typography variant="h2">{say('screen.estimates.weeks')}</Typography>
      <Box component="ul" sx={{ listStyle: 'none', p: 0, m: 0 }}>
        {weeks.map((week) => (
          <Box
            component="li"
            key={week.week}
            sx={{
              display: 'flex',
              flexWrap: 'wrap',
              columnGap: 2,
              py: 0.5,
              borderBottom: 1,
              borderColor: 'divider',
            }}
          >
            <Box sx={{ width: 130, whiteSpace: 'nowrap' }}>
              {say('screen.estimates.week', {
                week: week.week.slice(6),
                year: week.week.slice(0, 4),
              })}
            </Box>
            <Ratio value={week.ratio} />
            <Box sx={{ color: 'text.secondary' }}>
              {say('screen.estimates.of-jobs', { jobs: week.jobs })}
            </Box>
          </Box>
        ))}
      </Box>
    </Box>
  );
}
