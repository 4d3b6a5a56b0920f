import { ThemeProvider } from '@mui/material/styles';
import { QueryClientProvider } from '@tanstack/react-query';
import { render } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { vi } from 'vitest';
import type { Problem } from '../api/types';
import { App } from '../App';
import { newQueries } from '../session/queries';
import { theme } from '../theme/theme';

/** Who is signed in, by the address of their account. */
export const PERSON = 'ilse@copperlane.example';

export interface Sent {
  method: string;
  path: string;
  body: Record<string, unknown>;
  /** Of a line: its kind and what it carries, beside the rest. */
  line: Record<string, unknown>;
}

type Answer = { status?: number; body?: unknown } | 'no connection';

/** A server that answers what it is told to, and remembers what it was sent. */
export class FakeServer {
  readonly sent: Sent[] = [];

  private readonly answers = new Map<string, Answer[]>();

  constructor() {
    this.on('GET /api/csrf', { status: 204 });
    this.on('GET /api/set-up', { body: { wanted: false, practice: true, kit: [], zones: [] } });
    this.on('GET /api/kit', {
      body: {
        items: [],
        overdueRule: { bars: false, widening: 2 },
        taughtByReal: false,
        mayEdit: false,
      },
    });
    this.on('GET /api/session', {
      body: {
        name: 'Ilse Corrant',
        email: PERSON,
        role: 'technician',
        may: ['order', 'work', 'release', 'seal', 'check-card'],
        shop: 'Copper Lane Body Works',
        practice: true,
        reader: { language: 'en', unit: 'mm', decimal: '.', zone: 'UTC' },
      },
    });
    vi.stubGlobal('fetch', (input: RequestInfo | URL, init?: RequestInit) =>
      this.answer(input, init),
    );
    // jsdom has no layout: plans and lists are drawn in a room of this size.
    for (const [side, size] of Object.entries({ clientHeight: 900, clientWidth: 1000 })) {
      Object.defineProperty(Element.prototype, side, { configurable: true, value: size });
    }
    vi.stubGlobal(
      'ResizeObserver',
      class {
        constructor(
          private readonly tell: (
            entries: { contentRect: { width: number; height: number } }[],
          ) => void,
        ) {}
        observe() {
          this.tell([{ contentRect: { width: 770, height: 500 } }]);
        }
        unobserve() {}
        disconnect() {}
      },
    );
  }

  /** Answers in turn; the last one stays. */
  on(request: string, ...answers: Answer[]): this {
    this.answers.set(request, answers);
    return this;
  }

  writes(): Sent[] {
    return this.sent.filter((request) => request.method === 'POST');
  }

  private async answer(input: RequestInfo | URL, init?: RequestInit): Promise<Response> {
    const request =
      input instanceof Request
        ? input
        : new Request(new URL(input.toString(), 'http://localhost'), init);
    const path = new URL(request.url).pathname;
    const text = request.method === 'GET' ? '' : await request.text();
    const body = text.startsWith('{') ? (JSON.parse(text) as Record<string, unknown>) : {};
    const { payload, ...rest } = body;
    const isLine = path === '/api/lines';
    this.sent.push({
      method: request.method,
      path,
      body,
      line: isLine ? { ...rest, ...(payload as Record<string, unknown>) } : body,
    });
    const known =
      (isLine
        ? (this.answers.get(`LINE ${String(body['kind'])}`) ?? this.answers.get('LINE *'))
        : this.answers.get(`${request.method} ${path}`)) ?? [];
    const answer = known.length > 1 ? known.shift() : known[0];
    if (answer === undefined || answer === 'no connection') {
      throw new TypeError('Failed to fetch');
    }
    const status = answer.status ?? 200;
    return new Response(answer.body === undefined ? null : JSON.stringify(answer.body), {
      status,
      headers: { 'Content-Type': status < 400 ? 'application/json' : 'application/problem+json' },
    });
  }
}

export function problem(over: Partial<Problem>): Problem {
  return {
    type: 'about:blank',
    title: 'Refused',
    status: 422,
    code: 'invalid-input',
    path: null,
    ...over,
  };
}

/** Opens the application at an address. */
export function openAt(path: string) {
  render(
    <ThemeProvider theme={theme}>
      <QueryClientProvider client={newQueries({ retry: false })}>
        <MemoryRouter initialEntries={[path]}>
          <App />
        </MemoryRouter>
      </QueryClientProvider>
    </ThemeProvider>,
  );
  return userEvent.setup({ delay: null });
}
