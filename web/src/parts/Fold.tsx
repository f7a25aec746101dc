import { type ReactNode, useState } from 'react';
import { Button } from 'react-aria-components';
import { styled } from 'styled-components';

const Folded = styled.section`
  min-width: 0;
  background: ${({ theme }) => theme.sheet};
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 5px;
  h3 {
    margin: 0;
  }
  h3 > button {
    width: 100%;
    min-height: 56px;
    padding: 0.5rem 1rem;
    border: none;
    background: none;
    text-align: left;
    font-weight: 700;
    color: inherit;
    cursor: pointer;
    span {
      display: block;
      font-weight: 400;
      font-variant-numeric: tabular-nums;
      color: ${({ theme }) => theme.quiet};
    }
  }
  h3 > button[data-focus-visible] {
    outline: 3px solid ${({ theme }) => theme.focus};
  }
`;

const Inside = styled.div`
  padding: 0 1rem 1rem;
  display: flex;
  flex-direction: column;
  gap: 0.7rem;
`;

interface FoldProps {
  title: string;
  /** What stands under the title while it is folded. */
  comesTo?: string;
  isOpenAtOnce?: boolean;
  children: ReactNode;
}

/** Folded to its title until it is pressed. */
export function Fold({ title, comesTo = '', isOpenAtOnce = false, children }: FoldProps) {
  const [isOpen, setOpen] = useState(isOpenAtOnce);
  return (
    <Folded aria-label={title}>
      <h3>
        <Button aria-expanded={isOpen} onPress={() => setOpen(!isOpen)}>
          {title}
          {!isOpen && comesTo ? <span>{comesTo}</span> : null}
        </Button>
      </h3>
      {isOpen ? <Inside>{children}</Inside> : null}
    </Folded>
  );
}
