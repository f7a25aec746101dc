import type { StepView } from '../api/schema';
import { Panel, Quiet } from '../parts/Sheet';
import { Tick } from '../parts/Tick';

interface ChecksProps {
  step: StepView;
  ticked: readonly string[];
  onTick: (ticked: string[]) => void;
}

/** What has to be true before the step is done. */
export function Checks({ step, ticked, onTick }: ChecksProps) {
  const isDone = step.standing === 'DONE';
  const isUnderWay = step.standing === 'RUNNING' || step.standing === 'RESTING';
  return (
    <Panel aria-label="Checks">
      <h2>Checks</h2>
      {step.told.checks.map((check) => (
        <Tick
          key={check}
          words={check}
          isTicked={isDone || ticked.includes(check)}
          isDisabled={!isUnderWay}
          onChange={(on) => onTick(on ? [...ticked, check] : ticked.filter((each) => each !== check))}
        />
      ))}
      {isUnderWay || isDone ? null : <Quiet>Checks are ticked once the step is started.</Quiet>}
    </Panel>
  );
}
