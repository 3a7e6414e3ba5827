import type { Way } from './way.js';

/** Behind brackets, a small r is between repetitions and a large one between sets. */
const SHORT_AND_LONG =
  /^(\d+ ?[x×*] ?)\(([^()]+)\),? ?r ?[:=]? ?(\d[\d:]*(?: ?(?:s|min|'|"))?),? ?R ?[:=]? ?(\d[\d:]*(?: ?(?:s|min|'|"))?)$/;

/** Sets, and what is between them. */
export const sets: readonly Way[] = [
  // 3 sets of 1000, 600, 400
  [/^(\d+) sets of (\d[^@;()]*)$/i, '$1 x ($2)'],
  // 3 x (5 x 300 m) r 60 R 3
  [SHORT_AND_LONG, '$1($2, $3 rest), $4 rest'],
  // 4 x 4 x 400 @ 3k r60 R4
  [
    /^(\d+ ?[x×*] ?)(\d+ ?[x×*][^();]*?),? r ?[:=]? ?(\d[\d:]*),? R ?[:=]? ?(\d[\d:]*)$/,
    '$1($2, $3 rest), $4 rest',
  ],
  // 3 sets: 5 x 200 m @ mile, 30 s rest; 4 min rest
  [/^(\d+) sets(?: of)?:? ([^;]+)[;,] ?([^;,]+)$/i, '$1 x ($2), $3'],
  // 2 x (6 x 400) 60 s/3 min @ 3k
  [
    /^(\d+ ?[x×*] ?\()(\d+ ?[x×*][^()@]+)\),? (\d[^/@]*)\/ ?(\d[^/@]*?) ?(@[^,;@/]+)$/i,
    '$1$2 $5, $3), $4',
  ],
  // 2 x 4 x 400 m @ 1500, 60 s/5 min
  [/^(\d+ ?[x×*] ?)(\d+ ?[x×*][^(),/]+), ?(\d[^/,]*)\/ ?(\d[^/,]*)$/i, '$1($2, $3), $4'],
  // 3 x (800/400) @ 5k/3k
  [
    /^(\d+ ?[x×*] ?)\(?(\d[\d.]* ?[a-z']*)\/(\d[\d.]* ?[a-z']*)\)? ?@ ?([^/@,;()]+)\/([^/@,;()]+)(?=$|,)/i,
    '$1($2 @ $4, $3 @ $5)',
  ],
  // 3 x (800/400)
  [/^(\d+ ?[x×*] ?)\((\d{3,4})(?: ?m)?\/(\d{3,4})(?: ?m)?\)/i, '$1($2 m, $3 m)'],
  // 3 x (4 x 400) @ 3k, 60 s/3 min
  [
    /^(\d+ ?[x×*] ?\()(\d+ ?[x×*][^()]+)\) ?(@[^,]+), ?(\d[^/]*)\/ ?(\d[^/]*)$/i,
    '$1$2 $3, $4), $5',
  ],
  // 3 x (4 x 400) 90 s/3 min, 3 x (600, 400, 200) 90 s/4 min
  [/^(\d+ ?[x×*] ?\()(\d+ ?[x×*,-][^()]+)\),? (\d[^/]*)\/ ?(\d[^/]*)$/i, '$1$2, $3), $4'],
  // 8 x (1 km @ MP / 1 km @ MP+20)
  [/^(\d+ ?[x×*] ?)\((\d[^()/]*@[^()/]+?) ?\/ ?(\d[^()/]*@[^()/]+)\)/i, '$1($2, $3)'],
  // alternating 1 km @ MP / 1 km @ MP+20 x 8, 8 x alternating 1 km @ MP, 1 km @ steady
  [/^alternat(?:e|ing|ions?):? (\d[^/,;]*?) ?[/,;] ?(\d[^/,;]*?) ?[x×*] ?(\d+)$/i, '$3 x ($1, $2)'],
  [/^(\d+ ?[x×*] ?)alternat(?:e|ing|ions?):? (\d[^/,;]*?) ?[/,;] ?(\d[^/,;]*)$/i, '$1($2, $3)'],
  // 8 x 1 km alternating MP / steady
  [
    /^(\d+) ?[x×*] ?(\d[\d.]* ?[a-z]+) alternating (?:@ ?)?([^/@,;]+?) ?(?:\/|and) ?(?:@ ?)?([^/@,;]+)$/i,
    inTurn,
  ],
  // 5 x 6 min (3 @ 10k, 3 @ 5k), 2 min
  [
    /^(\d+ ?[x×*] ?)\d+ ?(km?|mi|mins?|m|') ?\((\d+) ?(@[^,;()]+)[,;] ?(\d+) ?(@[^,;()]+)\)/i,
    '$1($3 $2 $4; $5 $2 $6)',
  ],
  // 3 x 3 x 500 m (1 min/5 min)
  [/^(\d+) ?[x×*] ?(\d+ ?[x×*][^(]*)\(([^()/]+)\/([^()/]+)\)$/i, '$1 x ($2, $3), $4'],
];

/** 8 x 1 km alternating MP / steady: each pace in turn, so many times altogether. */
function inTurn(whole: string, ...found: readonly string[]): string {
  const [count, amount = '', one = '', other = ''] = found;
  const pairs = Number(count) / 2;
  const inTurns = `${pairs} x (${amount} @ ${one}, ${amount} @ ${other})`;
  return Number.isInteger(pairs) ? inTurns : whole;
}
