/** What the words of a day’s weather ask for, in a sentence each; every one defers to local rules. */
const CAUTIONS: readonly (readonly [RegExp, string])[] = [
  [
    /thunder|lightning|storm/i,
    'Lightning: nobody runs until half an hour after the last thunder; local rules go first.',
  ],
  [
    /\b(?:3[0-9]|4[0-9]) ?°|\bheat|\bhot\b|humid/i,
    'Heat: go by effort, not pace; shade, water, shorter. Dizzy or confused is an emergency.',
  ],
  [
    /\bice|icy|black ice|snow|freez|-\d+ ?°|−\d+ ?°/i,
    'Ice: nothing quick on it; a treadmill, a cleared path or another day.',
  ],
  [
    /smog|smoke|dust|air quality|pollen/i,
    'Bad air: easy and short, or indoors; asthma plans and local warnings go first.',
  ],
  [/\bdark|fog/i, 'Dark or fog: light and reflectors, off the road or facing the traffic.'],
];

/** The cautions that a day’s weather asks for; none where it is not known or asks for none. */
export function weatherCautions(weather: string | undefined): string[] {
  if (weather === undefined) return [];
  return CAUTIONS.flatMap(([pattern, words]) => (pattern.test(weather) ? [words] : []));
}
