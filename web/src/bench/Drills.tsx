import { useQuery } from '@tanstack/react-query';
import { read } from '../api/client';
import type { DrillLine, PieceView } from '../api/schema';
import { Facts } from '../parts/Facts';

/** Everything that is drilled in this knife in one table: what goes through, the drill that makes its hole, and how many. */
export function Drills({ piece }: { piece: PieceView }) {
  const { data } = useQuery({
    queryKey: ['piece', piece.id, 'drills'],
    queryFn: () => read<DrillLine[]>(`/api/pieces/${piece.id}/drills`),
  });
  return data && data.length > 0 ? (
    <>
      <h2>Drills</h2>
      <Facts>
        <thead>
          <tr>
            <th>For</th>
            <th>Its size</th>
            <th>Drill</th>
            <th>Hole</th>
            <th>How many</th>
          </tr>
        </thead>
        <tbody>
          {data.map((line) => (
            <tr key={line.use + line.size}>
              <td>{line.use}</td>
              <td>{line.size}</td>
              <td>{line.drill || 'none makes it'}</td>
              <td>{line.diameter}</td>
              <td>{line.count}</td>
            </tr>
          ))}
        </tbody>
      </Facts>
    </>
  ) : null;
}
