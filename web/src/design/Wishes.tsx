import { styled } from 'styled-components';
import type { Option } from '../api/schema';
import { Choice } from '../parts/Choice';
import { Entry } from '../parts/Entry';
import { Press } from '../parts/Press';
import { Trouble } from '../parts/Sheet';

export interface Wish {
  words: string;
  strength: string;
  asked: string;
  agreed: string;
}

const Line = styled.li`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(min(9.5rem, 100%), 1fr));
  gap: 0.6rem;
  align-items: end;
  padding-bottom: 0.6rem;
`;

interface WishesProps {
  wishes: readonly Wish[];
  strengths: readonly Option[];
  onChange: (wishes: Wish[]) => void;
  problem?: string;
}

/** Must, may, maker's choice: what was asked beside what was agreed. */
export function Wishes({ wishes, strengths, onChange, problem }: WishesProps) {
  const put = (index: number, field: keyof Wish) => (value: string) =>
    onChange(wishes.map((wish, i) => (i === index ? { ...wish, [field]: value } : wish)));
  return (
    <div>
      <h3>Wishes</h3>
      <ul>
        {wishes.map((wish, index) => (
          <Line key={index}>
            <Entry label="Wish" value={wish.words} onChange={put(index, 'words')} />
            <Choice label="How firmly" value={wish.strength} options={strengths} onChange={put(index, 'strength')} />
            <Entry label="Asked" value={wish.asked} onChange={put(index, 'asked')} />
            <Entry label="Agreed" value={wish.agreed} onChange={put(index, 'agreed')} />
            <Press onPress={() => onChange(wishes.filter((_, i) => i !== index))}>Remove</Press>
          </Line>
        ))}
      </ul>
      {problem ? <Trouble role="alert">{problem}</Trouble> : null}
      <Press onPress={() => onChange([...wishes, { words: '', strength: 'MUST', asked: '', agreed: '' }])}>
        Add a wish
      </Press>
    </div>
  );
}
