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

const DATUMS: Record<string, string> = {
  'front-mark': 'the front mark',
  'rear-mark': 'the rear mark',
  'sensor-face': 'the sensor’s face',
  'front-bumper': 'the front of the bumper',
  'rear-bumper': 'the rear of the bumper',
  'front-hub': 'the front hub',
  'rear-hub': 'the rear hub',
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
      <Page title="Stake-out">
        <p role={sheet.isError ? 'alert' : undefined}>{sheet.error?.message ?? 'Computing'}</p>
      </Page>
    );
  }
  const { data } = sheet;
  return (
    <Page title={`Stake-out for ${data.sensor}`}>
      <PrintBar task={task} />
      <Typography>
        RO {data.order.number}, {data.order.vehicle}, {data.order.plate}. {data.sensor}: {data.side}
        . {data.card.title}, edition {data.card.edition}, {data.card.source}
        {data.card.checked ? '' : ', not checked by a second person'}.
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
          title="Height over the floor there"
          note={
            data.floor.from === 'readings'
              ? `Corrected for the floor, which lies ${length(data.floor.below, display, 1)} ${data.floor.below >= 0 ? 'lower' : 'higher'} there.`
              : `The floor was not surveyed: ±${length(data.floor.s, display, 1)} is allowed for it.`
          }
        >
          {data.heights.map((height) => (
            <Row
              key={height.datum}
              what={`to the target’s ${height.datum}${height.own ? ' (as the card)' : ''}`}
              figure={length(height.value, display)}
            />
          ))}
        </Block>
      </Box>
      <Typography variant="h2" sx={{ mt: 3, mb: 1 }}>
        With the stand on the spot, each way of measuring reads
      </Typography>
      <Box sx={{ display: 'grid', gap: 2, gridTemplateColumns: { xs: '1fr', md: '1fr 1fr' } }}>
        {data.schools.map((school) => (
          <Block key={school.id} title={school.name} note={school.hindrance ?? ''} small>
            {school.rows.map((row) => (
              <Row
                key={row.what}
                small
                what={`${row.what}${row.check ? ' (a check)' : ''}`}
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
  const datum = DATUMS[spot.datum] ?? spot.datum;
  if (spot.range !== undefined && spot.bearing !== undefined) {
    return `The card: ${length(spot.range, display)} from ${datum}, under ${degrees(spot.bearing, 1)} ${spot.bearing >= 0 ? 'to the car’s left' : 'to the car’s right'} of straight ahead.`;
  }
  const along = spot.along ?? 0;
  const across = spot.across ?? 0;
  const beside =
    across === 0
      ? 'on the line'
      : `${length(across, display)} to the car’s ${across > 0 ? 'left' : 'right'}`;
  return `The card: ${length(along, display)} ${along >= 0 ? 'ahead of' : 'behind'} ${datum}, ${beside}.`;
}

function wayFigure(row: StakeOut['ways'][number]['rows'][number], display: LengthDisplay): string {
  switch (row.reads) {
    case 'sided':
      return expectedReading(row.value, 'sided', display);
    case 'angle-ahead':
      return `${degrees(row.value, 1)}${/[1-9]/.test(degrees(row.value, 1)) ? ` ${row.value > 0 ? 'left' : 'right'}` : ''}`;
    case 'angle-behind':
      // Anticlockwise from straight behind is to the car's right.
      return `${degrees(row.value, 1)}${/[1-9]/.test(degrees(row.value, 1)) ? ` ${row.value > 0 ? 'right' : 'left'}` : ''}`;
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
