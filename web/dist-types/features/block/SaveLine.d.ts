/** Whether what is on the desk is stored, in words. */
export declare function SaveLine(): import('react').JSX.Element;
