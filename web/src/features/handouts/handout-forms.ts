import type { HandoutForm } from '@nadir/contract';

/** A form as a coach chooses it. */
export interface FormWords {
  form: HandoutForm;
  name: string;
  /** What it is good for, in a sentence. */
  why: string;
}

/** The forms in the order of how often they are handed out, group by group. */
export const formGroups: readonly { name: string; forms: readonly FormWords[] }[] = [
  {
    name: 'On paper',
    forms: [
      {
        form: 'wall-sheet',
        name: 'Wall sheet',
        why: 'The whole block on one page, with the drawing and room for a pen. PDF.',
      },
      {
        form: 'week-sheet',
        name: 'Week sheet',
        why: 'One week on one page, every session in full. PDF.',
      },
      {
        form: 'month-sheet',
        name: 'Month sheet',
        why: 'Five weeks from the chosen one, every session in full. PDF.',
      },
      {
        form: 'session-card',
        name: 'Session card',
        why: 'The chosen session with every repetition and its laps, for the pocket. PDF, A6.',
      },
      { form: 'pace-card', name: 'Pace card', why: 'Every pace by km, mile and lap. PDF, A6.' },
      {
        form: 'race-card',
        name: 'Race card',
        why: 'Race week by the day, and the race in even splits. PDF, A6.',
      },
    ],
  },
  {
    name: 'In a message',
    forms: [
      { form: 'week-text', name: 'Week as text', why: 'A line a day, as in the message here.' },
      { form: 'week-markdown', name: 'Week as Markdown', why: 'A heading and a table.' },
    ],
  },
  {
    name: 'In a spreadsheet',
    forms: [
      {
        form: 'spreadsheet',
        name: 'Workbook',
        why: 'Overview, weeks, days and paces, with sums that move with their figures. XLSX.',
      },
      { form: 'weeks-csv', name: 'Weeks', why: 'A row a week. CSV.' },
      { form: 'days-csv', name: 'Days', why: 'A row a day. CSV.' },
    ],
  },
  {
    name: 'In a calendar',
    forms: [
      {
        form: 'calendar',
        name: 'Calendar file',
        why: 'An all-day entry for each day of running, the race among them. Opened again, it changes what it made.',
      },
    ],
  },
  {
    name: 'As a picture',
    forms: [
      { form: 'drawing-svg', name: 'Drawing, SVG', why: 'Sharp at every size.' },
      { form: 'drawing-png', name: 'Drawing, PNG', why: 'For a message.' },
    ],
  },
];

/** `wall sheet`, as it is spoken of in a list. */
export function formName(form: HandoutForm): string {
  const found = formGroups.flatMap(({ forms }) => forms).find((each) => each.form === form);
  return found?.name ?? form;
}
