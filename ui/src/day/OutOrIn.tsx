import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { answer, client } from '../api/client';
import { useQuery } from '../api/useQuery';
import { say } from '../words/say';
import { lasting } from './times';

/** What it would cost to send the car out, beside keeping it; asked for, since two days are planned for it. */
export function OutOrIn({ car }: { car: string }) {
  const [asked, setAsked] = useState(false);
  const compared = useQuery({
    queryKey: ['in-or-out', car],
    queryFn: () =>
      answer(client.GET('/api/day/outside/{order}', { params: { path: { order: car } } })),
    enabled: asked,
    retry: false,
  });
  if (!asked) {
    return (
      <Button variant="outlined" className="screen-only" onClick={() => setAsked(true)}>
        {say('screen.day.in-or-out')}
      </Button>
    );
  }
  if (compared.isError) {
    return (
      <Typography role="alert" sx={{ fontWeight: 700 }}>
        {compared.error.message}
      </Typography>
    );
  }
  const found = compared.data;
  if (!found) {
    return <Typography aria-live="polite">{say('screen.day.comparing')}</Typography>;
  }
  const minute = (wall: string) => Number(wall.slice(11, 13)) * 60 + Number(wall.slice(14, 16));
  const rows = [
    [
      say('screen.day.costs'),
      ...[found.in, found.out].map((one) => `${Math.round(one.cost)} ${found.currency}`),
    ],
    [
      say('screen.day.is-done-in'),
      ...[found.in, found.out].map((one) =>
        one.done === null ? say('screen.day.not-in-sight') : lasting(one.done - minute(found.now)),
      ),
    ],
    [say('screen.day.late-promises'), ...[found.in, found.out].map((one) => String(one.late))],
    [say('screen.day.not-done-today'), ...[found.in, found.out].map((one) => String(one.undone))],
    [say('screen.day.all-wait'), ...[found.in, found.out].map((one) => lasting(one.waiting))],
  ];
  return (
    <Box
      component="table"
      data-testid="in-or-out"
      sx={{
        width: '100%',
        borderCollapse: 'collapse',
        '& td, & th': { p: 0.75, textAlign: 'left', borderBottom: 1, borderColor: 'divider' },
      }}
    >
      <caption className="visually-hidden">{say('screen.day.in-or-out')}</caption>
      <thead>
        <tr>
          <td />
          <th scope="col">{say('screen.day.kept')}</th>
          <th scope="col">{say('screen.day.sent-to', { shop: found.shop })}</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(([what, ...values]) => (
          <tr key={what}>
            <th scope="row">{what}</th>
            {values.map((value, i) => (
              <td key={i}>{value}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </Box>
  );
}
