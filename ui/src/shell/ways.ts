import { say } from '../words/say';

/** The ways to other screens: where each leads, and what it is called. */
export function ways(): [string, string][] {
  return [
    ['/', say('screen.today')],
    ['/day', say('screen.day')],
    ['/records', say('screen.records')],
    ['/vehicles', say('screen.top-bar.vehicles')],
    ['/cards', say('screen.top-bar.cards')],
    ['/kit', say('screen.kit')],
    ['/bays', say('screen.bays')],
    ['/rules', say('screen.top-bar.rules')],
    ['/practice', say('screen.top-bar.practice')],
    ['/people', say('screen.people')],
  ];
}
