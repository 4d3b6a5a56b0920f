/** With a capital letter, where it begins a line. */
export function sentence(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
