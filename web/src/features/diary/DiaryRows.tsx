import type { Block } from '@nadir/core/layout/block';
import { type SheetRow, sheetRows } from '@nadir/core/present';
import type { ShownBlock } from '@nadir/core/present/figures';
import type { CSSProperties } from 'react';
import { type Columns, columnWidth } from '../../drawing/columns.js';
import styles from './Diary.module.css';

/** Planned and run under the drawing, in its columns. */
export function DiaryRows({
  block,
  shown,
  rows,
  columns,
  chosen,
}: {
  block: Block;
  shown: ShownBlock;
  rows: readonly SheetRow[];
  columns: Columns;
  chosen: number;
}) {
  const planned = sheetRows(block, shown, { narrow: true }).filter(
    ({ key }) => key === 'week' || key === 'volume',
  );
  const grid = {
    gridTemplateColumns: `${columns.labels}px repeat(${columns.weeks}, ${columnWidth(columns)}px)`,
  } satisfies CSSProperties;
  return (
    <table className={styles.rows} style={{ width: columns.width }}>
      <tbody>
        {[...planned, ...rows].map(({ key, label, strong, text }) => (
          <tr key={key} style={grid} data-strong={strong}>
            <th scope="row">{label}</th>
            {block.weeks.map((week, index) => (
              <td key={week.number} data-chosen={week.number === chosen}>
                {text(week, index)}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}
