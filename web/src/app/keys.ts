/** Keys by the part of the application in which they work. */
export const keyGroups = [
  {
    title: 'Everywhere',
    keys: [
      ['Ctrl+K', 'Find an athlete, a block, a week, a page or a command'],
      ['Ctrl+Z', 'Undo'],
      ['Ctrl+Shift+Z', 'Redo'],
      ['?', 'These keys (Settings can turn single keys off)'],
    ],
  },
  {
    title: 'Ledger',
    keys: [
      ['Arrows, Home, End', 'Move'],
      ['Digits', 'Type a figure; the drawing answers'],
      ['Enter', 'Fix what is typed; on a figure, change it'],
      ['Tab, Shift+Tab', 'Fix it and go to the next or the previous week'],
      ['Escape', 'Leave the figure as it was'],
      ['Delete', 'Free a fixed figure'],
      ['+, −', 'One step more or less'],
      ['Shift+arrows', 'Choose several weeks for “This week”'],
    ],
  },
  {
    title: 'Sheet',
    keys: [
      ['Any letter or digit', 'Type in the cell; Enter or F2 edits what is there'],
      ['Enter, Tab', 'Keep it and go down or right; with Shift up or left'],
      ['Shift+arrows', 'Choose several cells; a weekday chooses its column'],
      ['Ctrl+Enter', 'Keep what is typed in all chosen cells'],
      ['Ctrl+C, Ctrl+V', 'Copy and paste a table, also to and from a spreadsheet'],
      ['Ctrl+D', 'Fill down'],
      ['Delete', 'Free what is fixed'],
    ],
  },
  {
    title: 'Drawing',
    keys: [
      ['Tab', 'The next thing that can be pulled'],
      ['Arrows', 'Pull it; Page Up and Page Down go five steps'],
      ['Enter', 'Keep it'],
      ['Escape, Tab', 'Put it back'],
      ['P', 'Draw the block from race day backward'],
    ],
  },
  {
    title: 'Checks',
    keys: [
      ['Enter', 'Open a check'],
      ['M', 'Take its first fix'],
    ],
  },
  {
    title: 'Days of a week',
    keys: [
      ['Left, right', 'Another day'],
      ['Up, down', 'Longer, shorter; with Shift by five steps'],
      ['Shift+left, right', 'Swap with the day beside'],
      ['P, B', 'Pool or bike instead of running, and back'],
      ['R', 'Make it a rest day'],
      ['C', 'Copy it to next week'],
      ['D', 'Mark it done as planned'],
      ['Delete', 'Reset the day'],
      ['Page Up, Page Down', 'The week before or after'],
    ],
  },
  {
    title: 'New block and Edit plan',
    keys: [
      ['Enter', 'The next answer'],
      ['Ctrl+Enter', 'Keep the block'],
    ],
  },
] as const;
