import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import type { OpenItem, Order, PartId } from '../../api/types';
import { clock } from '../../words/moments';
import { useMay } from '../../session/usePerson';
import { Sheet } from '../../sheet/Sheet';
import { Links } from '../parts/Links';
import { OtherSensors } from '../parts/OtherSensors';
import { PARTS } from '../parts/parts';
import { TeachSheet } from '../parts/TeachSheet';
import { reportPath, REPORTS, type ReportKind } from '../parts/ReportView';
import type { OrderFile } from '../parts/useOrder';
import { SaveButton } from '../../shell/SaveButton';
import { say } from '../../words/say';

/** What keeps the order open, and how it leaves the house. */
export function ClosingSheet({
  order,
  file,
  kind,
  onShow,
}: {
  order: Order;
  file: OrderFile;
  kind: ReportKind;
  onShow: (part: PartId) => void;
}) {
  const open = order.closing.filter((item) => item.left === null && item.id !== 'close');
  const unclosed = order.closing.some((item) => item.id === 'close');
  const left = order.closing.filter((item) => item.left !== null);
  return (
    <>
      <Sheet
        title={
          open.length === 0
            ? say(unclosed ? 'screen.closing-sheet.all-settled' : 'screen.closed')
            : say('screen.closing-sheet.things-keep-it-open', { open: open.length })
        }
        note={
          open.length === 0
            ? left.length === 0
              ? say('screen.closing-sheet.every-owed-sensor-proven')
              : say('screen.closing-sheet.nothing-open-but-what')
            : say('screen.closing-sheet.settle-each-or-let')
        }
        testId="closing"
      >
        {open.length === 0 && order.closedBy && (
          <Typography>
            {say('screen.closing-sheet.closed-by', {
              person: order.closedBy.person,
              at: clock(order.closedBy.at),
            })}
          </Typography>
        )}
        {open.length === 0 && unclosed && (
          <Button
            variant="contained"
            fullWidth
            sx={{ mt: 1.5, minHeight: 56 }}
            loading={file.isWriting}
            onClick={() => file.note({ kind: 'closed', payload: {} })}
          >
            {say('screen.closing-sheet.close-it')}
          </Button>
        )}
        {open.map((item) => (
          <Open key={item.id} item={item} order={order} file={file} onShow={onShow} />
        ))}
        {left.map((item) => (
          <Box key={item.id} sx={{ borderTop: 1, borderColor: 'divider', py: 1, mt: 1 }}>
            <b>{item.says}</b>
            <Typography variant="body2" sx={{ overflowWrap: 'anywhere' }}>
              {say('screen.closing-sheet.handed-over-by', {
                person: item.left?.person,
                reason: item.left?.reason,
              })}
            </Typography>
          </Box>
        ))}
      </Sheet>
      {open.some((item) => item.id === 'others') && <OtherSensors order={order} file={file} />}
      {open.length === 0 && !unclosed && <TeachSheet order={order} />}
      <Box
        component="section"
        aria-label={say('screen.files')}
        sx={{ display: 'grid', gap: 1, mb: 3 }}
      >
        <Typography variant="h3">
          {say('screen.closing-sheet.report-for', { reader: say(REPORTS[kind]).toLowerCase() })}
        </Typography>
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, alignItems: 'start' }}>
          <SaveButton
            variant="contained"
            path={`${reportPath(order.id, kind)}.pdf`}
            name={`lumbro-${order.number}-${kind}.pdf`}
          >
            {say('screen.closing-sheet.pdf')}
          </SaveButton>
          <Button variant="outlined" href={reportPath(order.id, kind)} target="_blank">
            {say('screen.closing-sheet.open-print')}
          </Button>
        </Box>
        <Typography variant="h3" sx={{ mt: 1 }}>
          {say('screen.closing-sheet.whole-order')}
        </Typography>
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1, alignItems: 'start' }}>
          <SaveButton
            path={`/api/repair-orders/${order.id}/archive.json`}
            name={`lumbro-${order.number}-archive.json`}
          >
            {say('screen.closing-sheet.sealed-archive')}
          </SaveButton>
          <Button variant="outlined" href={`/api/repair-orders/${order.id}/readings.csv`} download>
            {say('screen.closing-sheet.readings-csv')}
          </Button>
        </Box>
        <Button
          component={Link}
          to={`/records?${new URLSearchParams(order.vin ? { vin: order.vin } : { plate: order.plate }).toString()}`}
          color="inherit"
        >
          {say('screen.closing-sheet.this-cars-history')}
        </Button>
      </Box>
      <Links order={order.id} kind={kind} />
    </>
  );
}

function Open({
  item,
  order,
  file,
  onShow,
}: {
  item: OpenItem;
  order: Order;
  file: OrderFile;
  onShow: (part: PartId) => void;
}) {
  const may = useMay();
  const [leaving, setLeaving] = useState(false);
  const [reason, setReason] = useState('');
  const task = order.tasks.find((one) => one.sensor === item.sensor);
  const place =
    item.id.startsWith('sensor ') && task?.workspace
      ? { component: Link, to: `/tasks/${task.task}` }
      : { onClick: () => onShow(item.part) };
  return (
    <Box sx={{ borderTop: 1, borderColor: 'divider', py: 1, mt: 1 }}>
      <b>{item.says}</b>
      {leaving ? (
        <Box
          component="form"
          sx={{ display: 'grid', gap: 1, mt: 1 }}
          onSubmit={(event) => {
            event.preventDefault();
            file.note({ kind: 'left-open', payload: { item: item.id, reason: reason.trim() } });
          }}
        >
          <TextField
            id={`leave-${item.id}`}
            label={say('screen.closing-sheet.handed-over-because-and')}
            required
            autoFocus
            multiline
            minRows={2}
            value={reason}
            onChange={(event) => setReason(event.target.value)}
            slotProps={{ htmlInput: { minLength: 10, maxLength: 500 } }}
          />
          <Box sx={{ display: 'flex', gap: 1 }}>
            <Button type="submit" variant="contained" loading={file.isWriting}>
              {say('screen.closing-sheet.hand-it-over')}
            </Button>
            <Button color="inherit" onClick={() => setLeaving(false)}>
              {say('screen.back')}
            </Button>
          </Box>
        </Box>
      ) : (
        <Box sx={{ display: 'flex', gap: 1, mt: 0.5 }}>
          {/* Which other sensors the car has is asked on this very sheet. */}
          {item.id !== 'others' && (
            <Button variant="outlined" {...place}>
              {item.id.startsWith('sensor ') ? say('screen.set-it-up') : say(PARTS[item.part])}
            </Button>
          )}
          {item.canLeave && may('hand-over') && (
            <Button color="inherit" onClick={() => setLeaving(true)}>
              {say('screen.closing-sheet.hand-over-as-it')}
            </Button>
          )}
        </Box>
      )}
    </Box>
  );
}
