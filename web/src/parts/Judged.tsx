import { styled } from 'styled-components';
import type { ReadingView } from '../api/schema';
import { moment } from './words';

const Line = styled.p`
  margin: 0;
  strong {
    text-transform: uppercase;
    letter-spacing: 0.03em;
  }
  &[data-verdict='IN'] strong {
    color: ${({ theme }) => theme.good};
  }
  &[data-verdict='NEAR'] {
    border-left: 7px solid #9a5b00;
    padding-left: 0.6rem;
  }
  &[data-verdict='OUT'] {
    border-left: 7px solid ${({ theme }) => theme.alarm};
    padding-left: 0.6rem;
  }
  &[data-verdict='OUT'] strong {
    color: ${({ theme }) => theme.alarm};
  }
`;

/** In, near the limit or out, in a word, with why; and who took it as it is. */
export function Judged({ reading }: { reading: ReadingView }) {
  const { judgement, asItIs } = reading;
  return (
    <Line data-verdict={judgement.verdict}>
      <strong>{judgement.words}</strong>
      {judgement.why ? ` ${judgement.why}` : ''}
      {asItIs ? ` Taken as it is by ${asItIs.by}, ${moment(asItIs.atMillis)}: ${asItIs.reason}` : ''}
    </Line>
  );
}
