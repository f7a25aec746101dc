import { useState } from 'react';
import type { BenchStep } from '../api/schema';

const keyOf = (step: BenchStep): string => `${step.pieceId} ${step.operation}`;

/** Keeps what was shown where it was: new steps come at the end, gone ones stay as a mark, until somebody puts it in order. */
export function useSteadyOrder(steps: readonly BenchStep[]) {
  const [order, setOrder] = useState<BenchStep[]>(() => [...steps]);
  const known = new Set(order.map(keyOf));
  const arrived = steps.filter((step) => !known.has(keyOf(step)));
  if (arrived.length > 0) {
    setOrder([...order, ...arrived]);
  }
  const current = new Map(steps.map((step) => [keyOf(step), step]));
  const shown = [...order, ...arrived].map((step) => ({
    step: current.get(keyOf(step)) ?? step,
    isGone: !current.has(keyOf(step)),
  }));
  const hasMoved = shown.some(
    (each, index) => each.isGone || keyOf(each.step) !== (steps[index] ? keyOf(steps[index]) : ''),
  );
  return { shown, hasMoved, putInOrder: () => setOrder([...steps]) };
}
