import { Checkbox } from 'react-aria-components';
import { styled } from 'styled-components';

const Box = styled(Checkbox)`
  display: flex;
  align-items: center;
  gap: 0.8rem;
  min-height: 56px;
  padding: 0.3rem 0.6rem;
  border: 1.5px solid #7c7a72;
  border-radius: 4px;
  background: #fff;
  font-size: 1.1rem;
  cursor: pointer;
  & > span {
    flex: 0 0 32px;
    height: 32px;
    border: 2.5px solid ${({ theme }) => theme.ink};
    border-radius: 3px;
    display: grid;
    place-items: center;
    font-weight: 700;
  }
  &[data-selected] {
    border-color: ${({ theme }) => theme.good};
  }
  &[data-selected] > span {
    background: ${({ theme }) => theme.good};
    border-color: ${({ theme }) => theme.good};
    color: #fff;
  }
  &[data-focus-visible] {
    outline: 3px solid ${({ theme }) => theme.focus};
  }
  &[data-disabled] {
    cursor: default;
    background: none;
  }
`;

interface TickProps {
  words: string;
  isTicked: boolean;
  isDisabled?: boolean;
  onChange: (ticked: boolean) => void;
}

/** A check to tick at the bench. */
export function Tick({ words, isTicked, isDisabled, onChange }: TickProps) {
  return (
    <Box isSelected={isTicked} onChange={onChange} isDisabled={isDisabled}>
      <span aria-hidden="true">{isTicked ? '✓' : ''}</span>
      {words}
    </Box>
  );
}
