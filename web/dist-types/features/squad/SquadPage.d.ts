/** Everyone at a glance: race, time to go, phase, week, block, worst check. */
export declare function SquadPage(): import('react').JSX.Element;
