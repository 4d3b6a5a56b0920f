import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { Order } from '../../api/types';
import { Sheet } from '../../sheet/Sheet';

const STATES: Record<Order['needs'][number]['state'], string> = {
  owned: 'Owned',
  'stands-in': 'Stands in',
  overdue: 'Check overdue',
  missing: 'Missing',
};

/** What this order needs against what the shop owns. */
export function KitSheet({ order }: { order: Order }) {
  const short = order.needs.filter((need) => need.state === 'missing');
  return (
    <>
      <Sheet
        title={
          order.needs.length === 0
            ? 'No kit is asked for yet'
            : short.length > 0
              ? `Missing: ${short.map((need) => need.wanted).join(', ')}`
              : 'The shop owns what is needed'
        }
        note={
          order.needs.length === 0
            ? 'The procedure cards of the owed sensors say what is needed.'
            : 'Needed for this order against the kit register.'
        }
        testId="kit"
      >
        <Button component={Link} to="/kit" variant="outlined" sx={{ mt: 1.5 }}>
          Open the kit register
        </Button>
      </Sheet>
      {order.needs.map((need) => (
        <Box
          key={need.kind + need.wanted}
          sx={{ borderBottom: 1, borderColor: 'divider', py: 1, display: 'flex', gap: 1 }}
        >
          <Box sx={{ flex: 1, minWidth: 0 }}>
            <b>{need.wanted}</b>
            {need.item !== null && need.item !== need.wanted && ` → ${need.item}`}
            <Typography variant="body2" color="text.secondary">
              {need.why}; {need.sensors.join(', ')}
            </Typography>
            <Typography variant="body2">{need.note}</Typography>
          </Box>
          <Box
            sx={{
              fontWeight: 700,
              flexShrink: 0,
              color:
                need.state === 'missing' || need.bars
                  ? 'verdict.out'
                  : need.state === 'owned'
                    ? 'verdict.holds'
                    : 'verdict.unproven',
            }}
          >
            {STATES[need.state]}
          </Box>
        </Box>
      ))}
    </>
  );
}
