/** What an act says of itself, and how it is undone. */
export interface Message {
  text: string;
  undo?: (() => void) | undefined;
}
