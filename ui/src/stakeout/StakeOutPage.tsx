import Box from '@mui/material/Box';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { useParams } from 'react-router';
import { useQuery } from '../api/useQuery';
import { answer, client } from '../api/client';
import type { StakeOut } from '../api/types';
import { degrees, expectedReading, length, type LengthDisplay } from '../words/length';
import { useLengthDisplay } from '../words/useLengthDisplay';
import { Page } from '../shell/Page';
import { PrintBar } from '../shell/PrintBar';
import { figures } from '../theme/theme';
import { say, sayOr, type Code } from '../words/say';

const DATUMS: Record<string, Code> = {
  'front-mark': 'screen.stake-out-page.front-mark',
  'rear-mark': 'screen.stake-out-page.rear-mark',
  'sensor-face': 'screen.stake-out-page.sensors-face',
  'front-bumper': 'screen.stake-out-page.front-bumper',
  'rear-bumper': 'screen.stake-out-page.rear-bumper',
  'front-hub': 'screen.stake-out-page.front-hub',
  'rear-hub': 'screen.stake-out-page.rear-hub',
};

/** The sheet to lay the spot out by before anything stands there: for the screen, and to print and lay on the floor. */
export function StakeOutPage() {
  const { task = '' } = useParams();
  const [display] = useLengthDisplay();
  const sheet = useQuery({
    queryKey: ['stake-out', task],
    queryFn: () =>
      answer(client.GET('/api/tasks/{task}/stake-out', { params: { path: { task } } })),
  });
  if (!sheet.data) {
    return (
      <Page title={say('screen.stake-out-page.stake-out')}>
        <p role={sheet.isError ? 'alert' : undefined}>
          {sheet.error?.message ?? say('screen.computing')}
        </p>
      </Page>
    );
  }
  const { data } = sheet;
  return (
    <Page title={say('screen.stake-out-page.stake-out-for', { sensor: data.sensor })}>
      <PrintBar task={task} />
      <Typography>
        {say('screen.stake-out-page.ro-edition', {
          number: data.order.number,
          vehicle: data.order.vehicle,
          plate: data.order.plate,
          sensor: data.sensor,
          side: data.side,
          card: data.card.title,
          edition: data.card.edition,
          source: data.card.source,
          checked: data.card.checked ? '' : say('screen.stake-out-page.not-checked-by-second'),
        })}
      </Typography>
      <Typography sx={{ fontWeight: 700, mb: 2 }}>
        {specified(data, display)} {data.facing}
      </Typography>
      <Box
        sx={{
          display: 'grid',
          gap: 2,
          gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' },
          '@media print': { gridTemplateColumns: '1fr 1fr' },
        }}
      >
        {data.ways.map((way) => (
          <Block key={way.title} title={way.title} note={way.note}>
            {way.rows.map((row) => (
              <Row key={row.what} what={row.what} figure={wayFigure(row, display)} />
            ))}
          </Block>
        ))}
        <Block
          title={say('screen.stake-out-page.height-over-floor-there')}
          note={
            data.floor.from === 'readings'
              ? say('screen.stake-out-page.corrected-for-floor-which', {
                  by: length(data.floor.below, display, 1),
                  lower: data.floor.below >= 0,
                })
              : say('screen.stake-out-page.floor-was-not-surveyed', {
                  s: length(data.floor.s, display, 1),
                })
          }
        >
          {data.heights.map((height) => (
            <Row
              key={height.datum}
              what={say('screen.stake-out-page.targets', {
                datum: height.datum,
                own: height.own,
              })}
              figure={length(height.value, display)}
            />
          ))}
        </Block>
      </Box>
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        {say('screen.stake-out-page.with-stand-on-spot')}
      </Typography>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
        {data.schools.map((school) => (
          <Block key={school.id} title={school.name} note={school.hindrance ?? ''} small>
            {school.rows.map((row) => (
              <Row
                key={row.what}
                small
                what={`${row.what}${row.check ? ` ${say('screen.check')}` : ''}`}
                figure={expectedReading(row.value, row.reads, display)}
              />
            ))}
          </Block>
        ))}
      </Box>
      <Box component="ul" sx={{ pl: 2.5, mt: 3 }}>
        {data.cautions.map((caution) => (
          <li key={caution}>{caution}</li>
        ))}
      </Box>
    </Page>
  );
}

function specified(data: StakeOut, display: LengthDisplay): string {
  const { spot } = data;
  const datum = sayOr(DATUMS[spot.datum], spot.datum);
  if (spot.range !== undefined && spot.bearing !== undefined) {
    return say('screen.stake-out-page.card-from-under-straight', {
      range: length(spot.range, display),
      datum,
      bearing: degrees(spot.bearing, 1),
      left: spot.bearing >= 0,
    });
  }
  const along = spot.along ?? 0;
  const across = spot.across ?? 0;
  const beside =
    across === 0
      ? say('screen.stake-out-page.on-line')
      : say('screen.stake-out-page.cars', {
          across: length(across, display),
          left: across > 0,
        });
  return say('screen.stake-out-page.card', {
    along: length(along, display),
    ahead: along >= 0,
    datum,
    beside,
  });
}

function sidedAngle(value: number): string {
  const figure = degrees(value, 1);
  return /[1-9]/.test(figure)
    ? `${figure} ${say(value > 0 ? 'screen.left' : 'screen.right')}`
    : figure;
}

function wayFigure(row: StakeOut['ways'][number]['rows'][number], display: LengthDisplay): string {
  switch (row.reads) {
    case 'sided':
      return expectedReading(row.value, 'sided', display);
    case 'angle-ahead':
      return sidedAngle(row.value);
    case 'angle-behind':
      // Anticlockwise from straight behind is to the car's right.
      return sidedAngle(-row.value);
    default:
      return length(row.value, display);
  }
}

function Block({
  title,
  note,
  small = false,
  children,
}: {
  title: string;
  note: string;
  small?: boolean;
  children: ReactNode;
}) {
  return (
    <Box
      component="section"
      sx={{
        bgcolor: 'background.paper',
        border: 1,
        borderColor: 'divider',
        p: 2,
        breakInside: 'avoid',
        '@media print': { bgcolor: '#fff' },
      }}
    >
      <Typography variant={small ? 'h3' : 'h2'} component={small ? 'h3' : 'h2'}>
        {title}
      </Typography>
      {note && <Typography color="text.secondary">{note}</Typography>}
      {children}
    </Box>
  );
}

/** One number, to be read at arm's length. */
function Row({ what, figure, small = false }: { what: string; figure: string; small?: boolean }) {
  return (
    <Box
      sx={{
        display: 'flex',
        justifyContent: 'space-between',
        alignItems: 'baseline',
        gap: 2,
        borderTop: 1,
        borderColor: 'divider',
        pt: 0.5,
        mt: 0.5,
      }}
    >
      <span>{what}</span>
      <Box
        component="span"
        sx={{
          fontFamily: figures,
          fontWeight: 700,
          fontSize: small ? '1.1rem' : '2rem',
          lineHeight: 1.1,
          whiteSpace: 'nowrap',
        }}
      >
        {figure}
      </Box>
    </Box>
  );
}
