/** For an address that leads nowhere, and for a view that broke. */
export declare function NotHere({ broken }: { broken?: boolean }): import('react').JSX.Element;
