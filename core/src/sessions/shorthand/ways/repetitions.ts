import type { Way } from './way.js';

/** How many repetitions there are, and what is between them. */
export const repetitions: readonly Way[] = [
  // Mile repeats x 4 @ 10k, 4 x 1 mi repeats @ 10k
  [/^(mile|\d[\d.]* ?(?:km?|mi|m)?) rep(?:eat)?s?:? ?(?:[x×*] ?)?(\d+)(?=$| ?[@,])/i, '$2 x $1'],
  [/([x×*] ?\d[\d.]* ?(?:km?|mi|miles?|m|min)) rep(?:eat)?s?(?=$| ?[@,])/i, '$1'],
  // 5 x 3' H/2' E
  [/^(\d+ ?[x×*] ?\d+ ?(?:'|min)) ?H ?[/,] ?(\d+ ?(?:'|min)) ?E$/i, '$1 hard, $2 easy'],
  // 3 x 3 km @ MP - 5 s (1 km float)
  [/(@ ?[^,;()]+[+-] ?\d+ ?s) ?\((\d[^()]*)\)/i, '$1, $2'],
  // 5E + 6st
  [/(?<=[+,;] ?)(\d{1,2}) ?st\b/i, '$1 strides'],
  // 8 x 400 in 80 with 200 jog in 90
  [/( jog) in (\d[\d:]*(?: ?s)?)(?=$|,)/i, '$1 [in $2]'],
  // 16 x 200 r200
  [/([x×*] ?\d{2,4})(?: ?m)? r ?(\d00)(?: ?m)?(?=$|[,;])/i, '$1 m, $2 m jog'],
  // 5 x 1 mile (90 s) @ tempo
  [/([x×*] ?[^,;()@]+?) ?\((\d[^()]*)\) ?(@[^,;@]+)$/i, '$1 $3, $2'],
  // 400s x 8, cruise 800s x 8 @ 5k
  [/^((?:[a-z]+ )*)(\d{3,4})['’]?s ?[x×*] ?(\d+)(?=$| ?[@,])/i, '$1$3 x $2 m'],
  // 10 x (1 min on/1 min off)
  [/^(\d+ ?[x×*] ?)\(([^()/,]+?) on ?[/,] ?([^()/,]+?) off\)$/i, '$1$2 on, $3 off'],
  // 3 min hard x 5
  [/^((?!.*\d ?[x×*])[^;,()]*[^;,()\s]) ?[x×*] ?(\d+)$/i, '$2 x $1'],
  // 4 x 10' @ MP 2'
  [/(@ ?[a-z][a-z -]*?) (\d+ ?(?:'|"|s|min|m))$/i, '$1, $2'],
  // 6 x 800 @ 5k (400j)
  [/\((\d{2,4}) ?j(?:og)?\)/i, '($1 m jog)'],
  // 8 x 1000 m @ 5k rec 2 min
  [/([x×*] ?[^,;()]+?) (?:rec|recovery|rest)\b[.:]? ?(?=\d)/i, '$1, '],
  // 10 mi with 2 x 3 mi @ MP (1 mi easy)
  [/([x×*] ?[^,;()]+?) ?\((\d+(?:\.\d+)? ?(?:km|mi|m|min) [a-z]+)\)$/i, '$1, $2'],
  // 6 x 1000 @ 10k - 1:30
  [/([x×*] ?[^,;()]+?) [-–—] (?=\d)(?!\d+ s \()/i, '$1, '],
  // 8 x 20 s strides with full recovery
  [/,? (?:with|w\/) ?full (?:recovery|recoveries|rec|rest)\b/i, ' [full recovery]'],
];
