import { type RefObject } from 'react';
/** The width of an element in whole pixels, followed as it changes; 0 until it is laid out. */
export declare function useElementWidth<T extends HTMLElement>(): [RefObject<T | null>, number];
