import Box from '@mui/material/Box';
import Button from '@mui/material/Button';
import TextField from '@mui/material/TextField';
import Typography from '@mui/material/Typography';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { answer, client, Refused } from '../api/client';
import type { Projection } from '../floor/view';
import { length } from '../words/length';
import { useLengthDisplay } from '../words/useLengthDisplay';
import { slate } from '../theme/floor';
import { asSpot, BayDrawing } from '../floor/BayDrawing';
import { BayFiles } from './BayFiles';
import { BAYS } from './BaysScreen';
import { CornersTable } from './CornersTable';
import { cornersOf, square, whole, withCorners, type Bay, type ShapeId } from './shapes';
import { useDrag } from './useDrag';
import { say } from '../words/say';

interface Props {
  bay: { id: string; version: number; document: Bay };
  mayChange: boolean;
  onSaved: () => void;
}

/** One bay, changed by its numbers or by pushing its corners; nothing is kept until it is saved, and steps can be taken back. */
export function BayEditor({ bay, mayChange, onSaved }: Props) {
  const queries = useQueryClient();
  const [display] = useLengthDisplay();
  const [steps, setSteps] = useState<Bay[]>([bay.document]);
  const [shape, setShape] = useState<ShapeId>('outline');
  const now = steps[steps.length - 1] ?? bay.document;
  const change = (next: Bay, same = false) =>
    setSteps((known) => [...(same && known.length > 1 ? known.slice(0, -1) : known), next]);
  const push = (corner: number, dx: number, dy: number, first: boolean) =>
    setSteps((known) => {
      // Several pushes may come before the next picture: each starts from the one before.
      const last = known[known.length - 1] ?? bay.document;
      const moved = cornersOf(last, shape).map((old, k) =>
        k === corner ? [(old[0] ?? 0) + dx, (old[1] ?? 0) + dy] : old,
      );
      return [
        ...(first || known.length === 1 ? known : known.slice(0, -1)),
        withCorners(last, shape, moved),
      ];
    });
  const save = useMutation({
    mutationFn: () =>
      answer(
        client.POST('/api/bays', {
          body: { id: bay.id, version: bay.version, document: whole(now) },
        }),
      ),
    onSuccess: (list) => {
      queries.setQueryData(BAYS, list);
      void queries.invalidateQueries({ queryKey: ['task'] });
      onSaved();
    },
  });
  const refused = save.error instanceof Refused ? save.error : null;
  const wrong = (path: string) =>
    refused?.problem.path?.startsWith(`/document/${path}`) ? refused.message : null;
  const corners = cornersOf(now, shape);

  return (
    <Box
      sx={{
        display: 'grid',
        gap: 2,
        gridTemplateColumns: { xs: '1fr', md: 'minmax(0, 1fr) 400px' },
        alignItems: 'start',
      }}
    >
      <Box sx={{ position: 'relative', height: { xs: 340, md: 520 } }}>
        <BayDrawing
          bay={{
            name: now.name || say('screen.new-bay'),
            outline: now.outline,
            obstacles: now.obstacles ?? [],
            levelZone: now.levelZone && now.levelZone.length > 0 ? now.levelZone : null,
          }}
          label={say('screen.bay-editor.plan', {
            now: now.name || say('screen.bay-editor.new-bay'),
          })}
        >
          {(to) => (
            <>
              <Survey bay={now} to={to} />
              {mayChange &&
                corners.map((corner, i) => (
                  <Handle
                    key={`${String(shape)}-${i}`}
                    name={`Corner ${i + 1}`}
                    at={corner}
                    to={to}
                    onPush={(dx, dy, first) => push(i, dx, dy, first)}
                  />
                ))}
            </>
          )}
        </BayDrawing>
      </Box>
      <Box
        component="section"
        aria-label={say('screen.figures')}
        sx={{ bgcolor: 'background.paper', border: 1, borderColor: 'divider', p: 2 }}
      >
        <Box sx={{ display: 'grid', gap: 1.5, gridTemplateColumns: '1fr 1fr' }}>
          <TextField
            id="bay-name"
            label={say('screen.name')}
            value={now.name}
            onChange={(event) => change({ ...now, name: event.target.value }, true)}
            error={wrong('name') !== null}
            helperText={wrong('name')}
            slotProps={{ htmlInput: { maxLength: 60, readOnly: !mayChange } }}
          />
          <TextField
            id="bay-floor"
            label={say('screen.bay-editor.unsurveyed-floor-mm')}
            type="number"
            value={now.sFloor}
            onChange={(event) => change({ ...now, sFloor: Number(event.target.value) }, true)}
            error={wrong('sFloor') !== null}
            helperText={wrong('sFloor') ?? say('screen.bay-editor.never-zero')}
            slotProps={{ htmlInput: { readOnly: !mayChange } }}
          />
        </Box>
        {now.survey && (
          <Typography sx={{ mt: 1 }}>
            {say('screen.bay-editor.floor-surveyed-by-points', {
              date: now.survey.date,
              by: now.survey.by,
              points: now.survey.points.length,
              s: length(now.survey.s, display, 1),
            })}
          </Typography>
        )}
        <Box
          sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 2 }}
          role="group"
          aria-label={say('screen.bay-editor.shapes')}
        >
          {shapes(now).map(([id, words]) => (
            <Button
              key={String(id)}
              variant={id === shape ? 'contained' : 'outlined'}
              aria-pressed={id === shape}
              onClick={() => setShape(id)}
              sx={{ maxWidth: 170 }}
            >
              <Box component="span" sx={{ overflow: 'hidden', textOverflow: 'ellipsis' }}>
                {words}
              </Box>
            </Button>
          ))}
          {mayChange && (
            <Button
              onClick={() => {
                const obstacles = now.obstacles ?? [];
                change({
                  ...now,
                  obstacles: [
                    ...obstacles,
                    {
                      name: say('screen.bay-editor.thing', { obstacles: obstacles.length + 1 }),
                      corners: square(now, 400),
                    },
                  ],
                });
                setShape(obstacles.length);
              }}
            >
              {say('screen.bay-editor.add-thing-in-it')}
            </Button>
          )}
          {mayChange && (now.levelZone ?? []).length === 0 && (
            <Button
              onClick={() => {
                change({ ...now, levelZone: now.outline });
                setShape('levelZone');
              }}
            >
              {say('screen.bay-editor.add-level-zone')}
            </Button>
          )}
        </Box>
        {typeof shape === 'number' && (
          <TextField
            id="thing-name"
            label={say('screen.what-it')}
            fullWidth
            margin="normal"
            value={now.obstacles?.[shape]?.name ?? ''}
            onChange={(event) =>
              change(
                {
                  ...now,
                  obstacles: (now.obstacles ?? []).map((thing, i) =>
                    i === shape ? { ...thing, name: event.target.value } : thing,
                  ),
                },
                true,
              )
            }
            slotProps={{ htmlInput: { maxLength: 60, readOnly: !mayChange } }}
          />
        )}
        <CornersTable
          key={String(shape)}
          corners={corners}
          mayChange={mayChange}
          onChange={(next) => change(withCorners(now, shape, next))}
        />
        {mayChange && shape !== 'outline' && (
          <Button
            color="inherit"
            onClick={() => {
              if (shape === 'levelZone') {
                change({ ...now, levelZone: [] });
              } else {
                change({ ...now, obstacles: (now.obstacles ?? []).filter((__, i) => i !== shape) });
              }
              setShape('outline');
            }}
          >
            {say('screen.bay-editor.take-it-away')}
          </Button>
        )}
        {save.isError && (
          <Typography role="alert" sx={{ color: 'verdict.out', fontWeight: 700, mt: 1 }}>
            {save.error.message}
          </Typography>
        )}
        {mayChange && (
          <Box sx={{ display: 'flex', gap: 1, flexWrap: 'wrap', mt: 2 }}>
            <Button
              variant="contained"
              loading={save.isPending}
              disabled={steps.length === 1 && bay.version > 0}
              onClick={() => save.mutate()}
            >
              {say('screen.bay-editor.save-bay')}
            </Button>
            <Button
              variant="outlined"
              disabled={steps.length === 1}
              onClick={() => setSteps((known) => known.slice(0, -1))}
            >
              {say('screen.bay-editor.undo')}
            </Button>
          </Box>
        )}
        <BayFiles bay={bay} mayChange={mayChange} onRead={(next) => change({ ...now, ...next })} />
      </Box>
    </Box>
  );
}

function shapes(bay: Bay): [ShapeId, string][] {
  return [
    ['outline', say('screen.bay-editor.outline')],
    ...((bay.levelZone ?? []).length > 0
      ? ([['levelZone', say('screen.bay-editor.level-zone')]] as [ShapeId, string][])
      : []),
    ...(bay.obstacles ?? []).map((thing, i): [ShapeId, string] => [i, thing.name]),
  ];
}

/** A corner that can be taken hold of. */
function Handle({
  name,
  at,
  to,
  onPush,
}: {
  name: string;
  at: number[];
  to: Projection;
  onPush: (dx: number, dy: number, first: boolean) => void;
}) {
  // One push of many small ones is one step to take back.
  const moving = useRef(false);
  const drag = useDrag(
    to.size(1),
    (dx, dy) => {
      const first = !moving.current;
      moving.current = true;
      onPush(Math.round(dx), Math.round(dy), first);
    },
    () => {
      moving.current = false;
    },
  );
  const [x, y] = to.at(asSpot(at));
  return (
    <g
      {...drag}
      onBlur={() => {
        moving.current = false;
      }}
      tabIndex={0}
      role="button"
      aria-label={say('screen.bay-editor.mm-arrow-keys-push', {
        name,
        round: Math.round(at[0] ?? 0),
        round2: Math.round(at[1] ?? 0),
      })}
      style={{ cursor: 'grab' }}
    >
      <circle cx={x} cy={y} r="24" fill="transparent" />
      <circle cx={x} cy={y} r="8" fill={slate.brass} stroke={slate.ground} strokeWidth="2" />
    </g>
  );
}

function Survey({ bay, to }: { bay: Bay; to: Projection }) {
  const [display] = useLengthDisplay();
  return (
    <g>
      {bay.survey?.points.map((point, i) => {
        const [x, y] = to.at([point.x, point.y]);
        return (
          <g key={i}>
            <path
              d={`M${x} ${y - 6}L${x + 6} ${y}L${x} ${y + 6}L${x - 6} ${y}Z`}
              fill={slate.beam}
            />
            <text x={x + 9} y={y + 4} fill={slate.chalkSoft}>
              {length(point.reading, display)}
            </text>
          </g>
        );
      })}
    </g>
  );
}
