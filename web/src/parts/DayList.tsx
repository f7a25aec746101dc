import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import { serverNow } from '../api/serverTime';
import { usePrinting } from './usePrinting';
import { dayWithYearOf } from './words';

const Paper = styled.section`
  font-size: 9.5pt;
  table {
    border-collapse: collapse;
    inline-size: 100%;
  }
  td,
  th {
    border-bottom: 0.5pt solid #777;
    padding: 1.5mm 1mm;
    text-align: start;
    vertical-align: top;
  }
  tr {
    break-inside: avoid;
  }
  td:first-child {
    inline-size: 6mm;
  }
  i {
    display: block;
    inline-size: 3.5mm;
    block-size: 3.5mm;
    border: 0.7pt solid #000;
  }
`;

export interface DayListProps {
  title: string;
  heads: readonly string[];
  /** What makes a row itself, and what stands in its cells, at a moment; asked only where paper is made. */
  rows: (now: number) => readonly { key: string; cells: readonly string[] }[];
  children: ReactNode;
}

/** A page that prints as something to pin up: a line for each piece of work, with a box to tick. */
export function DayList({ title, heads, rows, children }: DayListProps) {
  if (!usePrinting()) {
    return children;
  }
  const now = serverNow();
  return (
    <Paper>
      <h1>
        {title}, {dayWithYearOf(now)}
      </h1>
      <table>
        <thead>
          <tr>
            <th aria-label="Done" />
            {heads.map((head) => (
              <th key={head}>{head}</th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows(now).map((row) => (
            <tr key={row.key}>
              <td aria-label="To tick">
                <i />
              </td>
              {row.cells.map((cell, column) => (
                <td key={heads[column]}>{cell}</td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </Paper>
  );
}
