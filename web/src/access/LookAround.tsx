import { change } from '../api/client';
import { useCaught } from '../parts/Caught';
import { Press } from '../parts/Press';
import { Trouble } from '../parts/Sheet';

/** Opens the demo shop beside this one: nothing of it comes into this shop's data. @param from who opens it */
export function LookAround({ from }: { from: '/api/setup/demo' | '/api/demo' }) {
  const { problem, isBusy, run } = useCaught();
  const open = () => {
    // At once, while the press still counts: a browser keeps a window that comes later away.
    const page = window.open('about:blank');
    void run(async () => {
      try {
        const { port } = await change<{ port: number }>(from);
        const address = `${location.protocol}//${location.hostname}:${port}/`;
        if (page) {
          page.location.replace(address);
        } else {
          location.assign(address);
        }
      } catch (failure) {
        page?.close();
        throw failure;
      }
    });
  };
  return (
    <>
      <Press isDisabled={isBusy} onPress={open}>
        {isBusy ? 'The demo shop is being opened…' : 'Look around in the demo shop'}
      </Press>
      {problem ? <Trouble role="alert">{problem.message}</Trouble> : null}
    </>
  );
}
