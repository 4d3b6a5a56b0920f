/** With a capital letter, where it begins a line. */
export function sentence(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** With a full stop, unless it ends with a mark of its own. */
export function ended(text: string): string {
  return /[.?!]$/.test(text) ? text : `${text}.`;
}
