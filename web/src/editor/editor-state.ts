import type { BlockAnswer, BlockFile, OpenBlock } from '@nadir/contract';

/** How the version in the editor stands to the stored one. */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'away' | 'refused' | 'conflict';

/** A version and the words for the change that leads to or from it. */
export interface Step {
  wishes: BlockFile;
  words: string;
}

/** A version that is tried: every change goes to it, and none to the one that stands. */
export interface Trial {
  wishes: BlockFile;
  past: Step[];
  future: Step[];
}

/** A save on its way, the same until it is answered however often it is sent. */
export interface Sending {
  saveId: string;
  wishes: BlockFile;
  words: string;
  /** How many of the unsaved changes it holds. */
  count: number;
}

/** The block that is being worked on, with all that undo needs. */
export interface EditorState {
  /** Whose work it is: what is kept on the device is kept under it. */
  coachId: string;
  block: Omit<OpenBlock, 'wishes'> | null;
  present: BlockFile | null;
  past: Step[];
  future: Step[];
  /** Wishes as they would be while a figure is typed; drawn, never saved. */
  preview: BlockFile | null;
  /** A second version tried beside the first; it is never stored until it is kept. */
  trial: Trial | null;
  /** Words of the changes that the stored version lacks. */
  unsaved: string[];
  sending: Sending | null;
  save: SaveState;
  /** Times in a row that the server did not answer, and the seconds it asked to wait. */
  tries: number;
  waitSeconds: number;
  /** False where this device keeps nothing: its storage is full or denied. */
  kept: boolean;
  /** The newer stored version, when a save met one. */
  theirs: BlockAnswer | null;
  /** Further versions of the block that closed tabs left unsaved on this device. */
  leftovers: Draft[];
  refusal: string | null;
}

/** The state of a store that has opened a block, or has not yet. */
export interface WithEditor {
  editor?: EditorState;
}

/** A version kept on this device until it is stored. */
export interface Draft {
  coachId: string;
  /** The page that it was made on. */
  tab: string;
  /** When it was last changed. */
  at: string;
  block: Omit<OpenBlock, 'wishes'>;
  wishes: BlockFile;
  unsaved: string[];
  sending: Sending | null;
}
