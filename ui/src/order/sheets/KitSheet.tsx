import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import Typography from '@mui/material/Typography';
import { Link } from 'react-router';
import type { Order } from '../../api/types';
import { Sheet } from '../../sheet/Sheet';
import { say, type Code } from '../../words/say';

const STATES: Record<Order['needs'][number]['state'], Code> = {
  owned: 'screen.kit-sheet.owned',
  'stands-in': 'screen.kit-sheet.stands-in',
  overdue: 'screen.kit-sheet.check-overdue',
  missing: 'screen.kit-sheet.missing',
};

/** What this order needs against what the shop owns. */
export function KitSheet({ order }: { order: Order }) {
  const short = order.needs.filter((need) => need.state === 'missing');
  return (
    <>
      <Sheet
        title={
          order.needs.length === 0
            ? say('screen.kit-sheet.no-kit-asked-for')
            : short.length > 0
              ? say('screen.kit-sheet.missing-what', {
                  items: short.map((need) => need.wanted).join(', '),
                })
              : say('screen.kit-sheet.shop-owns-what-needed')
        }
        note={
          order.needs.length === 0
            ? say('screen.kit-sheet.procedure-cards-owed-sensors')
            : say('screen.kit-sheet.needed-for-this-order')
        }
        testId="kit"
      >
        <Button component={Link} to="/kit" variant="outlined" sx={{ mt: 1.5 }}>
          {say('screen.kit-sheet.open-kit-register')}
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
            {say(STATES[need.state])}
          </Box>
        </Box>
      ))}
    </>
  );
}
