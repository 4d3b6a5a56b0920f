import { useRef, useState } from 'react';
import { answer, client, Refused } from '../api/client';
import { sendFile } from '../api/sendFile';
import type { Import } from '../api/types';
import { uuid7 } from '../api/uuid7';
import { say } from '../words/say';

type State =
  | { is: 'idle' }
  | { is: 'sending' }
  | { is: 'reading' | 'ready' | 'refused'; file: Import }
  | { is: 'taking'; file: Import }
  | { is: 'taken'; count: number };

/** Takes a file in step by step: it is sent, read, looked at, and only then taken in. It can be cancelled until then. */
export function useImport(kind: 'estimates' | 'cards') {
  const [state, setState] = useState<State>({ is: 'idle' });
  const [failure, setFailure] = useState<string | null>(null);
  const running = useRef(0);

  const fail = (reason: unknown) =>
    setFailure(reason instanceof Error ? reason.message : say('screen.use-import.it-went-wrong'));

  const read = async (file: Import, turn: number) => {
    let now = file;
    while (now.state === 'reading' && running.current === turn) {
      now = await answer(
        client.POST('/api/imports/{import}/steps', { params: { path: { import: now.id } } }),
      );
      if (running.current === turn && now.state !== 'done') {
        setState({ is: now.state, file: now });
      }
    }
  };

  return {
    state,
    failure,
    begin: async (file: File) => {
      const turn = ++running.current;
      setFailure(null);
      setState({ is: 'sending' });
      try {
        const sent = await sendFile<Import>('/api/imports', file, {
          id: uuid7(),
          kind,
          name: file.name,
        });
        if (running.current === turn) {
          setState({ is: 'reading', file: sent });
          await read(sent, turn);
        }
      } catch (reason) {
        fail(reason);
        if (running.current === turn && reason instanceof Refused) {
          setState({ is: 'idle' });
        }
      }
    },
    /** Goes on where a lost connection ended it. */
    again: async () => {
      if (state.is === 'reading') {
        const turn = ++running.current;
        setFailure(null);
        await read(state.file, turn).catch(fail);
      }
    },
    take: async () => {
      if (state.is !== 'ready') {
        return;
      }
      const { file } = state;
      setFailure(null);
      setState({ is: 'taking', file });
      try {
        const { taken } = await answer(
          client.POST('/api/imports/{import}/take', { params: { path: { import: file.id } } }),
        );
        setState({ is: 'taken', count: taken });
      } catch (reason) {
        fail(reason);
        setState({ is: 'ready', file });
      }
    },
    cancel: async () => {
      running.current++;
      if ('file' in state) {
        await answer(
          client.DELETE('/api/imports/{import}', { params: { path: { import: state.file.id } } }),
        ).catch(() => undefined);
      }
      setFailure(null);
      setState({ is: 'idle' });
    },
  };
}
