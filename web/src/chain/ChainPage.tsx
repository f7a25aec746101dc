import { Link, useSearchParams } from 'react-router';
import type { PieceView } from '../api/schema';
import { usePiece } from '../api/usePiece';
import { Panel, Quiet, Row, Trouble } from '../parts/Sheet';
import { Choice } from '../parts/Choice';
import { Detail } from './Detail';
import { Scribed } from './Scribed';

/** The chain of one piece's numbers: press one to follow it to where it came from and to all that hangs on it. */
export default function ChainPage() {
  const { data: piece, error } = usePiece();
  if (!piece) {
    return error ? <Trouble role="alert">{error.message}</Trouble> : <Quiet>One moment…</Quiet>;
  }
  return <Chain piece={piece} />;
}

function Chain({ piece }: { piece: PieceView }) {
  const [asked, ask] = useSearchParams();
  const first =
    piece.knife.numbers.find((number) => number.stale) ??
    piece.knife.numbers.find((number) => number.hangsOnIt.length > 0);
  const followed = piece.knife.numbers.find((number) => number.key === asked.get('number')) ?? first;
  if (!followed) {
    return <Quiet>This piece has no numbers yet.</Quiet>;
  }
  const choose = (key: string) => ask({ number: key });
  return (
    <>
      <Row>
        <h1>
          The chain of {piece.name} · {piece.job.title}
        </h1>
        <Link to={`/pieces/${piece.id}`}>Back to the piece</Link>
      </Row>
      <Row>
        <Choice
          label="Follow the number"
          value={followed.key}
          options={piece.knife.numbers.map((number) => ({
            value: number.key,
            words: `${number.label}: ${number.value}`,
          }))}
          onChange={choose}
        />
        <Quiet>
          To the left, where it came from; to the right, what hangs on it. Press a number to follow that one.
        </Quiet>
      </Row>
      <Scribed numbers={piece.knife.numbers} followed={followed.key} onFollow={choose} />
      <Panel aria-label="The number">
        <Detail piece={piece} number={followed} />
      </Panel>
    </>
  );
}
