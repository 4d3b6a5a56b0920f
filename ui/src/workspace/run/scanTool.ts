import type { Workspace } from '../../api/types';

const LAST = 'scan-tool';

/** The scan tool that was read last on this device, where the kit still has it; none is taken for used that nobody named. */
export function lastScanTool(state: Workspace): Workspace['scanTools'][number] | null {
  return state.scanTools.find((known) => known.id === localStorage.getItem(LAST)) ?? null;
}

export function keepScanTool(id: string): void {
  localStorage.setItem(LAST, id);
}
