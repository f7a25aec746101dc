import type { Problem } from '../api/client';
import { Trouble } from './Sheet';

/** Why nothing came of it, below a form; what is wrong with an entry is said at its field. */
export function Refused({ problem }: { problem: Problem | undefined }) {
  return problem && problem.findings.length === 0 ? <Trouble role="alert">{problem.message}</Trouble> : null;
}
