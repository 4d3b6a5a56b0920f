import { Fragment } from 'react/jsx-runtime';
import type { ReactNode } from 'react';

const SVG = 'http://www.w3.org/2000/svg';
/** Attributes that are called otherwise in a component. */
const NAMES: Readonly<Record<string, string>> = { className: 'class', htmlFor: 'for' };
/** Attributes of a drawing that keep their capitals. */
const KEPT = new Set(['viewBox']);

/**
 * Draws components that keep nothing and answer nothing: what they are, put on the page at once, without the library that
 * would keep it up to date, which a slow tablet takes a second to begin.
 */
export function toDom(node: ReactNode, into: Element): void {
  if (node === null || node === undefined || typeof node === 'boolean') {
    return;
  }
  if (typeof node !== 'object') {
    into.append(String(node));
  } else if (Symbol.iterator in node) {
    for (const one of node) {
      toDom(one, into);
    }
  } else if ('type' in node) {
    const { type, props } = node as { type: unknown; props: Props };
    if (typeof type === 'function') {
      toDom((type as (props: Props) => ReactNode)(props), into);
    } else if (type === Fragment) {
      toDom(props.children, into);
    } else {
      into.append(element(String(type), props, into));
    }
  } else {
    throw new TypeError('What comes later cannot be drawn at once.');
  }
}

interface Props {
  readonly children?: ReactNode;
  readonly [name: string]: unknown;
}

function element(type: string, { children, ...props }: Props, into: Element): Element {
  const made =
    type === 'svg' || into.namespaceURI === SVG
      ? document.createElementNS(SVG, type)
      : document.createElement(type);
  for (const [name, value] of Object.entries(props)) {
    if (name === 'style') {
      Object.assign((made as HTMLElement).style, value);
    } else if (typeof value === 'string' || typeof value === 'number' || value === true) {
      made.setAttribute(attribute(name), String(value));
    }
  }
  toDom(children, made);
  return made;
}

function attribute(name: string): string {
  return (
    NAMES[name] ??
    (KEPT.has(name) ? name : name.replace(/[A-Z]/g, (capital) => `-${capital.toLowerCase()}`))
  );
}
