/**
 * Rows of cells as lines of text, column under column.
 *
 * @param {string[][]} rows
 * @returns {string[]}
 */
export function lines(rows) {
  const count = Math.max(0, ...rows.map(({ length }) => length));
  const widths = Array.from({ length: count }, (_, column) =>
    Math.max(...rows.map((row) => row[column]?.length ?? 0)),
  );
  return rows.map((cells) =>
    cells
      .map((cell, column) => cell.padEnd(widths[column] ?? 0))
      .join('  ')
      .trimEnd(),
  );
}
