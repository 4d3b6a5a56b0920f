/** How many lines wait on this device for the server. */
export function notSaved(lines: number): string {
  return lines === 1 ? 'one line not saved' : `${lines} lines not saved`;
}
