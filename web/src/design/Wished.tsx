import type { WishView } from '../api/schema';
import { Facts } from '../parts/Facts';

/** What was asked for beside what was agreed. */
export function Wished({ wishes }: { wishes: readonly WishView[] }) {
  return (
    <Facts>
      <thead>
        <tr>
          <th>Wish</th>
          <th>Asked</th>
          <th>Agreed</th>
        </tr>
      </thead>
      <tbody>
        {wishes.map((wish) => (
          <tr key={wish.words}>
            <td>
              {wish.words} <small>({wish.strength})</small>
            </td>
            <td>{wish.asked || '—'}</td>
            <td>{wish.agreed || '—'}</td>
          </tr>
        ))}
      </tbody>
    </Facts>
  );
}
