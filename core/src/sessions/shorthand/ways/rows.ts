import type { Way } from './way.js';

/** Rungs one after the other. */
export const rows: readonly Way[] = [
  // 3 x (1k, 600, 400), 1000, 600, 400
  [
    /(?<![\d.,])(?:\d(?:\.\d)? ?km?|\d{3,4}(?: ?m)?)(?:(?:, ?| ?- ?)\d{3,4}(?: ?m)?){2,}(?![\d.,:a-z])/i,
    inMetres,
  ],
  // 1k/2k/3k/2k/1k @ threshold
  [/^(?:\d+(?:\.\d)? ?(km?|mi|min|m) ?\/ ?){2,}\d+(?:\.\d)? ?\1(?=$|[ ,@])/i, inItsUnit],
  // 300-200-100 x 3, 400/300/200 x 3, 1200 800 400 x 2 @ 5k, 30/20/10 x 5
  [
    /^(?:\d+(?:-\d+)+|\d{3,4}(?:(?:\/|, ?| )\d{3,4})+|\d\d(?:\/\d\d){2,})(?: ?m)? ?[x×*] ?\d+(?=$| ?[@,])/i,
    timesARow,
  ],
  // 5 x 30/20/10
  [/^(\d+ ?[x×*] ?)\(?(\d\d)\/(\d\d)\/(\d\d)\)?$/, '$1($2-$3-$4 s)'],
  // 2k, 1k, 2k, 1k @ HM/10k
  [
    /^(?:\d[\d.]* ?(?:km?|mi|min|m), ?){1,}\d[\d.]* ?(?:km?|mi|min|m) ?@ ?[^/@,;()]+\/[^/@,;()]+$/i,
    pacesInTurn,
  ],
];

/** 1k/2k/1k: rungs of one unit. */
function inItsUnit(row: string): string {
  const unit = /[a-z]+/i.exec(row)?.[0] ?? '';
  return `${(row.match(/\d+(?:\.\d)?/g) ?? []).join('-')} ${unit.toLowerCase() === 'k' ? 'km' : unit}`;
}

/** 400/300/200 x 3: a row of metres so many times; 30/20/10 are seconds, 3-2-1 are minutes. */
function timesARow(whole: string): string {
  const numbers = whole.match(/\d+/g) ?? [];
  const rungs = numbers.slice(0, -1);
  const most = Math.max(...rungs.map(Number));
  const unit = most >= 100 ? 'm' : most >= 10 ? 's' : 'min';
  return `${numbers.at(-1)} x (${rungs.join('-')} ${unit})`;
}

/** 2k, 1k, 2k, 1k @ HM/10k: the one pace, the other, and again. */
function pacesInTurn(whole: string): string {
  const [row = '', named = ''] = whole.split('@');
  const rungs = row.split(',').map((rung) => rung.trim());
  const paces = named.split('/').map((pace) => pace.trim());
  if (rungs.length % paces.length > 0) return whole;
  return rungs.map((rung, index) => `${rung} @ ${paces[index % paces.length]}`).join(', ');
}

/** 1k, 600, 400: rungs in different units, all in metres. */
function inMetres(row: string): string {
  const rungs = [...row.matchAll(/(\d+(?:\.\d)?) ?(k)?/gi)];
  return `${rungs.map(([, number, k]) => Number(number) * (k ? 1000 : 1)).join('-')} m`;
}
