import { type ReactNode, useState } from 'react';
import { Link } from 'react-router';
import type { FitView } from '../api/schema';
import { Fold } from '../parts/Fold';
import { Section } from '../parts/Sheet';
import { CavityPlan } from './CavityPlan';
import { GrainOf } from './GrainOf';
import { Driving } from './Driving';
import { Passages } from './Passages';
import { Pins } from './Pins';
import { Sections } from './Sections';
import { Stack } from './Stack';
import { useFit } from './useFit';

interface Instrument {
  title: string;
  comesTo?: string;
  /** The steps at which it lies open. */
  steps: readonly string[];
  part: ReactNode;
}

interface InstrumentsProps {
  fit: FitView;
  step: string;
  spacer: string;
  onSpacer: (spacer: string) => void;
}

/** Everything that is measured and planned of a hidden tang, in its order. */
function instruments({ fit, spacer, onSpacer }: InstrumentsProps): readonly Instrument[] {
  const all: (Instrument | undefined)[] = [
    fit.driven && {
      title: 'Driving the guard on',
      comesTo: fit.prints.find((each) => each.value === fit.driven?.print)?.words,
      steps: ['fit-guard'],
      part: <Driving fit={fit} driven={fit.driven} />,
    },
    fit.stack && {
      title: 'The stack',
      comesTo: fit.stack.sums[0]?.worked.value,
      steps: ['make-spacer', 'list-stack', 'make-end-cap', 'make-pommel-nut'],
      part: <Stack fit={fit} stack={fit.stack} spacer={spacer} onSpacer={onSpacer} />,
    },
    fit.pins && {
      title: 'Alignment pins',
      comesTo: fit.pins.pin,
      steps: ['drill-alignment-pins'],
      part: <Pins fit={fit} pins={fit.pins} />,
    },
    fit.cavity && {
      title: 'The cavity',
      comesTo: fit.cavity.verdict === 'OUT' ? 'breaks through' : `${fit.cavity.holes.length} holes`,
      steps: ['open-cavity'],
      part: <CavityPlan fit={fit} cavity={fit.cavity} />,
    },
    {
      title: 'Grain and voids of the block',
      steps: ['open-cavity'],
      part: <GrainOf piece={fit.id} />,
    },
  ];
  return all.filter((each): each is Instrument => Boolean(each));
}

/** What this step is about. */
export function AtHand(props: InstrumentsProps) {
  return (
    <>
      {instruments(props)
        .filter((each) => each.steps.includes(props.step))
        .map((each) => (
          <Section key={each.title}>
            <h3>{each.title}</h3>
            {each.part}
          </Section>
        ))}
    </>
  );
}

/** The rest, folded away. */
export function Besides(props: InstrumentsProps) {
  return (
    <>
      {instruments(props)
        .filter((each) => !each.steps.includes(props.step))
        .map((each) => (
          <Fold key={each.title} title={each.title} comesTo={each.comesTo}>
            {each.part}
          </Fold>
        ))}
    </>
  );
}

/** A piece at the fitting bench, as its step's page shows it. */
export function FitPart({ piece, step }: { piece: number; step: string }) {
  const [spacer, setSpacer] = useState('');
  const { data: fit } = useFit(piece, spacer);
  if (!fit) {
    return null;
  }
  return (
    <>
      <h2>The fit</h2>
      <AtHand fit={fit} step={step} spacer={spacer} onSpacer={setSpacer} />
      <Sections fit={fit} />
      <Passages fit={fit} />
      <Besides fit={fit} step={step} spacer={spacer} onSpacer={setSpacer} />
      <Link to={`/fit?piece=${piece}`}>{fit.pieceName} on the fitting bench’s page</Link>
    </>
  );
}
