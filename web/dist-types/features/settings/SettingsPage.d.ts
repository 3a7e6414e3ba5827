/** How figures and pages are shown. Nothing here changes a block. */
export declare function SettingsPage(): import('react').JSX.Element;
