/** One of each kind of thing that can be written. */
export const EXAMPLES = [
  '3 km easy; drills; 6 x 1000 m @ 10 km, 90 s jog; 2 km easy; 5 x 100 m strides',
  '12 km easy, km 3 and 4 marathon',
  '2 km easy; 400-800-1200-800-400 m @ 5 km, equal jog; 2 km easy',
  '2 km easy; 2 x (4 x 400 m @ 5 km - 2 s/km, 60 s jog), 3 min jog; 2 km easy',
  '15 min easy; 8-10 x 45 s @ mile uphill, walk back; 10 min easy [grass]',
  '10 km @ easy to marathon in 4 steps',
] as const;
