import { cleanup, render, screen } from '@testing-library/react';
import { afterEach, describe, expect, it } from 'vitest';
import { WeekSquares } from './WeekSquares.js';

afterEach(cleanup);

/** Where the squares stand, and whether they are slanted. */
function squaresOf(from: number, to: number, found: readonly number[]) {
  const { container } = render(<WeekSquares from={from} to={to} found={found} />);
  return [...container.querySelectorAll('rect')].map((square) => ({
    x: Number(square.getAttribute('x')),
    y: Number(square.getAttribute('y')),
    slanted: square.getAttribute('fill') !== 'none',
  }));
}

describe('a square for each week to come', () => {
  it('stands in one row as long as there is room', () => {
    const squares = squaresOf(5, 18, [5, 18]);
    expect(squares).toHaveLength(14);
    expect(new Set(squares.map(({ y }) => y)).size).toBe(1);
    expect(squares.flatMap(({ slanted }, index) => (slanted ? [index] : []))).toEqual([0, 13]);
    expect(screen.getByRole('img', { name: '2 of 14 weeks' })).toBeTruthy();
  });

  it('stands in rows alike in a long block: 30 weeks are three of ten', () => {
    const squares = squaresOf(1, 30, [18]);
    // Week 18 is the eighth of the second row; a square takes 13 on either side.
    expect(squares.filter(({ slanted }) => slanted)).toEqual([{ x: 91.5, y: 14, slanted: true }]);
    expect(squares.at(-1)).toEqual({ x: 117.5, y: 27, slanted: false });
  });
});
