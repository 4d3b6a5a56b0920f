import Alert from '@mui/material/Alert';
import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import LinearProgress from '@mui/material/LinearProgress';
import Skeleton from '@mui/material/Skeleton';
import TextField from '@mui/material/TextField';
import ToggleButton from '@mui/material/ToggleButton';
import ToggleButtonGroup from '@mui/material/ToggleButtonGroup';
import Typography from '@mui/material/Typography';
import { useMemo, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import type { DayPlan } from '../api/types';
import { TryAgain } from '../shell/Opening';
import { FarFrame } from '../shell/FarFrame';
import { Page } from '../shell/Page';
import { useKeys } from '../sheet/useKeys';
import { clock } from '../words/moments';
import { say } from '../words/say';
import { CarDay } from './CarDay';
import { DayBoard } from './DayBoard';
import { days } from './lanes';
import { PrintedDay } from './PrintedDay';
import { Promises } from './Promises';
import { dayName, lasting, wall } from './times';
import { Turns } from './Turns';
import { useDay, useDayChange } from './useDay';

/** The day: who begins what now, what will be late, and all of it as lanes over the hours. */
export function DayScreen() {
  const query = useDay();
  const { sheet, detail } = useParams();
  const navigate = useNavigate();
  const [day, setDay] = useState(0);
  const [far, setFar] = useState(false);
  const keys = useMemo(() => ({ f: () => setFar((is) => !is) }), []);
  useKeys(keys);
  const plan = query.data;
  const car = sheet === 'cars' ? (plan?.cars.find((one) => one.id === detail) ?? null) : null;
  const choose = (id: string | null) => void navigate(id === null ? '/day' : `/day/cars/${id}`);
  return (
    <Page
      title={say('screen.day')}
      fill="wide"
      tools={
        plan &&
        !plan.searching && <Head plan={plan} day={day} onDay={setDay} onFar={() => setFar(true)} />
      }
    >
      {query.isPending && (
        <>
          <Typography aria-live="polite">{say('screen.day.planning')}</Typography>
          <Skeleton variant="rectangular" height={280} />
        </>
      )}
      {query.isError && (
        <TryAgain message={query.error.message} again={() => void query.refetch()} />
      )}
      {plan?.searching && (
        <Box sx={{ my: 2 }} role="status">
          <Typography sx={{ mb: 1 }}>
            {say('screen.day.searching', {
              done: plan.searching.of - plan.searching.left,
              of: plan.searching.of,
            })}
          </Typography>
          <LinearProgress
            variant="determinate"
            value={(1 - plan.searching.left / plan.searching.of) * 100}
            aria-label={say('screen.day.searching-rooms')}
          />
        </Box>
      )}
      {plan && !plan.searching && (
        <>
          {plan.slots.length === 0 ? (
            <Typography sx={{ my: 2 }}>
              {plan.orders === 0 ? say('screen.day.no-orders') : say('screen.day.nothing-to-plan')}
            </Typography>
          ) : (
            <Box
              className="screen-only"
              sx={{
                flex: 1,
                minHeight: 0,
                display: 'grid',
                gap: 1.5,
                gridTemplateColumns: { xs: 'minmax(0, 1fr)', lg: 'minmax(0, 1fr) 300px' },
                gridTemplateRows: { lg: 'minmax(0, 1fr)' },
              }}
            >
              <Box sx={{ display: 'flex', flexDirection: 'column', gap: 1.5, minHeight: 0 }}>
                <Turns plan={plan} />
                <DayBoard plan={plan} day={day} chosen={car?.id ?? null} onChoose={choose} />
                <Changes plan={plan} />
              </Box>
              <Box sx={{ overflowY: { lg: 'auto' }, minHeight: 0, position: 'relative' }}>
                {car ? (
                  <CarDay key={car.id} plan={plan} car={car} onClose={() => choose(null)} />
                ) : (
                  <>
                    <Typography variant="h2" sx={{ mb: 0.5 }}>
                      {say('screen.day.promises')}
                    </Typography>
                    <Promises plan={plan} onChoose={choose} />
                    <Reckoned plan={plan} onChoose={choose} />
                  </>
                )}
              </Box>
            </Box>
          )}
          <PrintedDay plan={plan} />
          <FarFrame
            title={say('screen.day.at', { at: wall(plan.minute) })}
            open={far}
            onClose={() => setFar(false)}
          >
            <Turns plan={plan} large />
          </FarFrame>
        </>
      )}
    </Page>
  );
}

function Head({
  plan,
  day,
  onDay,
  onFar,
}: {
  plan: DayPlan;
  day: number;
  onDay: (day: number) => void;
  onFar: () => void;
}) {
  const change = useDayChange();
  const all = days(plan);
  return (
    <Box
      className="screen-only"
      sx={{
        display: 'flex',
        gap: 1,
        flexWrap: 'wrap',
        alignItems: 'center',
        flex: 1,
        flexBasis: { xs: '100%', lg: 0 },
      }}
    >
      {all.length > 1 && (
        <ToggleButtonGroup
          exclusive
          value={day}
          onChange={(_, next: number | null) => next !== null && onDay(next)}
          aria-label={say('screen.day.which')}
        >
          {all.slice(0, 5).map((one) => (
            <ToggleButton key={one} value={one} sx={{ color: 'text.primary' }}>
              {dayName(plan, one)}
            </ToggleButton>
          ))}
        </ToggleButtonGroup>
      )}
      {plan.clock.canBeSet && <PracticeClock plan={plan} />}
      <Box sx={{ flex: 1, display: { xs: 'none', sm: 'block' } }} />
      <Button variant="outlined" onClick={onFar} aria-keyshortcuts="f">
        {say('screen.day.far')}
      </Button>
      <Button variant="outlined" onClick={() => window.print()}>
        {say('screen.print')}
      </Button>
      {plan.mayPin && (
        <Button
          variant="outlined"
          loading={change.isPending}
          onClick={() => change.mutate({ what: 'anew' })}
        >
          {say('screen.day.anew')}
        </Button>
      )}
      <Button component={Link} to="/day/hours" color="inherit">
        {say('screen.day.hours')}
      </Button>
      <Button component={Link} to="/day/estimates" color="inherit">
        {say('screen.day.estimates')}
      </Button>
    </Box>
  );
}

/** The clock of a practice shop: so that its day can be gone through at any time. */
function PracticeClock({ plan }: { plan: DayPlan }) {
  const change = useDayChange();
  const [at, setAt] = useState<string | null>(null);
  return (
    <Box
      component="form"
      aria-label={say('screen.day.practice-clock')}
      sx={{ display: 'flex', gap: 1, alignItems: 'center', flexWrap: 'wrap', ml: { lg: 1 } }}
      onSubmit={(event) => {
        event.preventDefault();
        if (at !== null && at !== '') {
          change.mutate({ what: 'clock', at }, { onSuccess: () => setAt(null) });
        }
      }}
    >
      <TextField
        id="practice-clock"
        type="datetime-local"
        size="small"
        label={say('screen.day.practice-clock')}
        value={at ?? plan.now}
        onChange={(event) => setAt(event.target.value)}
        slotProps={{ inputLabel: { shrink: true } }}
        sx={{ '& .MuiInputBase-root': { minHeight: 48 } }}
      />
      {at !== null && (
        <Button type="submit" variant="contained" loading={change.isPending}>
          {say('screen.day.set-clock')}
        </Button>
      )}
      {plan.clock.isSet && (
        <Button color="inherit" onClick={() => change.mutate({ what: 'clock' })}>
          {say('screen.day.right-clock')}
        </Button>
      )}
      {change.isError && (
        <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700 }}>
          {change.error.message}
        </Typography>
      )}
    </Box>
  );
}

/** Why the plan is not what it was, and what became of it. */
function Changes({ plan }: { plan: DayPlan }) {
  if (plan.version < 2 || plan.madeAt === null) {
    return null;
  }
  return (
    <Box
      component="details"
      data-testid="changes"
      sx={{ flexShrink: 0, maxHeight: 180, overflowY: 'auto' }}
    >
      <Box component="summary" sx={{ cursor: 'pointer', minHeight: 32 }}>
        {say('screen.day.changed-at', { at: clock(plan.madeAt), count: plan.changed.parts.length })}{' '}
        <b>{plan.changed.causes.slice(0, 2).join('; ')}</b>
      </Box>
      <Box component="ul" sx={{ m: 0 }}>
        {plan.changed.parts.map((one) => (
          <li key={one}>{one}</li>
        ))}
      </Box>
      {plan.earlier.filter((one) => one.causes.length > 0).length > 0 && (
        <>
          <b>{say('screen.day.before-that')}</b>
          <Box component="ul" sx={{ m: 0 }}>
            {plan.earlier
              .filter((one) => one.causes.length > 0)
              .map((one) => (
                <li key={one.version}>
                  {clock(one.madeAt)}: {one.causes.join('; ')}
                </li>
              ))}
          </Box>
        </>
      )}
    </Box>
  );
}

function Reckoned({ plan, onChoose }: { plan: DayPlan; onChoose: (car: string) => void }) {
  const found = plan.reckoning;
  return (
    <Box sx={{ mt: 2 }}>
      {found && (
        <Typography color="text.secondary">
          {say('screen.day.reckoned', {
            late: found.late,
            least: found.leastLate,
            undone: found.undone,
            waiting: lasting(found.waiting),
          })}
        </Typography>
      )}
      {plan.beyond > 0 && (
        <Typography sx={{ mt: 1 }}>{say('screen.day.beyond', { count: plan.beyond })}</Typography>
      )}
      {plan.lacking.length > 0 && (
        <Alert severity="warning" icon={false} sx={{ mt: 1 }}>
          {plan.lacking.map((one) => (
            <Box key={one.says} sx={{ mb: 0.5 }}>
              <Button
                color="inherit"
                sx={{ p: 0, minHeight: 32, textAlign: 'left', fontWeight: 400 }}
                onClick={() => onChoose(one.car)}
              >
                {one.says}
              </Button>
            </Box>
          ))}
        </Alert>
      )}
    </Box>
  );
}
