interface Recognition extends EventTarget {
  lang: string;
  interimResults: boolean;
  maxAlternatives: number;
  start: () => void;
  abort: () => void;
}

type Recognisers = typeof globalThis &
  Partial<Record<'SpeechRecognition' | 'webkitSpeechRecognition', new () => Recognition>>;

/** What this browser recognises speech by; undefined where it does not. */
export function recogniser(): (new () => Recognition) | undefined {
  const { SpeechRecognition, webkitSpeechRecognition } = globalThis as Recognisers;
  return SpeechRecognition ?? webkitSpeechRecognition;
}

/** Whether this browser understands what is said. */
export function canListen(): boolean {
  return recogniser() !== undefined;
}
