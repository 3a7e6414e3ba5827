import { type Refusal, type Route, type SaveBlockBody } from '@nadir/contract';
import { type BaseQueryFn } from '@reduxjs/toolkit/query/react';
/** Why a call did not succeed: no server, a refusal, or an answer nobody can read. */
export type CallError =
  | {
      kind: 'away';
    }
  | {
      kind: 'refused';
      status: number;
      refusal: Refusal;
    }
  | {
      kind: 'unreadable';
      status: number;
    };
export interface Call {
  route: Route;
  id?: string;
  body?: unknown;
}
/** One sentence for what went wrong and what to do. */
export declare function errorSentence(error: CallError): string;
export declare const api: import('@reduxjs/toolkit/query').Api<
  BaseQueryFn<Call, unknown, CallError>,
  {
    session: import('@reduxjs/toolkit/query').QueryDefinition<
      void,
      BaseQueryFn<Call, unknown, CallError>,
      'Session' | 'Squad' | 'Block',
      {
        today: string;
        demo: boolean;
        firstCoachWanted: boolean;
        coach: {
          id: string;
          name: string;
          email: string;
          settings: {
            unit: 'athlete' | 'km' | 'mi';
            step: 1 | 0.5 | 0.1;
            theme: 'system' | 'light' | 'dark';
            weekStartsOn:
              'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday';
          };
        } | null;
      },
      'api',
      unknown
    >;
    signIn: import('@reduxjs/toolkit/query').MutationDefinition<
      {
        email: string;
        password: string;
      },
      BaseQueryFn<Call, unknown, CallError>,
      'Session' | 'Squad' | 'Block',
      {
        id: string;
        name: string;
        email: string;
        settings: {
          unit: 'athlete' | 'km' | 'mi';
          step: 1 | 0.5 | 0.1;
          theme: 'system' | 'light' | 'dark';
          weekStartsOn:
            'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday';
        };
      },
      'api',
      unknown
    >;
    signInDemo: import('@reduxjs/toolkit/query').MutationDefinition<
      void,
      BaseQueryFn<Call, unknown, CallError>,
      'Session' | 'Squad' | 'Block',
      {
        id: string;
        name: string;
        email: string;
        settings: {
          unit: 'athlete' | 'km' | 'mi';
          step: 1 | 0.5 | 0.1;
          theme: 'system' | 'light' | 'dark';
          weekStartsOn:
            'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday';
        };
      },
      'api',
      unknown
    >;
    firstCoach: import('@reduxjs/toolkit/query').MutationDefinition<
      {
        name: string;
        email: string;
        password: string;
      },
      BaseQueryFn<Call, unknown, CallError>,
      'Session' | 'Squad' | 'Block',
      {
        id: string;
        name: string;
        email: string;
        settings: {
          unit: 'athlete' | 'km' | 'mi';
          step: 1 | 0.5 | 0.1;
          theme: 'system' | 'light' | 'dark';
          weekStartsOn:
            'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday';
        };
      },
      'api',
      unknown
    >;
    signOut: import('@reduxjs/toolkit/query').MutationDefinition<
      void,
      BaseQueryFn<Call, unknown, CallError>,
      'Session' | 'Squad' | 'Block',
      unknown,
      'api',
      unknown
    >;
    saveSettings: import('@reduxjs/toolkit/query').MutationDefinition<
      {
        unit: 'athlete' | 'km' | 'mi';
        step: 1 | 0.5 | 0.1;
        theme: 'system' | 'light' | 'dark';
        weekStartsOn:
          'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday';
      },
      BaseQueryFn<Call, unknown, CallError>,
      'Session' | 'Squad' | 'Block',
      {
        id: string;
        name: string;
        email: string;
        settings: {
          unit: 'athlete' | 'km' | 'mi';
          step: 1 | 0.5 | 0.1;
          theme: 'system' | 'light' | 'dark';
          weekStartsOn:
            'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday';
        };
      },
      'api',
      unknown
    >;
    squad: import('@reduxjs/toolkit/query').QueryDefinition<
      void,
      BaseQueryFn<Call, unknown, CallError>,
      'Session' | 'Squad' | 'Block',
      {
        athletes: {
          block: {
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
          } | null;
          id: string;
          facts: {
            name: string;
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
          };
        }[];
      },
      'api',
      unknown
    >;
    addAthlete: import('@reduxjs/toolkit/query').MutationDefinition<
      {
        name: string;
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
      },
      BaseQueryFn<Call, unknown, CallError>,
      'Session' | 'Squad' | 'Block',
      {
        id: string;
        facts: {
          name: string;
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
        };
      },
      'api',
      unknown
    >;
    addBlock: import('@reduxjs/toolkit/query').MutationDefinition<
      {
        athleteId: string;
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
      BaseQueryFn<Call, unknown, CallError>,
      'Session' | 'Squad' | 'Block',
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
      'api',
      unknown
    >;
    block: import('@reduxjs/toolkit/query').QueryDefinition<
      string,
      BaseQueryFn<Call, unknown, CallError>,
      'Session' | 'Squad' | 'Block',
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
      'api',
      unknown
    >;
    saveBlock: import('@reduxjs/toolkit/query').MutationDefinition<
      {
        id: string;
        body: SaveBlockBody;
      },
      BaseQueryFn<Call, unknown, CallError>,
      'Session' | 'Squad' | 'Block',
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
      'api',
      unknown
    >;
  },
  'api',
  'Session' | 'Squad' | 'Block',
  | typeof import('@reduxjs/toolkit/query').coreModuleName
  | typeof import('@reduxjs/toolkit/query/react').reactHooksModuleName
>;
export declare const useSessionQuery: <
    R extends Record<string, any> =
      import('@reduxjs/toolkit/query/react').UseQueryStateDefaultResult<
        import('@reduxjs/toolkit/query').QueryDefinition<
          void,
          BaseQueryFn<Call, unknown, CallError>,
          'Session' | 'Squad' | 'Block',
          {
            today: string;
            demo: boolean;
            firstCoachWanted: boolean;
            coach: {
              id: string;
              name: string;
              email: string;
              settings: {
                unit: 'athlete' | 'km' | 'mi';
                step: 1 | 0.5 | 0.1;
                theme: 'system' | 'light' | 'dark';
                weekStartsOn:
                  | 'monday'
                  | 'tuesday'
                  | 'wednesday'
                  | 'thursday'
                  | 'friday'
                  | 'saturday'
                  | 'sunday';
              };
            } | null;
          },
          'api',
          unknown
        >
      >,
  >(
    arg: void | typeof import('@reduxjs/toolkit/query').skipToken,
    options?:
      | (import('@reduxjs/toolkit/query').SubscriptionOptions & {
          skip?: boolean;
          refetchOnMountOrArgChange?: boolean | number;
        } & {
          skip?: boolean;
          selectFromResult?:
            | ((
                state: import('@reduxjs/toolkit/query/react').UseQueryStateDefaultResult<
                  import('@reduxjs/toolkit/query').QueryDefinition<
                    void,
                    BaseQueryFn<Call, unknown, CallError>,
                    'Session' | 'Squad' | 'Block',
                    {
                      today: string;
                      demo: boolean;
                      firstCoachWanted: boolean;
                      coach: {
                        id: string;
                        name: string;
                        email: string;
                        settings: {
                          unit: 'athlete' | 'km' | 'mi';
                          step: 1 | 0.5 | 0.1;
                          theme: 'system' | 'light' | 'dark';
                          weekStartsOn:
                            | 'monday'
                            | 'tuesday'
                            | 'wednesday'
                            | 'thursday'
                            | 'friday'
                            | 'saturday'
                            | 'sunday';
                        };
                      } | null;
                    },
                    'api',
                    unknown
                  >
                >,
              ) => R)
            | undefined;
        })
      | undefined,
  ) => R & {
    refetch: () => import('@reduxjs/toolkit/query').QueryActionCreatorResult<
      import('@reduxjs/toolkit/query').QueryDefinition<
        void,
        BaseQueryFn<Call, unknown, CallError>,
        'Session' | 'Squad' | 'Block',
        {
          today: string;
          demo: boolean;
          firstCoachWanted: boolean;
          coach: {
            id: string;
            name: string;
            email: string;
            settings: {
              unit: 'athlete' | 'km' | 'mi';
              step: 1 | 0.5 | 0.1;
              theme: 'system' | 'light' | 'dark';
              weekStartsOn:
                'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday';
            };
          } | null;
        },
        'api',
        unknown
      >
    >;
  },
  useSignInMutation: <
    R extends Record<string, any> =
      | ({
          requestId?: undefined;
          status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
          data?: undefined;
          error?: undefined;
          endpointName?: string;
          startedTimeStamp?: undefined;
          fulfilledTimeStamp?: undefined;
        } & {
          status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
          isUninitialized: true;
          isLoading: false;
          isSuccess: false;
          isError: false;
        })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
        } & Omit<
          {
            requestId: string;
            data?:
              | {
                  id: string;
                  name: string;
                  email: string;
                  settings: {
                    unit: 'athlete' | 'km' | 'mi';
                    step: 1 | 0.5 | 0.1;
                    theme: 'system' | 'light' | 'dark';
                    weekStartsOn:
                      | 'monday'
                      | 'tuesday'
                      | 'wednesday'
                      | 'thursday'
                      | 'friday'
                      | 'saturday'
                      | 'sunday';
                  };
                }
              | undefined;
            error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
            endpointName: string;
            startedTimeStamp: number;
            fulfilledTimeStamp?: number;
          },
          'data' | 'fulfilledTimeStamp'
        > &
          Required<
            Pick<
              {
                requestId: string;
                data?:
                  | {
                      id: string;
                      name: string;
                      email: string;
                      settings: {
                        unit: 'athlete' | 'km' | 'mi';
                        step: 1 | 0.5 | 0.1;
                        theme: 'system' | 'light' | 'dark';
                        weekStartsOn:
                          | 'monday'
                          | 'tuesday'
                          | 'wednesday'
                          | 'thursday'
                          | 'friday'
                          | 'saturday'
                          | 'sunday';
                      };
                    }
                  | undefined;
                error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                endpointName: string;
                startedTimeStamp: number;
                fulfilledTimeStamp?: number;
              },
              'data' | 'fulfilledTimeStamp'
            >
          > & {
            error: undefined;
          } & {
            status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
            isUninitialized: false;
            isLoading: false;
            isSuccess: true;
            isError: false;
          })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.pending;
        } & {
          requestId: string;
          data?:
            | {
                id: string;
                name: string;
                email: string;
                settings: {
                  unit: 'athlete' | 'km' | 'mi';
                  step: 1 | 0.5 | 0.1;
                  theme: 'system' | 'light' | 'dark';
                  weekStartsOn:
                    | 'monday'
                    | 'tuesday'
                    | 'wednesday'
                    | 'thursday'
                    | 'friday'
                    | 'saturday'
                    | 'sunday';
                };
              }
            | undefined;
          error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
          endpointName: string;
          startedTimeStamp: number;
          fulfilledTimeStamp?: number;
        } & {
          data?: undefined;
        } & {
          status: import('@reduxjs/toolkit/query').QueryStatus.pending;
          isUninitialized: false;
          isLoading: true;
          isSuccess: false;
          isError: false;
        })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
        } & Omit<
          {
            requestId: string;
            data?:
              | {
                  id: string;
                  name: string;
                  email: string;
                  settings: {
                    unit: 'athlete' | 'km' | 'mi';
                    step: 1 | 0.5 | 0.1;
                    theme: 'system' | 'light' | 'dark';
                    weekStartsOn:
                      | 'monday'
                      | 'tuesday'
                      | 'wednesday'
                      | 'thursday'
                      | 'friday'
                      | 'saturday'
                      | 'sunday';
                  };
                }
              | undefined;
            error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
            endpointName: string;
            startedTimeStamp: number;
            fulfilledTimeStamp?: number;
          },
          'error'
        > &
          Required<
            Pick<
              {
                requestId: string;
                data?:
                  | {
                      id: string;
                      name: string;
                      email: string;
                      settings: {
                        unit: 'athlete' | 'km' | 'mi';
                        step: 1 | 0.5 | 0.1;
                        theme: 'system' | 'light' | 'dark';
                        weekStartsOn:
                          | 'monday'
                          | 'tuesday'
                          | 'wednesday'
                          | 'thursday'
                          | 'friday'
                          | 'saturday'
                          | 'sunday';
                      };
                    }
                  | undefined;
                error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                endpointName: string;
                startedTimeStamp: number;
                fulfilledTimeStamp?: number;
              },
              'error'
            >
          > & {
            status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
            isUninitialized: false;
            isLoading: false;
            isSuccess: false;
            isError: true;
          }),
  >(
    options?:
      | {
          selectFromResult?:
            | ((
                state:
                  | ({
                      requestId?: undefined;
                      status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
                      data?: undefined;
                      error?: undefined;
                      endpointName?: string;
                      startedTimeStamp?: undefined;
                      fulfilledTimeStamp?: undefined;
                    } & {
                      status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
                      isUninitialized: true;
                      isLoading: false;
                      isSuccess: false;
                      isError: false;
                    })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
                    } & Omit<
                      {
                        requestId: string;
                        data?:
                          | {
                              id: string;
                              name: string;
                              email: string;
                              settings: {
                                unit: 'athlete' | 'km' | 'mi';
                                step: 1 | 0.5 | 0.1;
                                theme: 'system' | 'light' | 'dark';
                                weekStartsOn:
                                  | 'monday'
                                  | 'tuesday'
                                  | 'wednesday'
                                  | 'thursday'
                                  | 'friday'
                                  | 'saturday'
                                  | 'sunday';
                              };
                            }
                          | undefined;
                        error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                        endpointName: string;
                        startedTimeStamp: number;
                        fulfilledTimeStamp?: number;
                      },
                      'data' | 'fulfilledTimeStamp'
                    > &
                      Required<
                        Pick<
                          {
                            requestId: string;
                            data?:
                              | {
                                  id: string;
                                  name: string;
                                  email: string;
                                  settings: {
                                    unit: 'athlete' | 'km' | 'mi';
                                    step: 1 | 0.5 | 0.1;
                                    theme: 'system' | 'light' | 'dark';
                                    weekStartsOn:
                                      | 'monday'
                                      | 'tuesday'
                                      | 'wednesday'
                                      | 'thursday'
                                      | 'friday'
                                      | 'saturday'
                                      | 'sunday';
                                  };
                                }
                              | undefined;
                            error?:
                              CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                            endpointName: string;
                            startedTimeStamp: number;
                            fulfilledTimeStamp?: number;
                          },
                          'data' | 'fulfilledTimeStamp'
                        >
                      > & {
                        error: undefined;
                      } & {
                        status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
                        isUninitialized: false;
                        isLoading: false;
                        isSuccess: true;
                        isError: false;
                      })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.pending;
                    } & {
                      requestId: string;
                      data?:
                        | {
                            id: string;
                            name: string;
                            email: string;
                            settings: {
                              unit: 'athlete' | 'km' | 'mi';
                              step: 1 | 0.5 | 0.1;
                              theme: 'system' | 'light' | 'dark';
                              weekStartsOn:
                                | 'monday'
                                | 'tuesday'
                                | 'wednesday'
                                | 'thursday'
                                | 'friday'
                                | 'saturday'
                                | 'sunday';
                            };
                          }
                        | undefined;
                      error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                      endpointName: string;
                      startedTimeStamp: number;
                      fulfilledTimeStamp?: number;
                    } & {
                      data?: undefined;
                    } & {
                      status: import('@reduxjs/toolkit/query').QueryStatus.pending;
                      isUninitialized: false;
                      isLoading: true;
                      isSuccess: false;
                      isError: false;
                    })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
                    } & Omit<
                      {
                        requestId: string;
                        data?:
                          | {
                              id: string;
                              name: string;
                              email: string;
                              settings: {
                                unit: 'athlete' | 'km' | 'mi';
                                step: 1 | 0.5 | 0.1;
                                theme: 'system' | 'light' | 'dark';
                                weekStartsOn:
                                  | 'monday'
                                  | 'tuesday'
                                  | 'wednesday'
                                  | 'thursday'
                                  | 'friday'
                                  | 'saturday'
                                  | 'sunday';
                              };
                            }
                          | undefined;
                        error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                        endpointName: string;
                        startedTimeStamp: number;
                        fulfilledTimeStamp?: number;
                      },
                      'error'
                    > &
                      Required<
                        Pick<
                          {
                            requestId: string;
                            data?:
                              | {
                                  id: string;
                                  name: string;
                                  email: string;
                                  settings: {
                                    unit: 'athlete' | 'km' | 'mi';
                                    step: 1 | 0.5 | 0.1;
                                    theme: 'system' | 'light' | 'dark';
                                    weekStartsOn:
                                      | 'monday'
                                      | 'tuesday'
                                      | 'wednesday'
                                      | 'thursday'
                                      | 'friday'
                                      | 'saturday'
                                      | 'sunday';
                                  };
                                }
                              | undefined;
                            error?:
                              CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                            endpointName: string;
                            startedTimeStamp: number;
                            fulfilledTimeStamp?: number;
                          },
                          'error'
                        >
                      > & {
                        status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
                        isUninitialized: false;
                        isLoading: false;
                        isSuccess: false;
                        isError: true;
                      }),
              ) => R)
            | undefined;
          fixedCacheKey?: string;
        }
      | undefined,
  ) => readonly [
    (arg: {
      email: string;
      password: string;
    }) => import('@reduxjs/toolkit/query').MutationActionCreatorResult<
      import('@reduxjs/toolkit/query').MutationDefinition<
        {
          email: string;
          password: string;
        },
        BaseQueryFn<Call, unknown, CallError>,
        'Session' | 'Squad' | 'Block',
        {
          id: string;
          name: string;
          email: string;
          settings: {
            unit: 'athlete' | 'km' | 'mi';
            step: 1 | 0.5 | 0.1;
            theme: 'system' | 'light' | 'dark';
            weekStartsOn:
              'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday';
          };
        },
        'api',
        unknown
      >
    >,
    R & {
      originalArgs?:
        | {
            email: string;
            password: string;
          }
        | undefined;
      reset: () => void;
    },
  ],
  useSignInDemoMutation: <
    R extends Record<string, any> =
      | ({
          requestId?: undefined;
          status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
          data?: undefined;
          error?: undefined;
          endpointName?: string;
          startedTimeStamp?: undefined;
          fulfilledTimeStamp?: undefined;
        } & {
          status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
          isUninitialized: true;
          isLoading: false;
          isSuccess: false;
          isError: false;
        })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
        } & Omit<
          {
            requestId: string;
            data?:
              | {
                  id: string;
                  name: string;
                  email: string;
                  settings: {
                    unit: 'athlete' | 'km' | 'mi';
                    step: 1 | 0.5 | 0.1;
                    theme: 'system' | 'light' | 'dark';
                    weekStartsOn:
                      | 'monday'
                      | 'tuesday'
                      | 'wednesday'
                      | 'thursday'
                      | 'friday'
                      | 'saturday'
                      | 'sunday';
                  };
                }
              | undefined;
            error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
            endpointName: string;
            startedTimeStamp: number;
            fulfilledTimeStamp?: number;
          },
          'data' | 'fulfilledTimeStamp'
        > &
          Required<
            Pick<
              {
                requestId: string;
                data?:
                  | {
                      id: string;
                      name: string;
                      email: string;
                      settings: {
                        unit: 'athlete' | 'km' | 'mi';
                        step: 1 | 0.5 | 0.1;
                        theme: 'system' | 'light' | 'dark';
                        weekStartsOn:
                          | 'monday'
                          | 'tuesday'
                          | 'wednesday'
                          | 'thursday'
                          | 'friday'
                          | 'saturday'
                          | 'sunday';
                      };
                    }
                  | undefined;
                error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                endpointName: string;
                startedTimeStamp: number;
                fulfilledTimeStamp?: number;
              },
              'data' | 'fulfilledTimeStamp'
            >
          > & {
            error: undefined;
          } & {
            status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
            isUninitialized: false;
            isLoading: false;
            isSuccess: true;
            isError: false;
          })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.pending;
        } & {
          requestId: string;
          data?:
            | {
                id: string;
                name: string;
                email: string;
                settings: {
                  unit: 'athlete' | 'km' | 'mi';
                  step: 1 | 0.5 | 0.1;
                  theme: 'system' | 'light' | 'dark';
                  weekStartsOn:
                    | 'monday'
                    | 'tuesday'
                    | 'wednesday'
                    | 'thursday'
                    | 'friday'
                    | 'saturday'
                    | 'sunday';
                };
              }
            | undefined;
          error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
          endpointName: string;
          startedTimeStamp: number;
          fulfilledTimeStamp?: number;
        } & {
          data?: undefined;
        } & {
          status: import('@reduxjs/toolkit/query').QueryStatus.pending;
          isUninitialized: false;
          isLoading: true;
          isSuccess: false;
          isError: false;
        })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
        } & Omit<
          {
            requestId: string;
            data?:
              | {
                  id: string;
                  name: string;
                  email: string;
                  settings: {
                    unit: 'athlete' | 'km' | 'mi';
                    step: 1 | 0.5 | 0.1;
                    theme: 'system' | 'light' | 'dark';
                    weekStartsOn:
                      | 'monday'
                      | 'tuesday'
                      | 'wednesday'
                      | 'thursday'
                      | 'friday'
                      | 'saturday'
                      | 'sunday';
                  };
                }
              | undefined;
            error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
            endpointName: string;
            startedTimeStamp: number;
            fulfilledTimeStamp?: number;
          },
          'error'
        > &
          Required<
            Pick<
              {
                requestId: string;
                data?:
                  | {
                      id: string;
                      name: string;
                      email: string;
                      settings: {
                        unit: 'athlete' | 'km' | 'mi';
                        step: 1 | 0.5 | 0.1;
                        theme: 'system' | 'light' | 'dark';
                        weekStartsOn:
                          | 'monday'
                          | 'tuesday'
                          | 'wednesday'
                          | 'thursday'
                          | 'friday'
                          | 'saturday'
                          | 'sunday';
                      };
                    }
                  | undefined;
                error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                endpointName: string;
                startedTimeStamp: number;
                fulfilledTimeStamp?: number;
              },
              'error'
            >
          > & {
            status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
            isUninitialized: false;
            isLoading: false;
            isSuccess: false;
            isError: true;
          }),
  >(
    options?:
      | {
          selectFromResult?:
            | ((
                state:
                  | ({
                      requestId?: undefined;
                      status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
                      data?: undefined;
                      error?: undefined;
                      endpointName?: string;
                      startedTimeStamp?: undefined;
                      fulfilledTimeStamp?: undefined;
                    } & {
                      status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
                      isUninitialized: true;
                      isLoading: false;
                      isSuccess: false;
                      isError: false;
                    })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
                    } & Omit<
                      {
                        requestId: string;
                        data?:
                          | {
                              id: string;
                              name: string;
                              email: string;
                              settings: {
                                unit: 'athlete' | 'km' | 'mi';
                                step: 1 | 0.5 | 0.1;
                                theme: 'system' | 'light' | 'dark';
                                weekStartsOn:
                                  | 'monday'
                                  | 'tuesday'
                                  | 'wednesday'
                                  | 'thursday'
                                  | 'friday'
                                  | 'saturday'
                                  | 'sunday';
                              };
                            }
                          | undefined;
                        error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                        endpointName: string;
                        startedTimeStamp: number;
                        fulfilledTimeStamp?: number;
                      },
                      'data' | 'fulfilledTimeStamp'
                    > &
                      Required<
                        Pick<
                          {
                            requestId: string;
                            data?:
                              | {
                                  id: string;
                                  name: string;
                                  email: string;
                                  settings: {
                                    unit: 'athlete' | 'km' | 'mi';
                                    step: 1 | 0.5 | 0.1;
                                    theme: 'system' | 'light' | 'dark';
                                    weekStartsOn:
                                      | 'monday'
                                      | 'tuesday'
                                      | 'wednesday'
                                      | 'thursday'
                                      | 'friday'
                                      | 'saturday'
                                      | 'sunday';
                                  };
                                }
                              | undefined;
                            error?:
                              CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                            endpointName: string;
                            startedTimeStamp: number;
                            fulfilledTimeStamp?: number;
                          },
                          'data' | 'fulfilledTimeStamp'
                        >
                      > & {
                        error: undefined;
                      } & {
                        status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
                        isUninitialized: false;
                        isLoading: false;
                        isSuccess: true;
                        isError: false;
                      })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.pending;
                    } & {
                      requestId: string;
                      data?:
                        | {
                            id: string;
                            name: string;
                            email: string;
                            settings: {
                              unit: 'athlete' | 'km' | 'mi';
                              step: 1 | 0.5 | 0.1;
                              theme: 'system' | 'light' | 'dark';
                              weekStartsOn:
                                | 'monday'
                                | 'tuesday'
                                | 'wednesday'
                                | 'thursday'
                                | 'friday'
                                | 'saturday'
                                | 'sunday';
                            };
                          }
                        | undefined;
                      error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                      endpointName: string;
                      startedTimeStamp: number;
                      fulfilledTimeStamp?: number;
                    } & {
                      data?: undefined;
                    } & {
                      status: import('@reduxjs/toolkit/query').QueryStatus.pending;
                      isUninitialized: false;
                      isLoading: true;
                      isSuccess: false;
                      isError: false;
                    })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
                    } & Omit<
                      {
                        requestId: string;
                        data?:
                          | {
                              id: string;
                              name: string;
                              email: string;
                              settings: {
                                unit: 'athlete' | 'km' | 'mi';
                                step: 1 | 0.5 | 0.1;
                                theme: 'system' | 'light' | 'dark';
                                weekStartsOn:
                                  | 'monday'
                                  | 'tuesday'
                                  | 'wednesday'
                                  | 'thursday'
                                  | 'friday'
                                  | 'saturday'
                                  | 'sunday';
                              };
                            }
                          | undefined;
                        error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                        endpointName: string;
                        startedTimeStamp: number;
                        fulfilledTimeStamp?: number;
                      },
                      'error'
                    > &
                      Required<
                        Pick<
                          {
                            requestId: string;
                            data?:
                              | {
                                  id: string;
                                  name: string;
                                  email: string;
                                  settings: {
                                    unit: 'athlete' | 'km' | 'mi';
                                    step: 1 | 0.5 | 0.1;
                                    theme: 'system' | 'light' | 'dark';
                                    weekStartsOn:
                                      | 'monday'
                                      | 'tuesday'
                                      | 'wednesday'
                                      | 'thursday'
                                      | 'friday'
                                      | 'saturday'
                                      | 'sunday';
                                  };
                                }
                              | undefined;
                            error?:
                              CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                            endpointName: string;
                            startedTimeStamp: number;
                            fulfilledTimeStamp?: number;
                          },
                          'error'
                        >
                      > & {
                        status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
                        isUninitialized: false;
                        isLoading: false;
                        isSuccess: false;
                        isError: true;
                      }),
              ) => R)
            | undefined;
          fixedCacheKey?: string;
        }
      | undefined,
  ) => readonly [
    (arg: void) => import('@reduxjs/toolkit/query').MutationActionCreatorResult<
      import('@reduxjs/toolkit/query').MutationDefinition<
        void,
        BaseQueryFn<Call, unknown, CallError>,
        'Session' | 'Squad' | 'Block',
        {
          id: string;
          name: string;
          email: string;
          settings: {
            unit: 'athlete' | 'km' | 'mi';
            step: 1 | 0.5 | 0.1;
            theme: 'system' | 'light' | 'dark';
            weekStartsOn:
              'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday';
          };
        },
        'api',
        unknown
      >
    >,
    R & {
      originalArgs?: void | undefined;
      reset: () => void;
    },
  ],
  useFirstCoachMutation: <
    R extends Record<string, any> =
      | ({
          requestId?: undefined;
          status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
          data?: undefined;
          error?: undefined;
          endpointName?: string;
          startedTimeStamp?: undefined;
          fulfilledTimeStamp?: undefined;
        } & {
          status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
          isUninitialized: true;
          isLoading: false;
          isSuccess: false;
          isError: false;
        })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
        } & Omit<
          {
            requestId: string;
            data?:
              | {
                  id: string;
                  name: string;
                  email: string;
                  settings: {
                    unit: 'athlete' | 'km' | 'mi';
                    step: 1 | 0.5 | 0.1;
                    theme: 'system' | 'light' | 'dark';
                    weekStartsOn:
                      | 'monday'
                      | 'tuesday'
                      | 'wednesday'
                      | 'thursday'
                      | 'friday'
                      | 'saturday'
                      | 'sunday';
                  };
                }
              | undefined;
            error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
            endpointName: string;
            startedTimeStamp: number;
            fulfilledTimeStamp?: number;
          },
          'data' | 'fulfilledTimeStamp'
        > &
          Required<
            Pick<
              {
                requestId: string;
                data?:
                  | {
                      id: string;
                      name: string;
                      email: string;
                      settings: {
                        unit: 'athlete' | 'km' | 'mi';
                        step: 1 | 0.5 | 0.1;
                        theme: 'system' | 'light' | 'dark';
                        weekStartsOn:
                          | 'monday'
                          | 'tuesday'
                          | 'wednesday'
                          | 'thursday'
                          | 'friday'
                          | 'saturday'
                          | 'sunday';
                      };
                    }
                  | undefined;
                error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                endpointName: string;
                startedTimeStamp: number;
                fulfilledTimeStamp?: number;
              },
              'data' | 'fulfilledTimeStamp'
            >
          > & {
            error: undefined;
          } & {
            status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
            isUninitialized: false;
            isLoading: false;
            isSuccess: true;
            isError: false;
          })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.pending;
        } & {
          requestId: string;
          data?:
            | {
                id: string;
                name: string;
                email: string;
                settings: {
                  unit: 'athlete' | 'km' | 'mi';
                  step: 1 | 0.5 | 0.1;
                  theme: 'system' | 'light' | 'dark';
                  weekStartsOn:
                    | 'monday'
                    | 'tuesday'
                    | 'wednesday'
                    | 'thursday'
                    | 'friday'
                    | 'saturday'
                    | 'sunday';
                };
              }
            | undefined;
          error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
          endpointName: string;
          startedTimeStamp: number;
          fulfilledTimeStamp?: number;
        } & {
          data?: undefined;
        } & {
          status: import('@reduxjs/toolkit/query').QueryStatus.pending;
          isUninitialized: false;
          isLoading: true;
          isSuccess: false;
          isError: false;
        })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
        } & Omit<
          {
            requestId: string;
            data?:
              | {
                  id: string;
                  name: string;
                  email: string;
                  settings: {
                    unit: 'athlete' | 'km' | 'mi';
                    step: 1 | 0.5 | 0.1;
                    theme: 'system' | 'light' | 'dark';
                    weekStartsOn:
                      | 'monday'
                      | 'tuesday'
                      | 'wednesday'
                      | 'thursday'
                      | 'friday'
                      | 'saturday'
                      | 'sunday';
                  };
                }
              | undefined;
            error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
            endpointName: string;
            startedTimeStamp: number;
            fulfilledTimeStamp?: number;
          },
          'error'
        > &
          Required<
            Pick<
              {
                requestId: string;
                data?:
                  | {
                      id: string;
                      name: string;
                      email: string;
                      settings: {
                        unit: 'athlete' | 'km' | 'mi';
                        step: 1 | 0.5 | 0.1;
                        theme: 'system' | 'light' | 'dark';
                        weekStartsOn:
                          | 'monday'
                          | 'tuesday'
                          | 'wednesday'
                          | 'thursday'
                          | 'friday'
                          | 'saturday'
                          | 'sunday';
                      };
                    }
                  | undefined;
                error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                endpointName: string;
                startedTimeStamp: number;
                fulfilledTimeStamp?: number;
              },
              'error'
            >
          > & {
            status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
            isUninitialized: false;
            isLoading: false;
            isSuccess: false;
            isError: true;
          }),
  >(
    options?:
      | {
          selectFromResult?:
            | ((
                state:
                  | ({
                      requestId?: undefined;
                      status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
                      data?: undefined;
                      error?: undefined;
                      endpointName?: string;
                      startedTimeStamp?: undefined;
                      fulfilledTimeStamp?: undefined;
                    } & {
                      status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
                      isUninitialized: true;
                      isLoading: false;
                      isSuccess: false;
                      isError: false;
                    })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
                    } & Omit<
                      {
                        requestId: string;
                        data?:
                          | {
                              id: string;
                              name: string;
                              email: string;
                              settings: {
                                unit: 'athlete' | 'km' | 'mi';
                                step: 1 | 0.5 | 0.1;
                                theme: 'system' | 'light' | 'dark';
                                weekStartsOn:
                                  | 'monday'
                                  | 'tuesday'
                                  | 'wednesday'
                                  | 'thursday'
                                  | 'friday'
                                  | 'saturday'
                                  | 'sunday';
                              };
                            }
                          | undefined;
                        error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                        endpointName: string;
                        startedTimeStamp: number;
                        fulfilledTimeStamp?: number;
                      },
                      'data' | 'fulfilledTimeStamp'
                    > &
                      Required<
                        Pick<
                          {
                            requestId: string;
                            data?:
                              | {
                                  id: string;
                                  name: string;
                                  email: string;
                                  settings: {
                                    unit: 'athlete' | 'km' | 'mi';
                                    step: 1 | 0.5 | 0.1;
                                    theme: 'system' | 'light' | 'dark';
                                    weekStartsOn:
                                      | 'monday'
                                      | 'tuesday'
                                      | 'wednesday'
                                      | 'thursday'
                                      | 'friday'
                                      | 'saturday'
                                      | 'sunday';
                                  };
                                }
                              | undefined;
                            error?:
                              CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                            endpointName: string;
                            startedTimeStamp: number;
                            fulfilledTimeStamp?: number;
                          },
                          'data' | 'fulfilledTimeStamp'
                        >
                      > & {
                        error: undefined;
                      } & {
                        status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
                        isUninitialized: false;
                        isLoading: false;
                        isSuccess: true;
                        isError: false;
                      })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.pending;
                    } & {
                      requestId: string;
                      data?:
                        | {
                            id: string;
                            name: string;
                            email: string;
                            settings: {
                              unit: 'athlete' | 'km' | 'mi';
                              step: 1 | 0.5 | 0.1;
                              theme: 'system' | 'light' | 'dark';
                              weekStartsOn:
                                | 'monday'
                                | 'tuesday'
                                | 'wednesday'
                                | 'thursday'
                                | 'friday'
                                | 'saturday'
                                | 'sunday';
                            };
                          }
                        | undefined;
                      error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                      endpointName: string;
                      startedTimeStamp: number;
                      fulfilledTimeStamp?: number;
                    } & {
                      data?: undefined;
                    } & {
                      status: import('@reduxjs/toolkit/query').QueryStatus.pending;
                      isUninitialized: false;
                      isLoading: true;
                      isSuccess: false;
                      isError: false;
                    })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
                    } & Omit<
                      {
                        requestId: string;
                        data?:
                          | {
                              id: string;
                              name: string;
                              email: string;
                              settings: {
                                unit: 'athlete' | 'km' | 'mi';
                                step: 1 | 0.5 | 0.1;
                                theme: 'system' | 'light' | 'dark';
                                weekStartsOn:
                                  | 'monday'
                                  | 'tuesday'
                                  | 'wednesday'
                                  | 'thursday'
                                  | 'friday'
                                  | 'saturday'
                                  | 'sunday';
                              };
                            }
                          | undefined;
                        error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                        endpointName: string;
                        startedTimeStamp: number;
                        fulfilledTimeStamp?: number;
                      },
                      'error'
                    > &
                      Required<
                        Pick<
                          {
                            requestId: string;
                            data?:
                              | {
                                  id: string;
                                  name: string;
                                  email: string;
                                  settings: {
                                    unit: 'athlete' | 'km' | 'mi';
                                    step: 1 | 0.5 | 0.1;
                                    theme: 'system' | 'light' | 'dark';
                                    weekStartsOn:
                                      | 'monday'
                                      | 'tuesday'
                                      | 'wednesday'
                                      | 'thursday'
                                      | 'friday'
                                      | 'saturday'
                                      | 'sunday';
                                  };
                                }
                              | undefined;
                            error?:
                              CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                            endpointName: string;
                            startedTimeStamp: number;
                            fulfilledTimeStamp?: number;
                          },
                          'error'
                        >
                      > & {
                        status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
                        isUninitialized: false;
                        isLoading: false;
                        isSuccess: false;
                        isError: true;
                      }),
              ) => R)
            | undefined;
          fixedCacheKey?: string;
        }
      | undefined,
  ) => readonly [
    (arg: {
      name: string;
      email: string;
      password: string;
    }) => import('@reduxjs/toolkit/query').MutationActionCreatorResult<
      import('@reduxjs/toolkit/query').MutationDefinition<
        {
          name: string;
          email: string;
          password: string;
        },
        BaseQueryFn<Call, unknown, CallError>,
        'Session' | 'Squad' | 'Block',
        {
          id: string;
          name: string;
          email: string;
          settings: {
            unit: 'athlete' | 'km' | 'mi';
            step: 1 | 0.5 | 0.1;
            theme: 'system' | 'light' | 'dark';
            weekStartsOn:
              'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday';
          };
        },
        'api',
        unknown
      >
    >,
    R & {
      originalArgs?:
        | {
            name: string;
            email: string;
            password: string;
          }
        | undefined;
      reset: () => void;
    },
  ],
  useSignOutMutation: <
    R extends Record<string, any> =
      | ({
          requestId?: undefined;
          status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
          data?: undefined;
          error?: undefined;
          endpointName?: string;
          startedTimeStamp?: undefined;
          fulfilledTimeStamp?: undefined;
        } & {
          status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
          isUninitialized: true;
          isLoading: false;
          isSuccess: false;
          isError: false;
        })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
        } & Omit<
          {
            requestId: string;
            data?: unknown;
            error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
            endpointName: string;
            startedTimeStamp: number;
            fulfilledTimeStamp?: number;
          },
          'data' | 'fulfilledTimeStamp'
        > &
          Required<
            Pick<
              {
                requestId: string;
                data?: unknown;
                error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                endpointName: string;
                startedTimeStamp: number;
                fulfilledTimeStamp?: number;
              },
              'data' | 'fulfilledTimeStamp'
            >
          > & {
            error: undefined;
          } & {
            status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
            isUninitialized: false;
            isLoading: false;
            isSuccess: true;
            isError: false;
          })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.pending;
        } & {
          requestId: string;
          data?: unknown;
          error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
          endpointName: string;
          startedTimeStamp: number;
          fulfilledTimeStamp?: number;
        } & {
          data?: undefined;
        } & {
          status: import('@reduxjs/toolkit/query').QueryStatus.pending;
          isUninitialized: false;
          isLoading: true;
          isSuccess: false;
          isError: false;
        })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
        } & Omit<
          {
            requestId: string;
            data?: unknown;
            error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
            endpointName: string;
            startedTimeStamp: number;
            fulfilledTimeStamp?: number;
          },
          'error'
        > &
          Required<
            Pick<
              {
                requestId: string;
                data?: unknown;
                error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                endpointName: string;
                startedTimeStamp: number;
                fulfilledTimeStamp?: number;
              },
              'error'
            >
          > & {
            status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
            isUninitialized: false;
            isLoading: false;
            isSuccess: false;
            isError: true;
          }),
  >(
    options?:
      | {
          selectFromResult?:
            | ((
                state:
                  | ({
                      requestId?: undefined;
                      status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
                      data?: undefined;
                      error?: undefined;
                      endpointName?: string;
                      startedTimeStamp?: undefined;
                      fulfilledTimeStamp?: undefined;
                    } & {
                      status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
                      isUninitialized: true;
                      isLoading: false;
                      isSuccess: false;
                      isError: false;
                    })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
                    } & Omit<
                      {
                        requestId: string;
                        data?: unknown;
                        error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                        endpointName: string;
                        startedTimeStamp: number;
                        fulfilledTimeStamp?: number;
                      },
                      'data' | 'fulfilledTimeStamp'
                    > &
                      Required<
                        Pick<
                          {
                            requestId: string;
                            data?: unknown;
                            error?:
                              CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                            endpointName: string;
                            startedTimeStamp: number;
                            fulfilledTimeStamp?: number;
                          },
                          'data' | 'fulfilledTimeStamp'
                        >
                      > & {
                        error: undefined;
                      } & {
                        status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
                        isUninitialized: false;
                        isLoading: false;
                        isSuccess: true;
                        isError: false;
                      })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.pending;
                    } & {
                      requestId: string;
                      data?: unknown;
                      error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                      endpointName: string;
                      startedTimeStamp: number;
                      fulfilledTimeStamp?: number;
                    } & {
                      data?: undefined;
                    } & {
                      status: import('@reduxjs/toolkit/query').QueryStatus.pending;
                      isUninitialized: false;
                      isLoading: true;
                      isSuccess: false;
                      isError: false;
                    })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
                    } & Omit<
                      {
                        requestId: string;
                        data?: unknown;
                        error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                        endpointName: string;
                        startedTimeStamp: number;
                        fulfilledTimeStamp?: number;
                      },
                      'error'
                    > &
                      Required<
                        Pick<
                          {
                            requestId: string;
                            data?: unknown;
                            error?:
                              CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                            endpointName: string;
                            startedTimeStamp: number;
                            fulfilledTimeStamp?: number;
                          },
                          'error'
                        >
                      > & {
                        status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
                        isUninitialized: false;
                        isLoading: false;
                        isSuccess: false;
                        isError: true;
                      }),
              ) => R)
            | undefined;
          fixedCacheKey?: string;
        }
      | undefined,
  ) => readonly [
    (
      arg: void,
    ) => import('@reduxjs/toolkit/query').MutationActionCreatorResult<
      import('@reduxjs/toolkit/query').MutationDefinition<
        void,
        BaseQueryFn<Call, unknown, CallError>,
        'Session' | 'Squad' | 'Block',
        unknown,
        'api',
        unknown
      >
    >,
    R & {
      originalArgs?: void | undefined;
      reset: () => void;
    },
  ],
  useSaveSettingsMutation: <
    R extends Record<string, any> =
      | ({
          requestId?: undefined;
          status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
          data?: undefined;
          error?: undefined;
          endpointName?: string;
          startedTimeStamp?: undefined;
          fulfilledTimeStamp?: undefined;
        } & {
          status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
          isUninitialized: true;
          isLoading: false;
          isSuccess: false;
          isError: false;
        })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
        } & Omit<
          {
            requestId: string;
            data?:
              | {
                  id: string;
                  name: string;
                  email: string;
                  settings: {
                    unit: 'athlete' | 'km' | 'mi';
                    step: 1 | 0.5 | 0.1;
                    theme: 'system' | 'light' | 'dark';
                    weekStartsOn:
                      | 'monday'
                      | 'tuesday'
                      | 'wednesday'
                      | 'thursday'
                      | 'friday'
                      | 'saturday'
                      | 'sunday';
                  };
                }
              | undefined;
            error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
            endpointName: string;
            startedTimeStamp: number;
            fulfilledTimeStamp?: number;
          },
          'data' | 'fulfilledTimeStamp'
        > &
          Required<
            Pick<
              {
                requestId: string;
                data?:
                  | {
                      id: string;
                      name: string;
                      email: string;
                      settings: {
                        unit: 'athlete' | 'km' | 'mi';
                        step: 1 | 0.5 | 0.1;
                        theme: 'system' | 'light' | 'dark';
                        weekStartsOn:
                          | 'monday'
                          | 'tuesday'
                          | 'wednesday'
                          | 'thursday'
                          | 'friday'
                          | 'saturday'
                          | 'sunday';
                      };
                    }
                  | undefined;
                error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                endpointName: string;
                startedTimeStamp: number;
                fulfilledTimeStamp?: number;
              },
              'data' | 'fulfilledTimeStamp'
            >
          > & {
            error: undefined;
          } & {
            status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
            isUninitialized: false;
            isLoading: false;
            isSuccess: true;
            isError: false;
          })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.pending;
        } & {
          requestId: string;
          data?:
            | {
                id: string;
                name: string;
                email: string;
                settings: {
                  unit: 'athlete' | 'km' | 'mi';
                  step: 1 | 0.5 | 0.1;
                  theme: 'system' | 'light' | 'dark';
                  weekStartsOn:
                    | 'monday'
                    | 'tuesday'
                    | 'wednesday'
                    | 'thursday'
                    | 'friday'
                    | 'saturday'
                    | 'sunday';
                };
              }
            | undefined;
          error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
          endpointName: string;
          startedTimeStamp: number;
          fulfilledTimeStamp?: number;
        } & {
          data?: undefined;
        } & {
          status: import('@reduxjs/toolkit/query').QueryStatus.pending;
          isUninitialized: false;
          isLoading: true;
          isSuccess: false;
          isError: false;
        })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
        } & Omit<
          {
            requestId: string;
            data?:
              | {
                  id: string;
                  name: string;
                  email: string;
                  settings: {
                    unit: 'athlete' | 'km' | 'mi';
                    step: 1 | 0.5 | 0.1;
                    theme: 'system' | 'light' | 'dark';
                    weekStartsOn:
                      | 'monday'
                      | 'tuesday'
                      | 'wednesday'
                      | 'thursday'
                      | 'friday'
                      | 'saturday'
                      | 'sunday';
                  };
                }
              | undefined;
            error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
            endpointName: string;
            startedTimeStamp: number;
            fulfilledTimeStamp?: number;
          },
          'error'
        > &
          Required<
            Pick<
              {
                requestId: string;
                data?:
                  | {
                      id: string;
                      name: string;
                      email: string;
                      settings: {
                        unit: 'athlete' | 'km' | 'mi';
                        step: 1 | 0.5 | 0.1;
                        theme: 'system' | 'light' | 'dark';
                        weekStartsOn:
                          | 'monday'
                          | 'tuesday'
                          | 'wednesday'
                          | 'thursday'
                          | 'friday'
                          | 'saturday'
                          | 'sunday';
                      };
                    }
                  | undefined;
                error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                endpointName: string;
                startedTimeStamp: number;
                fulfilledTimeStamp?: number;
              },
              'error'
            >
          > & {
            status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
            isUninitialized: false;
            isLoading: false;
            isSuccess: false;
            isError: true;
          }),
  >(
    options?:
      | {
          selectFromResult?:
            | ((
                state:
                  | ({
                      requestId?: undefined;
                      status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
                      data?: undefined;
                      error?: undefined;
                      endpointName?: string;
                      startedTimeStamp?: undefined;
                      fulfilledTimeStamp?: undefined;
                    } & {
                      status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
                      isUninitialized: true;
                      isLoading: false;
                      isSuccess: false;
                      isError: false;
                    })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
                    } & Omit<
                      {
                        requestId: string;
                        data?:
                          | {
                              id: string;
                              name: string;
                              email: string;
                              settings: {
                                unit: 'athlete' | 'km' | 'mi';
                                step: 1 | 0.5 | 0.1;
                                theme: 'system' | 'light' | 'dark';
                                weekStartsOn:
                                  | 'monday'
                                  | 'tuesday'
                                  | 'wednesday'
                                  | 'thursday'
                                  | 'friday'
                                  | 'saturday'
                                  | 'sunday';
                              };
                            }
                          | undefined;
                        error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                        endpointName: string;
                        startedTimeStamp: number;
                        fulfilledTimeStamp?: number;
                      },
                      'data' | 'fulfilledTimeStamp'
                    > &
                      Required<
                        Pick<
                          {
                            requestId: string;
                            data?:
                              | {
                                  id: string;
                                  name: string;
                                  email: string;
                                  settings: {
                                    unit: 'athlete' | 'km' | 'mi';
                                    step: 1 | 0.5 | 0.1;
                                    theme: 'system' | 'light' | 'dark';
                                    weekStartsOn:
                                      | 'monday'
                                      | 'tuesday'
                                      | 'wednesday'
                                      | 'thursday'
                                      | 'friday'
                                      | 'saturday'
                                      | 'sunday';
                                  };
                                }
                              | undefined;
                            error?:
                              CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                            endpointName: string;
                            startedTimeStamp: number;
                            fulfilledTimeStamp?: number;
                          },
                          'data' | 'fulfilledTimeStamp'
                        >
                      > & {
                        error: undefined;
                      } & {
                        status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
                        isUninitialized: false;
                        isLoading: false;
                        isSuccess: true;
                        isError: false;
                      })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.pending;
                    } & {
                      requestId: string;
                      data?:
                        | {
                            id: string;
                            name: string;
                            email: string;
                            settings: {
                              unit: 'athlete' | 'km' | 'mi';
                              step: 1 | 0.5 | 0.1;
                              theme: 'system' | 'light' | 'dark';
                              weekStartsOn:
                                | 'monday'
                                | 'tuesday'
                                | 'wednesday'
                                | 'thursday'
                                | 'friday'
                                | 'saturday'
                                | 'sunday';
                            };
                          }
                        | undefined;
                      error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                      endpointName: string;
                      startedTimeStamp: number;
                      fulfilledTimeStamp?: number;
                    } & {
                      data?: undefined;
                    } & {
                      status: import('@reduxjs/toolkit/query').QueryStatus.pending;
                      isUninitialized: false;
                      isLoading: true;
                      isSuccess: false;
                      isError: false;
                    })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
                    } & Omit<
                      {
                        requestId: string;
                        data?:
                          | {
                              id: string;
                              name: string;
                              email: string;
                              settings: {
                                unit: 'athlete' | 'km' | 'mi';
                                step: 1 | 0.5 | 0.1;
                                theme: 'system' | 'light' | 'dark';
                                weekStartsOn:
                                  | 'monday'
                                  | 'tuesday'
                                  | 'wednesday'
                                  | 'thursday'
                                  | 'friday'
                                  | 'saturday'
                                  | 'sunday';
                              };
                            }
                          | undefined;
                        error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                        endpointName: string;
                        startedTimeStamp: number;
                        fulfilledTimeStamp?: number;
                      },
                      'error'
                    > &
                      Required<
                        Pick<
                          {
                            requestId: string;
                            data?:
                              | {
                                  id: string;
                                  name: string;
                                  email: string;
                                  settings: {
                                    unit: 'athlete' | 'km' | 'mi';
                                    step: 1 | 0.5 | 0.1;
                                    theme: 'system' | 'light' | 'dark';
                                    weekStartsOn:
                                      | 'monday'
                                      | 'tuesday'
                                      | 'wednesday'
                                      | 'thursday'
                                      | 'friday'
                                      | 'saturday'
                                      | 'sunday';
                                  };
                                }
                              | undefined;
                            error?:
                              CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                            endpointName: string;
                            startedTimeStamp: number;
                            fulfilledTimeStamp?: number;
                          },
                          'error'
                        >
                      > & {
                        status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
                        isUninitialized: false;
                        isLoading: false;
                        isSuccess: false;
                        isError: true;
                      }),
              ) => R)
            | undefined;
          fixedCacheKey?: string;
        }
      | undefined,
  ) => readonly [
    (arg: {
      unit: 'athlete' | 'km' | 'mi';
      step: 1 | 0.5 | 0.1;
      theme: 'system' | 'light' | 'dark';
      weekStartsOn:
        'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday';
    }) => import('@reduxjs/toolkit/query').MutationActionCreatorResult<
      import('@reduxjs/toolkit/query').MutationDefinition<
        {
          unit: 'athlete' | 'km' | 'mi';
          step: 1 | 0.5 | 0.1;
          theme: 'system' | 'light' | 'dark';
          weekStartsOn:
            'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday';
        },
        BaseQueryFn<Call, unknown, CallError>,
        'Session' | 'Squad' | 'Block',
        {
          id: string;
          name: string;
          email: string;
          settings: {
            unit: 'athlete' | 'km' | 'mi';
            step: 1 | 0.5 | 0.1;
            theme: 'system' | 'light' | 'dark';
            weekStartsOn:
              'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday';
          };
        },
        'api',
        unknown
      >
    >,
    R & {
      originalArgs?:
        | {
            unit: 'athlete' | 'km' | 'mi';
            step: 1 | 0.5 | 0.1;
            theme: 'system' | 'light' | 'dark';
            weekStartsOn:
              'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday';
          }
        | undefined;
      reset: () => void;
    },
  ],
  useSquadQuery: <
    R extends Record<string, any> =
      import('@reduxjs/toolkit/query/react').UseQueryStateDefaultResult<
        import('@reduxjs/toolkit/query').QueryDefinition<
          void,
          BaseQueryFn<Call, unknown, CallError>,
          'Session' | 'Squad' | 'Block',
          {
            athletes: {
              block: {
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
                        school:
                          'three-steps' | 'two-weeks-in-the-flow' | 'long-descent' | 'evidence';
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
              } | null;
              id: string;
              facts: {
                name: string;
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
              };
            }[];
          },
          'api',
          unknown
        >
      >,
  >(
    arg: void | typeof import('@reduxjs/toolkit/query').skipToken,
    options?:
      | (import('@reduxjs/toolkit/query').SubscriptionOptions & {
          skip?: boolean;
          refetchOnMountOrArgChange?: boolean | number;
        } & {
          skip?: boolean;
          selectFromResult?:
            | ((
                state: import('@reduxjs/toolkit/query/react').UseQueryStateDefaultResult<
                  import('@reduxjs/toolkit/query').QueryDefinition<
                    void,
                    BaseQueryFn<Call, unknown, CallError>,
                    'Session' | 'Squad' | 'Block',
                    {
                      athletes: {
                        block: {
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
                                  ladder?:
                                    'alternating' | 'straight' | 'two-up-one-back' | undefined;
                                  lastPeakWeeksOut?: number | undefined;
                                }
                              | undefined;
                            taper?:
                              | {
                                  school:
                                    | 'three-steps'
                                    | 'two-weeks-in-the-flow'
                                    | 'long-descent'
                                    | 'evidence';
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
                        } | null;
                        id: string;
                        facts: {
                          name: string;
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
                        };
                      }[];
                    },
                    'api',
                    unknown
                  >
                >,
              ) => R)
            | undefined;
        })
      | undefined,
  ) => R & {
    refetch: () => import('@reduxjs/toolkit/query').QueryActionCreatorResult<
      import('@reduxjs/toolkit/query').QueryDefinition<
        void,
        BaseQueryFn<Call, unknown, CallError>,
        'Session' | 'Squad' | 'Block',
        {
          athletes: {
            block: {
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
            } | null;
            id: string;
            facts: {
              name: string;
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
            };
          }[];
        },
        'api',
        unknown
      >
    >;
  },
  useLazySquadQuery: <
    R extends Record<string, any> =
      import('@reduxjs/toolkit/query/react').UseQueryStateDefaultResult<
        import('@reduxjs/toolkit/query').QueryDefinition<
          void,
          BaseQueryFn<Call, unknown, CallError>,
          'Session' | 'Squad' | 'Block',
          {
            athletes: {
              block: {
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
                        school:
                          'three-steps' | 'two-weeks-in-the-flow' | 'long-descent' | 'evidence';
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
              } | null;
              id: string;
              facts: {
                name: string;
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
              };
            }[];
          },
          'api',
          unknown
        >
      >,
  >(
    options?:
      | (import('@reduxjs/toolkit/query').SubscriptionOptions &
          Omit<
            {
              skip?: boolean;
              selectFromResult?:
                | ((
                    state: import('@reduxjs/toolkit/query/react').UseQueryStateDefaultResult<
                      import('@reduxjs/toolkit/query').QueryDefinition<
                        void,
                        BaseQueryFn<Call, unknown, CallError>,
                        'Session' | 'Squad' | 'Block',
                        {
                          athletes: {
                            block: {
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
                                      ladder?:
                                        'alternating' | 'straight' | 'two-up-one-back' | undefined;
                                      lastPeakWeeksOut?: number | undefined;
                                    }
                                  | undefined;
                                taper?:
                                  | {
                                      school:
                                        | 'three-steps'
                                        | 'two-weeks-in-the-flow'
                                        | 'long-descent'
                                        | 'evidence';
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
                            } | null;
                            id: string;
                            facts: {
                              name: string;
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
                            };
                          }[];
                        },
                        'api',
                        unknown
                      >
                    >,
                  ) => R)
                | undefined;
            },
            'skip'
          >)
      | undefined,
  ) => [
    (
      arg: void,
      preferCacheValue?: boolean,
    ) => import('@reduxjs/toolkit/query').QueryActionCreatorResult<
      import('@reduxjs/toolkit/query').QueryDefinition<
        void,
        BaseQueryFn<Call, unknown, CallError>,
        'Session' | 'Squad' | 'Block',
        {
          athletes: {
            block: {
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
            } | null;
            id: string;
            facts: {
              name: string;
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
            };
          }[];
        },
        'api',
        unknown
      >
    >,
    R & {
      reset: () => void;
    },
    {
      lastArg: void;
    },
  ],
  useAddAthleteMutation: <
    R extends Record<string, any> =
      | ({
          requestId?: undefined;
          status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
          data?: undefined;
          error?: undefined;
          endpointName?: string;
          startedTimeStamp?: undefined;
          fulfilledTimeStamp?: undefined;
        } & {
          status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
          isUninitialized: true;
          isLoading: false;
          isSuccess: false;
          isError: false;
        })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
        } & Omit<
          {
            requestId: string;
            data?:
              | {
                  id: string;
                  facts: {
                    name: string;
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
                  };
                }
              | undefined;
            error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
            endpointName: string;
            startedTimeStamp: number;
            fulfilledTimeStamp?: number;
          },
          'data' | 'fulfilledTimeStamp'
        > &
          Required<
            Pick<
              {
                requestId: string;
                data?:
                  | {
                      id: string;
                      facts: {
                        name: string;
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
                      };
                    }
                  | undefined;
                error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                endpointName: string;
                startedTimeStamp: number;
                fulfilledTimeStamp?: number;
              },
              'data' | 'fulfilledTimeStamp'
            >
          > & {
            error: undefined;
          } & {
            status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
            isUninitialized: false;
            isLoading: false;
            isSuccess: true;
            isError: false;
          })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.pending;
        } & {
          requestId: string;
          data?:
            | {
                id: string;
                facts: {
                  name: string;
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
                };
              }
            | undefined;
          error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
          endpointName: string;
          startedTimeStamp: number;
          fulfilledTimeStamp?: number;
        } & {
          data?: undefined;
        } & {
          status: import('@reduxjs/toolkit/query').QueryStatus.pending;
          isUninitialized: false;
          isLoading: true;
          isSuccess: false;
          isError: false;
        })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
        } & Omit<
          {
            requestId: string;
            data?:
              | {
                  id: string;
                  facts: {
                    name: string;
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
                  };
                }
              | undefined;
            error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
            endpointName: string;
            startedTimeStamp: number;
            fulfilledTimeStamp?: number;
          },
          'error'
        > &
          Required<
            Pick<
              {
                requestId: string;
                data?:
                  | {
                      id: string;
                      facts: {
                        name: string;
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
                      };
                    }
                  | undefined;
                error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                endpointName: string;
                startedTimeStamp: number;
                fulfilledTimeStamp?: number;
              },
              'error'
            >
          > & {
            status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
            isUninitialized: false;
            isLoading: false;
            isSuccess: false;
            isError: true;
          }),
  >(
    options?:
      | {
          selectFromResult?:
            | ((
                state:
                  | ({
                      requestId?: undefined;
                      status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
                      data?: undefined;
                      error?: undefined;
                      endpointName?: string;
                      startedTimeStamp?: undefined;
                      fulfilledTimeStamp?: undefined;
                    } & {
                      status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
                      isUninitialized: true;
                      isLoading: false;
                      isSuccess: false;
                      isError: false;
                    })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
                    } & Omit<
                      {
                        requestId: string;
                        data?:
                          | {
                              id: string;
                              facts: {
                                name: string;
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
                              };
                            }
                          | undefined;
                        error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                        endpointName: string;
                        startedTimeStamp: number;
                        fulfilledTimeStamp?: number;
                      },
                      'data' | 'fulfilledTimeStamp'
                    > &
                      Required<
                        Pick<
                          {
                            requestId: string;
                            data?:
                              | {
                                  id: string;
                                  facts: {
                                    name: string;
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
                                  };
                                }
                              | undefined;
                            error?:
                              CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                            endpointName: string;
                            startedTimeStamp: number;
                            fulfilledTimeStamp?: number;
                          },
                          'data' | 'fulfilledTimeStamp'
                        >
                      > & {
                        error: undefined;
                      } & {
                        status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
                        isUninitialized: false;
                        isLoading: false;
                        isSuccess: true;
                        isError: false;
                      })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.pending;
                    } & {
                      requestId: string;
                      data?:
                        | {
                            id: string;
                            facts: {
                              name: string;
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
                            };
                          }
                        | undefined;
                      error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                      endpointName: string;
                      startedTimeStamp: number;
                      fulfilledTimeStamp?: number;
                    } & {
                      data?: undefined;
                    } & {
                      status: import('@reduxjs/toolkit/query').QueryStatus.pending;
                      isUninitialized: false;
                      isLoading: true;
                      isSuccess: false;
                      isError: false;
                    })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
                    } & Omit<
                      {
                        requestId: string;
                        data?:
                          | {
                              id: string;
                              facts: {
                                name: string;
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
                              };
                            }
                          | undefined;
                        error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                        endpointName: string;
                        startedTimeStamp: number;
                        fulfilledTimeStamp?: number;
                      },
                      'error'
                    > &
                      Required<
                        Pick<
                          {
                            requestId: string;
                            data?:
                              | {
                                  id: string;
                                  facts: {
                                    name: string;
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
                                  };
                                }
                              | undefined;
                            error?:
                              CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                            endpointName: string;
                            startedTimeStamp: number;
                            fulfilledTimeStamp?: number;
                          },
                          'error'
                        >
                      > & {
                        status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
                        isUninitialized: false;
                        isLoading: false;
                        isSuccess: false;
                        isError: true;
                      }),
              ) => R)
            | undefined;
          fixedCacheKey?: string;
        }
      | undefined,
  ) => readonly [
    (arg: {
      name: string;
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
    }) => import('@reduxjs/toolkit/query').MutationActionCreatorResult<
      import('@reduxjs/toolkit/query').MutationDefinition<
        {
          name: string;
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
        },
        BaseQueryFn<Call, unknown, CallError>,
        'Session' | 'Squad' | 'Block',
        {
          id: string;
          facts: {
            name: string;
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
          };
        },
        'api',
        unknown
      >
    >,
    R & {
      originalArgs?:
        | {
            name: string;
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
      reset: () => void;
    },
  ],
  useAddBlockMutation: <
    R extends Record<string, any> =
      | ({
          requestId?: undefined;
          status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
          data?: undefined;
          error?: undefined;
          endpointName?: string;
          startedTimeStamp?: undefined;
          fulfilledTimeStamp?: undefined;
        } & {
          status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
          isUninitialized: true;
          isLoading: false;
          isSuccess: false;
          isError: false;
        })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
        } & Omit<
          {
            requestId: string;
            data?:
              | {
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
                          school:
                            'three-steps' | 'two-weeks-in-the-flow' | 'long-descent' | 'evidence';
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
                }
              | undefined;
            error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
            endpointName: string;
            startedTimeStamp: number;
            fulfilledTimeStamp?: number;
          },
          'data' | 'fulfilledTimeStamp'
        > &
          Required<
            Pick<
              {
                requestId: string;
                data?:
                  | {
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
                              school:
                                | 'three-steps'
                                | 'two-weeks-in-the-flow'
                                | 'long-descent'
                                | 'evidence';
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
                    }
                  | undefined;
                error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                endpointName: string;
                startedTimeStamp: number;
                fulfilledTimeStamp?: number;
              },
              'data' | 'fulfilledTimeStamp'
            >
          > & {
            error: undefined;
          } & {
            status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
            isUninitialized: false;
            isLoading: false;
            isSuccess: true;
            isError: false;
          })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.pending;
        } & {
          requestId: string;
          data?:
            | {
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
                        school:
                          'three-steps' | 'two-weeks-in-the-flow' | 'long-descent' | 'evidence';
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
              }
            | undefined;
          error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
          endpointName: string;
          startedTimeStamp: number;
          fulfilledTimeStamp?: number;
        } & {
          data?: undefined;
        } & {
          status: import('@reduxjs/toolkit/query').QueryStatus.pending;
          isUninitialized: false;
          isLoading: true;
          isSuccess: false;
          isError: false;
        })
      | ({
          status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
        } & Omit<
          {
            requestId: string;
            data?:
              | {
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
                          school:
                            'three-steps' | 'two-weeks-in-the-flow' | 'long-descent' | 'evidence';
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
                }
              | undefined;
            error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
            endpointName: string;
            startedTimeStamp: number;
            fulfilledTimeStamp?: number;
          },
          'error'
        > &
          Required<
            Pick<
              {
                requestId: string;
                data?:
                  | {
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
                              school:
                                | 'three-steps'
                                | 'two-weeks-in-the-flow'
                                | 'long-descent'
                                | 'evidence';
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
                    }
                  | undefined;
                error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                endpointName: string;
                startedTimeStamp: number;
                fulfilledTimeStamp?: number;
              },
              'error'
            >
          > & {
            status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
            isUninitialized: false;
            isLoading: false;
            isSuccess: false;
            isError: true;
          }),
  >(
    options?:
      | {
          selectFromResult?:
            | ((
                state:
                  | ({
                      requestId?: undefined;
                      status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
                      data?: undefined;
                      error?: undefined;
                      endpointName?: string;
                      startedTimeStamp?: undefined;
                      fulfilledTimeStamp?: undefined;
                    } & {
                      status: import('@reduxjs/toolkit/query').QueryStatus.uninitialized;
                      isUninitialized: true;
                      isLoading: false;
                      isSuccess: false;
                      isError: false;
                    })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
                    } & Omit<
                      {
                        requestId: string;
                        data?:
                          | {
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
                                      ladder?:
                                        'alternating' | 'straight' | 'two-up-one-back' | undefined;
                                      lastPeakWeeksOut?: number | undefined;
                                    }
                                  | undefined;
                                taper?:
                                  | {
                                      school:
                                        | 'three-steps'
                                        | 'two-weeks-in-the-flow'
                                        | 'long-descent'
                                        | 'evidence';
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
                            }
                          | undefined;
                        error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                        endpointName: string;
                        startedTimeStamp: number;
                        fulfilledTimeStamp?: number;
                      },
                      'data' | 'fulfilledTimeStamp'
                    > &
                      Required<
                        Pick<
                          {
                            requestId: string;
                            data?:
                              | {
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
                                          ladder?:
                                            | 'alternating'
                                            | 'straight'
                                            | 'two-up-one-back'
                                            | undefined;
                                          lastPeakWeeksOut?: number | undefined;
                                        }
                                      | undefined;
                                    taper?:
                                      | {
                                          school:
                                            | 'three-steps'
                                            | 'two-weeks-in-the-flow'
                                            | 'long-descent'
                                            | 'evidence';
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
                                }
                              | undefined;
                            error?:
                              CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                            endpointName: string;
                            startedTimeStamp: number;
                            fulfilledTimeStamp?: number;
                          },
                          'data' | 'fulfilledTimeStamp'
                        >
                      > & {
                        error: undefined;
                      } & {
                        status: import('@reduxjs/toolkit/query').QueryStatus.fulfilled;
                        isUninitialized: false;
                        isLoading: false;
                        isSuccess: true;
                        isError: false;
                      })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.pending;
                    } & {
                      requestId: string;
                      data?:
                        | {
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
                                    ladder?:
                                      'alternating' | 'straight' | 'two-up-one-back' | undefined;
                                    lastPeakWeeksOut?: number | undefined;
                                  }
                                | undefined;
                              taper?:
                                | {
                                    school:
                                      | 'three-steps'
                                      | 'two-weeks-in-the-flow'
                                      | 'long-descent'
                                      | 'evidence';
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
                          }
                        | undefined;
                      error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                      endpointName: string;
                      startedTimeStamp: number;
                      fulfilledTimeStamp?: number;
                    } & {
                      data?: undefined;
                    } & {
                      status: import('@reduxjs/toolkit/query').QueryStatus.pending;
                      isUninitialized: false;
                      isLoading: true;
                      isSuccess: false;
                      isError: false;
                    })
                  | ({
                      status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
                    } & Omit<
                      {
                        requestId: string;
                        data?:
                          | {
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
                                      ladder?:
                                        'alternating' | 'straight' | 'two-up-one-back' | undefined;
                                      lastPeakWeeksOut?: number | undefined;
                                    }
                                  | undefined;
                                taper?:
                                  | {
                                      school:
                                        | 'three-steps'
                                        | 'two-weeks-in-the-flow'
                                        | 'long-descent'
                                        | 'evidence';
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
                            }
                          | undefined;
                        error?: CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                        endpointName: string;
                        startedTimeStamp: number;
                        fulfilledTimeStamp?: number;
                      },
                      'error'
                    > &
                      Required<
                        Pick<
                          {
                            requestId: string;
                            data?:
                              | {
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
                                          ladder?:
                                            | 'alternating'
                                            | 'straight'
                                            | 'two-up-one-back'
                                            | undefined;
                                          lastPeakWeeksOut?: number | undefined;
                                        }
                                      | undefined;
                                    taper?:
                                      | {
                                          school:
                                            | 'three-steps'
                                            | 'two-weeks-in-the-flow'
                                            | 'long-descent'
                                            | 'evidence';
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
                                }
                              | undefined;
                            error?:
                              CallError | import('@reduxjs/toolkit').SerializedError | undefined;
                            endpointName: string;
                            startedTimeStamp: number;
                            fulfilledTimeStamp?: number;
                          },
                          'error'
                        >
                      > & {
                        status: import('@reduxjs/toolkit/query').QueryStatus.rejected;
                        isUninitialized: false;
                        isLoading: false;
                        isSuccess: false;
                        isError: true;
                      }),
              ) => R)
            | undefined;
          fixedCacheKey?: string;
        }
      | undefined,
  ) => readonly [
    (arg: {
      athleteId: string;
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
    }) => import('@reduxjs/toolkit/query').MutationActionCreatorResult<
      import('@reduxjs/toolkit/query').MutationDefinition<
        {
          athleteId: string;
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
        BaseQueryFn<Call, unknown, CallError>,
        'Session' | 'Squad' | 'Block',
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
        'api',
        unknown
      >
    >,
    R & {
      originalArgs?:
        | {
            athleteId: string;
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
          }
        | undefined;
      reset: () => void;
    },
  ],
  useBlockQuery: <
    R extends Record<string, any> =
      import('@reduxjs/toolkit/query/react').UseQueryStateDefaultResult<
        import('@reduxjs/toolkit/query').QueryDefinition<
          string,
          BaseQueryFn<Call, unknown, CallError>,
          'Session' | 'Squad' | 'Block',
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
          'api',
          unknown
        >
      >,
  >(
    arg: string | typeof import('@reduxjs/toolkit/query').skipToken,
    options?:
      | (import('@reduxjs/toolkit/query').SubscriptionOptions & {
          skip?: boolean;
          refetchOnMountOrArgChange?: boolean | number;
        } & {
          skip?: boolean;
          selectFromResult?:
            | ((
                state: import('@reduxjs/toolkit/query/react').UseQueryStateDefaultResult<
                  import('@reduxjs/toolkit/query').QueryDefinition<
                    string,
                    BaseQueryFn<Call, unknown, CallError>,
                    'Session' | 'Squad' | 'Block',
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
                              school:
                                | 'three-steps'
                                | 'two-weeks-in-the-flow'
                                | 'long-descent'
                                | 'evidence';
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
                    'api',
                    unknown
                  >
                >,
              ) => R)
            | undefined;
        })
      | undefined,
  ) => R & {
    refetch: () => import('@reduxjs/toolkit/query').QueryActionCreatorResult<
      import('@reduxjs/toolkit/query').QueryDefinition<
        string,
        BaseQueryFn<Call, unknown, CallError>,
        'Session' | 'Squad' | 'Block',
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
        'api',
        unknown
      >
    >;
  };
