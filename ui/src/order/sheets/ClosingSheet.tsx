import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useState } from 'react';
import { Link } from 'react-router';
import type { OpenItem, Order, PartId } from '../../api/types';
import { useMay } from '../../session/usePerson';
import { Sheet } from '../../sheet/Sheet';
import { Links } from '../parts/Links';
import { PARTS } from '../parts/parts';
import { reportPath, REPORTS, type ReportKind } from '../parts/ReportView';
import type { OrderFile } from '../parts/useOrder';

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
  const open = order.closing.filter((item) => item.left === null);
  const left = order.closing.filter((item) => item.left !== null);
  return (
    <>
      <Sheet
        title={
          open.length === 0
            ? 'Closed'
            : open.length === 1
              ? 'One thing keeps it open'
              : `${open.length} things keep it open`
        }
        note={
          open.length === 0
            ? left.length === 0
              ? 'Every owed sensor is proven or handed over by name, and nothing else is open.'
              : 'Nothing is open but what was handed over by name.'
            : 'Settle each, or let a lead hand it over with a reason.'
        }
        testId="closing"
      >
        {open.map((item) => (
          <Open key={item.id} item={item} order={order} file={file} onShow={onShow} />
        ))}
        {left.map((item) => (
          <Box key={item.id} sx={{ borderTop: 1, borderColor: 'divider', py: 1, mt: 1 }}>
            <b>{item.says}</b>
            <Typography variant="body2" sx={{ overflowWrap: 'anywhere' }}>
              Handed over by {item.left?.person}: {item.left?.reason}
            </Typography>
          </Box>
        ))}
      </Sheet>
      <Box component="section" aria-label="Files" sx={{ display: 'grid', gap: 1, mb: 3 }}>
        <Typography variant="h3">Report for the {REPORTS[kind].toLowerCase()}</Typography>
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
          <Button variant="contained" href={`${reportPath(order.id, kind)}.pdf`} download>
            PDF
          </Button>
          <Button variant="outlined" href={reportPath(order.id, kind)} target="_blank">
            Open to print
          </Button>
        </Box>
        <Typography variant="h3" sx={{ mt: 1 }}>
          The whole order
        </Typography>
        <Box sx={{ display: 'grid', gridTemplateColumns: '1fr 1fr', gap: 1 }}>
          <Button variant="outlined" href={`/api/repair-orders/${order.id}/archive.json`} download>
            Sealed archive
          </Button>
          <Button variant="outlined" href={`/api/repair-orders/${order.id}/readings.csv`} download>
            Readings, CSV
          </Button>
        </Box>
        <Button
          component={Link}
          to={`/records?${new URLSearchParams(order.vin ? { vin: order.vin } : { plate: order.plate }).toString()}`}
          color="inherit"
        >
          This car’s history
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
            label="Handed over because, and who was told"
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
              Hand it over
            </Button>
            <Button color="inherit" onClick={() => setLeaving(false)}>
              Back
            </Button>
          </Box>
        </Box>
      ) : (
        <Box sx={{ display: 'flex', gap: 1, mt: 0.5 }}>
          <Button variant="outlined" {...place}>
            {item.id.startsWith('sensor ') ? 'Set it up' : PARTS[item.part]}
          </Button>
          {item.canLeave && may('hand-over') && (
            <Button color="inherit" onClick={() => setLeaving(true)}>
              Hand over as it is
            </Button>
          )}
        </Box>
      )}
    </Box>
  );
}
