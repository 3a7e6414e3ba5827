import type { Way } from './way.js';

/** What stands around the work: warm-up, cool-down, parts, words. */
export const around: readonly Way[] = [
  // 2E + 4T + 2E
  [/ ?\+ ?(?=\d+[a-z]\b)/gi, '; '],
  // pool run 45 min: 10 x 1 min hard, 1 min easy
  [/^(bike|swim|pool run|elliptical|rowing) (\d+ ?min): /i, '$2 $1: '],
  // Fartlek 40 min: 10 x 1 min on, 1 min off
  [
    /^(?!.*\b(?:bike|swim|pool run|elliptical|rowing)\b)((?:[a-z]+ )*\d+ ?(?:km|mi|min)[^:;,@]*): (?=\d+ ?[x×*])/i,
    '$1 including ',
  ],
  // 4 mile tempo with 2 mile w/u and c/d
  [
    /^(.+?)(?:,| with| w\/| w(?= )| ?\+) ?(\d+(?:\.\d)? ?(?:km?|miles?|mi|mins?|m|')) ?(w\/u|wu|warm[- ]?up) ?(?:and|&|\+|\/) ?(c\/d|cd|cool[- ]?down|warm[- ]?down)$/i,
    '$2 $3; $1; $2 $4',
  ],
  // 2 up, 6 x 800 m @ 5k, 2 down
  [
    /^(\d[\d.]* ?(?:km?|mi|miles?|min|')?) up\b(.*[^,;])([,;] ?)(\d[\d.]* ?(?:km?|mi|miles?|min|')?) down$/i,
    '$1 wu$2$3$4 cd',
  ],
  // 2 wu / 5 x 1 km @ 10k / 2 cd
  [
    /^(.*\b(?:wu|w\/u|warm(?:[- ]?up)?)) ?\/ ?(\d.*?) ?\/ ?(\d.*\b(?:cd|c\/d|cool.*))$/i,
    '$1; $2; $3',
  ],
  // 12 x 400 m @ 5k, 60 s jog (2k w/up, 2k c/down)
  [
    /^(.+?),? \((\d[\d.]* ?(?:km?|mi|miles?|min|')? ?(?:w\/?u(?:p)?|warm[- ]?up)) ?(?:,|and|&|\+|\/) ?(\d[\d.]* ?(?:km?|mi|miles?|min|')? ?(?:c\/?d(?:own)?|cool[- ]?down|warm[- ]?down))\)$/i,
    '$2; $1; $3',
  ],
  // 10k @ HM + 3k up/down
  [
    /^(.+?)(?:[,;]| with| w\/| ?\+) ?(\d[\d.]*(?: ?(?:km?|mi|miles?|min|'))?) ?up ?(?:\/|and|&|\+) ?down$/i,
    '$2 wu; $1; $2 cd',
  ],
  // 8 x hill sprints in 10k
  [/^([^;]+?) (?:in|within) (\d[\d.]* ?(?:km?|mi|miles?))$/i, '$2 with $1'],
  // club - 8 x 300 m @ 3k, tempo - 20 min
  [/^([a-z][a-z ]*?) [-–—] (?=\d+ ?[x×*])/i, '$1; '],
  [/^([a-z][a-z ]*?) [-–—] (?=\d)/i, '$1 '],
  // 85 min inc last 15 @ steady
  [/,? (?:inc(?:l(?:uding)?)?\.?) (?=(?:the )?(?:last|final|first) \d)/gi, ', '],
  // run/walk 30 min
  [/^(run\/walk|walk\/run) (\d+ ?(?:min|'))$/i, '$2 easy [$1]'],
  // 4 x 1k 10 cd
  [/(?<=[a-z\d)]) (?=\d+ ?(?:(?:km?|mi|mins?|m|') ?)?(?:cd|c\/d|cool[- ]?down)\b)/i, ', '],
  // 5 x 1000 m at 10k pace (7 total)
  [/^(.+?) \((\d+(?:\.\d+)? ?(?:km|k|miles?|mi|min)?) (?:total|in all|all in)\)$/i, '$2 with $1'],
  // WU/CD + 5 x 1 km, 5 x 1 km + WU/CD
  [/^WU\/CD(?: ?[+,;&]| with)? ?(.+)$/i, 'WU; $1; CD'],
  [/^(.+?) ?[+,;&] ?WU\/CD$/i, 'WU; $1; CD'],
  // 5 km @ marathon - 5 km @ half
  [/(@ ?[a-z\d][^;,@]*?) [-–—] (?=\d+(?:\.\d+)? ?(?:km?|mi|m|min) ?@)/i, '$1; '],
  // 12 km progression: 4 easy, 4 steady, 4 tempo
  [/^\d+ ?(?:km|mi|min) progression(?: run)?: ?(?=\d)/i, ''],
  // over/under 6 x (2 min @ threshold, 1 min @ steady)
  [/^([a-z]+)\/([a-z]+):? (?=\d+ ?[x×*])/i, '$1-$2: '],
  // VO2max 5 x 1 km, 3 min
  [/^(VO2(?: ?max)?):?,? (\d.*)$/i, '$2 [$1]'],
  // off or 5 easy
  [/^(off|rest) or (\d.*)$/i, '$2 [or $1]'],
];
