import { type RefObject } from 'react';
/** The inner size of an element in whole pixels, followed as it changes; 0 until it is laid out. */
export declare function useElementSize<T extends HTMLElement>(): [
  RefObject<T | null>,
  {
    width: number;
    height: number;
  },
];
