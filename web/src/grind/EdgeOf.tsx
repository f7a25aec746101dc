import { Link } from 'react-router';
import type { GrindView } from '../api/schema';
import { Quiet, Section } from '../parts/Sheet';

/** What is usual behind an edge for this use, beside what was agreed. */
export function EdgeOf({ room }: { room: GrindView }) {
  const { edge } = room;
  return (
    <Section aria-label="Edge for its use">
      <h3>Edge for its use</h3>
      <p>
        {edge.use}: {edge.thickness ? <strong>{edge.thickness.value} behind the edge, </strong> : null}
        <strong>{edge.angle.value} a side</strong>; agreed are {edge.agreed}.
      </p>
      <ul>
        {(edge.thickness ?? edge.angle).working.map((line) => (
          <li key={line}>{line}</li>
        ))}
      </ul>
      {edge.thickness?.cautions.map((line) => (
        <p key={line}>{line}</p>
      ))}
      <Quiet>
        {edge.origin}. <Link to="/edges">The shop’s edges</Link>
      </Quiet>
    </Section>
  );
}
