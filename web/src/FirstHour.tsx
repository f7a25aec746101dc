import { styled } from 'styled-components';
import { LookAround } from './access/LookAround';
import { usePeople } from './access/usePeople';
import { usePerson } from './access/useSession';
import { useFireAsItWas } from './fire/useFire';
import { useForge } from './forge/useForge';
import { usePrices } from './money/usePrices';
import { WayTo } from './parts/Press';
import { Panel, Quiet, Row } from './parts/Sheet';
import { useRacks } from './stock/useStock';

const Path = styled.ol`
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 0.5rem;
  li {
    display: grid;
    grid-template-columns: 2rem minmax(0, 1fr) max-content;
    gap: 0.2rem 0.8rem;
    align-items: center;
    border-bottom: 1px solid ${({ theme }) => theme.line};
    padding-bottom: 0.5rem;
  }
  li > span:first-child {
    font-family: ${({ theme }) => theme.label};
    font-weight: 600;
    font-size: 1.3rem;
  }
  @media (max-width: 620px) {
    li {
      grid-template-columns: 2rem minmax(0, 1fr);
    }
    li > :last-child {
      grid-column: 2;
      justify-self: start;
    }
  }
`;

interface Stage {
  what: string;
  why: string;
  to: string;
  words: string;
  isDone: boolean;
}

/** What an owner does in the first hour, in its order, and what of it is done. */
function useStages(): Stage[] {
  const { data: prices } = usePrices();
  const { data: people } = usePeople();
  const { data: fire } = useFireAsItWas();
  const { data: forge } = useForge();
  const { data: racks } = useRacks();
  return [
    {
      what: 'The shop’s currency',
      why: 'Quotes, material and hours are reckoned in it.',
      to: '/prices',
      words: 'Name it',
      isDone: Boolean(prices?.currency),
    },
    {
      what: 'Who works here',
      why: 'Each with a name of their own, and the stations at which they work.',
      to: '/people',
      words: 'People',
      isDone: (people?.length ?? 0) > 1,
    },
    {
      what: 'Kiln',
      why: 'Its rack and its safety say what goes in; a stand-in plays its part until it is wired.',
      to: '/fire',
      words: 'Write it down',
      isDone: (fire?.kilns.length ?? 0) > 0,
    },
    {
      what: 'Hammer, press, rolls, grinder and mill',
      why: 'The forge knows its machines, and each station’s page the places that it has to work at.',
      to: '/forge',
      words: 'Machines',
      isDone: (forge?.machines.length ?? 0) > 0,
    },
    {
      what: 'What lies on the racks',
      why: 'Bars, blocks, pins and adhesive: what is promised, what a bar yields, and what has to be bought.',
      to: '/stock/receive',
      words: 'Write it down',
      isDone: (racks?.racks.length ?? 0) > 0,
    },
    {
      what: 'Prices',
      why: 'What a kilogram and an hour cost. What has none is said to have none.',
      to: '/prices',
      words: 'Set them',
      isDone: prices?.prices.some((price) => price.amount !== '') ?? false,
    },
    {
      what: 'The first knife',
      why: 'From the talk to a drawing, with weight, price and the earliest honest day.',
      to: '/new',
      words: 'Take it',
      isDone: false,
    },
  ];
}

/** On an empty wall: the way to the first knife for whoever owns the shop. */
export function FirstHour() {
  const isOwner = usePerson().role === 'OWNER';
  return isOwner ? <Stages /> : <Quiet>Nothing hangs here yet. The owner takes the first job.</Quiet>;
}

function Stages() {
  const stages = useStages();
  const next = stages.findIndex((stage) => !stage.isDone);
  return (
    <Panel aria-label="The first hour">
      <h2>Nothing hangs here yet: the way to the first knife</h2>
      <Path>
        {stages.map((stage, index) => (
          <li key={stage.what}>
            <span aria-hidden="true">{stage.isDone ? '✓' : index + 1}</span>
            <span>
              <strong>{stage.what}</strong>
              {stage.isDone ? ', done' : ''}
              <Quiet as="span"> {stage.why}</Quiet>
            </span>
            <WayTo to={stage.to} data-kind={index === next ? 'main' : undefined}>
              {stage.words}
            </WayTo>
          </li>
        ))}
      </Path>
      <Quiet>None of it has to be whole, and any of it can wait: the first knife can be taken now.</Quiet>
      <Row>
        <LookAround from="/api/demo" />
      </Row>
    </Panel>
  );
}
