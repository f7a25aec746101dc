import type { BenchRow } from '../api/schema';

/** Where a row leads: to the first of its pieces, with the others along. */
export function pageOf(row: BenchRow, piece = row.pieces[0]?.id): string {
  const others = row.pieces.map((each) => each.id).filter((id) => id !== piece);
  return `/bench/${piece}/${row.operation}${others.length > 0 ? `?with=${others.join(',')}` : ''}`;
}

/** Where a row leads for somebody who comes from one of its pieces, or from another one. */
export const wayOn = (row: BenchRow, from: number): string =>
  pageOf(row, row.pieces.some((each) => each.id === from) ? from : undefined);

/** What a row is of: one piece by its name, several by the number of their job and how many they are. */
export function nameOf(row: BenchRow): string {
  const [first] = row.pieces;
  return row.pieces.length > 1 && first
    ? `${first.name.replace(/-\d+$/, '')} ×${row.pieces.length}`
    : (first?.name ?? '');
}

export const keyOf = (row: BenchRow): string =>
  [row.operation, row.clock.standing, row.hands.holder.id, ...row.pieces.map((piece) => piece.id)].join(' ');

/** Who holds it and why, for somebody who does not. */
export function holderWords(row: BenchRow): string {
  const { holder, startedBy, isPutDown } = row.hands;
  const put = isPutDown ? `put down by ${startedBy}` : '';
  const on = holder.through ? `on ${holder.name}` : '';
  return [put, on].filter(Boolean).join(', ') || holder.name;
}
