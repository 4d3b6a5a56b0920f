/** A trouble code as it is typed or pasted. */
export interface TypedCode {
  unit: string;
  code: string;
  text: string;
  status: string;
}

export const noCode: TypedCode = { unit: '', code: '', text: '', status: '' };

const CODE = /\b[BCPU][0-9A-F]{4}(?:-?[0-9A-F]{2})?\b/i;

const STATUS =
  /^(stored|pending|active|passive|confirmed|intermittent|permanent|current|history|historic|sporadic|not active)$/i;

/**
 * The codes in a text that was copied from a tool's screen or report, a line each; a line without a code names the unit of
 * those that follow.
 */
export function pasted(text: string): TypedCode[] {
  const codes: TypedCode[] = [];
  let unit = '';
  for (const line of text.split(/\r?\n/)) {
    const found = CODE.exec(line);
    if (found === null) {
      unit = line.trim().replace(/[:,;]+$/, '') || unit;
      continue;
    }
    const parts = line
      .slice(found.index + found[0].length)
      .split(/\t|;|\||\s{2,}|\s+-\s+|[()[\]]/)
      .map((part) => part.trim().replace(/^[-:,]\s*/, ''))
      .filter((part) => part !== '');
    const status = parts.find((part) => STATUS.test(part)) ?? '';
    const before = line
      .slice(0, found.index)
      .trim()
      .replace(/[-:,;|\t]+$/, '')
      .trim();
    codes.push({
      unit: before || unit,
      code: found[0].toUpperCase(),
      text: parts.filter((part) => part !== status).join(' '),
      status,
    });
  }
  return codes;
}
