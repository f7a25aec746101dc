import { Link } from 'react-router';
import { styled } from 'styled-components';
import type { KilnView, LoadLine } from '../api/schema';
import { Quiet } from '../parts/Sheet';

const Rack = styled.ol`
  list-style: none;
  margin: 0.4rem 0 0;
  padding: 0;
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(4.2rem, 1fr));
  gap: 3px;
  li {
    border: 1.5px dashed ${({ theme }) => theme.line};
    border-radius: 3px;
    min-height: 44px;
    padding: 0.15rem 0.35rem;
    font-size: 0.9rem;
    font-variant-numeric: tabular-nums;
    overflow-wrap: anywhere;
  }
  li[data-full] {
    border: 1.5px solid ${({ theme }) => theme.ink};
    background: ${({ theme }) => theme.manila};
    font-weight: 700;
  }
  small {
    display: block;
    color: ${({ theme }) => theme.quiet};
    font-weight: 400;
  }
`;

const Below = styled.section`
  margin-top: 0.7rem;
`;

/** The rack of a kiln, slot by slot, as the load that burns in it or is planned next fills it. */
export function Slots({ kiln, loads }: { kiln: KilnView; loads: readonly LoadLine[] }) {
  const load = loads.find((each) => each.id === kiln.burning) ?? loads[0];
  const slots = Array.from({ length: kiln.slots }, (_, slot) => load?.pieces[slot]);
  return (
    <Below aria-label={`What lies in ${kiln.name}`}>
      {load ? (
        <Link to={`/fire/loads/${load.id}`}>
          {load.treatment}
          {load.id === kiln.burning ? ', in the fire' : ', planned'}
        </Link>
      ) : (
        <Quiet>Nothing is planned for it.</Quiet>
      )}
      <Rack>
        {slots.map((piece, slot) => (
          // A slot has no name but its number.
          <li key={slot} data-full={piece ? '' : undefined}>
            <small>{slot + 1}</small>
            {piece ?? 'free'}
          </li>
        ))}
      </Rack>
    </Below>
  );
}
