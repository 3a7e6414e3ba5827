import type { BlockFile } from '@nadir/contract';
/** The block as it stands while it is asked for. */
export declare function LivePreview({
  wishes,
  stale,
}: {
  wishes: BlockFile;
  stale: boolean;
}): import('react').JSX.Element;
