import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import ButtonBase from '@mui/material/ButtonBase';
import Typography from '@mui/material/Typography';
import type { Order, PartId } from '../../api/types';
import { clock } from '../../words/moments';
import { say } from '../../words/say';

type Statement = Order['contradictions'][number]['one'];

/** Statements of the order that cannot both be true, side by side, each with who said it and the way to say it again. */
export function Contradictions({
  order,
  shown,
  onShow,
}: {
  order: Order;
  /** The part that is on the screen. */
  shown: PartId;
  onShow: (part: PartId) => void;
}) {
  return (
    <>
      {order.noRoom.length > 0 && shown !== 'bay' && <NoRoom order={order} onShow={onShow} />}
      {order.contradictions.length > 0 && <Both order={order} onShow={onShow} />}
    </>
  );
}

/** Targets that have no room where the car stands: one line on every part, and the way to where it is settled. */
function NoRoom({ order, onShow }: { order: Order; onShow: (part: PartId) => void }) {
  return (
    <ButtonBase
      data-testid="no-room"
      onClick={() => onShow('bay')}
      sx={{
        display: 'block',
        width: '100%',
        textAlign: 'left',
        border: 3,
        borderColor: 'verdict.out',
        borderRadius: 1,
        px: 1.5,
        py: 1,
        mb: 2,
        minHeight: 48,
      }}
    >
      <b>{say('screen.stance-card.title')}</b>:{' '}
      {order.noRoom.map((found) => found.sensor).join(', ')}
    </ButtonBase>
  );
}

function Both({ order, onShow }: { order: Order; onShow: (part: PartId) => void }) {
  return (
    <Box
      component="section"
      aria-label={say('screen.contradictions')}
      data-testid="contradictions"
      sx={{ border: 3, borderColor: 'verdict.out', borderRadius: 1, p: 1.5, mb: 2 }}
    >
      <Typography variant="h3">{say('screen.contradictions')}</Typography>
      {order.contradictions.map(({ one, other, sensor }, i) => (
        <Box
          key={i}
          sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1.5, mt: 1 }}
          data-sensor={sensor}
        >
          <Side said={one} onShow={onShow} />
          <Side said={other} onShow={onShow} />
        </Box>
      ))}
    </Box>
  );
}

function Side({ said, onShow }: { said: Statement; onShow: (part: PartId) => void }) {
  return (
    <Box sx={{ borderLeft: 4, borderColor: 'divider', pl: 1, minWidth: 0 }}>
      <Box sx={{ fontWeight: 700, overflowWrap: 'anywhere' }}>{said.says}</Box>
      {said.person !== null && (
        <Typography variant="body2" color="text.secondary">
          {said.person}
          {said.at !== null && `, ${clock(said.at)}`}
        </Typography>
      )}
      <Button
        variant="outlined"
        size="small"
        sx={{ mt: 0.5, minHeight: 48 }}
        aria-label={say('screen.contradiction.go-to', { says: said.says })}
        onClick={() => onShow(said.part as PartId)}
      >
        {say('screen.contradiction.go')}
      </Button>
    </Box>
  );
}
