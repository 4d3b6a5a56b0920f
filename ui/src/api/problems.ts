import { currentWords } from '../words/current';
import { say } from '../words/say';
import type { Problem } from './types';

/** A request the server refused, with its problem document. */
export class Refused extends Error {
  readonly problem: Problem;

  constructor(problem: Problem) {
    const title = currentWords().say(problem.says ?? problem.title);
    super(title);
    this.problem = { ...problem, title };
  }

  get isSignedOut(): boolean {
    return this.problem.status === 401 || this.problem.status === 419;
  }

  /** Whether the same request may go through later, unchanged. */
  get isPassing(): boolean {
    return this.problem.status >= 500 || this.problem.status === 429;
  }
}

/** The server could not be reached at all. */
export class Unreachable extends Error {
  constructor() {
    super(say('screen.unreachable'));
  }
}

/** Somebody called it off: nothing is wrong. */
export class Cancelled extends Error {}
