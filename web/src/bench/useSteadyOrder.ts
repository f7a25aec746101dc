import { useState } from 'react';

export interface Shown<T> {
  row: T;
  isGone: boolean;
}

/**
 * A list in its order. While a finger is there, what was shown stays where it was: new rows come at the end, gone ones
 * stay as a mark, until the finger has left or somebody puts it in order.
 */
export function useSteadyOrder<T>(rows: readonly T[], keyOf: (row: T) => string, isFingerThere: boolean) {
  const [order, setOrder] = useState<readonly T[]>(rows);
  const isSame = order.length === rows.length && order.every((row, index) => row === rows[index]);
  if (!isFingerThere && !isSame) {
    setOrder(rows);
  }
  const steady = isFingerThere ? order : rows;
  const known = new Set(steady.map(keyOf));
  const current = new Map(rows.map((row) => [keyOf(row), row]));
  const shown: Shown<T>[] = [...steady, ...rows.filter((row) => !known.has(keyOf(row)))].map((row) => ({
    row: current.get(keyOf(row)) ?? row,
    isGone: !current.has(keyOf(row)),
  }));
  const hasMoved = shown.some((each, index) => each.isGone || each.row !== rows[index]);
  return { shown, hasMoved, putInOrder: () => setOrder(rows) };
}
