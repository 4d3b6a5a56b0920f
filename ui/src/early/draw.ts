import type { OrderList, Person } from '../api/types';
import { hasBegun, pressed, remember } from '../loading/before';
import { currentWords } from '../words/current';
import { learned } from '../loading/learned';
import { readFor } from '../words/reader';
import '../tablet/settings';
import { putColours } from './colours';
import { EarlyToday } from './EarlyToday';
import { toDom } from './toDom';

/** Draws the orders as soon as they are known, where somebody is signed in whose first screen they are. */
export async function draw(root: Element): Promise<void> {
  const [person, list] = await Promise.all([
    asked<Person>('/api/session'),
    asked<OrderList>('/api/repair-orders'),
    learned,
  ]);
  if (person === null || person.pad !== null || person.due !== null || list === null) {
    return;
  }
  if (hasBegun() || list.orders.length === 0) {
    return;
  }
  readFor(person.reader);
  const screen = document.createElement('div');
  toDom(EarlyToday({ person, list: currentWords().worded(list) }), screen);
  putColours();
  root.replaceChildren(...screen.childNodes);
  listen(root);
}

/** The answer to what was asked early; the application takes it up as well. */
async function asked<Answer>(address: string): Promise<Answer | null> {
  const answer = await window.askedEarly?.get(address);
  return answer?.ok === true ? ((await answer.clone().json()) as Answer) : null;
}

function listen(root: Element): void {
  root.addEventListener('click', (event) => open(event as MouseEvent));
  root.addEventListener('input', ({ target }) =>
    remember({ search: (target as HTMLInputElement).value }),
  );
  root.addEventListener('focusin', ({ target }) =>
    remember({
      focus:
        target instanceof HTMLInputElement
          ? 'search'
          : target instanceof HTMLAnchorElement
            ? { link: target.getAttribute('href') ?? '/' }
            : null,
    }),
  );
  root.addEventListener('focusout', () => hasBegun() || remember({ focus: null }));
  root.addEventListener('pointerdown', () => pressed(true));
  for (const end of ['pointerup', 'pointercancel']) {
    window.addEventListener(end, () => pressed(false));
  }
}

/** A link that is pressed is seen to be pressed, and opens once the application is there. */
function open(event: MouseEvent): void {
  const link = (event.target as Element).closest('a');
  const isPlain = event.button === 0 && !event.ctrlKey && !event.metaKey && !event.shiftKey;
  if (link === null || !isPlain || hasBegun()) {
    return;
  }
  event.preventDefault();
  document.querySelectorAll('[aria-busy]').forEach((one) => one.removeAttribute('aria-busy'));
  link.setAttribute('aria-busy', 'true');
  remember({ opens: link.getAttribute('href') });
}
