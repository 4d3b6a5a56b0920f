import type { ComponentType, ReactNode } from 'react';
import type { OrderLine, PresentKind } from '../api/types';
import { VerdictMark } from '../shell/VerdictMark';
import { wallHour } from '../words/moments';
import { say, type Code } from '../words/say';
import css from './OrderRow.module.css';

const WAITS: Record<PresentKind, Code> = {
  stance: 'screen.order-row.stance',
  prepare: 'screen.order-row.preparation',
  line: 'screen.order-row.line',
  read: 'screen.order-row.reading',
  check: 'screen.order-row.check-tape',
  decide: 'screen.order-row.tape-that-decides-which',
  remeasure: 'screen.order-row.reading-take-again',
  move: 'screen.order-row.stand-be-moved',
  guard: 'screen.order-row.reading-that-guards',
  improve: 'screen.order-row.better-reading',
  'survey-floor': 'screen.order-row.floor-be-surveyed',
  run: 'screen.order-row.run-which-barred',
  step: 'screen.order-row.next-step-run',
  outcome: 'screen.order-row.what-scan-tool-did',
  diagnose: 'screen.order-row.check-what-went-wrong',
  repeat: 'screen.order-row.axis-be-read-once',
  adjust: 'screen.order-row.screws-be-turned',
  zero: 'screen.order-row.electronic-zero',
  'shift-test': 'screen.order-row.target-be-shifted-for',
  'shift-back': 'screen.order-row.target-back-on-its',
  nudge: 'screen.order-row.stand-be-nudged',
  accept: 'screen.order-row.lead-accept-it',
  'send-back': 'screen.order-row.it-be-sent-back',
  prove: 'screen.order-row.decision-on-axis',
  close: 'screen.order-row.seal',
};

type Task = OrderLine['tasks'][number];

/** The tasks still to be worked on. */
function open(order: OrderLine): Task[] {
  return order.tasks.filter((task) => task.owed !== 'not-owed' && !task.sealed);
}

/** Where the work on an order goes on: its one open sensor where that is all that is left, its own screen otherwise. */
function place(order: OrderLine): string {
  const left = open(order);
  const [one] = left;
  const done = order.tasks.filter((task) => task.sealed);
  if (order.waits.kind === 'task' && left.length === 1 && one?.workspace) {
    return `/tasks/${one.task}`;
  }
  return order.closed && done.length === 1 && done[0]
    ? `/tasks/${done[0].task}/record`
    : `/orders/${order.id}`;
}

function waitsFor(order: OrderLine): string {
  if (order.closed) {
    return say('screen.sealed');
  }
  if (order.waits.kind !== 'task') {
    return order.waits.says;
  }
  const [next] = open(order);
  if (next === undefined) {
    return order.waits.says;
  }
  return `${next.name}: ${next.present === null ? say('screen.order-row.reading-its-axis') : say(WAITS[next.present])}`;
}

/** One order: what it waits for, in words readable from the bench; judged by the shop's own clock where that is known. */
export function OrderRow({
  order,
  begins,
  now,
  link: Anchor,
}: {
  order: OrderLine;
  begins: string | null;
  now: string | undefined;
  /** Opens a place of the application. */
  link: ComponentType<{ to: string; className?: string | undefined; children: ReactNode }>;
}) {
  const promised = order.promised === null || order.closed ? null : wallHour(order.promised, now);
  const owed = order.tasks.filter((task) => task.owed !== 'not-owed');
  return (
    <div className={classes(css.row, order.alarm && css.alarm)}>
      <div className={css.number}>{order.number}</div>
      <div className={css.part}>
        <Anchor className={classes(css.clip, css.car)} to={place(order)}>
          {order.vehicle}
        </Anchor>
        <div className={classes(css.clip, css.quiet)} title={order.operations.join(', ')}>
          {promised && (
            <span
              data-testid="promised"
              className={classes(css.promised, promised.isPast && css.past)}
            >
              {say(
                promised.isPast ? 'screen.order-row.was-promised' : 'screen.order-row.promised',
                {
                  at: promised.says,
                },
              )}
              {' · '}
            </span>
          )}
          {[order.plate, ...order.operations].filter((text) => text !== '').join(' · ')}
        </div>
      </div>
      <div className={css.what}>
        <div className={classes(css.clip, css.quiet, css.begins)}>
          {order.alarm
            ? say('screen.order-row.capture-before-refit', { alarms: order.alarms })
            : order.closed
              ? say('screen.closed')
              : say('screen.waits-for')}
          {begins !== null && <b> · {begins}</b>}
        </div>
        <div className={classes(css.waits, order.alarm && css.alarmed)}>{waitsFor(order)}</div>
      </div>
      <div className={css.sensors}>
        {owed.slice(0, 4).map((task) => (
          <div key={task.task} className={classes(css.clip, css.sensor)}>
            <span className={css.clip}>{task.name}</span>
            {task.verdict ? (
              <VerdictMark verdict={task.verdict} size={13} />
            ) : (
              <span className={css.quiet}>
                {say(
                  task.sealed
                    ? 'screen.sealed-state'
                    : task.owed === 'owed'
                      ? 'screen.owed-state'
                      : 'screen.unknown',
                )}
              </span>
            )}
          </div>
        ))}
        {owed.length === 0 && (
          <div className={css.quiet}>{say('screen.order-row.no-sensor-owed')}</div>
        )}
      </div>
    </div>
  );
}

function classes(...names: (string | false | undefined)[]): string {
  return names.filter(Boolean).join(' ');
}
