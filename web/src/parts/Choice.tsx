import { Button, FieldError, Label, ListBox, ListBoxItem, Popover, Select, SelectValue } from 'react-aria-components';
import { styled } from 'styled-components';

const Box = styled(Select)`
  display: flex;
  flex-direction: column;
  gap: 0.2rem;
  max-width: 100%;
  label,
  > span:first-child {
    font-family: ${({ theme }) => theme.label};
    font-weight: 600;
  }
  > button {
    min-height: 44px;
    padding: 0.35rem 0.6rem;
    border: 1.5px solid #7c7a72;
    border-radius: 4px;
    background: #fff;
    text-align: left;
    display: flex;
    align-items: center;
    justify-content: space-between;
    gap: 0.5rem;
    cursor: pointer;
  }
  [data-error] {
    color: ${({ theme }) => theme.alarm};
    font-weight: 700;
    font-size: 0.95rem;
  }
`;

const Options = styled(ListBox)`
  background: #fff;
  border: 1.5px solid ${({ theme }) => theme.ink};
  border-radius: 4px;
  /* As high as the popover may be, so that a long list never lies over the button under the finger. */
  max-height: inherit;
  overflow: auto;
  min-width: var(--trigger-width);
`;

const OptionRow = styled(ListBoxItem)`
  min-height: 44px;
  padding: 0.6rem 0.8rem;
  cursor: pointer;
  &[data-focused],
  &[data-hovered] {
    background: ${({ theme }) => theme.manila};
  }
  &[data-selected] {
    font-weight: 700;
  }
`;

const LONGEST_LIST_PX = 420;

interface ChoiceProps {
  label: string;
  value: string;
  options: readonly { value: string; words: string }[];
  onChange: (value: string) => void;
  problem?: string;
  /** Hide the label from the eye, not from a screen reader. */
  quiet?: boolean;
}

/** One of a few, by finger or keyboard. */
export function Choice({ label, value, options, onChange, problem, quiet }: ChoiceProps) {
  return (
    <Box
      selectedKey={value}
      onSelectionChange={(key) => onChange(String(key))}
      isInvalid={Boolean(problem)}
      aria-label={quiet ? label : undefined}
      placeholder="Choose…"
    >
      {quiet ? null : <Label>{label}</Label>}
      <Button>
        <SelectValue />
        <span aria-hidden="true">▾</span>
      </Button>
      {problem ? <FieldError data-error>{problem}</FieldError> : null}
      <Popover maxHeight={LONGEST_LIST_PX}>
        <Options>
          {options.map((option) => (
            <OptionRow key={option.value} id={option.value} textValue={option.words}>
              {option.words}
            </OptionRow>
          ))}
        </Options>
      </Popover>
    </Box>
  );
}
