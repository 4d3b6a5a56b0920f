import Box from '@mui/material/Box';
import type { Order } from '../api/types';
import { FarFrame } from '../shell/FarFrame';
import { PARTS } from './parts/parts';
import { say } from '../words/say';

/** What the order waits for, to be read from across the shop. */
export function OrderFarView({
  order,
  open,
  onClose,
}: {
  order: Order;
  open: boolean;
  onClose: () => void;
}) {
  const alarm = order.alarms.length > 0;
  const capture = order.captures.find((known) => known.state === 'now');
  const words = alarm && capture ? capture.question : order.waits.says;
  return (
    <FarFrame
      title={alarm && capture ? capture.sensorName : say(PARTS[order.waits.part])}
      open={open}
      onClose={onClose}
    >
      <Box
        sx={{
          fontSize: words.length > 42 ? '11vh' : '16vh',
          fontWeight: 700,
          lineHeight: 1.04,
          overflowWrap: 'anywhere',
        }}
      >
        {words}
      </Box>
      <Box sx={{ fontSize: '6vh', lineHeight: 1.15 }}>
        {alarm && capture
          ? say('screen.order-far-view.capture-before-cover-goes', {
              sideSaid: capture.sideSaid,
              alarms: order.alarms.length,
            })
          : order.vehicle}
      </Box>
    </FarFrame>
  );
}
