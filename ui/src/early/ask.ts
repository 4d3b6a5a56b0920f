/** Where a phone comes that read a task's code: it is somebody only once it has been let in. */
const DOOR = '/pad/';

/** Asks for what the first screen shows before the application has come; it takes that up in askedEarly.ts. */
export function ask(pathname: string): void {
  if (pathname.startsWith(DOOR)) {
    return;
  }
  window.askedEarly = new Map(
    ['/api/session', ...(pathname === '/' ? ['/api/repair-orders'] : [])].map((address) => {
      const answer = fetch(address);
      // Where nobody takes it up, nobody misses it.
      answer.catch(() => undefined);
      return [address, answer];
    }),
  );
}
