import { useState } from 'react';
import type { Call } from '../../api/types';
import { actsFor } from '../../api/own';
import { usePerson } from '../../session/usePerson';

/**
 * What a reading is taken with: asked where the kit leaves a choice, and remembered for this person and this reading.
 * Null where there is none.
 */
export function useInstrument(call: Call): [string | null, (instrument: string) => void] {
  const person = usePerson().data?.email ?? actsFor() ?? '';
  const key = `lumbro-instrument-${person}-${call.id.replace(/-[23]$/, '')}`;
  const [chosen, setChosen] = useState<Record<string, string>>({});
  const known = chosen[key] ?? localStorage.getItem(key);
  const choose = (instrument: string) => {
    setChosen({ ...chosen, [key]: instrument });
    localStorage.setItem(key, instrument);
  };
  if (call.choices.length === 0) {
    return [null, choose];
  }
  const taken = call.reading?.instrument;
  const offered =
    call.choices.find((one) => one.name === taken) ??
    call.choices.find((one) => one.id === known) ??
    call.choices[0];
  return [offered?.id ?? null, choose];
}
