/** Every address of the site; each view is loaded when it is first opened. */
export declare function createRouter(): import('react-router').DataRouter;
