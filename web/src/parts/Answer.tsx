import type { WorkedView } from '../api/schema';
import { Trouble } from './Sheet';
import { Working } from './Working';

/** A number with the arithmetic that it comes from. */
export function Answer({ label, worked }: { label: string; worked?: WorkedView }) {
  return worked ? (
    <div>
      <p>
        {label}: <strong>{worked.value}</strong>
      </p>
      {worked.working.map((each) => (
        <p key={each}>
          <Working>{each}</Working>
        </p>
      ))}
      {worked.cautions.map((each) => (
        <Trouble key={each}>{each}</Trouble>
      ))}
    </div>
  ) : null;
}
