import type { BlockFile } from '@nadir/contract';
import { type Answered } from './questions.js';
/** The wishes being asked for, with every open answer worked out as they change. */
export declare function useAsked(first: () => BlockFile): {
  asked: {
    race: {
      name: string;
      distance: number;
      date?: string | undefined;
      goalTime?: number | undefined;
    };
    format: 'nadir-block';
    version: 1;
    athlete?:
      | {
          name?: string | undefined;
          basis?: 'distance' | 'time' | undefined;
          unit?: 'km' | 'mi' | undefined;
          birthYear?: number | undefined;
          oftenHurt?: boolean | undefined;
          recentWeeks?: number[] | undefined;
          longestRecentRun?: number | undefined;
          results?:
            | {
                date: string;
                distance: number;
                time: number;
              }[]
            | undefined;
          unavailable?:
            | ('monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday')[]
            | undefined;
        }
      | undefined;
    start?: string | undefined;
    weeks?: number | undefined;
    weekStartsOn?:
      | 'monday'
      | 'tuesday'
      | 'wednesday'
      | 'thursday'
      | 'friday'
      | 'saturday'
      | 'sunday'
      | undefined;
    phases?:
      | {
          layout:
            | 'own'
            | 'four-equal-parts'
            | 'base-strength-intervals-taper'
            | 'long-aerobic-first'
            | 'speed-before-distance'
            | 'late-speed'
            | 'three-by-four'
            | 'three-runs-a-week';
          own?:
            | {
                kind:
                  | 'taper'
                  | 'foundation'
                  | 'hills-and-strength'
                  | 'threshold'
                  | 'speed'
                  | 'specific'
                  | 'sharpening'
                  | 'race-week'
                  | 'recovery';
                name: string;
                weeks: number;
              }[]
            | undefined;
        }
      | undefined;
    volume?:
      | {
          start?: number | undefined;
          peak?: number | undefined;
          holdAtPeak?: number | undefined;
          growth?:
            | {
                school: 'percentage';
                cap?: number | undefined;
              }
            | {
                school: 'fixed-step';
                step?: number | undefined;
              }
            | {
                school: 'step-and-hold';
                step?: number | undefined;
                hold?: number | undefined;
              }
            | {
                school: 'straight-to-peak';
              }
            | {
                school: 'alternating';
              }
            | undefined;
          recovery?:
            | {
                every?: 3 | 4 | 5 | 6 | 'none' | undefined;
                depth?: number | undefined;
                reEntry?: 'resume' | 'one-step-above' | undefined;
              }
            | undefined;
        }
      | undefined;
    longRun?:
      | {
          start?: number | undefined;
          peak?: number | undefined;
          ladder?: 'alternating' | 'straight' | 'two-up-one-back' | undefined;
          lastPeakWeeksOut?: number | undefined;
        }
      | undefined;
    taper?:
      | {
          school: 'three-steps' | 'two-weeks-in-the-flow' | 'long-descent' | 'evidence';
        }
      | undefined;
    week?:
      | {
          runDays?: number | undefined;
          longRunOn?:
            | 'monday'
            | 'tuesday'
            | 'wednesday'
            | 'thursday'
            | 'friday'
            | 'saturday'
            | 'sunday'
            | undefined;
          qualityOn?:
            | ('monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday')[]
            | undefined;
          restOn?:
            | ('monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday')[]
            | undefined;
        }
      | undefined;
    pins?:
      | {
          week: number;
          volume?: number | undefined;
          longRun?: number | undefined;
        }[]
      | undefined;
    waivers?:
      | {
          check: string;
          reason: string;
          week?: number | undefined;
        }[]
      | undefined;
  };
  setAsked: import('react').Dispatch<
    import('react').SetStateAction<{
      race: {
        name: string;
        distance: number;
        date?: string | undefined;
        goalTime?: number | undefined;
      };
      format: 'nadir-block';
      version: 1;
      athlete?:
        | {
            name?: string | undefined;
            basis?: 'distance' | 'time' | undefined;
            unit?: 'km' | 'mi' | undefined;
            birthYear?: number | undefined;
            oftenHurt?: boolean | undefined;
            recentWeeks?: number[] | undefined;
            longestRecentRun?: number | undefined;
            results?:
              | {
                  date: string;
                  distance: number;
                  time: number;
                }[]
              | undefined;
            unavailable?:
              | (
                  'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday'
                )[]
              | undefined;
          }
        | undefined;
      start?: string | undefined;
      weeks?: number | undefined;
      weekStartsOn?:
        | 'monday'
        | 'tuesday'
        | 'wednesday'
        | 'thursday'
        | 'friday'
        | 'saturday'
        | 'sunday'
        | undefined;
      phases?:
        | {
            layout:
              | 'own'
              | 'four-equal-parts'
              | 'base-strength-intervals-taper'
              | 'long-aerobic-first'
              | 'speed-before-distance'
              | 'late-speed'
              | 'three-by-four'
              | 'three-runs-a-week';
            own?:
              | {
                  kind:
                    | 'taper'
                    | 'foundation'
                    | 'hills-and-strength'
                    | 'threshold'
                    | 'speed'
                    | 'specific'
                    | 'sharpening'
                    | 'race-week'
                    | 'recovery';
                  name: string;
                  weeks: number;
                }[]
              | undefined;
          }
        | undefined;
      volume?:
        | {
            start?: number | undefined;
            peak?: number | undefined;
            holdAtPeak?: number | undefined;
            growth?:
              | {
                  school: 'percentage';
                  cap?: number | undefined;
                }
              | {
                  school: 'fixed-step';
                  step?: number | undefined;
                }
              | {
                  school: 'step-and-hold';
                  step?: number | undefined;
                  hold?: number | undefined;
                }
              | {
                  school: 'straight-to-peak';
                }
              | {
                  school: 'alternating';
                }
              | undefined;
            recovery?:
              | {
                  every?: 3 | 4 | 5 | 6 | 'none' | undefined;
                  depth?: number | undefined;
                  reEntry?: 'resume' | 'one-step-above' | undefined;
                }
              | undefined;
          }
        | undefined;
      longRun?:
        | {
            start?: number | undefined;
            peak?: number | undefined;
            ladder?: 'alternating' | 'straight' | 'two-up-one-back' | undefined;
            lastPeakWeeksOut?: number | undefined;
          }
        | undefined;
      taper?:
        | {
            school: 'three-steps' | 'two-weeks-in-the-flow' | 'long-descent' | 'evidence';
          }
        | undefined;
      week?:
        | {
            runDays?: number | undefined;
            longRunOn?:
              | 'monday'
              | 'tuesday'
              | 'wednesday'
              | 'thursday'
              | 'friday'
              | 'saturday'
              | 'sunday'
              | undefined;
            qualityOn?:
              | (
                  'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday'
                )[]
              | undefined;
            restOn?:
              | (
                  'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday'
                )[]
              | undefined;
          }
        | undefined;
      pins?:
        | {
            week: number;
            volume?: number | undefined;
            longRun?: number | undefined;
          }[]
        | undefined;
      waivers?:
        | {
            check: string;
            reason: string;
            week?: number | undefined;
          }[]
        | undefined;
    }>
  >;
  answered: Answered;
  /** While a problem stands, what was drawn last stays in sight. */
  drawn:
    | {
        race: {
          name: string;
          distance: number;
          date?: string | undefined;
          goalTime?: number | undefined;
        };
        format: 'nadir-block';
        version: 1;
        athlete?:
          | {
              name?: string | undefined;
              basis?: 'distance' | 'time' | undefined;
              unit?: 'km' | 'mi' | undefined;
              birthYear?: number | undefined;
              oftenHurt?: boolean | undefined;
              recentWeeks?: number[] | undefined;
              longestRecentRun?: number | undefined;
              results?:
                | {
                    date: string;
                    distance: number;
                    time: number;
                  }[]
                | undefined;
              unavailable?:
                | (
                    | 'monday'
                    | 'tuesday'
                    | 'wednesday'
                    | 'thursday'
                    | 'friday'
                    | 'saturday'
                    | 'sunday'
                  )[]
                | undefined;
            }
          | undefined;
        start?: string | undefined;
        weeks?: number | undefined;
        weekStartsOn?:
          | 'monday'
          | 'tuesday'
          | 'wednesday'
          | 'thursday'
          | 'friday'
          | 'saturday'
          | 'sunday'
          | undefined;
        phases?:
          | {
              layout:
                | 'own'
                | 'four-equal-parts'
                | 'base-strength-intervals-taper'
                | 'long-aerobic-first'
                | 'speed-before-distance'
                | 'late-speed'
                | 'three-by-four'
                | 'three-runs-a-week';
              own?:
                | {
                    kind:
                      | 'taper'
                      | 'foundation'
                      | 'hills-and-strength'
                      | 'threshold'
                      | 'speed'
                      | 'specific'
                      | 'sharpening'
                      | 'race-week'
                      | 'recovery';
                    name: string;
                    weeks: number;
                  }[]
                | undefined;
            }
          | undefined;
        volume?:
          | {
              start?: number | undefined;
              peak?: number | undefined;
              holdAtPeak?: number | undefined;
              growth?:
                | {
                    school: 'percentage';
                    cap?: number | undefined;
                  }
                | {
                    school: 'fixed-step';
                    step?: number | undefined;
                  }
                | {
                    school: 'step-and-hold';
                    step?: number | undefined;
                    hold?: number | undefined;
                  }
                | {
                    school: 'straight-to-peak';
                  }
                | {
                    school: 'alternating';
                  }
                | undefined;
              recovery?:
                | {
                    every?: 3 | 4 | 5 | 6 | 'none' | undefined;
                    depth?: number | undefined;
                    reEntry?: 'resume' | 'one-step-above' | undefined;
                  }
                | undefined;
            }
          | undefined;
        longRun?:
          | {
              start?: number | undefined;
              peak?: number | undefined;
              ladder?: 'alternating' | 'straight' | 'two-up-one-back' | undefined;
              lastPeakWeeksOut?: number | undefined;
            }
          | undefined;
        taper?:
          | {
              school: 'three-steps' | 'two-weeks-in-the-flow' | 'long-descent' | 'evidence';
            }
          | undefined;
        week?:
          | {
              runDays?: number | undefined;
              longRunOn?:
                | 'monday'
                | 'tuesday'
                | 'wednesday'
                | 'thursday'
                | 'friday'
                | 'saturday'
                | 'sunday'
                | undefined;
              qualityOn?:
                | (
                    | 'monday'
                    | 'tuesday'
                    | 'wednesday'
                    | 'thursday'
                    | 'friday'
                    | 'saturday'
                    | 'sunday'
                  )[]
                | undefined;
              restOn?:
                | (
                    | 'monday'
                    | 'tuesday'
                    | 'wednesday'
                    | 'thursday'
                    | 'friday'
                    | 'saturday'
                    | 'sunday'
                  )[]
                | undefined;
            }
          | undefined;
        pins?:
          | {
              week: number;
              volume?: number | undefined;
              longRun?: number | undefined;
            }[]
          | undefined;
        waivers?:
          | {
              check: string;
              reason: string;
              week?: number | undefined;
            }[]
          | undefined;
      }
    | undefined;
  change: (part: Partial<BlockFile>) => void;
};
