/** `8`, `8.2`: what was run, a tenth only where there is one. */
export function runText(value: number): string {
  return String(tenth(value));
}

/** `+1.5`, `−6`, `0`: by how much what was run is over or under its plan. */
export function differenceText(run: number, planned: number): string {
  const by = tenth(run - planned);
  return by === 0 ? '0' : `${by > 0 ? '+' : '−'}${runText(Math.abs(by))}`;
}

/** Without the dust of adding tenths. */
export function tenth(value: number): number {
  return Math.round(10 * value) / 10;
}
