import { IntlMessageFormat } from 'intl-messageformat';
import { dayText, decimalText, degreesText, lengthText, momentText, plainText } from './quantities';
import type { Reader } from './reader';

type Messages = Readonly<Record<string, string>>;

/** Each language by its name; what one of them lacks is said in English. */
const languages: Record<string, Messages> = {};
const formats = new Map<string, IntlMessageFormat>();

/** A pattern that only takes in what it is given, as most do: to compile one takes longer than to fill it in. */
const PLAIN = /^(?:[^{}']|\{\w+\})*$/;

// Which languages the browser knows of is not asked: to find out takes longer than to put a whole screen in words.
IntlMessageFormat.resolveLocale = (wanted) => new Intl.Locale(String(wanted));

/** Learns what is said in a language, such as "en": words/en.json. Nothing is said before. */
export function learn(language: string, messages: Messages): void {
  languages[language] = messages;
  formats.clear();
}

export type Given =
  string | number | boolean | null | undefined | Said | Given[] | { [unit: string]: unknown };

/** Something the core says: a code and its parameters. */
interface Said {
  readonly say: string;
  readonly with?: Readonly<Record<string, Given>>;
}

/** Puts words to what the core says, in a reader's units; a text is somebody's own words and stays as it is. */
export class Words {
  readonly #worded = new WeakMap<object, unknown>();

  constructor(readonly reader: Reader) {}

  say(said: unknown): string {
    if (isSaid(said)) {
      return this.of(said.say, said.with);
    }
    return typeof said === 'object' && said !== null && !Array.isArray(said)
      ? this.#quantity(said as Record<string, unknown>)
      : typeof said === 'string'
        ? said
        : '';
  }

  of(code: string, parameters: Readonly<Record<string, Given>> = {}): string {
    const { language } = this.reader;
    const own = languages[language]?.[code];
    const pattern = own ?? languages['en']?.[code];
    if (pattern === undefined) {
      // Of a later edition: shown as it is, so that a record stays readable.
      return `[${code}]`;
    }
    if (!pattern.includes('{') && !pattern.includes("''")) {
      return pattern;
    }
    if (PLAIN.test(pattern)) {
      return pattern.replace(/\{(\w+)\}/g, (_, name: string) => {
        if (!(name in parameters)) {
          throw new RangeError(`"${code}" was not given its ${name}.`);
        }
        return String(this.#parameter(parameters[name]));
      });
    }
    const key = `${own === undefined ? 'en' : language} ${code}`;
    let format = formats.get(key);
    if (format === undefined) {
      format = new IntlMessageFormat(pattern, own === undefined ? 'en' : language, undefined, {
        ignoreTag: true,
      });
      formats.set(key, format);
    }
    const given = Object.fromEntries(
      Object.entries(parameters).map(([name, value]) => [name, this.#parameter(value)]),
    );
    return String(format.format(given));
  }

  /** A whole document with every message in it put in words; the same document gives the same answer. */
  worded = <T>(document: T): T => this.#document(document) as T;

  #document(value: unknown): unknown {
    if (typeof value !== 'object' || value === null) {
      return value;
    }
    const known = this.#worded.get(value);
    if (known !== undefined) {
      return known;
    }
    const worded = Array.isArray(value)
      ? value.map((one) => this.#document(one))
      : isSaid(value)
        ? this.say(value)
        : Object.fromEntries(Object.entries(value).map(([key, one]) => [key, this.#document(one)]));
    this.#worded.set(value, worded);
    return worded;
  }

  #parameter(value: Given): string | number {
    if (typeof value === 'number' || typeof value === 'string') {
      return value;
    }
    if (typeof value === 'boolean') {
      return value ? 'yes' : 'no';
    }
    if (value === null || value === undefined) {
      return '';
    }
    if (Array.isArray(value)) {
      // Sentences stand one after another, names with commas between them.
      return value
        .map((one) => String(this.#parameter(one)))
        .reduce((list, next) => `${list}${list.endsWith('.') ? ' ' : ', '}${next}`);
    }
    return isSaid(value) ? this.say(value) : this.#quantity(value);
  }

  #quantity({ digits, ...figure }: Record<string, unknown>): string {
    const unit = Object.keys(figure)[0] ?? '';
    const value = figure[unit];
    if (typeof value === 'string') {
      return unit === 'day' ? dayText(value) : momentText(value, this.reader);
    }
    return this.figure(unit, Number(value), typeof digits === 'number' ? digits : undefined);
  }

  figure(unit: string, value: number, digits?: number): string {
    const reader = this.reader;
    switch (unit) {
      case 'mm':
        return lengthText(value, digits ?? 0, reader);
      case 'deg':
        return degreesText(value, digits ?? 2, reader);
      case 'dB':
        return `${decimalText(value, 1, reader)} dB`;
      case 'V':
        return `${decimalText(value, 1, reader)} V`;
      case 's':
        return `${decimalText(value, 0, reader)} s`;
      case 'kmh':
        return `${decimalText(value, 0, reader)} km/h`;
      case 'percent':
        return `${decimalText(100 * value, 0, reader)} %`;
      case 'chance':
        return this.chance(value);
      case 'turns':
        return this.turns(value);
      case 'number':
        return plainText(value, reader);
      default:
        throw new RangeError(`"${unit}" is no unit of a figure.`);
    }
  }

  /** As people say it: "97 in 100", and no certainty that nobody has. */
  chance(chance: number): string {
    const hundredth = Math.round(100 * chance);
    if (hundredth === 100) {
      return this.of('chance.most');
    }
    return hundredth === 0
      ? this.of('chance.least')
      : this.of('chance.about', { count: hundredth });
  }

  /** As whoever turns the screw says it: "one and a quarter turns anticlockwise". */
  turns(turns: number): string {
    if (turns === 0) {
      return this.of('turns.none');
    }
    const quarters = Math.round(Math.abs(turns) * 4);
    const isQuarters = Math.abs(Math.abs(turns) * 4 - quarters) <= 1e-6;
    return this.of(isQuarters ? 'turns.quarters' : 'turns.figure', {
      sense: turns > 0 ? 'clockwise' : 'anticlockwise',
      whole: Math.floor(quarters / 4),
      part: quarters % 4,
      turns: plainText(Math.abs(turns), this.reader),
    });
  }
}

function isSaid(value: unknown): value is Said {
  return (
    typeof value === 'object' &&
    value !== null &&
    'say' in value &&
    typeof value.say === 'string' &&
    Object.keys(value).every((key) => key === 'say' || key === 'with')
  );
}
