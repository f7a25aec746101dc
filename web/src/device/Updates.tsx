import { useQuery } from '@tanstack/react-query';
import { change, read } from '../api/client';
import type { Steps } from '../api/schema';
import { useCaught } from '../parts/Caught';
import { Panel, Quiet, Trouble } from '../parts/Sheet';
import { Tick } from '../parts/Tick';

/** After which steps the client is written to. */
export function Updates({ job }: { job: number }) {
  const { data } = useQuery({
    queryKey: ['consult', job, 'updates'],
    queryFn: () => read<Steps>(`/api/jobs/${job}/updates`),
  });
  const { problem, isBusy, run } = useCaught();
  const choose = (operation: string, on: boolean) =>
    void run(() => change(`/api/jobs/${job}/updates`, { operation, isChosen: on }));
  return (
    <Panel aria-label="Updates">
      <h2>The client hears from us after</h2>
      {data?.steps.map((step) => (
        <Tick
          key={step.operation}
          words={step.title}
          isTicked={step.isChosen}
          isDisabled={isBusy}
          onChange={(on) => choose(step.operation, on)}
        />
      ))}
      {problem ? (
        <Trouble role="alert">{problem.message}</Trouble>
      ) : (
        <Quiet>
          When such a step is done, a letter with the latest photograph waits in the outbox for somebody to read it.
        </Quiet>
      )}
    </Panel>
  );
}
