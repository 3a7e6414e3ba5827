/** Behind brackets, a small r is between repetitions and a large one between sets. */
const SHORT_AND_LONG =
  /^(\d+ ?[x×*] ?)\(([^()]+)\),? ?r ?[:=]? ?(\d[\d:]*(?: ?(?:s|min|'|"))?),? ?R ?[:=]? ?(\d[\d:]*(?: ?(?:s|min|'|"))?)$/;

/** Ways to write that are plain on a blackboard, and how they are written here. */
const WAYS: readonly (readonly [way: RegExp, here: string | ((...found: string[]) => string)])[] = [
  // 3 x (1k, 600, 400), 1000, 600, 400
  [
    /(?<![\d.,])(?:\d(?:\.\d)? ?km?|\d{3,4}(?: ?m)?)(?:(?:, ?| ?- ?)\d{3,4}(?: ?m)?){2,}(?![\d.,:a-z])/i,
    inMetres,
  ],
  // 2E + 4T + 2E
  [/ ?\+ ?(?=\d+[a-z]\b)/gi, '; '],
  // 3 sets of 1000, 600, 400
  [/^(\d+) sets of (\d[^@;()]*)$/i, '$1 x ($2)'],
  // 3 x (5 x 300 m) r 60 R 3
  [SHORT_AND_LONG, '$1($2, $3 rest), $4 rest'],
  // 4 x 4 x 400 @ 3k r60 R4
  [
    /^(\d+ ?[x×*] ?)(\d+ ?[x×*][^();]*?),? r ?[:=]? ?(\d[\d:]*),? R ?[:=]? ?(\d[\d:]*)$/,
    '$1($2, $3 rest), $4 rest',
  ],
  // pool run 45 min: 10 x 1 min hard, 1 min easy
  [/^(bike|swim|pool run|elliptical|rowing) (\d+ ?min): /i, '$2 $1: '],
  // Fartlek 40 min: 10 x 1 min on, 1 min off
  [
    /^(?!.*\b(?:bike|swim|pool run|elliptical|rowing)\b)((?:[a-z]+ )*\d+ ?(?:km|mi|min)[^:;,@]*): (?=\d+ ?[x×*])/i,
    '$1 including ',
  ],
  // 8 x hill 60 s
  [/(\d+ ?[x×*] ?)hills? (\d+ ?(?:m|s|min)\b)/i, '$1$2 uphill'],
  // 8 hills of 60 s
  [/^(\d+) hills? (?:of |at )?(\d+ ?(?:m|s|min)\b)/i, '$1 x $2 uphill'],
  // 3 sets: 5 x 200 m @ mile, 30 s rest; 4 min rest
  [/^(\d+) sets(?: of)?:? ([^;]+)[;,] ?([^;,]+)$/i, '$1 x ($2), $3'],
  // 1k/2k/3k/2k/1k @ threshold
  [/^(?:\d+(?:\.\d)? ?(km?|mi|min|m) ?\/ ?){2,}\d+(?:\.\d)? ?\1(?=$|[ ,@])/i, inItsUnit],
  // 300-200-100 x 3, 400/300/200 x 3
  [/^(?:\d+(?:-\d+)+|\d{3,4}(?:\/\d{3,4})+)(?: ?m)? ?[x×*] ?\d+$/i, timesARow],
  // 3 x (4 x 400) @ 3k, 60 s/3 min
  [
    /^(\d+ ?[x×*] ?\()(\d+ ?[x×*][^()]+)\) ?(@[^,]+), ?(\d[^/]*)\/ ?(\d[^/]*)$/i,
    '$1$2 $3, $4), $5',
  ],
  // 16 x 200 r200
  [/([x×*] ?\d{2,4})(?: ?m)? r ?(\d00)(?: ?m)?(?=$|[,;])/i, '$1 m, $2 m jog'],
  // 5 x 1 mile (90 s) @ tempo
  [/([x×*] ?[^,;()@]+?) ?\((\d[^()]*)\) ?(@[^,;@]+)$/i, '$1 $3, $2'],
  // 6 x hill (60 s), jog down
  [/(\d ?[x×*] ?)hills? ?\((\d+ ?(?:s|secs?|mins?|m|'|"))\)/i, '$1$2 uphill'],
  // 8 x 400 (75 s) off 200 jog
  [/([x×*] ?\d{3,4})(?: ?m)? ?\((\d\d(?:-\d\d)?) ?(?:s|secs?|")\)(?= off \d)/i, '$1 m in $2'],
  // 4 mile tempo with 2 mile w/u and c/d
  [
    /^(.+?)(?:,| with| w\/| w(?= )| ?\+) ?(\d+(?:\.\d)? ?(?:km?|miles?|mi|mins?|m|')) ?(w\/u|wu|warm[- ]?up) ?(?:and|&|\+|\/) ?(c\/d|cd|cool[- ]?down|warm[- ]?down)$/i,
    '$2 $3; $1; $2 $4',
  ],
  // run/walk 30 min
  [/^(run\/walk|walk\/run) (\d+ ?(?:min|'))$/i, '$2 easy [$1]'],
  // 3 x (4 x 400) 90 s/3 min, 3 x (600, 400, 200) 90 s/4 min
  [/^(\d+ ?[x×*] ?\()(\d+ ?[x×*,-][^()]+)\),? (\d[^/]*)\/ ?(\d[^/]*)$/i, '$1$2, $3), $4'],
  // 4 x 1k 10 cd
  [/(?<=[a-z\d)]) (?=\d+ ?(?:(?:km?|mi|mins?|m|') ?)?(?:cd|c\/d|cool[- ]?down)\b)/i, ', '],
  // 400s x 8, cruise 800s x 8 @ 5k
  [/^((?:[a-z]+ )*)(\d{3,4})['’]?s ?[x×*] ?(\d+)(?=$| ?[@,])/i, '$1$3 x $2 m'],
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
  // 4 x 1 km @ MP+20
  [/(@ ?[a-z][a-z ]*?) ?([+-]) ?(\d+)(?=$|[,;)]| ?[x×*/])/gi, '$1 $2 $3 s'],
  // 5 x 6 min (3 @ 10k, 3 @ 5k), 2 min
  [
    /^(\d+ ?[x×*] ?)\d+ ?(km?|mi|mins?|m|') ?\((\d+) ?(@[^,;()]+)[,;] ?(\d+) ?(@[^,;()]+)\)/i,
    '$1($3 $2 $4; $5 $2 $6)',
  ],
  // 10 x (1 min on/1 min off)
  [/^(\d+ ?[x×*] ?)\(([^()/,]+?) on ?[/,] ?([^()/,]+?) off\)$/i, '$1$2 on, $3 off'],
  // 3 min hard x 5
  [/^((?!.*\d ?[x×*])[^;,()]*[^;,()\s]) ?[x×*] ?(\d+)$/i, '$2 x $1'],
  // 3 x 3 x 500 m (1 min/5 min)
  [/^(\d+) ?[x×*] ?(\d+ ?[x×*][^(]*)\(([^()/]+)\/([^()/]+)\)$/i, '$1 x ($2, $3), $4'],
  // 5 x 1000 (3:30) r 90
  [/([x×*] ?\d+)( ?(?:m|km))? ?\((\d{1,2}:\d\d(?:-\d{1,2}:\d\d)?)\)/i, '$1$2 in $3'],
  // 5 x 1 km 3:40, 90 s
  [/([x×*] ?\d+)( ?(?:m|km))? (\d{1,2}:\d\d(?:-\d{1,2}:\d\d)?)(?=,|$)/i, '$1$2 in $3'],
  // 10 km HR < 145, 10 km easy under 145 bpm
  [/,? (?:HR ?)?(?:<|≤|under|below|max|up to) ?(\d{3})(?: ?bpm)?$/i, ' [HR under $1]'],
  // 5 x 1000 m at 10k pace (7 total)
  [/^(.+?) \((\d+(?:\.\d+)? ?(?:km|k|miles?|mi|min)?) (?:total|in all|all in)\)$/i, '$2 with $1'],
  // 12 x 400 (72-74), 1 min
  [/([x×*] ?\d{3,4})( ?m)? ?\((\d\d(?:-\d\d)?)\)(?=[ ,])/i, '$1$2 in $3'],
  // 6 x 1 km 10k pace, 90 s
  [
    /([x×*] ?\d+(?:\.\d+)? ?(?:km?|miles?|mi|min|m|s|'|")) (?=\d+(?:\.\d+)? ?km? ?(?:race )?(?:pace|effort)\b)/i,
    '$1 @ ',
  ],
  // 4 x 10' @ MP 2'
  [/(@ ?[a-z][a-z -]*?) (\d+ ?(?:'|"|s|min|m))$/i, '$1, $2'],
  // 6 x 800 @ 5k (400j)
  [/\((\d{2,4}) ?j(?:og)?\)/i, '($1 m jog)'],
  // WU/CD + 5 x 1 km, 5 x 1 km + WU/CD
  [/^WU\/CD(?: ?[+,;&]| with)? ?(.+)$/i, 'WU; $1; CD'],
  [/^(.+?) ?[+,;&] ?WU\/CD$/i, 'WU; $1; CD'],
  // 8 x 1000 m @ 5k rec 2 min
  [/([x×*] ?[^,;()]+?) (?:rec|recovery|rest)\b[.:]? ?(?=\d)/i, '$1, '],
  // 10 mi with 2 x 3 mi @ MP (1 mi easy)
  [/([x×*] ?[^,;()]+?) ?\((\d+(?:\.\d+)? ?(?:km|mi|m|min) [a-z]+)\)$/i, '$1, $2'],
  // 6 x 1 km, 1'30
  [/(\d)['’](\d\d)(?![\d"”″s])/, '$1:$2'],
  // 5 km @ marathon - 5 km @ half
  [/(@ ?[a-z\d][^;,@]*?) [-–—] (?=\d+(?:\.\d+)? ?(?:km?|mi|m|min) ?@)/i, '$1; '],
  // 6 x 1000 @ 10k - 1:30
  [/([x×*] ?[^,;()]+?) [-–—] (?=\d)/i, '$1, '],
  // 12 km progression: 4 easy, 4 steady, 4 tempo
  [/^\d+ ?(?:km|mi|min) progression(?: run)?: ?(?=\d)/i, ''],
  // over/under 6 x (2 min @ threshold, 1 min @ steady)
  [/^([a-z]+)\/([a-z]+):? (?=\d+ ?[x×*])/i, '$1-$2: '],
  // off or 5 easy
  [/^(off|rest) or (\d.*)$/i, '$2 [or $1]'],
  // 8 x 20 s strides with full recovery
  [/,? (?:with|w\/) ?full (?:recovery|recoveries|rec|rest)\b/i, ' [full recovery]'],
];

/** A line in the words of this place: all the ways that are in it at once, one by one, and what those come to. */
export function restated(text: string): string[] {
  const ways = WAYS.filter(([way]) => text.search(way) >= 0);
  const rewrite = (line: string, [way, here]: (typeof WAYS)[number]) =>
    typeof here === 'string' ? line.replace(way, here) : line.replace(way, here);
  const all = ways.reduce(rewrite, text);
  const each = ways.map((way) => rewrite(text, way));
  // What one way has made plain, another goes on with.
  const further = WAYS.reduce(rewrite, text);
  return [...new Set([all, ...each, further])]
    .map((line) => line.replace(/ +([,)])/g, '$1'))
    .filter((line) => line !== text);
}

/** 1k/2k/1k: rungs of one unit. */
function inItsUnit(row: string): string {
  const unit = /[a-z]+/i.exec(row)?.[0] ?? '';
  return `${(row.match(/\d+(?:\.\d)?/g) ?? []).join('-')} ${unit.toLowerCase() === 'k' ? 'km' : unit}`;
}

/** 8 x 1 km alternating MP / steady: each pace in turn, so many times altogether. */
function inTurn(whole: string, ...found: readonly string[]): string {
  const [count, amount = '', one = '', other = ''] = found;
  const pairs = Number(count) / 2;
  const inTurns = `${pairs} x (${amount} @ ${one}, ${amount} @ ${other})`;
  return Number.isInteger(pairs) ? inTurns : whole;
}

/** 400/300/200 x 3: a row of metres so many times. */
function timesARow(whole: string): string {
  const numbers = whole.match(/\d+/g) ?? [];
  return `${numbers.at(-1)} x (${numbers.slice(0, -1).join('-')} m)`;
}

/** 1k, 600, 400: rungs in different units, all in metres. */
function inMetres(row: string): string {
  const rungs = [...row.matchAll(/(\d+(?:\.\d)?) ?(k)?/gi)];
  return `${rungs.map(([, number, k]) => Number(number) * (k ? 1000 : 1)).join('-')} m`;
}
