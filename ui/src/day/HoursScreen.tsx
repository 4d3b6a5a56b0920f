import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Skeleton from '@mui/material/Skeleton';
import { Link } from 'react-router';
import { TryAgain } from '../shell/Opening';
import { Page } from '../shell/Page';
import { say } from '../words/say';
import { Absences } from './Absences';
import { CalendarFile } from './CalendarFile';
import { Feeds } from './Feeds';
import { RulesForm } from './RulesForm';
import { useRules } from './useRules';

/** What days are planned by: the shop's hours, its people, who is away, and calendars in and out. */
export function HoursScreen() {
  const query = useRules();
  const rules = query.data;
  return (
    <Page
      title={say('screen.hours')}
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
      {rules && (
        <Box
          sx={{
            display: 'grid',
            gap: 3,
            gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) minmax(0, 380px)' },
            alignItems: 'start',
          }}
        >
          <RulesForm key={rules.version} rules={rules} />
          <Box>
            <Absences rules={rules} />
            {rules.mayNote && <CalendarFile />}
            <Feeds rules={rules} />
          </Box>
        </Box>
      )}
    </Page>
  );
}
