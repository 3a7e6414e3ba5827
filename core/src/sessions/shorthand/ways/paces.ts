import type { Way } from './way.js';

/** Times, paces, effort and heart rate. */
export const paces: readonly Way[] = [
  // 3 x 2k @ 3.40, 5 x 1k 3.40
  [/((?:@|\bin|[x×*] ?\d[\d.]* ?(?:km?|mi|m)) ?)(\d)\.([0-5]\d)(?=$|[ ,])/gi, '$1$2:$3'],
  // 10 km progressive 4:40-4:00, 10 km @ 4:40 to 4:00
  [
    /^(\d[\d.]* ?(?:km?|mi|miles?)) (?:progress(?:ive|ion)?(?: run)?[,:]? ?(?:@ ?)?|@ ?(?=[\d: ]*(?:to|→|->)))(\d{1,2}:\d\d) ?(?:[-–]|to|→|->) ?(\d{1,2}:\d\d)(?: ?\/ ?(?:km|mi))?$/i,
    fromTo,
  ],
  // 8k easy 5:30-6:00, 8k 5:30-6:00 /km, 10k 45:00
  [
    /(?<=^|[,;] ?)(\d[\d.]* ?(?:km?|mi|miles?|min|'))((?: [a-z]+)*) (\d{1,2}:\d\d(?: ?[-–] ?\d{1,2}:\d\d)?)(?: ?(?:\/|per) ?(km?|mi(?:le)?))?(?: pace)?(?=$|[,;]| ?\+)/i,
    atPace,
  ],
  // 5 miles 9 min pace, 8 miles easy @ 9 min miles
  [
    /^(\d[\d.]* ?(?:km?|mi|miles?))((?: [a-z]+)*?)(?: @| at)? ?(\d{1,2}) ?min(?:ute)?s?(?:[- ]?(?:\/|per)? ?(km?|mi(?:le)?)s?| pace)(?: pace)?(?=$|[,;])/i,
    atPace,
  ],
  // 10 km easy (RPE 4)
  [
    /^(\d[\d.]* ?(?:km?|mi|miles?|min|')) ([a-z][a-z ]*?),? \(?(?:@ ?|at )?RPE ?:? ?(\d(?:\.\d)?)(?: ?\/ ?10)?\)?$/i,
    '$1 @ RPE $3 [$2]',
  ],
  // 10 km, RPE 4
  [/(?<!@),? \(?(?:at )?RPE ?:? ?(\d(?:\.\d)?)(?: ?\/ ?10)?\)?(?=$|[,;])/gi, ' @ RPE $1'],
  // 10 km easy HR 140-150, 10 km easy 140-150 bpm
  [/(?<!@),? (?:HR|heart rate|pulse) ?:? ?(\d{3} ?[-–] ?\d{3})(?: ?bpm)?(?=$|[,;])/gi, ' @ $1 bpm'],
  [/(?<!@),? (\d{3} ?[-–] ?\d{3} ?bpm)(?=$|[,;])/gi, ' @ $1'],
  // E8
  [/^([A-Z])(\d[\d.]*)$/, '$2 $1'],
  // 28 - last 8 @ M
  [/ ?[-–—] (?=(?:last|final|first) \d)/gi, ', '],
  // 10-8 km easy, 5 km @ 4:40-4:30 /km, 160-150 bpm
  [
    /(?<![\d:.,a-z]|[-–] ?)(\d{1,2}(?::\d\d)?|\d{3}(?=[-–\d ]*bpm))( ?[-–] ?)(\d{1,2}(?::\d\d)?|\d{3}(?= ?bpm))(?! ?[-–]|[\d:.])/gi,
    smallerFirst,
  ],
  // 8 x 400 (75 s) off 200 jog
  [/([x×*] ?\d{3,4})(?: ?m)? ?\((\d\d(?:-\d\d)?) ?(?:s|secs?|")\)(?= off \d)/i, '$1 m in $2'],
  // 4 x 1 km @ MP+20
  [/(@ ?[a-z][a-z ]*?) ?([+-]) ?(\d+)(?=$|[,;)]| ?[x×*/])/gi, '$1 $2 $3 s'],
  // 5 x 1000 (3:30) r 90
  [/([x×*] ?\d+)( ?(?:m|km))? ?\((\d{1,2}:\d\d(?:-\d{1,2}:\d\d)?)\)/i, '$1$2 in $3'],
  // 5 x 1 km 3:40, 90 s
  [/([x×*] ?\d+)( ?(?:m|km?))? (\d{1,2}:\d\d(?:-\d{1,2}:\d\d)?)(?=,|$)/i, '$1$2 in $3'],
  // 10 km HR < 145, 10 km easy under 145 bpm
  [/,? (?:HR ?)?(?:<|≤|under|below|max|up to) ?(\d{3})(?: ?bpm)?$/i, ' [HR under $1]'],
  // 12 x 400 (72-74), 1 min
  [/([x×*] ?\d{3,4})( ?m)? ?\((\d\d(?:-\d\d)?)\)(?=[ ,])/i, '$1$2 in $3'],
  // 6 x 1 km 10k pace, 90 s
  [
    /([x×*] ?\d+(?:\.\d+)? ?(?:km?|miles?|mi|min|m|s|'|")) (?=\d+(?:\.\d+)? ?km? ?(?:race )?(?:pace|effort)\b)/i,
    '$1 @ ',
  ],
  // 6 x 1 km, 1'30
  [/(\d)['’](\d\d)(?![\d"”″s])/, '$1:$2'],
];

/** 10 km progressive 4:40-4:00: from the one pace to the other, the quicker one last. */
function fromTo(whole: string, ...found: readonly string[]): string {
  const [amount = '', from = '', to = ''] = found;
  const isMiles = /\/ ?mi$/i.test(whole) || (/mi/i.test(amount) && !/\/ ?km$/i.test(whole));
  return secondsOf(from) > secondsOf(to)
    ? `${amount} @ ${from} to ${to} /${isMiles ? 'mi' : 'km'}`
    : whole;
}

/** More minutes are no pace of a kilometre or mile: 10k 45:00 is all of it. */
const SLOWEST_MINUTES = 15;

/** 8k easy 5:30, 5 miles 9 min pace: a pace of the unit that is said, or of the run's. */
function atPace(_whole: string, ...found: readonly string[]): string {
  const [amount = '', words = '', clock = '', per = /mi(?!n)/i.test(amount) ? 'mi' : 'km'] = found;
  const pace = clock.includes(':') ? clock : `${clock}:00`;
  if (Number.parseInt(pace, 10) > SLOWEST_MINUTES)
    return `${amount} in ${pace}${words.replace(/ (.+)/, ' [$1]')}`;
  return `${amount}${words} @ ${pace} /${/^mi/i.test(per) ? 'mi' : 'km'}`;
}

/** 10-8: a range goes from the smaller to the larger. */
function smallerFirst(whole: string, ...found: readonly string[]): string {
  const [from = '', dash = '', to = ''] = found;
  return secondsOf(from) > secondsOf(to) ? `${to}${dash}${from}` : whole;
}

/** 4:40 in seconds; a figure without a colon as it stands. */
function secondsOf(clock: string): number {
  const [first, second] = clock.split(':').map(Number);
  return second === undefined ? (first ?? NaN) : 60 * (first ?? NaN) + second;
}
