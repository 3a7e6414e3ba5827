import type { BlockAnswer, BlockFile } from '@nadir/contract';
/** How the version on the desk stands to the stored one. */
export type SaveState = 'saved' | 'waiting' | 'saving' | 'away' | 'refused' | 'conflict';
/** A version and the words for the change that leads to or from it. */
interface Step {
  wishes: BlockFile;
  words: string;
}
/** The block that is being worked on, with all that undo needs. */
export interface DeskState {
  block: Omit<BlockAnswer, 'wishes'> | null;
  present: BlockFile | null;
  past: Step[];
  future: Step[];
  /** Wishes as they would be while a figure is typed; drawn, never saved. */
  preview: BlockFile | null;
  /** Words of the changes that the stored version lacks. */
  unsaved: string[];
  save: SaveState;
  /** The newer stored version, when a save met one. */
  theirs: BlockAnswer | null;
  refusal: string | null;
}
/** A version kept on this device until it is stored. */
export interface Draft {
  block: Omit<BlockAnswer, 'wishes'>;
  wishes: BlockFile;
  unsaved: string[];
}
export declare const deskReducer: import('redux').Reducer<DeskState>;
export declare const opened: import('@reduxjs/toolkit').ActionCreatorWithPayload<
    {
      id: string;
      athleteId: string;
      revision: number;
      savedAt: string;
      wishes: {
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
      };
    },
    'desk/opened'
  >,
  draftOpened: import('@reduxjs/toolkit').ActionCreatorWithPayload<Draft, 'desk/draftOpened'>,
  previewed: import('@reduxjs/toolkit').ActionCreatorWithPayload<
    {
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
    } | null,
    'desk/previewed'
  >,
  changed: import('@reduxjs/toolkit').ActionCreatorWithPayload<Step, 'desk/changed'>,
  undone: import('@reduxjs/toolkit').ActionCreatorWithoutPayload<'desk/undone'>,
  redone: import('@reduxjs/toolkit').ActionCreatorWithoutPayload<'desk/redone'>,
  saveStarted: import('@reduxjs/toolkit').ActionCreatorWithoutPayload<'desk/saveStarted'>,
  saved: import('@reduxjs/toolkit').ActionCreatorWithPayload<
    {
      id: string;
      athleteId: string;
      revision: number;
      savedAt: string;
      wishes: {
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
      };
    } & {
      sent: number;
    },
    'desk/saved'
  >,
  serverAway: import('@reduxjs/toolkit').ActionCreatorWithoutPayload<'desk/serverAway'>,
  refused: import('@reduxjs/toolkit').ActionCreatorWithPayload<string, 'desk/refused'>,
  conflictMet: import('@reduxjs/toolkit').ActionCreatorWithPayload<
    {
      id: string;
      athleteId: string;
      revision: number;
      savedAt: string;
      wishes: {
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
      };
    },
    'desk/conflictMet'
  >,
  mineKept: import('@reduxjs/toolkit').ActionCreatorWithoutPayload<'desk/mineKept'>,
  theirsTaken: import('@reduxjs/toolkit').ActionCreatorWithoutPayload<'desk/theirsTaken'>;
export {};
