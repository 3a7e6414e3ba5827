/** From nothing to a kept block on one page. */
export declare function NewBlockPage(): import('react').JSX.Element;
