/** One store a page; a fresh one for each test. */
export declare function createStore(): import('@reduxjs/toolkit').EnhancedStore<
  {
    api: import('@reduxjs/toolkit/query').CombinedState<
      {
        session: import('@reduxjs/toolkit/query').QueryDefinition<
          void,
          import('@reduxjs/toolkit/query').BaseQueryFn<
            import('../api/api.js').Call,
            unknown,
            import('../api/api.js').CallError
          >,
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
        >;
        signIn: import('@reduxjs/toolkit/query').MutationDefinition<
          {
            email: string;
            password: string;
          },
          import('@reduxjs/toolkit/query').BaseQueryFn<
            import('../api/api.js').Call,
            unknown,
            import('../api/api.js').CallError
          >,
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
          import('@reduxjs/toolkit/query').BaseQueryFn<
            import('../api/api.js').Call,
            unknown,
            import('../api/api.js').CallError
          >,
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
          import('@reduxjs/toolkit/query').BaseQueryFn<
            import('../api/api.js').Call,
            unknown,
            import('../api/api.js').CallError
          >,
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
          import('@reduxjs/toolkit/query').BaseQueryFn<
            import('../api/api.js').Call,
            unknown,
            import('../api/api.js').CallError
          >,
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
          import('@reduxjs/toolkit/query').BaseQueryFn<
            import('../api/api.js').Call,
            unknown,
            import('../api/api.js').CallError
          >,
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
          import('@reduxjs/toolkit/query').BaseQueryFn<
            import('../api/api.js').Call,
            unknown,
            import('../api/api.js').CallError
          >,
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
              | (
                  'monday' | 'tuesday' | 'wednesday' | 'thursday' | 'friday' | 'saturday' | 'sunday'
                )[]
              | undefined;
          },
          import('@reduxjs/toolkit/query').BaseQueryFn<
            import('../api/api.js').Call,
            unknown,
            import('../api/api.js').CallError
          >,
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
          import('@reduxjs/toolkit/query').BaseQueryFn<
            import('../api/api.js').Call,
            unknown,
            import('../api/api.js').CallError
          >,
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
          import('@reduxjs/toolkit/query').BaseQueryFn<
            import('../api/api.js').Call,
            unknown,
            import('../api/api.js').CallError
          >,
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
            body: import('@nadir/contract').SaveBlockBody;
          },
          import('@reduxjs/toolkit/query').BaseQueryFn<
            import('../api/api.js').Call,
            unknown,
            import('../api/api.js').CallError
          >,
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
      'Session' | 'Squad' | 'Block',
      'api'
    >;
    desk: import('../features/block/desk.js').DeskState;
  },
  import('redux').UnknownAction,
  import('@reduxjs/toolkit').Tuple<
    [
      import('redux').StoreEnhancer<{
        dispatch: {
          (
            action: import('redux').Action<'listenerMiddleware/add'>,
          ): import('@reduxjs/toolkit').UnsubscribeListener;
          (
            action: import('redux').Action<'listenerMiddleware/remove'> & {
              payload: object;
            },
          ): boolean;
          (action: import('redux').Action<'listenerMiddleware/removeAll'>): void;
        } & import('redux-thunk').ThunkDispatch<
          {
            api: import('@reduxjs/toolkit/query').CombinedState<
              {
                session: import('@reduxjs/toolkit/query').QueryDefinition<
                  void,
                  import('@reduxjs/toolkit/query').BaseQueryFn<
                    import('../api/api.js').Call,
                    unknown,
                    import('../api/api.js').CallError
                  >,
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
                >;
                signIn: import('@reduxjs/toolkit/query').MutationDefinition<
                  {
                    email: string;
                    password: string;
                  },
                  import('@reduxjs/toolkit/query').BaseQueryFn<
                    import('../api/api.js').Call,
                    unknown,
                    import('../api/api.js').CallError
                  >,
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
                        | 'monday'
                        | 'tuesday'
                        | 'wednesday'
                        | 'thursday'
                        | 'friday'
                        | 'saturday'
                        | 'sunday';
                    };
                  },
                  'api',
                  unknown
                >;
                signInDemo: import('@reduxjs/toolkit/query').MutationDefinition<
                  void,
                  import('@reduxjs/toolkit/query').BaseQueryFn<
                    import('../api/api.js').Call,
                    unknown,
                    import('../api/api.js').CallError
                  >,
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
                        | 'monday'
                        | 'tuesday'
                        | 'wednesday'
                        | 'thursday'
                        | 'friday'
                        | 'saturday'
                        | 'sunday';
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
                  import('@reduxjs/toolkit/query').BaseQueryFn<
                    import('../api/api.js').Call,
                    unknown,
                    import('../api/api.js').CallError
                  >,
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
                        | 'monday'
                        | 'tuesday'
                        | 'wednesday'
                        | 'thursday'
                        | 'friday'
                        | 'saturday'
                        | 'sunday';
                    };
                  },
                  'api',
                  unknown
                >;
                signOut: import('@reduxjs/toolkit/query').MutationDefinition<
                  void,
                  import('@reduxjs/toolkit/query').BaseQueryFn<
                    import('../api/api.js').Call,
                    unknown,
                    import('../api/api.js').CallError
                  >,
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
                      | 'monday'
                      | 'tuesday'
                      | 'wednesday'
                      | 'thursday'
                      | 'friday'
                      | 'saturday'
                      | 'sunday';
                  },
                  import('@reduxjs/toolkit/query').BaseQueryFn<
                    import('../api/api.js').Call,
                    unknown,
                    import('../api/api.js').CallError
                  >,
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
                        | 'monday'
                        | 'tuesday'
                        | 'wednesday'
                        | 'thursday'
                        | 'friday'
                        | 'saturday'
                        | 'sunday';
                    };
                  },
                  'api',
                  unknown
                >;
                squad: import('@reduxjs/toolkit/query').QueryDefinition<
                  void,
                  import('@reduxjs/toolkit/query').BaseQueryFn<
                    import('../api/api.js').Call,
                    unknown,
                    import('../api/api.js').CallError
                  >,
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
                  },
                  import('@reduxjs/toolkit/query').BaseQueryFn<
                    import('../api/api.js').Call,
                    unknown,
                    import('../api/api.js').CallError
                  >,
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
                  },
                  import('@reduxjs/toolkit/query').BaseQueryFn<
                    import('../api/api.js').Call,
                    unknown,
                    import('../api/api.js').CallError
                  >,
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
                  },
                  'api',
                  unknown
                >;
                block: import('@reduxjs/toolkit/query').QueryDefinition<
                  string,
                  import('@reduxjs/toolkit/query').BaseQueryFn<
                    import('../api/api.js').Call,
                    unknown,
                    import('../api/api.js').CallError
                  >,
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
                  },
                  'api',
                  unknown
                >;
                saveBlock: import('@reduxjs/toolkit/query').MutationDefinition<
                  {
                    id: string;
                    body: import('@nadir/contract').SaveBlockBody;
                  },
                  import('@reduxjs/toolkit/query').BaseQueryFn<
                    import('../api/api.js').Call,
                    unknown,
                    import('../api/api.js').CallError
                  >,
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
                  },
                  'api',
                  unknown
                >;
              },
              'Session' | 'Squad' | 'Block',
              'api'
            >;
            desk: import('../features/block/desk.js').DeskState;
          },
          undefined,
          import('redux').UnknownAction
        >;
      }>,
      import('redux').StoreEnhancer,
    ]
  >
>;
