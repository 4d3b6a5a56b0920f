import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import { Suspense, useEffect, useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { notSaved } from '../words/notSaved';
import type { StageId, Trace, Workspace } from '../api/types';
import { FloorPlan } from '../floor/FloorPlan';
import { SideView } from '../floor/SideView';
import { TurnPlan } from '../floor/TurnPlan';
import { STANCES } from '../floor/view';
import { useLengthDisplay } from '../words/useLengthDisplay';
import { Opening } from '../shell/Opening';
import { TopBar } from '../shell/TopBar';
import { SHEET_PANE, WORK_FRAME } from '../shell/workFrame';
import { Folded } from '../shell/Folded';
import { PlumbWeight } from '../shell/PlumbWeight';
import { ReadOnly } from '../shell/ReadOnly';
import { STAGES } from '../shell/stages';
import { Announcer } from './Announcer';
import { Banner } from './Banner';
import { ExerciseBand } from './ExerciseBand';
import { FarView } from './FarView';
import { CloseSheet } from './sheets/CloseSheet';
import { FloorSheet } from './sheets/FloorSheet';
import { IntakeSheet } from './sheets/IntakeSheet';
import { LineSheet } from './sheets/LineSheet';
import { PlaceSheet } from './sheets/PlaceSheet';
import { ProveSheet } from './sheets/ProveSheet';
import { QuestionsSheet } from './sheets/QuestionsSheet';
import { RunSheet } from './sheets/RunSheet';
import { StanceCard } from './sheets/StanceCard';
import { Spine } from './Spine';
import { Tally } from './Tally';
import { UndoDialog } from './UndoDialog';
import { useKeys } from '../sheet/useKeys';
import { useSheetAddress } from '../sheet/useSheetAddress';
import { useTask, type Task } from './task/useTask';
import { figures } from '../theme/theme';
import { say } from '../words/say';
import { lazyPart } from '../loading/lazyPart';

const PairDialog = lazyPart(async () => (await import('./PairDialog')).PairDialog);

export function WorkspaceScreen() {
  const { task = '' } = useParams();
  const file = useTask(task);
  if (file.query.data) {
    return <Open key={task} state={file.query.data} task={file} />;
  }
  return <Opening query={file.query} what={say('screen.repair-order')} />;
}

/** The last weight is full once the record is sealed. */
function closed(stages: Workspace['stages']): Workspace['stages'] {
  return stages.map((stage) =>
    stage.id === 'close' ? { ...stage, state: 'full', note: 'sealed' } : stage,
  );
}

function Open({ state, task }: { state: Workspace; task: Task }) {
  const [display] = useLengthDisplay();
  const [stance, setStance] = useState(0);
  const address = useSheetAddress<StageId>(
    `/tasks/${state.task}`,
    state.stages.map((known) => known.id),
  );
  // Who comes to a task that nobody has begun sees first what it is about.
  const [begun, setBegun] = useState(() =>
    state.stages.some((known) => known.id === 'prepare' && known.state !== 'hollow'),
  );
  const [far, setFar] = useState(false);
  const [pairing, setPairing] = useState(false);
  const [help, setHelp] = useState(false);
  const [undone, setUndone] = useState<Workspace['ledger'][number] | null>(null);
  const [sketch, setSketch] = useState<Trace[] | null>(null);
  const present = state.seal ? 'close' : state.stage;
  const shown = address.shown ?? (begun ? null : 'intake');
  const stage = shown ?? present;
  const sealed = state.seal !== null;
  // What was open in the sheet of the work itself is closed again: the sheet goes on with the work.
  const detail = (sheet: StageId, what: string | null) =>
    address.show(what === null && sheet === present ? null : sheet, what);

  useEffect(() => {
    document.title = say('screen.title-of-order', {
      number: state.order.number,
      vehicle: state.order.vehicle,
    });
  }, [state.order.number, state.order.vehicle]);

  const undo = () => {
    const last = state.ledger.findLast((reading) => reading.fate === 'counts');
    if (last && !sealed) {
      setUndone(last);
    }
  };
  const toPresent = () => {
    setBegun(true);
    address.show(null);
  };
  useKeys(
    useMemo(
      () => ({
        f: () => setFar((open) => !open),
        v: () => setStance((now) => (now + 1) % STANCES.length),
        u: undo,
        p: toPresent,
        '?': () => setHelp(true),
      }),
      [state, task, address.show], // oxlint-disable-line react/exhaustive-deps
    ),
  );

  const stages = sealed ? closed(state.stages) : state.stages;
  const open = stages.find(({ id }) => id === stage);
  const here = STANCES[stance] ?? STANCES[0]!;
  return (
    <Box sx={WORK_FRAME}>
      <TopBar
        saysItself={task.isCarriedOn}
        tools={[
          { words: say('screen.far-view'), act: () => setFar(true) },
          {
            words: say('screen.pad.pad'),
            name: say('screen.pad.pair-title'),
            act: () => setPairing(true),
          },
          { words: '?', name: say('screen.keys'), act: () => setHelp(true), isInMenu: true },
        ]}
        keys={help}
        onKeys={setHelp}
      >
        <Box
          sx={{
            display: 'flex',
            columnGap: 2,
            alignItems: 'center',
            flexWrap: { xs: 'wrap', sm: 'nowrap' },
          }}
        >
          <Box component="span" sx={{ fontFamily: figures, whiteSpace: 'nowrap' }}>
            {say('screen.ro', { number: state.order.number })}
          </Box>
          <Box
            component="span"
            title={state.order.vehicle}
            sx={{ overflow: 'hidden', textOverflow: 'ellipsis', whiteSpace: 'nowrap', flex: 1 }}
          >
            <Box
              component={Link}
              to={`/orders/${state.order.id}`}
              // No wider than what is seen of it, and high enough for a finger.
              sx={{
                display: 'block',
                color: 'inherit',
                overflow: 'hidden',
                textOverflow: 'ellipsis',
                py: 1.5,
              }}
            >
              {state.order.vehicle} · {state.order.plate}
            </Box>
          </Box>
          <Box
            component="span"
            sx={{ fontWeight: 700, whiteSpace: 'nowrap', flexBasis: { xs: '100%', sm: 'auto' } }}
          >
            {state.card.sensor}
          </Box>
        </Box>
      </TopBar>
      <ReadOnly act="work" words={say('screen.workspace-screen.you-may-read-this')} />
      <Banner task={task} />
      {state.exercise && !state.exercise.over && <ExerciseBand exercise={state.exercise} />}
      <Box
        sx={{
          display: { xs: 'flex', sm: 'grid' },
          flexDirection: 'column',
          flex: 1,
          gridTemplateColumns: {
            sm: '112px minmax(0, 1fr)',
            md: '112px minmax(0, 1fr) 352px',
            lg: '136px minmax(0, 1fr) 372px',
          },
          gridTemplateRows: { sm: '38vh minmax(0, 1fr)', md: 'minmax(0, 1fr)' },
          minHeight: 0,
          overflow: { sm: 'hidden' },
        }}
      >
        <Box sx={{ gridRow: { sm: '1 / 3', md: 'auto' }, minHeight: 0 }}>
          <Folded
            mark={<PlumbWeight state={open?.state ?? 'hollow'} size={26} />}
            title={say(STAGES[stage])}
            note={open?.note ?? ''}
          >
            {(shut) => (
              <Spine
                stages={stages}
                shown={stage}
                present={present}
                onShow={(next) => {
                  shut();
                  setBegun(true);
                  address.show(next === present ? null : next);
                }}
              />
            )}
          </Folded>
        </Box>
        <Box
          sx={{
            display: 'grid',
            // The call comes first on a phone, the plan on a tablet held upright.
            order: { xs: 1, sm: 0 },
            gridTemplateRows: {
              xs: '300px 120px',
              sm: 'minmax(0, 1fr)',
              md: 'minmax(0, 1fr) 132px',
            },
            gap: '2px',
            minHeight: 0,
            bgcolor: 'divider',
          }}
        >
          <Box sx={{ position: 'relative' }}>
            <FloorPlan
              state={state}
              stance={here}
              display={display}
              sketch={stage === 'line' && sketch ? sketch : undefined}
              floor={stage === 'floor'}
            />
            <TurnPlan onTurn={() => setStance((now) => (now + 1) % STANCES.length)} />
          </Box>
          <Box sx={{ position: 'relative', display: { sm: 'none', md: 'block' } }}>
            <SideView state={state} display={display} />
          </Box>
        </Box>
        <Box component="main" sx={SHEET_PANE}>
          {shown !== null && shown !== present && (
            <Button variant="outlined" onClick={toPresent} fullWidth sx={{ mb: 2 }}>
              {stage === 'intake'
                ? say('screen.workspace-screen.begin')
                : say('screen.workspace-screen.back-present-call')}
            </Button>
          )}
          {state.present.kind === 'stance' && !sealed && <StanceCard state={state} />}
          {stage === 'intake' && <IntakeSheet state={state} />}
          {stage === 'prepare' && (
            <QuestionsSheet
              key="prepare"
              title={say('screen.prepare')}
              questions={state.preparation}
              cautions={state.card.cautions.slice(2)}
              task={task}
              sealed={sealed}
            />
          )}
          {stage === 'floor' && (
            <FloorSheet state={state} task={task} display={display} sealed={sealed} />
          )}
          {stage === 'line' && (
            <LineSheet
              state={state}
              task={task}
              sealed={sealed}
              choosing={address.detail === 'ways'}
              onChoosing={(choosing) => detail('line', choosing ? 'ways' : null)}
              onSketch={setSketch}
            />
          )}
          {stage === 'place' && (
            <PlaceSheet
              state={state}
              task={task}
              display={display}
              open={address.detail}
              onOpen={(next) => detail('place', next)}
            />
          )}
          {stage === 'run' && <RunSheet state={state} task={task} />}
          {stage === 'prove' && (
            <ProveSheet
              state={state}
              task={task}
              display={display}
              sending={address.detail === 'send-back'}
              onSending={(sending) => detail('prove', sending ? 'send-back' : null)}
              onShow={address.show}
            />
          )}
          {stage === 'close' && <CloseSheet state={state} task={task} />}
        </Box>
      </Box>
      <Tally
        state={state}
        display={display}
        saved={
          task.isCarriedOn
            ? say('screen.this-tablet-only', { lines: task.queue.length })
            : task.waiting
              ? notSaved(task.queue.length)
              : task.isWriting
                ? say('screen.saving')
                : sealed
                  ? say('screen.sealed-state')
                  : task.isLooking
                    ? ''
                    : say('screen.all-saved')
        }
      />
      <FarView
        state={state}
        display={display}
        stance={here}
        open={far}
        onClose={() => setFar(false)}
      />
      <UndoDialog
        reading={undone}
        onStrike={(reading) => task.write({ kind: 'strike', payload: { reading } })}
        onClose={() => setUndone(null)}
      />
      <Suspense fallback={null}>
        {pairing && <PairDialog task={state.task} onClose={() => setPairing(false)} />}
      </Suspense>
      <Announcer state={state} task={task} display={display} />
    </Box>
  );
}
