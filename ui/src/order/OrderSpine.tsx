import Box from '@mui/material/Box';
import ButtonBase from '@mui/material/ButtonBase';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import type { Order, PartId, Stage } from '../api/types';
import { PlumbWeight } from '../shell/PlumbWeight';
import { VerdictMark } from '../shell/VerdictMark';
import { INTAKE, PARTS, PREPARE } from './parts/parts';
import { say } from '../words/say';
import { STAGES } from '../shell/stages';

/** The plumb line of a whole order: intake, preparation, and then each sensor for itself. */
export function OrderSpine({
  order,
  shown,
  onShow,
}: {
  order: Order;
  shown: PartId;
  onShow: (part: PartId) => void;
}) {
  const weight = (id: PartId) => {
    const part = id === 'close' ? closing(order) : order.parts.find((known) => known.id === id);
    return (
      <ButtonBase
        key={id}
        onClick={() => onShow(id)}
        ref={id === shown ? intoView : undefined}
        aria-current={id === shown ? 'step' : undefined}
        sx={{ ...ROW, bgcolor: id === shown ? 'background.paper' : 'transparent' }}
      >
        <PlumbWeight state={part?.state ?? 'hollow'} size={22} />
        <Words strong={order.waits.part === id} note={part?.note ?? ''}>
          {say(PARTS[id])}
        </Words>
      </ButtonBase>
    );
  };
  return (
    <Box
      component="nav"
      aria-label={say('screen.order-spine.parts-order')}
      sx={{
        position: 'relative',
        height: '100%',
        overflowX: 'hidden',
        overflowY: 'auto',
        scrollbarWidth: 'thin',
        py: 0.5,
      }}
    >
      <Group>{say('screen.intake')}</Group>
      {INTAKE.map(weight)}
      <Group>{say('screen.prepare')}</Group>
      {PREPARE.map(weight)}
      <Group>{say('screen.sensors')}</Group>
      {order.tasks.map((task) => (
        <SensorRow
          key={task.task}
          task={task}
          shown={shown === 'sensors'}
          onShow={() => onShow('sensors')}
        />
      ))}
      <Group>{say('screen.order-spine.afterwards')}</Group>
      {weight('drive')}
      {weight('post-scan')}
      {weight('road')}
      {weight('close')}
    </Box>
  );
}

/** A part that is shown is not left out of sight at the end of a long line. */
const intoView = (row: HTMLElement | null) => row?.scrollIntoView?.({ block: 'nearest' });

/** How far the order is from being closed. */
function closing(order: Order): Pick<Stage, 'state' | 'note'> {
  const items = order.closing.filter((item) => item.left === null);
  // That somebody closes it comes last, and is no matter of its own.
  const open = items.filter((item) => item.id !== 'close').length;
  return open === 0
    ? items.length === 0
      ? { state: 'full', note: say('screen.order-spine.closed') }
      : { state: 'half', note: say('screen.order-spine.to-be-closed') }
    : { state: 'hollow', note: say('screen.order-spine.open', { open }) };
}

const ROW = {
  width: '100%',
  justifyContent: 'flex-start',
  gap: 1,
  px: { xs: 0.75, lg: 1.5 },
  minHeight: 48,
  py: 0.25,
  textAlign: 'left',
  color: 'inherit',
} as const;

function Group({ children }: { children: ReactNode }) {
  return (
    <Box
      sx={{
        px: { xs: 0.75, lg: 1.5 },
        pt: 1,
        fontSize: '0.8rem',
        color: 'text.secondary',
        fontWeight: 700,
      }}
    >
      {children}
    </Box>
  );
}

function Words({ strong, note, children }: { strong: boolean; note: string; children: ReactNode }) {
  return (
    <Box sx={{ minWidth: 0 }}>
      <Box
        sx={{
          fontWeight: strong ? 800 : 600,
          fontSize: strong ? '1.08rem' : '0.98rem',
          lineHeight: 1.15,
        }}
      >
        {children}
      </Box>
      <Box sx={{ fontSize: '0.8rem', color: 'text.secondary', lineHeight: 1.1 }}>{note}</Box>
    </Box>
  );
}

function far(task: Order['tasks'][number]): Stage['state'] {
  return task.sealed
    ? 'full'
    : task.owed === 'not-owed'
      ? 'struck'
      : task.stages.some((stage) => stage.id === 'line' && stage.state !== 'hollow')
        ? 'half'
        : 'hollow';
}

function SensorRow({
  task,
  onShow,
  shown,
}: {
  task: Order['tasks'][number];
  onShow: () => void;
  shown: boolean;
}) {
  const note = task.sealed
    ? say('screen.sealed-state')
    : task.owed === 'not-owed'
      ? say('screen.not-owed')
      : task.owed === 'unknown'
        ? say('screen.unknown')
        : task.stage === null
          ? say('screen.owed-state')
          : say(STAGES[task.stage]).toLowerCase();
  const inside = (
    <>
      <PlumbWeight state={far(task)} size={22} />
      <Box sx={{ minWidth: 0 }}>
        <Words strong={false} note={note}>
          {task.name}
        </Words>
        {task.verdict && <VerdictMark verdict={task.verdict} size={12} />}
      </Box>
    </>
  );
  return task.workspace && task.owed !== 'not-owed' ? (
    <ButtonBase component={Link} to={`/tasks/${task.task}`} sx={ROW}>
      {inside}
    </ButtonBase>
  ) : (
    <ButtonBase
      onClick={onShow}
      sx={{ ...ROW, bgcolor: shown ? 'background.paper' : 'transparent' }}
    >
      {inside}
    </ButtonBase>
  );
}
