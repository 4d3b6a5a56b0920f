/** A value that a form asks for. */
export interface FormColumn {
  /** Where it lies in its row; a dot leads into an object. */
  key: string;
  /** The plural ones are lists: of texts, of choices, of operations. */
  kind: 'text' | 'number' | 'day' | 'choice' | 'operation' | 'words' | 'choices' | 'operations';
  unit: string;
  optional: boolean;
  /** A text that takes a line of its own. */
  wide: boolean;
  choices: readonly string[];
  /** What the codes of their words begin with. */
  said: string;
}

/** A list that a form asks for, row by row. */
export interface FormList {
  /** JSON Pointer in the document. */
  pointer: string;
  /** Rows that are texts or pairs of numbers, or the members of an object, instead of objects. */
  form: 'objects' | 'texts' | 'pairs' | 'members';
  /** Whether it stays in the document even when it is empty. */
  needed: boolean;
  columns: readonly FormColumn[];
}
