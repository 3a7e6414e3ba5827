/** Nobody is here yet: whoever comes first becomes the coach. */
export declare function FirstCoachForm(): import('react').JSX.Element;
