/** Who reads: the unit of lengths, the decimal mark and the time zone. The language is English, the only one there is. */
export interface Reader {
  readonly language: 'en';
  readonly unit: 'mm' | 'in';
  readonly decimal: '.' | ',';
  /** Of the tz database, such as "Europe/Zurich"; null for that of this device. */
  readonly zone: string | null;
}

export const plainReader: Reader = { language: 'en', unit: 'mm', decimal: '.', zone: null };
