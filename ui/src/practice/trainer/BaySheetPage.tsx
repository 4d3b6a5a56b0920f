import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import type { ReactNode } from 'react';
import { Link, useParams } from 'react-router';
import { answer, client } from '../../api/client';
import type { BaySheet } from '../../api/types';
import { useQuery } from '../../api/useQuery';
import { Opening } from '../../shell/Opening';
import { Page } from '../../shell/Page';
import { figures } from '../../theme/theme';
import { amount } from '../../words/amount';
import { expectedReading, length, type Reads } from '../../words/length';
import { say } from '../../words/say';
import { useLengthDisplay } from '../../words/useLengthDisplay';

/** An exercise on the floor of a bay with real tapes and an invented car: a sheet for who lays it out, and one for who measures. */
export function BaySheetPage() {
  const { car = '' } = useParams();
  const [display] = useLengthDisplay();
  const query = useQuery<BaySheet>({
    queryKey: ['bay-sheet', car],
    queryFn: () =>
      answer(client.GET('/api/practice/trainer/cars/{car}/sheet', { params: { path: { car } } })),
  });
  if (!query.data) {
    return <Opening query={query} what={say('screen.trainer.bay-sheet')} />;
  }
  const sheet = query.data;
  return (
    <Page
      title={say('screen.bay-sheet.title', { title: sheet.title })}
      tools={
        <Box className="screen-only" sx={{ display: 'flex', gap: 1 }}>
          <Button variant="contained" onClick={() => window.print()}>
            {say('screen.print')}
          </Button>
          <Button variant="outlined" component={Link} to="/practice/trainer">
            {say('screen.practice.trainer')}
          </Button>
        </Box>
      }
    >
      <Box component="section" data-testid="trainers-sheet">
        <Typography variant="h2">{say('screen.bay-sheet.for-trainer')}</Typography>
        <Typography sx={{ mb: 1 }}>{say('screen.bay-sheet.lay-out')}</Typography>
        <Table
          head={[
            say('screen.bay-sheet.point'),
            say('screen.bay-sheet.forward'),
            say('screen.bay-sheet.to-left'),
          ]}
        >
          {sheet.points.map((point) => (
            <tr key={point.says}>
              <th scope="row">
                {point.says}
                {point.moved ? ` ${say('screen.bay-sheet.moved')}` : ''}
              </th>
              <Figure>{length(point.forward, display)}</Figure>
              <Figure>{length(point.left, display)}</Figure>
            </tr>
          ))}
        </Table>
        <Typography sx={{ mt: 1 }}>
          {say('screen.bay-sheet.heights', {
            target: length(sheet.heights.target, display),
            sensor: length(sheet.heights.sensor, display),
          })}
        </Typography>
        {sheet.prepare.map((line) => (
          <Typography key={line}>{line}</Typography>
        ))}
        <Typography variant="h3" sx={{ mt: 2 }}>
          {say('screen.bay-sheet.answers')}
        </Typography>
        <Table head={[say('screen.bay-sheet.reading'), say('screen.bay-sheet.should-read')]}>
          {sheet.answers.map((answered) => (
            <tr key={answered.title}>
              <th scope="row">{answered.title}</th>
              <Figure>{expectedReading(answered.value, answered.reads as Reads, display)}</Figure>
            </tr>
          ))}
        </Table>
        <Typography sx={{ mt: 1 }}>
          {say('screen.bay-sheet.axis', {
            azimuth: amount(sheet.axis.azimuth, display),
            elevation: amount(sheet.axis.elevation, display),
            faults:
              sheet.faults.length === 0
                ? say('screen.trainer.nothing-wrong')
                : sheet.faults.join('; '),
          })}
        </Typography>
      </Box>
      <Box
        component="section"
        data-testid="learners-sheet"
        sx={{ mt: 4, '@media print': { breakBefore: 'page', mt: 0 } }}
      >
        <Typography variant="h2">
          {say('screen.bay-sheet.for-learner', { sensor: sheet.sensor })}
        </Typography>
        <Typography sx={{ mb: 1 }}>
          {say('screen.bay-sheet.measure', {
            card: sheet.card,
            height: length(sheet.spot.height, display),
            datum: sheet.spot.heightDatum,
          })}
        </Typography>
        <Table
          head={[
            say('screen.bay-sheet.reading'),
            say('screen.bay-sheet.how'),
            say('screen.bay-sheet.it-reads'),
          ]}
        >
          {sheet.calls.map((call) => (
            <tr key={call.title}>
              <th scope="row">{call.title}</th>
              <td>{call.instruction}</td>
              <td style={{ minWidth: 130 }} />
            </tr>
          ))}
        </Table>
        <Box component="ul" sx={{ pl: 2.5 }}>
          {sheet.cautions.map((caution) => (
            <li key={caution}>{caution}</li>
          ))}
        </Box>
      </Box>
    </Page>
  );
}

function Table({ head, children }: { head: string[]; children: ReactNode }) {
  return (
    <Box sx={{ overflowX: 'auto' }}>
      <Box
        component="table"
        sx={{
          borderCollapse: 'collapse',
          width: '100%',
          bgcolor: 'background.paper',
          '& td, & th': { p: 1, textAlign: 'left', borderBottom: 1, borderColor: 'divider' },
        }}
      >
        <thead>
          <tr>
            {head.map((words) => (
              <th key={words} scope="col">
                {words}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>{children}</tbody>
      </Box>
    </Box>
  );
}

function Figure({ children }: { children: string }) {
  return (
    <Box component="td" sx={{ fontFamily: figures, whiteSpace: 'nowrap' }}>
      {children}
    </Box>
  );
}
