/** What goes with every request that changes something; undefined before the first answer. */
export function token(): string | undefined {
  const found = /(?:^|; )XSRF-TOKEN=([^;]*)/.exec(document.cookie)?.[1];
  return found === undefined ? undefined : decodeURIComponent(found);
}
