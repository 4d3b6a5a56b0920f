import Box from '@mui/material/Box';
import { useState, type KeyboardEvent, type MouseEvent } from 'react';
import type { DayPlan } from '../api/types';
import { slate } from '../theme/floor';
import { say } from '../words/say';
import { lanes, span, type Block, type Lane } from './lanes';
import { dayOf, hour, wall } from './times';

/** Width of the lanes' names, px, and height of a lane. */
const NAMES = 148;
const LANE = 38;

const GROUPS = {
  bay: 'screen.bays',
  person: 'screen.people',
  unit: 'screen.kit',
} as const;

/** The day as lanes of bays, people and kit over the hours, with a plumb line where it is now. */
export function DayBoard({
  plan,
  day,
  chosen,
  onChoose,
}: {
  plan: DayPlan;
  day: number;
  chosen: string | null;
  onChoose: (car: string) => void;
}) {
  const [active, setActive] = useState<string | null>(null);
  const all = lanes(plan, day);
  const isThere = all.some((lane) => lane.blocks.some((block) => block.key === active));
  const [from, to] = span(plan, day);
  const at = (minute: number) => `${((minute - from) / (to - from)) * 100}%`;
  const hours = Array.from({ length: (to - from) / 60 + 1 }, (_, i) => from + 60 * i);
  const isNow = day === 0 && plan.minute >= from && plan.minute <= to;
  return (
    <Box
      role="listbox"
      aria-label={say('screen.day.board')}
      aria-activedescendant={isThere && active !== null ? idOf(active) : undefined}
      data-testid="day-board"
      tabIndex={0}
      onKeyDown={(event) => onKey(event, isThere ? active : null, setActive, onChoose)}
      onClick={(event) => {
        const block = nearest(event);
        if (block) {
          setActive(block.dataset['key'] ?? null);
          onChoose(block.dataset['car'] ?? '');
        }
      }}
      sx={{ overflow: 'auto', bgcolor: slate.ground, color: slate.chalk, flex: 1, minHeight: 200 }}
    >
      <Box sx={{ position: 'relative', minWidth: 900, pb: 1 }}>
        <Box
          sx={{
            position: 'sticky',
            top: 0,
            zIndex: 3,
            height: 34,
            ml: `${NAMES}px`,
            mr: 4,
            bgcolor: slate.ground,
          }}
          aria-hidden
        >
          {hours.map((one) => (
            <Box
              key={one}
              component="span"
              sx={{
                position: 'absolute',
                left: at(one),
                transform: 'translateX(-50%)',
                fontSize: '1.05rem',
                fontWeight: 700,
                lineHeight: '34px',
                color: slate.chalkSoft,
              }}
            >
              {wall(one)}
            </Box>
          ))}
        </Box>
        <Box sx={{ position: 'absolute', top: 34, bottom: 0, left: NAMES, right: 32 }} aria-hidden>
          {hours.map((one) => (
            <Box
              key={one}
              sx={{
                position: 'absolute',
                top: 0,
                bottom: 0,
                left: at(one),
                borderLeft: `1px solid ${slate.grid}`,
              }}
            />
          ))}
        </Box>
        {(['bay', 'person', 'unit'] as const).map((group) => {
          const own = all.filter((lane) => lane.group === group);
          return own.length === 0 ? null : (
            <Box key={group} role="group" aria-label={say(GROUPS[group])} sx={{ mb: 0.75 }}>
              {own.map((lane) => (
                <LaneRow
                  key={lane.id}
                  lane={lane}
                  plan={plan}
                  bounds={[from, to]}
                  at={at}
                  chosen={chosen}
                  active={active}
                />
              ))}
              <Box sx={{ borderBottom: `2px solid ${slate.zone}`, mt: 0.75 }} />
            </Box>
          );
        })}
        {isNow && (
          <Box
            sx={{
              position: 'absolute',
              top: 0,
              bottom: 0,
              left: NAMES,
              right: 32,
              zIndex: 2,
              pointerEvents: 'none',
            }}
            aria-hidden
          >
            <Box
              sx={{
                position: 'absolute',
                left: at(plan.minute),
                top: 28,
                bottom: 14,
                borderLeft: `3px solid ${slate.brass}`,
              }}
            />
            <Box
              component="svg"
              viewBox="-8 0 16 20"
              sx={{
                position: 'absolute',
                bottom: 0,
                left: at(plan.minute),
                width: 16,
                height: 20,
                ml: '-6.5px',
              }}
            >
              <path d="M-6 0 H6 V9 L0 19 L-6 9 Z" fill={slate.brass} />
            </Box>
          </Box>
        )}
      </Box>
    </Box>
  );
}

function LaneRow({
  lane,
  plan,
  bounds,
  at,
  chosen,
  active,
}: {
  lane: Lane;
  plan: DayPlan;
  bounds: [number, number];
  at: (minute: number) => string;
  chosen: string | null;
  active: string | null;
}) {
  return (
    <Box
      role="group"
      aria-label={lane.name}
      sx={{ display: 'flex', height: LANE, position: 'relative' }}
      data-lane={lane.name}
    >
      <Box
        sx={{
          width: NAMES,
          flexShrink: 0,
          px: 1,
          fontSize: '1.02rem',
          fontWeight: 700,
          lineHeight: 1.1,
          display: 'flex',
          alignItems: 'center',
          position: 'sticky',
          left: 0,
          zIndex: 2,
          bgcolor: slate.ground,
        }}
        title={lane.name}
      >
        <Box
          component="span"
          sx={{
            display: '-webkit-box',
            WebkitLineClamp: 2,
            WebkitBoxOrient: 'vertical',
            overflow: 'hidden',
          }}
        >
          {lane.name}
        </Box>
      </Box>
      <Box sx={{ position: 'relative', flex: 1, mr: 4 }}>
        {lane.hours !== null &&
          away(lane.hours, bounds).map(([from, to]) => (
            <Box
              key={from}
              aria-hidden
              sx={{
                position: 'absolute',
                left: at(from),
                width: `calc(${at(to)} - ${at(from)})`,
                top: 4,
                bottom: 4,
                opacity: 0.55,
                background: AWAY,
              }}
            />
          ))}
        {lane.blocks.map((block) => (
          <BlockMark
            key={block.key}
            block={block}
            lane={lane}
            plan={plan}
            left={at(block.from)}
            width={`calc(${at(block.to)} - ${at(block.from)} - 2px)`}
            isChosen={block.car === chosen}
            isActive={block.key === active}
          />
        ))}
      </Box>
    </Box>
  );
}

const LATE = '#ff8a66';

/** Hatched: nobody works there. */
const AWAY = ['repeating-linear-gradient(45deg,transparent 0 7px', `${slate.zone} 7px 9px)`].join(
  ',',
);

function BlockMark({
  block,
  lane,
  plan,
  left,
  width,
  isChosen,
  isActive,
}: {
  block: Block;
  lane: Lane;
  plan: DayPlan;
  left: string;
  width: string;
  isChosen: boolean;
  isActive: boolean;
}) {
  const kinds = [...new Set(block.slots.map((slot) => slot.kind))].map((kind) =>
    say(`day.stage.${kind}`),
  );
  const isOn = block.state === 'on';
  const isDone = block.state === 'done';
  return (
    <Box
      id={idOf(block.key)}
      role="option"
      aria-selected={isChosen}
      data-block={block.number}
      data-key={block.key}
      data-car={block.car}
      data-state={block.state}
      aria-label={say('screen.day.block', {
        lane: lane.name,
        number: block.number,
        from: hour(plan, block.from),
        to: hour(plan, block.to),
        what: kinds.join(' · '),
        state: block.state,
        late: block.late,
        pinned: block.pinned,
      })}
      title={`${wall(block.from)}–${wall(block.to)}  ${block.number}: ${kinds.join(', ')}`}
      sx={{
        position: 'absolute',
        left,
        width,
        minWidth: 4,
        top: 3,
        bottom: 3,
        border: 0,
        borderLeft: `4px solid ${block.late ? LATE : isOn ? '#7a5410' : slate.chalkFaint}`,
        borderBottom: block.pinned ? `4px solid ${slate.beam}` : 0,
        p: 0,
        pl: 0.5,
        overflow: 'hidden',
        whiteSpace: 'nowrap',
        textAlign: 'left',
        containerType: 'inline-size',
        // Half a number says a wrong one.
        '@container (max-width: 52px)': { '& > span': { fontSize: '0.75rem' } },
        '@container (max-width: 28px)': { '& > span': { display: 'none' } },
        cursor: 'pointer',
        bgcolor: isOn ? slate.brass : isDone ? 'transparent' : slate.chalk,
        color: isDone ? slate.chalkSoft : slate.tyre,
        ...(isDone ? { outline: `1px dashed ${slate.chalkFaint}`, outlineOffset: -1 } : {}),
        ...(isChosen ? { boxShadow: `0 0 0 3px ${slate.beam}`, zIndex: 1 } : {}),
        ...(isActive ? { outline: `3px solid ${slate.brass}`, outlineOffset: 1, zIndex: 1 } : {}),
      }}
    >
      <Box component="span" sx={{ fontSize: '1.15rem', fontWeight: 700 }}>
        {block.number}
      </Box>{' '}
      {lane.group !== 'unit' && (
        <Box component="span" sx={{ fontSize: '0.9rem' }}>
          {lane.group === 'bay' ? '' : kinds.join(' · ')}
        </Box>
      )}
    </Box>
  );
}

/** When somebody does not work, within the bounds. */
function away(hours: number[][], [from, to]: [number, number]): [number, number][] {
  const free: [number, number][] = [];
  let last = from;
  for (const [begins = 0, ends = 0] of hours) {
    if (dayOf(begins) !== dayOf(from)) {
      continue;
    }
    if (begins > last) {
      free.push([last, Math.min(begins, to)]);
    }
    last = Math.max(last, ends);
  }
  if (last < to) {
    free.push([last, to]);
  }
  return free;
}

function idOf(key: string): string {
  return `block-${key.replaceAll(/[^\w-]/g, '-')}`;
}

/** How far from a block a finger may touch and mean it, px. */
const REACH = 28;

/** The block of its lane that a touch comes nearest to: a short one cannot be hit. */
function nearest(event: MouseEvent<HTMLElement>): HTMLElement | null {
  const lane = event.target instanceof Element ? event.target.closest('[data-lane]') : null;
  const far = (one: HTMLElement) => {
    const box = one.getBoundingClientRect();
    return Math.max(box.left - event.clientX, event.clientX - box.right, 0);
  };
  const blocks = [...(lane?.querySelectorAll<HTMLElement>('[data-block]') ?? [])];
  const first = blocks.sort((a, b) => far(a) - far(b))[0];
  return first !== undefined && far(first) <= REACH ? first : null;
}

/** Arrows go from block to block, along a lane and to the nearest of the next one; Enter opens its car. */
function onKey(
  event: KeyboardEvent<HTMLElement>,
  active: string | null,
  setActive: (key: string | null) => void,
  onChoose: (car: string) => void,
): void {
  const frame = event.currentTarget;
  const blocks = [...frame.querySelectorAll<HTMLElement>('[data-block]')];
  const now = blocks.find((one) => one.dataset['key'] === active);
  if (event.key === 'Enter' || event.key === ' ') {
    if (now) {
      event.preventDefault();
      onChoose(now.dataset['car'] ?? '');
    }
    return;
  }
  if (!event.key.startsWith('Arrow')) {
    return;
  }
  event.preventDefault();
  const next = now ? beside(event.key, now, blocks) : blocks[0];
  if (next) {
    setActive(next.dataset['key'] ?? null);
    next.scrollIntoView({ block: 'nearest', inline: 'nearest' });
  }
}

function beside(key: string, now: HTMLElement, blocks: HTMLElement[]): HTMLElement | undefined {
  const here = now.getBoundingClientRect();
  const row = now.closest('[data-lane]');
  const far = (one: HTMLElement) => {
    const there = one.getBoundingClientRect();
    return Math.abs(there.top - here.top) * 10_000 + Math.abs(there.left - here.left);
  };
  return blocks
    .filter((one) => {
      const there = one.getBoundingClientRect();
      const isSame = one.closest('[data-lane]') === row;
      switch (key) {
        case 'ArrowRight':
          return isSame && there.left > here.left;
        case 'ArrowLeft':
          return isSame && there.left < here.left;
        case 'ArrowDown':
          return !isSame && there.top > here.top;
        default:
          return !isSame && there.top < here.top;
      }
    })
    .sort((a, b) => far(a) - far(b))[0];
}
