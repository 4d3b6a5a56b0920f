import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { useEffect, useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { notSaved } from '../words/notSaved';
import type { Order, PartId } from '../api/types';
import { TurnPlan } from '../floor/TurnPlan';
import { STANCES } from '../floor/view';
import { Opening } from '../shell/Opening';
import { Folded } from '../shell/Folded';
import { PlumbWeight } from '../shell/PlumbWeight';
import { ReadOnly } from '../shell/ReadOnly';
import { TopBar } from '../shell/TopBar';
import { SHEET_PANE, WORK_FRAME } from '../shell/workFrame';
import { figures } from '../theme/theme';
import { useKeys } from '../sheet/useKeys';
import { useSheetAddress } from '../sheet/useSheetAddress';
import { CarPlan } from './CarPlan';
import { AskedOnce, OrderBanner } from './OrderBanner';
import { OrderFarView } from './OrderFarView';
import { OrderSpine } from './OrderSpine';
import { OrderTally } from './OrderTally';
import { Contradictions } from './parts/Contradictions';
import { PARTS } from './parts/parts';
import { CaptureSheet } from './sheets/CaptureSheet';
import { CarSheet } from './sheets/CarSheet';
import { ConditionsSheet } from './sheets/ConditionsSheet';
import { KitSheet } from './sheets/KitSheet';
import { OwedSheet } from './sheets/OwedSheet';
import { PhotosSheet } from './sheets/PhotosSheet';
import { ScanSheet } from './sheets/ScanSheet';
import { SensorsSheet } from './sheets/SensorsSheet';
import { StanceSheet } from './sheets/StanceSheet';
import { WorkSheet } from './sheets/WorkSheet';
import { useOrder, type OrderFile } from './parts/useOrder';
import { StancePlan } from './StancePlan';
import { DriveDrawing } from './parts/DriveDrawing';
import { ClosingSheet } from './sheets/ClosingSheet';
import { DriveSheet } from './sheets/DriveSheet';
import { RoadSheet } from './sheets/RoadSheet';
import { ReportView, type ReportKind } from './parts/ReportView';
import { useDrives } from './parts/useDrives';
import { useStance } from './parts/useStance';
import { say } from '../words/say';

/** Intake and preparation of one repair order. */
export function OrderScreen() {
  const { order = '' } = useParams();
  const file = useOrder(order);
  if (file.query.data) {
    return <Open key={order} order={file.query.data} file={file} />;
  }
  return <Opening query={file.query} what={say('screen.repair-order')} />;
}

/** Looking from above with the front up: as one stands behind the car. */
const FROM_BEHIND = STANCES.findIndex((stance) => stance.id === 'behind');

function Open({ order, file }: { order: Order; file: OrderFile }) {
  const address = useSheetAddress<PartId>(`/orders/${order.id}`, Object.keys(PARTS) as PartId[]);
  const { shown } = address;
  const sensor = shown === 'owed' ? address.detail : null;
  const [stance, setStance] = useState(FROM_BEHIND);
  const [far, setFar] = useState(false);
  const [report, setReport] = useState<ReportKind>('customer');
  const part = shown ?? order.waits.part;
  const stanceFile = useStance(order, file, part === 'bay');
  const drives = useDrives(order, part === 'drive');

  useEffect(() => {
    document.title = say('screen.title-of-order', { number: order.number, vehicle: order.vehicle });
  }, [order.number, order.vehicle]);

  const keys = useMemo(
    () => ({
      f: () => setFar((open) => !open),
      v: () => setStance((now) => (now + 1) % STANCES.length),
      p: () => address.show(null),
    }),
    [address.show], // oxlint-disable-line react/exhaustive-deps
  );
  useKeys(keys);

  const here = order.parts.find(({ id }) => id === part);
  const show = (next: PartId) => address.show(next === order.waits.part ? null : next);
  const choose = (id: string | null) =>
    address.show(id === null && order.waits.part === 'owed' ? null : 'owed', id);
  return (
    <Box sx={WORK_FRAME}>
      <TopBar tools={[{ words: say('screen.far-view'), act: () => setFar(true) }]}>
        <Box sx={{ display: 'flex', gap: 2, alignItems: 'center' }}>
          <Box component="span" sx={{ fontFamily: figures, whiteSpace: 'nowrap' }}>
            {say('screen.ro', { number: order.number })}
          </Box>
          <Box
            component="span"
            title={order.vehicle}
            sx={{ overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap', flex: 1 }}
          >
            {order.vehicle}
            {order.plate !== '' && ` · ${order.plate}`}
          </Box>
        </Box>
      </TopBar>
      <ReadOnly act="order" words={say('screen.order-screen.you-may-read-this')} />
      <OrderBanner file={file} />
      <Box
        sx={{
          display: { xs: 'flex', sm: 'grid' },
          flexDirection: 'column',
          flex: 1,
          gridTemplateColumns: {
            sm: '146px minmax(0, 1fr)',
            md: '146px minmax(0, 1fr) 420px',
            lg: '176px minmax(0, 1fr) 452px',
          },
          gridTemplateRows: { sm: '34vh minmax(0, 1fr)', md: 'minmax(0, 1fr)' },
          minHeight: 0,
          overflow: { sm: 'hidden' },
        }}
      >
        <Box sx={{ gridRow: { sm: '1 / 3', md: 'auto' }, minHeight: 0 }}>
          <Folded
            mark={<PlumbWeight state={here?.state ?? 'hollow'} size={22} />}
            title={say(PARTS[part])}
            note={here?.note ?? ''}
          >
            {(shut) => (
              <OrderSpine
                order={order}
                shown={part}
                onShow={(next) => {
                  shut();
                  show(next);
                }}
              />
            )}
          </Folded>
        </Box>
        <Box
          component="section"
          aria-label={say(
            part === 'close' ? 'screen.order-screen.report' : 'screen.order-screen.drawing',
          )}
          sx={{
            position: 'relative',
            minHeight: { xs: part === 'close' ? '80vh' : 320, sm: 0 },
            // The sheet comes first on a phone.
            order: { xs: 1, sm: 0 },
          }}
        >
          {part === 'bay' ? (
            <StancePlan order={order} file={stanceFile} />
          ) : part === 'drive' ? (
            <DriveDrawing drives={drives} />
          ) : part === 'close' ? (
            <ReportView
              order={order.id}
              version={`${order.version} ${order.tasks.map((task) => task.sealed).join()}`}
              kind={report}
              onKind={setReport}
            />
          ) : (
            <CarPlan
              order={order}
              stance={STANCES[stance] ?? STANCES[0]!}
              chosen={sensor}
              onChoose={choose}
            />
          )}
          {!['bay', 'drive', 'close'].includes(part) && (
            <TurnPlan onTurn={() => setStance((now) => (now + 1) % STANCES.length)} />
          )}
        </Box>
        <Box component="main" aria-label={say(PARTS[part])} sx={SHEET_PANE}>
          {part !== order.waits.part && (
            <Button variant="outlined" onClick={() => address.show(null)} fullWidth sx={{ mb: 2 }}>
              {say('screen.order-screen.back-what-it-waits')}
            </Button>
          )}
          <Contradictions order={order} shown={part} onShow={show} />
          {part === 'work' && <WorkSheet order={order} file={file} />}
          {part === 'owed' && (
            <OwedSheet order={order} file={file} chosen={sensor} onChoose={choose} />
          )}
          {part === 'capture' && <CaptureSheet order={order} file={file} />}
          {part === 'scan' && (
            <ScanSheet order={order} file={file} phase="pre" onStay={() => address.show('scan')} />
          )}
          {part === 'post-scan' && (
            <ScanSheet
              key="post"
              order={order}
              file={file}
              phase="post"
              onStay={() => address.show('post-scan')}
            />
          )}
          {part === 'conditions' && <ConditionsSheet order={order} file={file} />}
          {part === 'kit' && <KitSheet order={order} />}
          {part === 'car' && <CarSheet order={order} file={file} />}
          {part === 'bay' && <StanceSheet file={stanceFile} />}
          {part === 'photos' && <PhotosSheet order={order} file={file} />}
          {part === 'sensors' && <SensorsSheet order={order} />}
          {part === 'drive' && <DriveSheet drives={drives} />}
          {part === 'road' && <RoadSheet order={order} file={file} />}
          {part === 'close' && (
            <ClosingSheet order={order} file={file} kind={report} onShow={address.show} />
          )}
        </Box>
      </Box>
      <OrderTally
        order={order}
        saved={
          file.waiting
            ? notSaved(file.queue.length)
            : file.isWriting
              ? say('screen.saving')
              : file.isLooking
                ? ''
                : say('screen.all-saved')
        }
      />
      <OrderFarView order={order} open={far} onClose={() => setFar(false)} />
      <AskedOnce file={file} />
    </Box>
  );
}
