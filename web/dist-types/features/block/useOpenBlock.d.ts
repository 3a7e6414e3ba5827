type Opening =
  | {
      status: 'opening';
    }
  | {
      status: 'open';
    }
  | {
      status: 'failed';
      sentence: string;
      retry: () => void;
    };
/**
 * Puts a block on the desk: the version this device still holds unsaved, else
 * the stored one. A draft opens even while the server is away.
 */
export declare function useOpenBlock(id: string): Opening;
export {};
