import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import Popover from '@mui/material/Popover';
import Typography from '@mui/material/Typography';
import { useState, type ReactNode } from 'react';
import type { Respect, Workspace } from '../api/types';
import { chance, degrees, length, limit, type LengthDisplay } from '../words/length';
import { VerdictMark } from '../shell/VerdictMark';
import { say } from '../words/say';

/** The verdicts, what a true axis would read now, and what it rests on at one tap. */
export function Tally({
  state,
  display,
  saved,
}: {
  state: Workspace;
  display: LengthDisplay;
  saved: string;
}) {
  const now = state.ifRunNow;
  return (
    <Box
      component="section"
      aria-label={say('screen.tally')}
      sx={{
        display: 'grid',
        gridTemplateColumns: {
          xs: 'repeat(2, minmax(0, 1fr))',
          sm: 'repeat(3, minmax(0, 1fr))',
          md: `112px repeat(${state.verdicts.length}, minmax(0, 1fr)) minmax(0, 1.5fr)`,
          lg: `136px repeat(${state.verdicts.length}, 1fr) 1.6fr`,
        },
        minHeight: { lg: 126 },
        flexShrink: 0,
        bgcolor: 'background.paper',
        borderTop: 1,
        borderColor: 'divider',
      }}
    >
      <Box
        sx={{
          p: 1.5,
          fontSize: '0.85rem',
          color: 'text.secondary',
          gridColumn: { xs: '1 / -1', sm: 'auto' },
        }}
      >
        <Box sx={{ fontWeight: 700 }}>{say('screen.set-up')}</Box>
        <Box>{saved}</Box>
        {state.consistent === false && (
          <Box sx={{ color: 'verdict.out', fontWeight: 700 }}>
            {say('screen.tally.readings-disagree')}
          </Box>
        )}
        {state.consistent === true && <Box>{say('screen.tally.readings-agree')}</Box>}
      </Box>
      {state.verdicts.map((respect) => (
        <RespectCell key={respect.id} respect={respect} display={display} />
      ))}
      <Ground
        title={say('screen.tally.if-run-now-true')}
        shares={now?.contributions}
        best={
          now?.bestCheck &&
          say('screen.tally.would-leave', {
            bestCheck: now.bestCheck.says,
            uncertainty: degrees(now.bestCheck.uncertainty),
          })
        }
      >
        {now === null ? (
          <Typography sx={{ color: 'text.secondary' }}>
            {say('screen.tally.not-known-yet')}
          </Typography>
        ) : (
          <Typography
            sx={{ fontSize: '1.25rem', fontWeight: 700, lineHeight: 1.2 }}
            data-testid="if-run-now"
          >
            {degrees(now.reading)} {now.direction}
          </Typography>
        )}
        <Typography variant="body2" color="text.secondary">
          {now && `±${degrees(now.uncertainty)} · `}
          {state.card.limits.azimuth === null
            ? say('screen.tally.card-gives-no-limit')
            : say('screen.tally.limit', { azimuth: degrees(state.card.limits.azimuth) })}
          {state.mayRun ? '' : ` ${say('screen.tally.run-barred')}`}
        </Typography>
        {state.guards.map((guard) => (
          <Hides key={guard.axis} guard={guard} />
        ))}
      </Ground>
    </Box>
  );
}

/** What could be wrong with one axis and not show. */
function Hides({ guard }: { guard: Workspace['guards'][number] }) {
  const axis = say(guard.axis === 'azimuth' ? 'screen.azimuth' : 'screen.elevation');
  const hides =
    guard.hidden === null
      ? say('screen.tally.could-hide-anything', { unchecked: guard.unchecked.join(', ') })
      : say('screen.tally.could-hide', {
          hidden: degrees(guard.hidden),
          worst: guard.worst ?? '',
        });
  return (
    <Typography
      noWrap
      title={`${axis}: ${hides}`}
      data-testid={`hides-${guard.axis}`}
      sx={{
        maxWidth: '100%',
        fontSize: '0.8rem',
        lineHeight: 1.3,
        fontWeight: guard.holds ? 400 : 600,
        color: guard.holds ? 'text.secondary' : 'verdict.unproven',
      }}
    >
      {axis}: {hides}
    </Typography>
  );
}

function tolerance(respect: Respect, display: LengthDisplay): string {
  if (respect.tolerance === null) {
    return say('screen.tally.card-gives-no-tolerance');
  }
  const half =
    respect.unit === 'mm' ? limit(respect.tolerance, display) : degrees(respect.tolerance, 1);
  return say('screen.tally.within', { half });
}

/** A figure with its direction, which a figure that shows as nothing does not have. */
function said(figure: string, direction: string | undefined): string {
  return /[1-9]/.test(figure) ? `${figure} ${direction}` : figure;
}

function RespectCell({ respect, display }: { respect: Respect; display: LengthDisplay }) {
  const size = (value: number) =>
    respect.unit === 'mm' ? length(value, display, display === 'mm' ? 1 : 0) : degrees(value);
  const best =
    respect.bestCheck &&
    say('screen.tally.would-leave', {
      bestCheck: respect.bestCheck.says,
      uncertainty: size(respect.bestCheck.uncertainty),
    });
  return (
    <Ground
      title={`${respect.title}, ${tolerance(respect, display)}`}
      shares={respect.contributions}
      best={best}
      testId={`verdict-${respect.id}`}
    >
      <VerdictMark verdict={respect.verdict} />
      <Typography
        variant="body2"
        color="text.secondary"
        sx={{ fontSize: { md: '0.8rem', lg: '0.875rem' } }}
      >
        {respect.deviation === undefined || respect.uncertainty === undefined ? (
          say('screen.tally.no-reading-yet')
        ) : (
          <>
            {said(size(respect.deviation), respect.direction)}
            <br />
            {respect.reason === 'inconsistent'
              ? say('screen.tally.readings-disagree')
              : `±${size(respect.uncertainty)}${respect.probability === undefined ? '' : ` · ${chance(respect.probability)}`}`}
          </>
        )}
      </Typography>
    </Ground>
  );
}

/** A cell that opens on what its figure rests on. */
function Ground(props: {
  title: string;
  shares?: { says: string; share: number }[] | undefined;
  best?: string | null | undefined;
  testId?: string;
  children: ReactNode;
}) {
  const [anchor, setAnchor] = useState<HTMLElement | null>(null);
  const shares = props.shares ?? [];
  return (
    <>
      <ButtonBase
        data-testid={props.testId}
        onClick={(event) => setAnchor(event.currentTarget)}
        disabled={shares.length === 0}
        sx={{
          display: 'flex',
          flexDirection: 'column',
          alignItems: 'flex-start',
          justifyContent: 'flex-start',
          textAlign: 'left',
          p: { xs: 1.5, md: 1, lg: 1.5 },
          borderLeft: 1,
          borderColor: 'divider',
          verticalAlign: 'top',
          minWidth: 0,
          overflow: 'hidden',
          '&.Mui-disabled': { color: 'inherit' },
        }}
      >
        <Box
          sx={{
            fontSize: { xs: '0.85rem', md: '0.8rem', lg: '0.85rem' },
            fontWeight: 700,
            color: 'text.secondary',
            mb: 0.5,
            whiteSpace: { lg: 'nowrap' },
          }}
        >
          {props.title}
        </Box>
        {props.children}
      </ButtonBase>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => setAnchor(null)}
        anchorOrigin={{ vertical: 'top', horizontal: 'left' }}
        transformOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      >
        <Box sx={{ p: 2, maxWidth: 380 }}>
          <Typography variant="h3">{say('screen.tally.what-uncertainty-comes-from')}</Typography>
          <Box component="ul" sx={{ pl: 2.5, my: 1 }}>
            {shares.map((share) => (
              <li key={share.says}>
                {share.says}: {Math.round(share.share * 100)} %
              </li>
            ))}
          </Box>
          {props.best && (
            <Typography>
              {say('screen.tally.one-more-reading-that', { best: props.best })}
            </Typography>
          )}
        </Box>
      </Popover>
    </>
  );
}
