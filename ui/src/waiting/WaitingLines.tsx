import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useLocation } from 'react-router';
import { answer, client } from '../api/client';
import { UNSENT, useUnsent, type Unsent } from '../journal/useUnsent';
import { useOrder } from '../order/parts/useOrder';
import { usePerson } from '../session/usePerson';
import { useTask } from '../workspace/task/useTask';

/** As long as one record has before it is the next one's turn, ms. */
const TURN = 15_000;

/** Sends what was written at cars that are not open here, one after the other, as soon as the server answers. */
export function WaitingLines() {
  const person = usePerson().data?.email ?? null;
  const { pathname } = useLocation();
  const closed = (useUnsent(person) ?? []).filter((one) => isElsewhere(one, pathname));
  const [turn, setTurn] = useState<number | null>(null);
  const waits = closed.length > 0;
  useEffect(() => {
    if (!waits) {
      return undefined;
    }
    let isOver = false;
    const next = () =>
      answer(client.GET('/api/csrf')).then(
        () => isOver || setTurn((now) => (now ?? -1) + 1),
        // Nobody answers: nothing is begun.
        () => isOver || setTurn(null),
      );
    void next();
    const again = setInterval(() => void next(), TURN);
    const back = () => void next();
    window.addEventListener('online', back);
    return () => {
      isOver = true;
      clearInterval(again);
      window.removeEventListener('online', back);
    };
  }, [waits]);
  const [kind, id] = idOf(turn === null ? undefined : closed[turn % closed.length]);
  if (id === undefined) {
    return null;
  }
  return kind === 'task' ? <OfTask key={id} task={id} /> : <OfOrder key={id} order={id} />;
}

const idOf = (one: Unsent | undefined) => one?.record.split(' ') ?? [];

/** What is open sends its own, and practice is written at its bench alone. */
function isElsewhere(one: Unsent, pathname: string): boolean {
  const [kind, id = ''] = idOf(one);
  return (kind === 'task' || kind === 'order') && !pathname.includes(id);
}

function OfTask({ task }: { task: string }) {
  return <Gone lines={useTask(task).queue.length} />;
}

function OfOrder({ order }: { order: string }) {
  return <Gone lines={useOrder(order).queue.length} />;
}

/** Says of every line that is gone that it is. */
function Gone({ lines }: { lines: number }) {
  const queries = useQueryClient();
  useEffect(() => {
    void queries.invalidateQueries({ queryKey: UNSENT });
  }, [queries, lines]);
  return null;
}
