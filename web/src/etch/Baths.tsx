import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { read } from '../api/client';
import type { BathLineView, FieldView } from '../api/schema';
import { Press } from '../parts/Press';
import { Listed, Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { KeptForm } from '../parts/KeptForm';

/** The baths that stand, each with its strength and its age. */
export function Baths({ baths }: { baths: readonly BathLineView[] }) {
  const [isMixing, setMixing] = useState(false);
  return (
    <Panel aria-label="Baths">
      <Row>
        <h2>Baths</h2>
        {isMixing ? null : <Press onPress={() => setMixing(true)}>Another one</Press>}
      </Row>
      {baths.length === 0 ? (
        <Quiet>None is written down yet: what stands in which vessel, and how strong.</Quiet>
      ) : null}
      <Listed>
        {baths.map((bath) => (
          <li key={bath.id}>
            <Row>
              <Link to={`/tank/baths/${bath.id}`}>
                <strong>{bath.name}</strong>
              </Link>
              {bath.inIt > 0 ? <span>{bath.inIt} in it</span> : null}
            </Row>
            <Quiet>
              {[bath.liquid, bath.strength, bath.volume, bath.place, bath.free, bath.temperature]
                .filter(Boolean)
                .join('; ')}
            </Quiet>
            {bath.longer ? <p>{bath.longer}</p> : null}
            {bath.isSpent ? <Trouble>Nearly spent: mix it anew.</Trouble> : null}
          </li>
        ))}
      </Listed>
      {isMixing ? <Another onLeave={() => setMixing(false)} /> : null}
    </Panel>
  );
}

function Another({ onLeave }: { onLeave: () => void }) {
  const { data } = useQuery({
    queryKey: ['tank', 'bath-fields'],
    queryFn: () => read<FieldView[]>('/api/tank/bath-fields'),
  });
  const go = useNavigate();
  return data ? (
    <KeptForm
      address="/api/tank/baths"
      fields={data}
      basedOn={0}
      words="Write it down"
      onKept={(receipt) => void go(`/tank/baths/${receipt.about}`)}
      onLeave={onLeave}
    />
  ) : null;
}
