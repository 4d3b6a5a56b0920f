import type { Workspace } from '../api/types';
import { degrees, expectedReading, length, type LengthDisplay } from '../words/length';
import { say, type Code } from '../words/say';
import { stepDue } from './run/words';

type Move = Workspace['moves'][number];

const MOVES: Record<Move['kind'], Code> = {
  turn: 'screen.turn-stand',
  shift: 'screen.move-sheet.move-stand',
  height: 'screen.move-sheet.move-target',
};

/** Every single move, in the order that needs no going back. */
export function movesInOrder(
  state: Workspace,
): { kind: Move['kind']; part: Move['parts'][number] }[] {
  return state.moves.flatMap(({ kind, parts }) => parts.map((part) => ({ kind, part })));
}

/** What is asked for now, in one figure and a sentence. */
export interface PresentCall {
  readonly title: string;
  /** With its unit; empty where it is a matter of words. */
  readonly figure: string;
  readonly note: string;
}

export function presentCall(state: Workspace, display: LengthDisplay, step = 0): PresentCall {
  const call = state.calls.find((known) => known.id === state.present.call);
  if (call) {
    return {
      title: call.title,
      figure: call.expected === null ? '?' : expectedReading(call.expected, call.reads, display),
      note: call.instruction,
    };
  }
  const moves = movesInOrder(state);
  const move = moves[Math.min(step, moves.length - 1)];
  if (state.present.kind === 'move' && move) {
    return {
      title:
        moves.length > 1
          ? say('screen.far-view.move-of', {
              title: say(MOVES[move.kind]),
              number: Math.min(step, moves.length - 1) + 1,
              all: moves.length,
            })
          : say(MOVES[move.kind]),
      figure: amount(move.part, display),
      note: move.part.direction,
    };
  }
  const question = [...state.preparation, ...state.lineSteps].find(
    (known) => known.answer === null,
  );
  const last = state.runs.at(-1);
  switch (state.present.kind) {
    case 'prepare':
    case 'line':
      return {
        title: state.present.kind === 'line' ? say('screen.line') : say('screen.prepare'),
        figure: '',
        note: question?.question ?? '',
      };
    case 'stance':
      return {
        title: say('screen.stance-card.title'),
        figure: '',
        note: state.present.why ?? '',
      };
    case 'run':
      return {
        title: say('screen.run'),
        figure: say('screen.far-view.barred'),
        note: state.bars[0]?.says ?? '',
      };
    case 'step': {
      const step = stepDue(state);
      return {
        title: step?.does ? say('screen.far-view.scan-tool') : say('screen.far-view.do-this'),
        figure: step?.seconds ? `${step.seconds} s` : '',
        note: say('screen.far-view.nobody-within-zone', { text: step?.text ?? '' }),
      };
    }
    case 'outcome':
      return {
        title: say('screen.far-view.no-answer'),
        figure: '?',
        note: say('screen.far-view.ask-tool-what-came'),
      };
    case 'diagnose':
      return {
        title: say('screen.far-view.look-for'),
        figure: '',
        note: state.run.causes?.find((cause) => cause.id === state.present.call)?.check ?? '',
      };
    case 'repeat':
      return {
        title: say('screen.read-axis'),
        figure: say('screen.far-view.once-more'),
        note: state.present.why ?? '',
      };
    case 'adjust':
      return {
        title: say('screen.far-view.turn-facing-sensor'),
        figure: '',
        note: (state.run.correction?.screws ?? [])
          .map((screw) => `${screw.id.replaceAll('-', ' ')}: ${screw.says}`)
          .join('. '),
      };
    case 'shift-test':
    case 'shift-back':
      return state.present.kind === 'shift-back' || !state.run.shiftTest
        ? {
            title: say('screen.far-view.target'),
            figure: 'back',
            note: say('screen.far-view.on-its-mark-again'),
          }
        : {
            title: say('screen.far-view.shift-target'),
            figure: length(state.run.shiftTest.move.amount, display),
            note: state.run.shiftTest.move.direction,
          };
    case 'nudge':
      return {
        title: say('screen.nudge-card.title'),
        figure: state.run.nudge === null ? '' : length(state.run.nudge.by, display, 1),
        note:
          state.run.nudge?.away === false
            ? say('screen.nudge-card.towards')
            : say('screen.nudge-card.away'),
      };
    case 'send-back':
      return { title: say('screen.send-it-back'), figure: '', note: state.present.why ?? '' };
    case 'survey-floor':
      return {
        title: say('screen.floor'),
        figure: 'staff',
        note: say('screen.far-view.read-floor-at-wheels'),
      };
    case 'zero': {
      const zero = state.run.correction?.zero;
      return {
        title: say('screen.store-electronic-zero'),
        figure: zero ? degrees(zero.azimuth.amount) : '',
        note: zero
          ? say('screen.far-view.azimuth-elevation', {
              direction: zero.azimuth.direction,
              elevation: degrees(zero.elevation.amount),
              direction2: zero.elevation.direction,
            })
          : '',
      };
    }
    case 'accept':
      return {
        title: say('screen.far-view.accept-or-send-back'),
        figure: last ? degrees((state.run.finding ?? last).azimuth.misalignment) : '',
        note: say('screen.far-view.it-near-its-limit'),
      };
    case 'prove':
    case 'close':
      return {
        title: state.run.sentBack
          ? say('screen.sent-back', { to: state.run.sentBack.to })
          : say('screen.azimuth'),
        figure: last ? degrees((state.run.finding ?? last).azimuth.misalignment) : '',
        note: (state.run.finding ?? last)?.azimuth.direction ?? '',
      };
    case 'read':
    case 'check':
    case 'decide':
    case 'remeasure':
    case 'move':
    case 'guard':
    case 'improve':
      return { title: say('screen.far-view.measure-better'), figure: '', note: '' };
  }
}

function amount(part: Workspace['moves'][number]['parts'][number], display: LengthDisplay): string {
  return part.unit === 'mm' ? length(part.amount, display) : degrees(part.amount, 1);
}
